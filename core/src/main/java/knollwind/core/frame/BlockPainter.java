package knollwind.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.handwriting.CentreLines;
import knollwind.core.layout.Rests;
import knollwind.core.layout.SpokenBox;
import knollwind.core.motion.MoveCurve;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Property;
import knollwind.core.scene.RevealBar;
import knollwind.core.scene.Setting;
import knollwind.core.scene.UnitKind;
import knollwind.core.sound.Heard;
import knollwind.core.type.SetGlyph;
import knollwind.core.type.SetLine;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/**
 * Composes a block's display list: M = block · line · word · character, with clips in the parent's rest frame and layers
 * where a piece of several glyphs fades or blurs.
 */
final class BlockPainter {
    final SetText set;
    final Rests rests;
    private final Setting.Alignment alignment;
    private final Coat coat;
    final List<Level> levels = new ArrayList<>();
    final Map<Unit, List<Integer>> children = new HashMap<>();
    /** By line; gathered once, since every unit asks for its line's. */
    final List<Box> lineInks;

    final List<Integer> outermost;
    final AxisSets axisSets;
    final FrameFit fit;
    /** Boxes of shapes that moves come from behind of, px of the base frame. */
    final Map<String, Box> hiders;

    final OutlineDrawing drawn;
    private final boolean tracks;
    final List<Caret> carets;
    final Matrix eye;
    /** For a plate that stands behind the word that is said; empty for all others. */
    private final List<SpokenBox> spoken;

    private final Unseen unseen;

    /**
     * @param coat the block's fill over what it is stretched over
     * @param axisSets the words in other weights and widths; null for a shape
     * @param lines along which its letters are written
     * @param spoken for a plate that stands behind the word that is said
     * @param leans whether the block leans back: its lines are then seen, or lie behind the eye, one by one
     */
    BlockPainter(
            Rests.Laid laid,
            Setting.Alignment alignment,
            Coat coat,
            List<MoveCurve> moves,
            FrameFit fit,
            AxisSets axisSets,
            Map<String, Box> hiders,
            CentreLines lines,
            boolean leans,
            List<SpokenBox> spoken,
            Unseen unseen) {
        this.spoken = spoken;
        this.unseen = unseen;
        this.fit = fit;
        this.hiders = hiders;
        this.axisSets = axisSets;
        this.drawn = new OutlineDrawing(laid.set().em(), lines);
        this.lineInks = laid.set().lines().stream().map(SetLine::ink).toList();
        this.set = laid.set();
        this.rests = laid.rests();
        this.alignment = alignment;
        this.coat = coat;
        this.carets = moves.stream()
                .filter(move -> move.move().uncovering().lead() != null
                        && move.move().uncovering().lead().kind() == RevealBar.Kind.CARET)
                .map(move -> Caret.of(move, set))
                .toList();
        this.tracks = changes(moves, property -> property == Property.TRACKING)
                || moves.stream().anyMatch(move -> move.move().manner().pushes());
        // The eye is one and a half frame heights away, before the frame's middle.
        this.eye = changes(moves, Property::deep)
                ? Matrix.perspective(
                        1.5 * fit.height() * fit.scale(), fit.width() * fit.scale() / 2, fit.height() * fit.scale() / 2)
                : Matrix.IDENTITY;
        for (UnitKind kind : List.of(UnitKind.WHOLE, UnitKind.LINE, UnitKind.WORD, UnitKind.CHARACTER)) {
            List<MoveCurve> own =
                    moves.stream().filter(move -> move.move().unit() == kind).toList();
            boolean needed = !own.isEmpty()
                    || (leans && kind == UnitKind.LINE)
                    || (kind == UnitKind.CHARACTER && (tracks || rests != Rests.STRAIGHT));
            if (needed) {
                levels.add(new Level(kind, set.units(kind), own));
            }
        }
        if (levels.isEmpty()) {
            levels.add(new Level(UnitKind.WHOLE, set.units(UnitKind.WHOLE), List.of()));
        }
        this.outermost = visual(levels.get(0).units());
        for (int i = 0; i + 1 < levels.size(); i++) {
            link(levels.get(i), levels.get(i + 1));
        }
    }

    private static boolean changes(List<MoveCurve> moves, Predicate<Property> which) {
        return moves.stream()
                .flatMap(move -> move.move().channels().stream())
                .anyMatch(channel -> which.test(channel.property()));
    }

    /** Notes which units of the finer level lie in each unit of the coarser one, in visual order. */
    private void link(Level outer, Level inner) {
        for (Unit parent : outer.units()) {
            children.put(parent, new ArrayList<>());
        }
        for (int i : visual(inner.units())) {
            Unit child = inner.units().get(i);
            Unit parent = switch (outer.kind()) {
                case WHOLE -> outer.units().get(0);
                case LINE -> outer.units().get(child.line());
                default -> outer.units().get(child.word());
            };
            children.get(parent).add(i);
        }
    }

    static List<Integer> visual(List<Unit> units) {
        List<Integer> order = new ArrayList<>();
        for (int i = 0; i < units.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.<Integer>comparingInt(i -> units.get(i).line())
                .thenComparingDouble(i -> units.get(i).advance().left()));
        return order;
    }

    /**
     * The block at a time in scene frames.
     *
     * @param passed scene frames since the block came on
     */
    BlockFrame paint(double time, double passed, Matrix placement, double opacity) {
        return pass(time, passed, Shown.ALL).run(placement, opacity);
    }

    /** Of what is dressed. */
    BlockFrame paint(double time, double passed, Matrix placement, Shown shown) {
        return pass(time, passed, shown).run(placement, 1);
    }

    /** The same in the block's own px, opaque; not for what is deep. */
    BlockFrame paintOwn(double time, double passed, Matrix placement, Shown shown) {
        return pass(time, passed, shown).own(placement);
    }

    private BlockPass pass(double time, double passed, Shown shown) {
        return new BlockPass(
                this,
                time,
                shown,
                coat.at(passed),
                tracks ? new TrackingShifts(set, levels, alignment, axisSets).at(time) : new double[0]);
    }

    /** Whether its pieces leave its plane. */
    boolean isDeep() {
        return !eye.isIdentity();
    }

    BlockFrame paintResting(Matrix placement, double opacity) {
        return new BlockPass(this, Double.NaN, Shown.ALL, coat.at(0), new double[0]).run(placement, opacity);
    }

    /** The same in the block's own px. */
    BlockFrame paintOwnResting(Matrix placement, Shown shown) {
        return new BlockPass(this, Double.NaN, shown, coat.at(0), new double[0]).own(placement);
    }

    /**
     * True when the block's fill and carets look alike at two times.
     *
     * @param on scene frame at which the block came on
     */
    boolean rests(double from, double to, double on) {
        return said(from) == said(to)
                && coat.rests(from - on, to - on)
                && carets.stream().allMatch(caret -> caret.at(from).equals(caret.at(to)));
    }

    /** Whether a glyph is seen at a time: what keeps room alone is not, and of a plate behind the word that is said only what is behind that one. */
    boolean shows(SetGlyph glyph, double time) {
        return !unseen.has(glyph.from()) && (spoken.isEmpty() || Double.isNaN(time) || said(time) == glyph.from());
    }

    /** Which word it stands behind; −1 for none. */
    private int said(double time) {
        for (int i = 0; i < spoken.size(); i++) {
            if (spoken.get(i).isOn(time)) {
                return i;
            }
        }
        return -1;
    }

    /** What is heard with its fill, from when the block comes on. */
    List<Heard> sounds() {
        return coat.sounds();
    }
}
