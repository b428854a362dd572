package knollwind.core.edit;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.caption.BrokenLines;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.CaptionRow;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.CaptionLineBuilder;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Check;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;

/**
 * A correction of one caption. What has been corrected stays when captions are made anew.
 *
 * @param caption its id
 * @param column of {@code RETYPE}: the id of the column; null for the first
 * @param text of {@code RETYPE} and {@code INSERT}; null for the others
 * @param frame of the scene: where it begins, ends or is split; null for the others, and for a split in its middle
 */
public record EditCaption(String scene, String caption, Deed deed, String column, String text, Double frame)
        implements Intent {
    /** What is done to the caption. */
    public enum Deed {
        /** Where it begins; the end of the one before goes along where the two share it. */
        @JsonProperty("start")
        START,
        /** Where it ends; the start of the next goes along where the two share it. */
        @JsonProperty("end")
        END,
        /** As long as it is, at another time, between its neighbours. */
        @JsonProperty("move")
        MOVE,
        @JsonProperty("retype")
        RETYPE,
        /** Into two at a frame, all columns between words. */
        @JsonProperty("split")
        SPLIT,
        /** With the next. */
        @JsonProperty("join")
        JOIN,
        /** Another one after it. */
        @JsonProperty("insert")
        INSERT,
        @JsonProperty("remove")
        REMOVE,
        /** Dressed as all others again. */
        @JsonProperty("likeOthers")
        LIKE_OTHERS,
        /** It may be made anew again. */
        @JsonProperty("free")
        FREE
    }

    /** Frames that a caption lasts at least. */
    private static final double LEAST = 2;

    /** Frames beyond the gap of the rules: nearer than that, two captions share an edge. */
    private static final double SHARED = 1.5;

    /** Seconds that a new caption lasts where there is room. */
    private static final double USUAL = 2;

    public EditCaption {
        Check.present(deed, "what is done to the caption");
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Captions row = CaptionRows.of(open);
        CaptionLine own = CaptionRows.line(row, caption);
        Among among = new Among(open, row, CaptionRows.timed(draft, open), own);
        return switch (deed) {
            case START -> Outcome.of(started(among, asked()), "");
            case END -> Outcome.of(ended(among, asked()), "");
            case MOVE -> Outcome.of(moved(among, asked()), "");
            case RETYPE -> Outcome.of(retyped(row, own), "");
            case SPLIT -> Outcome.of(split(draft, among), "");
            case JOIN -> Outcome.of(joined(among), "");
            case INSERT -> Outcome.of(inserted(among), "");
            case REMOVE -> Outcome.of(List.of(new Operation.Remove(CaptionRows.path(scene, own))), "");
            case LIKE_OTHERS -> Outcome.of(List.of(CaptionRows.set(scene, own.withOwn(List.of()))), "");
            case FREE -> Outcome.of(List.of(CaptionRows.set(scene, own.withByHand(null))), "");
        };
    }

    /** A caption and the two beside it. */
    private static final class Among {
        private final Scene scene;
        private final Captions row;
        private final CaptionRow.Timed own;
        private final CaptionRow.Timed last;
        private final CaptionRow.Timed next;

        Among(Scene scene, Captions row, List<CaptionRow.Timed> all, CaptionLine line) {
            this.scene = scene;
            this.row = row;
            int at = 0;
            while (!all.get(at).line().id().equals(line.id())) {
                at++;
            }
            this.own = all.get(at);
            int lane = own.lane();
            this.last = beside(all, at, -1, lane);
            this.next = beside(all, at, 1, lane);
        }

        private static CaptionRow.Timed beside(List<CaptionRow.Timed> all, int at, int step, int lane) {
            for (int i = at + step; i >= 0 && i < all.size(); i += step) {
                if (all.get(i).lane() == lane) {
                    return all.get(i);
                }
            }
            return null;
        }

        double start() {
            return own.span().start().value();
        }

        double end() {
            return own.span().end().value();
        }

        double gap() {
            return row.rules().gap() * scene.rate().perSecond();
        }

        /** Whether two that follow each other have their edge together. */
        boolean meet(CaptionRow.Timed one, CaptionRow.Timed other) {
            return one != null
                    && other != null
                    && other.span().start().minus(one.span().end()).value() <= gap() + SHARED;
        }
    }

    private double asked() {
        if (frame == null || !Double.isFinite(frame)) {
            throw new IllegalArgumentException("say at which frame of the scene");
        }
        return frame;
    }

    private List<Operation> started(Among among, double wanted) {
        double at = Math.min(wanted, among.end() - LEAST);
        List<Operation> operations = new ArrayList<>();
        if (among.last != null) {
            CaptionRow.Timed last = among.last;
            double between = among.start() - last.span().end().value();
            boolean rolls = among.meet(last, among.own);
            at = Math.max(
                    at,
                    rolls
                            ? last.span().start().value() + LEAST + between
                            : last.span().end().value());
            if (rolls) {
                operations.add(set(last, last.span().start().value(), at - between));
            }
        }
        at = Math.max(0, at);
        operations.add(set(among.own, at, among.end()));
        return operations;
    }

    private List<Operation> ended(Among among, double wanted) {
        double at = Math.max(wanted, among.start() + LEAST);
        List<Operation> operations = new ArrayList<>();
        if (among.next != null) {
            CaptionRow.Timed next = among.next;
            double between = next.span().start().value() - among.end();
            boolean rolls = among.meet(among.own, next);
            at = Math.min(
                    at,
                    rolls
                            ? next.span().end().value() - LEAST - between
                            : next.span().start().value());
            if (rolls) {
                operations.add(set(next, at + between, next.span().end().value()));
            }
        }
        operations.add(set(among.own, among.start(), at));
        return operations;
    }

    private List<Operation> moved(Among among, double wanted) {
        double length = among.end() - among.start();
        double least = among.last == null ? 0 : among.last.span().end().value();
        double most = among.next == null
                ? Double.MAX_VALUE
                : among.next.span().start().value() - length;
        double at = Math.max(least, Math.min(wanted, most));
        return List.of(set(among.own, at, at + length));
    }

    private Operation set(CaptionRow.Timed one, double start, double end) {
        return CaptionRows.set(scene, timed(one, start, end).withByHand(true));
    }

    /** A caption at other times; what it hangs on stays, so much earlier or later. */
    static CaptionLine timed(CaptionRow.Timed one, double start, double end) {
        Span span = one.line().span();
        TimeLink starts = moved(span.startsAt(), start - one.span().start().value());
        TimeLink ends = moved(span.endsAt(), end - one.span().end().value());
        return one.line().withSpan(new Span(Rational.near(start), Rational.near(end), starts, null, null, ends));
    }

    private static TimeLink moved(TimeLink link, double by) {
        return link == null
                ? null
                : new TimeLink(
                        link.cue(),
                        link.block(),
                        link.edge(),
                        Rational.near(link.offset() + by).value());
    }

    private List<Operation> retyped(Captions row, CaptionLine own) {
        CaptionColumn in = CaptionRows.column(row, column);
        String typed = BrokenLines.of(Check.text(text, CaptionLine.LONGEST, "the words of a caption"), row.rules());
        Map<String, String> words = new TreeMap<>(own.text());
        if (typed.isBlank()) {
            words.remove(in.id());
        } else {
            words.put(in.id(), typed);
        }
        // What is said in other languages is not what captions are made of.
        boolean spoken = in.id().equals(row.columns().get(0).id());
        return List.of(CaptionRows.set(
                scene, own.with(one -> one.text(words).byHand(spoken ? Boolean.TRUE : own.byHand()))));
    }

    private List<Operation> split(Draft draft, Among among) {
        double middle = (among.start() + among.end()) / 2;
        double at = frame == null ? middle : asked();
        if (at < among.start() + LEAST || at > among.end() - LEAST) {
            at = middle;
        }
        if (among.end() - among.start() < 2 * LEAST) {
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
            boolean own0 = entry.getKey().equals(words) && texts.size() == said.size();
            int count = own0 ? Math.min(spoken, texts.size() - 1) : nearest(texts, part);
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
        return List.of(
                CaptionRows.set(
                        scene, own.with(line -> line.span(one).text(first).byHand(true))),
                inserted(among.row, own, made));
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

    private Operation inserted(Captions row, CaptionLine after, CaptionLine made) {
        return new Operation.Insert(
                CaptionRows.path(scene) + "/lines", row.lines().indexOf(after) + 1, DocumentJson.tree(made));
    }

    private List<Operation> joined(Among among) {
        if (among.next == null) {
            throw new IllegalArgumentException("there is no caption after the last one to join it with");
        }
        CaptionLine own = among.own.line();
        CaptionLine next = among.next.line();
        Map<String, String> text = new TreeMap<>(own.text());
        next.text().forEach((in, words) -> text.merge(in, words, (one, other) -> one + " " + other));
        text.replaceAll((in, words) -> BrokenLines.of(words.replace('\n', ' '), among.row.rules()));
        Span span = new Span(
                among.own.span().start(),
                among.next.span().end(),
                own.span().startsAt(),
                null,
                null,
                next.span().endsAt());
        return List.of(
                CaptionRows.set(
                        scene, own.with(line -> line.span(span).text(text).byHand(true))),
                new Operation.Remove(CaptionRows.path(scene, next)));
    }

    private List<Operation> inserted(Among among) {
        double from = among.end() + among.gap();
        double length = USUAL * among.scene.rate().perSecond();
        double to = among.next == null
                ? from + length
                : Math.min(from + length, among.next.span().start().value() - among.gap());
        if (to - from < LEAST) {
            throw new IllegalArgumentException(
                    "there is no room for a caption between this one and the next; shorten one of them first");
        }
        String typed =
                BrokenLines.of(Check.text(text, CaptionLine.LONGEST, "the words of a caption"), among.row.rules());
        String id = new Ids(among.row.lines().stream().map(CaptionLine::id).toList()).first("c");
        CaptionLine made = CaptionLineBuilder.builder()
                .id(id)
                .span(new Span(Rational.near(from), Rational.near(to)))
                .text(Map.of(among.row.columns().get(0).id(), typed))
                .byHand(true)
                .build();
        return List.of(inserted(among.row, among.own.line(), made));
    }
}
