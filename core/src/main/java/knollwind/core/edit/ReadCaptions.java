package knollwind.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.caption.Caption;
import knollwind.core.directions.caption.CaptionLooks;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.CaptionRow;
import knollwind.core.scene.CaptionColumn;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.CaptionLineBuilder;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Check;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;

/**
 * Puts captions that were read from a file into a scene: as its captions, or as another column beside those it has, each where most of
 * its time is.
 *
 * @param captions with their times from the beginning of the scene
 * @param column what the new column is called; null for the scene's captions themselves, in the place of those it has
 * @param language BCP 47 tag of the new column; null for none
 */
public record ReadCaptions(String scene, List<Caption> captions, String column, String language) implements Intent {
    public ReadCaptions {
        captions = Check.list(captions);
        if (captions.isEmpty()) {
            throw new IllegalArgumentException("there are no captions to be put in");
        }
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        if (column != null
                && open.captions() != null
                && !open.captions().lines().isEmpty()) {
            return beside(draft, open);
        }
        CaptionRows.Begun begun = CaptionRows.begun(draft, open);
        Captions row = begun.row();
        TextBlock design = begun.design();
        boolean slants = design != null && slants(draft, design);
        List<CaptionLine> lines = new ArrayList<>();
        for (int i = 0; i < captions.size(); i++) {
            Caption one = captions.get(i);
            lines.add(CaptionLineBuilder.builder()
                    .id("c" + (i + 1))
                    .span(span(one, open.rate()))
                    .text(Map.of(row.columns().get(0).id(), text(one)))
                    .own(design == null ? List.of() : CaptionLooks.of(one.look(), design, slants))
                    .build());
        }
        int late = (int) captions.stream()
                .filter(one -> one.start() * open.rate().perSecond() >= open.length())
                .count();
        String said = counted(lines.size()) + " read"
                + (late == 0 ? "." : "; " + late + (late == 1 ? " comes" : " come") + " after the scene's end.")
                + (slants
                                || captions.stream()
                                        .noneMatch(one ->
                                                one.look() != null && one.look().italic() != null)
                        ? ""
                        : " What is slanted in the file stands upright: the captions' face has no italic.");
        return Outcome.saying(
                CaptionRows.put(open, begun, row.with(one -> one.lines(lines).sound(null))), said);
    }

    private static boolean slants(Draft draft, TextBlock design) {
        return draft.typesetter().fonts().families().stream()
                .anyMatch(family -> family.name().equals(design.setting().face().family())
                        && family.styles().contains("italic"));
    }

    private static String counted(int count) {
        return count == 1 ? "One caption" : count + " captions";
    }

    private static String text(Caption caption) {
        String text = String.join("\n", caption.lines());
        return text.length() <= CaptionLine.LONGEST ? text : text.substring(0, CaptionLine.LONGEST);
    }

    private static Span span(Caption caption, FrameRate rate) {
        Rational start = Rational.near(caption.start() * rate.perSecond());
        Rational end = Rational.near(caption.end() * rate.perSecond());
        Rational least = start.plus(Rational.of(1));
        return new Span(start, end.compareTo(least) < 0 ? least : end);
    }

    private Outcome beside(Draft draft, Scene open) {
        Captions row = open.captions();
        String id = new Ids(row.columns().stream().map(CaptionColumn::id).toList()).first("c");
        CaptionColumn made = new CaptionColumn(id, column.strip(), language);
        List<CaptionRow.Timed> timed = new ArrayList<>(CaptionRows.timed(draft, open));
        timed.sort(Comparator.comparing(one -> one.span().start()));
        Map<String, CaptionLine> told = new HashMap<>();
        int near = 0;
        int lost = 0;
        for (Caption one : captions) {
            Span span = span(one, open.rate());
            while (near + 1 < timed.size() && timed.get(near).span().end().compareTo(span.start()) <= 0) {
                near++;
            }
            int best = near;
            for (int i = near; i < timed.size() && i <= near + 2; i++) {
                best = shared(timed.get(i), span) > shared(timed.get(best), span) ? i : best;
            }
            if (shared(timed.get(best), span) <= 0) {
                lost++;
            }
            CaptionLine line = timed.get(best).line();
            CaptionLine now = told.getOrDefault(line.id(), line);
            Map<String, String> text = new TreeMap<>(now.text());
            text.merge(id, text(one), (before, more) -> {
                String both = before + "\n" + more;
                return both.length() <= CaptionLine.LONGEST ? both : both.substring(0, CaptionLine.LONGEST);
            });
            told.put(line.id(), now.withText(text));
        }
        List<CaptionLine> lines = row.lines().stream()
                .map(line -> told.getOrDefault(line.id(), line))
                .toList();
        List<CaptionColumn> columns = new ArrayList<>(row.columns());
        columns.add(made);
        Captions all = row.with(one -> one.columns(columns).lines(lines));
        String said = "\u201c" + made.name() + "\u201d has words for " + told.size() + " of "
                + row.lines().size()
                + " captions"
                + (lost == 0
                        ? "."
                        : "; " + lost + " of the file were on while none of these is, and went to the nearest.");
        return Outcome.saying(List.of(new Operation.Set(CaptionRows.path(scene), DocumentJson.tree(all))), said);
    }

    private static double shared(CaptionRow.Timed one, Span other) {
        return Math.min(one.span().end().value(), other.end().value())
                - Math.max(one.span().start().value(), other.start().value());
    }
}
