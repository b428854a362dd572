package knollwind.core.scene;

/** Where a block's pivot stands in the frame, and how the block is turned about it (degrees, clockwise). */
public record Place(Value<Length> x, Value<Length> y, Value<Double> rotation, Pivot pivot) {
    public Place {
        Check.present(x, "the x of a place");
        Check.present(y, "the y of a place");
        rotation = rotation == null ? Value.of(0.0) : rotation;
        pivot = pivot == null ? Pivot.CENTRE : pivot;
    }
}
