package knollwind.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import knollwind.core.caption.Caption;
import knollwind.core.caption.Captioned;
import knollwind.core.caption.Captioner;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.CaptionRow;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.CaptionLineBuilder;
import knollwind.core.scene.Captions;
import knollwind.core.scene.NamedTime;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Project;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TimeLink;
import knollwind.core.speech.SpokenWord;

/**
 * Captions of the words of a sound. Those that were set by hand stay; what is said between them is made anew. A caption that begins with
 * the same word as one before is that one; words in other columns go to the caption that is on when they were.
 */
final class CaptionMaking {
    /**
     * What was made.
     *
     * @param kept how many stayed as they were set by hand
     * @param broken the rules that could not be kept, in words
     */
    record Made(List<CaptionLine> lines, int kept, List<String> broken) {}

    private final Captions row;
    private final double perSecond;
    private final List<NamedTime> words;
    private final List<CaptionRow.Timed> before;
    private final Map<String, Integer> places = new HashMap<>();

    private CaptionMaking(Scene scene, Captions row, NamedTimes named, NamedTimes.Spoken spoken) {
        this.row = row;
        this.perSecond = scene.rate().perSecond();
        this.before = CaptionRow.timed(row, named);
        this.words = spoken.words().stream().map(spoken::named).toList();
        for (int i = 0; i < words.size(); i++) {
            places.put(words.get(i).id(), i);
        }
    }

    /**
     * @param row its rules, columns and captions up to now
     * @param sound id of the sound whose words they are made of
     * @param all whether those that were set by hand are made anew too
     * @throws IllegalArgumentException where the sound has no words
     */
    static Made of(Project project, Scene scene, Captions row, String sound, boolean all) {
        NamedTimes named = NamedTimes.of(project, scene);
        NamedTimes.Spoken spoken = spoken(named, sound)
                .orElseThrow(() -> new IllegalArgumentException(
                        "this voice has no words yet; give it a script in its voice room first"));
        return new CaptionMaking(scene, row, named, spoken).made(all);
    }

    /** The words of a sound; of the first that has some where none is told. */
    static Optional<NamedTimes.Spoken> spoken(NamedTimes named, String sound) {
        return named.spoken().stream()
                .filter(one -> sound == null || one.sound().id().equals(sound))
                .findFirst();
    }

    /** The captions of a row made anew by its rules, because something else in it was changed. */
    static List<Operation> again(Draft draft, String scene) {
        Scene open = draft.scene(scene);
        Captions row = open.captions();
        boolean said = row != null
                && row.sound() != null
                && spoken(NamedTimes.of(draft.project(), open), row.sound()).isPresent();
        if (!said) {
            return List.of();
        }
        Made made = of(draft.project(), open, row, row.sound(), false);
        return List.of(new Operation.Set("scenes/" + scene + "/captions/lines", DocumentJson.tree(made.lines())));
    }

    private Made made(boolean all) {
        List<CaptionRow.Timed> kept = all
                ? List.of()
                : before.stream().filter(one -> one.line().touched()).toList();
        Set<String> stay = kept.stream().map(one -> one.line().id()).collect(Collectors.toSet());
        boolean[] covered = new boolean[words.size()];
        kept.forEach(one -> cover(one, covered));
        Ids ids = new Ids(before.stream().map(one -> one.line().id()).toList());
        List<CaptionLine> lines = new ArrayList<>();
        List<String> broken = new ArrayList<>();
        Map<String, CaptionLine> begun = begun(stay);
        for (int from = 0; from < words.size(); from++) {
            int to = from;
            while (to < words.size() && !covered[to]) {
                to++;
            }
            if (to > from) {
                lines.addAll(stretch(from, to, kept, begun, ids, broken));
            }
            from = Math.max(from, to);
        }
        List<CaptionLine> carried = carried(lines, stay);
        kept.forEach(one -> carried.add(one.line()));
        carried.sort(Comparator.comparing(line -> line.span().start()));
        return new Made(carried, kept.size(), broken);
    }

    /** What a kept caption says is not said by another one. */
    private void cover(CaptionRow.Timed one, boolean[] covered) {
        Integer first = place(one.line().span().startsAt());
        Integer last = place(one.line().span().endsAt());
        for (int i = 0; i < covered.length; i++) {
            boolean said = first != null && last != null && first <= i && i <= last;
            double at = words.get(i).at().value();
            boolean on = at >= one.span().start().value() - 0.5
                    && at < one.span().end().value();
            covered[i] |= said || on;
        }
    }

    private Integer place(TimeLink link) {
        return link == null || link.cue() == null ? null : places.get(link.cue());
    }

