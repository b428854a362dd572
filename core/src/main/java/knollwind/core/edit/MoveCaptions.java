package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.CaptionRow;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Captions;
import knollwind.core.scene.Check;
import knollwind.core.scene.Scene;

/**
 * Moves captions in time, or lets them be on for longer: so many frames before and after, as far as there is room between them.
 *
 * @param captions ids; none for all
 * @param starts frames by which they begin later, negative for earlier
 * @param ends frames by which they end later
 */
public record MoveCaptions(String scene, List<String> captions, double starts, double ends) implements Intent {
    /** Frames that a caption lasts at least. */
    private static final double LEAST = 2;

    public MoveCaptions {
        captions = Check.list(captions);
        Check.range(starts, -1_000_000, 1_000_000, "how much later captions begin");
        Check.range(ends, -1_000_000, 1_000_000, "how much later captions end");
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Captions row = CaptionRows.of(open);
        List<CaptionRow.Timed> all = CaptionRows.timed(draft, open);
        boolean together = starts == ends;
        List<Operation> operations = new ArrayList<>();
        List<CaptionLine> lines = new ArrayList<>(row.lines());
        int moved = 0;
        int cramped = 0;
        double gap = row.rules().gap() * open.rate().perSecond();
        double until = 0;
        for (int i = 0; i < all.size(); i++) {
            CaptionRow.Timed one = all.get(i);
            double start = one.span().start().value();
            double end = one.span().end().value();
            double last = until;
            until = end + gap;
            if (!captions.isEmpty() && !captions.contains(one.line().id())) {
                continue;
            }
            double from = Math.max(0, start + starts);
            double to = end + ends;
            if (!together) {
                double next = i + 1 < all.size() ? all.get(i + 1).span().start().value() - gap : Double.MAX_VALUE;
                // Room is shared with the next one only where it does not want to begin earlier itself.
                from = Math.max(from, Math.min(start, last));
                to = Math.max(Math.min(end, next), Math.min(to, next));
            }
            to = Math.max(to, from + LEAST);
            until = to + gap;
            cramped += !together && (from > start + starts + 0.01 || to < end + ends - 0.01) ? 1 : 0;
            moved++;
            CaptionLine made = EditCaption.timed(one, from, to).withByHand(true);
            if (captions.isEmpty()) {
                lines.replaceAll(line -> line.id().equals(made.id()) ? made : line);
            } else {
                operations.add(CaptionRows.set(scene, made));
            }
        }
        if (moved == 0) {
            throw new IllegalArgumentException("there are no captions to be moved");
        }
        if (captions.isEmpty()) {
            operations.add(new Operation.Set(CaptionRows.path(scene) + "/lines", DocumentJson.tree(lines)));
        }
        return Outcome.saying(
                operations,
                cramped == 0 ? "" : "There was not enough room for " + cramped + " of " + moved + " captions.");
    }
}
