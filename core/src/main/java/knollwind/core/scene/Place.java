package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * Where a block's pivot stands in the frame, how the block is turned about it (degrees, clockwise) and how large it is.
 *
 * @param attach what the block hangs on; null lets it stand at x and y
 * @param scale factor, above 0
 * @param way the path that the pivot travels instead of standing at x and y; null for none
 * @param follow the block that it goes along with; null for none
 * @param room how others give way to it as it arrives; null when they do not
 * @param crawl how it runs through the frame; null where it does not
 * @param mirrored how it is mirrored; null where it is not
 */
@RecordBuilder
public record Place(
        Value<Length> x,
        Value<Length> y,
        Value<Double> rotation,
        Pivot pivot,
        Attachment attach,
        Value<Double> scale,
        MotionPath way,
        Follow follow,
        MakeRoom room,
        Crawl crawl,
        Mirrored mirrored)
        implements PlaceBuilder.With {
    @JsonCreator
    public Place {
        Check.present(x, "the x of a place");
        Check.present(y, "the y of a place");
        rotation = rotation == null ? Value.of(0.0) : rotation;
        pivot = pivot == null ? Pivot.CENTRE : pivot;
        scale = scale == null ? Value.of(1.0) : scale;
        if (scale instanceof Value.Literal<Double> literal) {
            Check.range(literal.value(), 1e-3, 1000, "the scale of a block");
        }
    }

    /** The same at other coordinates. */
    public Place at(Value<Length> otherX, Value<Length> otherY) {
        return with(place -> place.x(otherX).y(otherY));
    }
}
