package knollwind.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.frame.Level.Pen;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.layout.Rests;
import knollwind.core.motion.MoveCurve;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.GlyphPicture;
import knollwind.core.type.SetGlyph;
import knollwind.core.type.SetLine;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;

/**
 * One walk over the levels of a block at a time, which composes its display list. A time of NaN stands for rest.
 */
final class BlockPass {
    /** px of the frame that a soft edge may reach beyond its outline. */
    private static final double SOFT_EDGE = 2;

    /** How much heavier and wider a piece is than it was set. */
    private record Axes(double weight, double width) {
        static final Axes NONE = new Axes(0, 0);

        Axes and(double heavier, double wider) {
            return heavier == 0 && wider == 0 ? this : new Axes(weight + heavier, width + wider);
        }
    }

    /**
     * What a piece hands down to those in it.
     *
     * @param pending what must still be multiplied onto the canvas' matrix
     * @param full the whole way from its px to the frame's, for bounds
     * @param opacity what it leaves to a single child
     * @param rest where it rests
     * @param over the colours that moves lay over it
     * @param pen how its contour is drawn; null for a plain fill
     */
    private record Handed(Matrix pending, Matrix full, double opacity, Matrix rest, Tint over, Pen pen, Axes axes) {
        /** The same on a canvas that has the matrix already, moved once more. */
        Handed on(Matrix moved) {
            return new Handed(Matrix.IDENTITY, full.times(moved), opacity, rest, over, pen, axes);
        }
    }

    private final SetText set;
    private final Rests rests;
    private final List<Level> levels;
    private final Map<Unit, List<Integer>> children;
    private final List<Integer> outermost;
    private final List<Caret> carets;
    private final Matrix eye;
    private final Map<String, Box> hiders;
    private final FrameFit fit;
    private final List<Box> lineInks;
    private final OutlineDrawing drawn;
    private final AxisSets axisSets;
    private final BlockPainter painter;

    private final double time;
    private final Shown shown;
    private final Coat.Worn worn;
    private final double[] shifts;
    private final DisplayList.Builder out = new DisplayList.Builder();
    private final List<Level.Poses> poses;
    private Box bounds = Box.EMPTY;

    /** @param worn the ink of all glyphs that have none of their own; of those that have none only an outline is seen */
    BlockPass(BlockPainter painter, double time, Shown shown, Coat.Worn worn, double[] shifts) {
        this.shown = shown;
        this.painter = painter;
        this.set = painter.set;
        this.rests = painter.rests;
        this.levels = painter.levels;
        this.children = painter.children;
        this.outermost = painter.outermost;
        this.carets = painter.carets;
        this.eye = painter.eye;
        this.hiders = painter.hiders;
        this.fit = painter.fit;
        this.lineInks = painter.lineInks;
        this.drawn = painter.drawn;
        this.axisSets = painter.axisSets;
        this.poses = levels.stream().map(Level::poses).toList();
        this.time = time;
        this.worn = worn;
        this.shifts = shifts;
    }

    BlockFrame run(Matrix placement, double opacity) {
        if (opacity <= 0) {
            return BlockFrame.NOTHING;
        }
        boolean layer = opacity < 1;
        Matrix seen = eye.isIdentity() || Double.isNaN(time) ? placement : eye.times(placement);
        if (layer) {
            out.add(new PaintOp.Layer((float) opacity, 0, 0));
        }
        pieces(seen, seen, Matrix.IDENTITY);
        if (layer) {
            out.restore();
        }
        return new BlockFrame(out.build(), bounds);
    }

    /** In the block's own px, opaque. Only of what stays in its plane. */
    BlockFrame own(Matrix placement) {
        placement.back().ifPresent(back -> pieces(Matrix.IDENTITY, placement, back));
        return new BlockFrame(out.build(), bounds);
    }

    /**
     * @param pending what must still be multiplied onto the canvas' matrix
     * @param full the whole way to the frame's px
     * @param back from the frame's px to those of the canvas
     */
    private void pieces(Matrix pending, Matrix full, Matrix back) {
        int hidden = 0;
        for (MoveCurve move : Double.isNaN(time) || shown.uncut() ? List.<MoveCurve>of() : hidden(time)) {
            out.save();
            out.concat(back);
            out.add(new PaintOp.Clip(around(hiders.get(move.move().uncovering().behind()))));
            if (!back.isIdentity()) {
                out.concat(full);
            }
            hidden++;
        }
        for (int unit : outermost) {
            emit(0, unit, new Handed(pending, full, 1, Matrix.IDENTITY, Tint.NOTHING, null, Axes.NONE));
        }
        if (!Double.isNaN(time)) {
            for (Caret caret : carets) {
                caret.at(time).filter(stands -> shown.hasSome(stands.by())).ifPresent(stands -> {
                    out.save();
                    out.concat(pending.times(rests.of(stands.by())));
                    out.add(stands.fill());
                    out.restore();
                });
            }
        }
        for (int i = 0; i < hidden; i++) {
            out.restore();
        }
    }

