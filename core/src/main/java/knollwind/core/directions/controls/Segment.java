package knollwind.core.directions.controls;

/**
 * A stretch of a printed sentence.
 *
 * @param part null where there is nothing to change
 * @param look null where it is seen as its text
 */
public record Segment(String text, Part part, Look look) {}
