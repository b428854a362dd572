package knollwind.core.scene;

/**
 * Where a block's pivot stands in the frame, and how the block is turned about it (degrees, clockwise).
 *
 * @param attach what the block hangs on; null lets it stand at x and y
 */
public record Place(Value<Length> x, Value<Length> y, Value<Double> rotation, Pivot pivot, Attachment attach) {
    public Place {
        Check.present(x, "the x of a place");
        Check.present(y, "the y of a place");
        rotation = rotation == null ? Value.of(0.0) : rotation;
        pivot = pivot == null ? Pivot.CENTRE : pivot;
    }

    /** A place in the frame. */
    public Place(Value<Length> x, Value<Length> y, Value<Double> rotation, Pivot pivot) {
        this(x, y, rotation, pivot, null);
    }

    /** The same place by another pivot. */
    public Place by(Pivot other) {
        return new Place(x, y, rotation, other, attach);
    }
}