    private void emit(int depth, int index, Handed from) {
        Level level = levels.get(depth);
        Unit unit = level.units().get(index);
        if (!shown.hasSome(unit)) {
            return;
        }
        SetLine first = set.lines().get(unit.line());
        SetLine line =
                unit.kind() == UnitKind.WHOLE ? set.lines().get(set.lines().size() - 1) : first;
        Box edgeInk = unit.kind() == UnitKind.WHOLE ? set.ink() : lineInks.get(unit.line());
        boolean resting = Double.isNaN(time);
        double shift = resting ? 0 : shift(level, index);
        Matrix rest = rests.of(unit, rests == Rests.STRAIGHT ? 0 : shift);
        Matrix onto = rest.equals(from.rest())
                ? Matrix.IDENTITY
                : from.rest().inverse().times(rest);
        Matrix full = from.full().times(onto);
        Level.Look look = resting
                ? Level.Look.REST
                : level.look(
                        poses.get(depth), index, time, rests == Rests.STRAIGHT ? shift : 0, line, edgeInk, set.em());
        double alpha = from.opacity() * look.opacity();
        if (look.hidden() || alpha <= 0) {
            return;
        }
        Matrix whole = full.times(look.matrix());
        Box box = unit.advance();
        if (whole.depth((box.left() + box.right()) / 2, (box.top() + box.bottom()) / 2) <= 0) {
            return;
        }
        Tint over = look.tintWeight() == 0 ? from.over() : from.over().and(look.tintWeight(), look.tint());
        Pen pen = look.pen() == null ? from.pen() : shown.uncut() ? look.pen().whole() : look.pen();
        boolean blurs = look.blurX() > 0 || look.blurY() > 0;
        boolean layer = !blurs && alpha < 1 && (glyphs(unit) > 1 || pen != null || look.halves() != null);
        int opened = 0;
        Matrix matrix = from.pending().times(onto);
        Reveal reveal = shown.uncut() ? null : look.reveal();
        if (reveal != null) {
            out.save();
            opened++;
            out.concat(matrix);
            matrix = Matrix.IDENTITY;
            // What fades is uncovered inside its layer: a layer laid down through a soft-edged clip costs many times
            // more.
            if (layer || reveal.clip() == null) {
                out.add(new PaintOp.Layer(layer ? (float) alpha : 1, 0, 0));
            } else {
                out.save();
            }
            if (reveal.clip() != null) {
                out.add(new PaintOp.Clip(reveal.clip()));
            }
        }
        matrix = matrix.times(look.matrix());
        if (blurs) {
            out.save();
            out.concat(matrix);
            out.add(new PaintOp.Layer((float) alpha, (float) look.blurX(), (float) look.blurY()));
            opened += 2;
            matrix = Matrix.IDENTITY;
        } else if (layer && reveal == null) {
            out.add(new PaintOp.Layer((float) alpha, 0, 0));
            opened++;
        }
        if (blurs || layer) {
            alpha = 1;
        }
        Handed handed =
                new Handed(matrix, whole, alpha, rest, over, pen, from.axes().and(look.weight(), look.width()));
        if (look.halves() == null) {
            content(depth, unit, handed);
        } else {
            half(look.halves().above(), look.halves().seenAbove(), depth, unit, handed);
            half(look.halves().below(), look.halves().seenBelow(), depth, unit, handed);
        }
        for (int i = reveal == null ? 0 : 1; i < opened; i++) {
            out.restore();
        }
        if (reveal != null) {
            cover(reveal);
        }
    }

    /** Closes what a reveal opened: takes away by the mask, and paints what leads. */
    private void cover(Reveal reveal) {
        if (reveal.mask() != null) {
            out.add(new PaintOp.Fade(new PaintOp.Fill(reveal.masked(), reveal.mask(), 1)));
        }
        out.restore();
        if (reveal.bar() != null) {
            out.add(new PaintOp.Fill(reveal.bar(), new Ink.Plain(reveal.barColour()), 1));
        }
        out.restore();
    }

    private void half(Matrix map, Outline seen, int depth, Unit unit, Handed handed) {
        out.save();
        out.concat(handed.pending().times(map));
        out.add(new PaintOp.Clip(seen));
        content(depth, unit, handed.on(map));
        out.restore();
    }

    private List<MoveCurve> hidden(double at) {
        return hiders.isEmpty()
                ? List.of()
                : levels.stream()
                        .flatMap(level -> level.moves().stream())
                        .filter(move -> isHidden(move) && move.moving(at))
                        .toList();
    }

    /** Of several moves only some may come from behind something. */
    private boolean isHidden(MoveCurve move) {
        String behind = move.move().uncovering().behind();
        return behind != null && hiders.containsKey(behind);
    }

    /** Everything but a box of the base frame, in px of the format. */
    private Outline around(Box box) {
        double scale = fit.scale();
        float left = (float) (fit.left() + box.left() * scale);
        float right = (float) (fit.left() + box.right() * scale);
        float top = (float) (fit.top() + box.top() * scale);
        float bottom = (float) (fit.top() + box.bottom() * scale);
        float far = (float) Level.FAR;
        float[] points = {-far, -far, far, -far, far, far, -far, far, left, top, left, bottom, right, bottom, right, top
        };
        byte[] verbs = {
            Outline.MOVE, Outline.LINE, Outline.LINE, Outline.LINE, Outline.CLOSE,
            Outline.MOVE, Outline.LINE, Outline.LINE, Outline.LINE, Outline.CLOSE
        };
        return Outline.of(verbs, points, new Box(-far, -far, far, far));
    }