    /** The captions that are made anew, by the words that they begin with. */
    private Map<String, CaptionLine> begun(Set<String> stay) {
        Map<String, CaptionLine> begun = new HashMap<>();
        for (CaptionRow.Timed one : before) {
            TimeLink link = one.line().span().startsAt();
            if (!stay.contains(one.line().id()) && link != null && link.cue() != null) {
                begun.putIfAbsent(link.cue(), one.line());
            }
        }
        return begun;
    }

    private List<CaptionLine> stretch(
            int from,
            int to,
            List<CaptionRow.Timed> kept,
            Map<String, CaptionLine> begun,
            Ids ids,
            List<String> broken) {
        List<SpokenWord> said = new ArrayList<>();
        for (int i = from; i < to; i++) {
            double start = words.get(i).at().value() / perSecond;
            double next = i + 1 < to ? words.get(i + 1).at().value() / perSecond : Double.MAX_VALUE;
            double end = Math.min(next, words.get(i).until().value() / perSecond);
            said.add(new SpokenWord(words.get(i).name(), Math.max(0, start), Math.max(start + 1e-4, end), null));
        }
        Captioned captioned = Captioner.make(said, row.rules());
        broken.addAll(captioned.broken());
        double room = kept.stream()
                .mapToDouble(one -> one.span().start().value())
                .filter(start -> start > words.get(to - 1).at().value())
                .min()
                .orElse(Double.MAX_VALUE);
        List<CaptionLine> lines = new ArrayList<>();
        for (int i = 0; i < captioned.captions().size(); i++) {
            Caption caption = captioned.captions().get(i);
            NamedTime first = words.get(from + captioned.begins().get(i));
            int next = i + 1 < captioned.begins().size() ? captioned.begins().get(i + 1) : to - from;
            NamedTime last = words.get(from + next - 1);
            double end = Math.min(caption.end() * perSecond, room - row.rules().gap() * perSecond);
            CaptionLine there = begun.get(first.id());
            lines.add(line(there == null ? ids.first("c") : there.id(), caption, first, last, end));
        }
        return lines;
    }

    /** It comes with its first word and goes so long after its last one. */
    private CaptionLine line(String id, Caption caption, NamedTime first, NamedTime last, double wanted) {
        Rational start = first.at();
        Rational least = start.plus(Rational.of(1));
        Rational end = Rational.near(wanted);
        end = end.compareTo(least) < 0 ? least : end;
        double after = end.minus(last.until()).value();
        Span span = new Span(
                start,
                end,
                TimeLink.onWord(first.id(), false, 0),
                null,
                null,
                TimeLink.onWord(last.id(), true, Rational.near(after).value()));
        return CaptionLineBuilder.builder()
                .id(id)
                .span(span)
                .text(Map.of(row.columns().get(0).id(), String.join("\n", caption.lines())))
                .build();
    }

    /** With the words of all other columns, each where most of its time is. */
    private List<CaptionLine> carried(List<CaptionLine> lines, Set<String> stay) {
        List<CaptionLine> carried = new ArrayList<>(lines);
        String spoken = row.columns().get(0).id();
        int near = 0;
        for (CaptionRow.Timed old : before) {
            if (stay.contains(old.line().id())
                    || old.line().text().keySet().equals(Set.of(spoken))
                    || lines.isEmpty()) {
                continue;
            }
            while (near + 1 < carried.size()
                    && carried.get(near).span().end().compareTo(old.span().start()) <= 0) {
                near++;
            }
            int best = near;
            for (int i = near; i < carried.size() && i <= near + 2; i++) {
                best = shared(carried.get(i), old) > shared(carried.get(best), old) ? i : best;
            }
            Map<String, String> text = new TreeMap<>(carried.get(best).text());
            old.line().text().forEach((column, words) -> {
                if (!column.equals(spoken) && !words.isBlank()) {
                    text.merge(column, words, (one, other) -> shortened(one + " " + other));
                }
            });
            carried.set(best, carried.get(best).withText(text));
        }
        return carried;
    }

    private static String shortened(String text) {
        return text.length() <= CaptionLine.LONGEST ? text : text.substring(0, CaptionLine.LONGEST);
    }

    private static double shared(CaptionLine line, CaptionRow.Timed old) {
        return Math.min(line.span().end().value(), old.span().end().value())
                - Math.max(line.span().start().value(), old.span().start().value());
    }

    /** "18 captions, 2 of them kept as they were set by hand; one breaks a rule" */
    static String said(Made made) {
        int count = made.lines().size();
        StringBuilder said = new StringBuilder(count == 1 ? "One caption" : count + " captions");
        if (made.kept() > 0) {
            said.append(", ").append(made.kept()).append(" of them kept as set by hand");
        }
        int broken = (int) made.broken().stream()
                .map(one -> one.substring(0, one.lastIndexOf('\u201d') + 1))
                .distinct()
                .count();
        if (broken > 0) {
            said.append(broken == 1 ? "; one breaks a rule" : "; " + broken + " break a rule");
        }
        return said.append('.').toString();
    }
}
