package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Depth;
import knollwind.core.geometry.Matrix;

/** The view flies into one of its letters until that fills the frame; with a window behind it, through it. */
final class Flight extends DressKind {
    private static final Word.Amount OVER = Word.Amount.frames("over", "over its last", 36, 0, 960);
    private static final Word.Amount WAY = Word.Amount.share("way", "on its way at least at", 0);
    private static final Word.Amount LETTER = Word.Amount.count("letter", "into letter", 0, 0, 500);
    private static final String STEM = "in its ink";
    private static final String HAND = "by hand";
    private static final Word.Pick INTO = new Word.Pick("into", "where", List.of(STEM, "in a counter", HAND));
    private static final Word.Amount ACROSS = Word.Amount.share("across", "across", 0.5);
    private static final Word.Amount DOWN = Word.Amount.share("down", "down", 0.5);
    private static final Phrase PHRASE = Phrase.of("flown into over its last", OVER)
            .maybe("on its way at least at", WAY)
            .maybe("into letter", LETTER)
            .maybe("found", INTO)
            .maybe("around", ACROSS, "across and", DOWN, "down");

    /** Of the type size: how far away an edge is said to be from a place that is found by hand. */
    private static final double BY_HAND = 0.05;

    Flight() {
        super("flight", "a flight into a letter", PHRASE);
    }

    @Override
    public List<Grip> grips(Worn worn) {
        return worn.pick(INTO).equals(HAND) ? List.of(new Grip.Spot(ACROSS, DOWN)) : List.of();
    }

    @Override
    public boolean isMoving(Worn worn, double since, double left) {
        return left < worn.get(OVER);
    }

    @Override
    public boolean isOnAll() {
        return true;
    }

    @Override
    public DisplayList dress(Wearer wearer, Worn worn) {
        double over = worn.get(OVER);
        double passed = over == 0 ? 0 : Math.max(0, Math.min(1, 1 - wearer.left() / over));
        // Slowly at first; growing by factors is fast enough in the end.
        double progress = Math.max(worn.get(WAY), passed * passed);
        DisplayList now = wearer.now();
        if (progress == 0 || now.paints().isEmpty()) {
            return now;
        }
        // Found where it began: letters that leave meanwhile must not turn it to another one.
        DisplayList begun = passed > 0 ? wearer.agoHere(over - wearer.left()) : now;
        Optional<Depth> into = worn.pick(INTO).equals(HAND) ? Optional.of(byHand(wearer, worn)) : found(begun, worn);
        if (into.isEmpty()) {
            return now;
        }
        DisplayList.Builder out = new DisplayList.Builder();
        out.save();
        out.concat(into.get().flight(progress, wearer.scene()));
        out.all(now.paints());
        out.restore();
        return out.build();
    }

    private static Depth byHand(Wearer wearer, Worn worn) {
        Box box = wearer.box();
        return new Depth(
                box.left() + worn.get(ACROSS) * box.width(),
                box.top() + worn.get(DOWN) * box.height(),
                BY_HAND * wearer.em());
    }

    /** The one that is meant, or the one with most room in it. */
    private static Optional<Depth> found(DisplayList list, Worn worn) {
        boolean stem = worn.pick(INTO).equals(STEM);
        int letter = (int) worn.get(LETTER);
        List<Depth> depths = new ArrayList<>();
        int[] seen = {0};
        Walk.over(list, (paint, matrix) -> {
            if (paint instanceof PaintOp.Fill fill && (letter == 0 || ++seen[0] == letter)) {
                Matrix flat = matrix.plane();
                (stem ? Depth.inside(fill.outline()) : Depth.counter(fill.outline()))
                        .map(depth -> depth.through(flat))
                        .ifPresent(depths::add);
            }
        });
        return depths.stream().max((one, other) -> Double.compare(one.distance(), other.distance()));
    }
}
