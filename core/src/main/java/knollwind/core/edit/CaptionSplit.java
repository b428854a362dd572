package knollwind.core.edit;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.caption.BrokenLines;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;

/** A caption in two: where its words are said, else by the share of its letters, between words in every column. */
final class CaptionSplit {
    private CaptionSplit() {}

    /** The two captions that a caption becomes, each with its words and times. */
    static List<CaptionLine> of(Draft draft, CaptionAmong among, Double frame) {
        double middle = (among.start() + among.end()) / 2;
        double at = frame == null ? middle : frame;
        if (at < among.start() + EditCaption.LEAST || at > among.end() - EditCaption.LEAST) {
            at = middle;
        }
        if (among.end() - among.start() < 2 * EditCaption.LEAST) {
            throw new IllegalArgumentException("this caption is too short to be split; lengthen it first");
        }
        CaptionLine own = among.own.line();
        NamedTimes named = NamedTimes.of(draft.project(), among.scene);
        List<NamedTime> said = said(named, own);
        int spoken = (int) Math.max(1, countBefore(said, at));
        Map<String, String> first = new TreeMap<>();
        Map<String, String> second = new TreeMap<>();
        String words = among.row.columns().get(0).id();
        double part = (at - among.start()) / (among.end() - among.start());
        for (Map.Entry<String, String> entry : own.text().entrySet()) {
            List<String> texts = List.of(entry.getValue().strip().split("\\s+"));
            boolean counted = entry.getKey().equals(words) && texts.size() == said.size();
            int count = counted ? Math.min(spoken, texts.size() - 1) : nearest(texts, part);
            put(first, entry.getKey(), texts.subList(0, count), among.row);
            put(second, entry.getKey(), texts.subList(count, texts.size()), among.row);
        }
        if (second.isEmpty() || first.isEmpty()) {
            throw new IllegalArgumentException("a caption of one word cannot be split");
        }
        boolean known = said.size() > spoken;
        double gap = Math.min(among.gap(), at - among.start() - 1);
        Span span = own.span();
        Rational begins = known ? said.get(spoken).at() : Rational.near(at);
        if (begins.value() <= among.start() + 1 || begins.value() >= among.end() - 1) {
            begins = Rational.near(at);
            known = false;
        }
        Rational ends = Rational.near(Math.max(among.start() + 1, begins.value() - gap));
        NamedTime lastSaid = known ? said.get(spoken - 1) : null;
        Span one = new Span(
                among.own.span().start(),
                ends,
                span.startsAt(),
                null,
                null,
                lastSaid == null
                        ? null
                        : TimeLink.onWord(
                                lastSaid.id(),
                                true,
                                ends.minus(lastSaid.until()).value()));
        Span other = new Span(
                begins,
                among.own.span().end(),
                known ? TimeLink.onWord(said.get(spoken).id(), false, 0) : null,
                null,
                null,
                span.endsAt());
        String id = new Ids(among.row.lines().stream().map(CaptionLine::id).toList()).first("c");
        CaptionLine made = own.with(line -> line.id(id).span(other).text(second).byHand(true));
        return List.of(own.with(line -> line.span(one).text(first).byHand(true)), made);
    }

    private static void put(Map<String, String> text, String column, List<String> words, Captions row) {
        if (!words.isEmpty()) {
            text.put(column, BrokenLines.of(String.join(" ", words), row.rules()));
        }
    }

    /** The words of the voice that a caption hangs on, in order; none where it hangs on none. */
    private static List<NamedTime> said(NamedTimes named, CaptionLine own) {
        TimeLink starts = own.span().startsAt();
        TimeLink ends = own.span().endsAt();
        if (starts == null || ends == null || starts.cue() == null || ends.cue() == null) {
            return List.of();
        }
        for (NamedTimes.Spoken spoken : named.spoken()) {
            List<NamedTime> all = spoken.words().stream().map(spoken::named).toList();
            List<String> ids = all.stream().map(NamedTime::id).toList();
            int first = ids.indexOf(starts.cue());
            int last = ids.indexOf(ends.cue());
            if (first >= 0 && last >= first) {
                return all.subList(first, last + 1);
            }
        }
        return List.of();
    }

    private static long countBefore(List<NamedTime> said, double frame) {
        return said.stream()
                .filter(word -> (word.at().value() + word.until().value()) / 2 < frame)
                .count();
    }

    /** After how many words the share of all letters is nearest to a part; at least one word is left on either side. */
    private static int nearest(List<String> texts, double part) {
        double all = texts.stream().mapToInt(String::length).sum();
        int best = 0;
        double least = Double.MAX_VALUE;
        double passed = 0;
        for (int i = 1; i < texts.size(); i++) {
            passed += texts.get(i - 1).length();
            double away = Math.abs(passed / all - part);
            if (away < least) {
                least = away;
                best = i;
            }
        }
        return best == 0 ? texts.size() : best;
    }
}
