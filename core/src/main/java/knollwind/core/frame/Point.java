package knollwind.core.frame;

/** A point in px, y down. */
public record Point(double x, double y) {}
