package knollwind.core.layout;

import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Point;
import knollwind.core.scene.Block;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Length;
import knollwind.core.scene.Mirrored;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Place;
import knollwind.core.scene.Value;
import knollwind.core.type.SetText;

/**
 * Where a block stands in the frame: by its own place, and carried by what it follows and by the camera.
 *
 * @param set its words, or for a shape its box
 * @param travel its place in time, px of the base frame
 */
public record Placement(Block block, SetText set, Surroundings around, Travel travel) {
    /** Where the block's pivot is at a time, px of the frame. */
    public double[] pivot(double time) {
        Point at = travel.pivot(time);
        FrameFit fit = around.fit();
        return new double[] {fit.left() + at.x() * fit.scale(), fit.top() + at.y() * fit.scale()};
    }

    /** Maps the block's px to the frame's px, by its own place alone. */
    public Matrix own(double time) {
        double[] at = pivot(time);
        double[] held = SceneLayout.hold(block, set, around);
        double scale = around.fit().scale();
        Mirrored mirrored = block.place().mirrored();
        if (travel.upright(time) && scale == 1 && mirrored == null) {
            return Matrix.translate(at[0] - held[0], at[1] - held[1]);
        }
        double grown = scale * travel.scale(time);
        return Matrix.translate(at[0], at[1])
                .times(Matrix.rotate(travel.rotation(time)))
                .times(
                        mirrored == null
                                ? Matrix.scale(grown, grown)
                                : Matrix.scale(grown * mirrored.x(), grown * mirrored.y()))
                .times(Matrix.translate(-held[0], -held[1]));
    }

    /**
     * The same with all that carries it.
     *
     * @param away how a copy of the block is away, px of the base frame
     */
    public Matrix at(double time, Matrix away) {
        CarriedTransform outer = around.outer();
        if (outer.nothing() && away.isIdentity()) {
            return own(time);
        }
        FrameFit fit = around.fit();
        Matrix inFrame = outer.inFrame(time, fit).times(away);
        Matrix frame = Matrix.translate(fit.left(), fit.top()).times(Matrix.scale(fit.scale(), fit.scale()));
        Matrix carried = inFrame.isIdentity()
                ? own(time)
                : frame.times(inFrame).times(frame.inverse()).times(own(time));
        return CarriedTransform.seen(outer.camera(), time, fit).times(carried);
    }

    /** A box of the frame's px in px of the base frame. */
    public Box inBase(Box box) {
        FrameFit fit = around.fit();
        double scale = fit.scale();
        return new Box(
                (box.left() - fit.left()) / scale,
                (box.top() - fit.top()) / scale,
                (box.right() - fit.left()) / scale,
                (box.bottom() - fit.top()) / scale);
    }

    /**
     * The place that leaves the block where it rests when it is placed by another of its pivots.
     *
     * @param at where that pivot stands in the frame
     */
    public Place by(Pivot pivot, Point at) {
        Place place = block.place();
        if (!(place.x() instanceof Value.Literal<Length> x) || !(place.y() instanceof Value.Literal<Length> y)) {
            return place.withPivot(pivot);
        }
        FrameFit fit = around.fit();
        return place.withPivot(pivot)
                .at(
                        Value.of(length(x.value(), at.x(), fit.left(), fit.scale(), fit.width())),
                        Value.of(length(y.value(), at.y(), fit.top(), fit.scale(), fit.height())));
    }

    /**
     * A place in the frame as a length: in hundredths of the frame if it was, else in px of the base frame. What lies farther
     * away than a length can say, as the corner of thousands of lines may, stays at the length it has.
     */
    private static Length length(Length now, double at, double edge, double scale, double frame) {
        boolean hundredths = now.unit() == Length.Unit.FRAME;
        double value = Math.rint((hundredths ? at / scale / frame * 100 : (at - edge) / scale) * 100) / 100 + 0.0;
        if (!Length.reaches(value)) {
            return now;
        }
        return new Length(value, hundredths ? now.unit() : Length.Unit.PX);
    }
}
