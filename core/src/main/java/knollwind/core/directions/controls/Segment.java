package knollwind.core.directions.controls;

/** A stretch of a printed sentence; {@code part} is null where there is nothing to change. */
public record Segment(String text, Part part) {}