    /** The unit's own children or glyphs. */
    private void content(int depth, Unit unit, Handed handed) {
        if (depth + 1 < levels.size()) {
            for (int child : children.get(unit)) {
                emit(depth + 1, child, handed);
            }
        } else {
            fill(unit, handed);
            bounds = bounds.union(handed.full().map(unit.advance()));
        }
    }

    private double shift(Level level, int index) {
        return level.kind() == UnitKind.CHARACTER && shifts.length > 0 ? shifts[index] : 0;
    }

    private void fill(Unit unit, Handed handed) {
        Axes axes = handed.axes();
        Tint over = handed.over();
        Pen pen = handed.pen();
        double alpha = handed.opacity();
        for (SetGlyph glyph : axes.equals(Axes.NONE) ? unit.glyphs() : onAxes(unit, axes)) {
            if (!shown.has(glyph) || !painter.shows(glyph, time)) {
                continue;
            }
            Ink own = ink(glyph);
            boolean bare = own == null;
            if (glyph.outline().isEmpty() || (bare && pen == null)) {
                continue;
            }
            Matrix onto = Matrix.translate(glyph.x(), glyph.y());
            out.save();
            out.concat(handed.pending().times(onto).plane());
            if (worn.pinned() && !bare && glyph.colour() == null && glyph.picture() == null) {
                window(
                        glyph.outline(),
                        over.on(own),
                        alpha,
                        pen,
                        handed.full().times(onto).plane());
                out.restore();
                continue;
            }
            Ink seen = bare || glyph.picture() != null ? own : own.shifted(glyph.x(), glyph.y());
            if (pen == null || glyph.picture() != null) {
                out.add(new PaintOp.Fill(glyph.outline(), over.on(seen), (float) alpha));
            } else {
                drawn.glyph(out, glyph.outline(), bare ? null : over.on(seen), alpha, pen);
            }
            out.restore();
        }
    }

    /**
     * A glyph through which an ink is seen that stays where it is in the frame.
     *
     * @param onto maps the glyph's px to the frame's
     */
    private void window(Outline outline, Ink ink, double alpha, Pen pen, Matrix onto) {
        double line = pen == null ? 0 : pen.width() + OutlineDrawing.USUAL_WIDTH * set.em();
        Box seen = onto.map(outline.ink().grown(line)).grown(SOFT_EDGE);
        Optional<Matrix> back = onto.back();
        if (seen.isEmpty() || back.isEmpty()) {
            return;
        }
        boolean coloured = pen != null && pen.width() > 0 && pen.argb() != 0;
        out.add(new PaintOp.Layer((float) alpha, 0, 0));
        out.save();
        out.concat(back.get());
        out.add(new PaintOp.Fill(Outline.rectangle(seen), ink, 1));
        out.restore();
        out.add(new PaintOp.Mask());
        if (pen == null) {
            out.add(new PaintOp.Fill(outline, OutlineDrawing.COVER, 1));
        } else {
            drawn.glyph(out, outline, OutlineDrawing.COVER, 1, coloured ? pen.bare() : pen);
        }
        out.restore();
        out.restore();
        if (coloured) {
            drawn.glyph(out, outline, null, alpha, pen);
        }
    }

    /** The unit's glyphs in another weight or width, each in the middle of its own place. */
    private List<SetGlyph> onAxes(Unit unit, Axes axes) {
        List<Unit> units = axisSets.with(axes.weight(), axes.width()).units(unit.kind());
        if (unit.index() >= units.size()
                || units.get(unit.index()).glyphs().size() != unit.glyphs().size()) {
            return unit.glyphs();
        }
        List<SetGlyph> varied = units.get(unit.index()).glyphs();
        List<SetGlyph> placed = new ArrayList<>();
        for (int i = 0; i < varied.size(); i++) {
            SetGlyph own = unit.glyphs().get(i);
            SetGlyph other = varied.get(i);
            double x = own.x() + (own.advance() - other.advance()) / 2;
            placed.add(new SetGlyph(
                    other.outline(), x, own.y(), own.advance(), own.from(), own.to(), own.colour(), other.picture()));
        }
        return placed;
    }

    private Ink ink(SetGlyph glyph) {
        GlyphPicture picture = glyph.picture();
        if (picture != null) {
            float scale = (float) picture.scale();
            return new Ink.Picture(picture.id(), scale, scale, (float) picture.left(), (float) picture.top());
        }
        return glyph.colour() == null ? worn.ink(glyph) : new Ink.Plain(glyph.colour());
    }

    private static long glyphs(Unit unit) {
        return unit.glyphs().stream()
                .filter(glyph -> !glyph.outline().isEmpty())
                .limit(2)
                .count();
    }
}
