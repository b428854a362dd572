package knollwind.core.geometry;

/** A point in px, y down. */
public record Point(double x, double y) {}
