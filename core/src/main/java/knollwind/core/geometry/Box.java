package knollwind.core.geometry;

/** An axis-parallel box in px, y down. An empty box has left above right. */
public record Box(double left, double top, double right, double bottom) {
    public static final Box EMPTY = new Box(
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY);

    public boolean isEmpty() {
        return !(left <= right && top <= bottom);
    }

    public double width() {
        return isEmpty() ? 0 : right - left;
    }

    public double height() {
        return isEmpty() ? 0 : bottom - top;
    }

    /** The smallest box around both. */
    public Box union(Box other) {
        return new Box(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right, other.right),
                Math.max(bottom, other.bottom));
    }

    /** What lies in both; empty where nothing does. */
    public Box inside(Box other) {
        Box both = new Box(
                Math.max(left, other.left),
                Math.max(top, other.top),
                Math.min(right, other.right),
                Math.min(bottom, other.bottom));
        return both.isEmpty() ? EMPTY : both;
    }

    /** The box where everything is so many times as large. */
    public Box scale(double x, double y) {
        return isEmpty() ? this : new Box(left * x, top * y, right * x, bottom * y);
    }

    public Box shift(double x, double y) {
        return isEmpty() ? this : new Box(left + x, top + y, right + x, bottom + y);
    }

    /** The box with its sides moved outwards by so many px. */
    public Box grown(double px) {
        return isEmpty() ? this : new Box(left - px, top - px, right + px, bottom + px);
    }
}
