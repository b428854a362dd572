package knollwind.paint;

/**
 * A stretch of a film that is there as a file.
 *
 * @param file of the kind that is joined, with nothing but the picture in it
 * @param frames how many it holds
 */
public record JoinedPart(String file, int frames) {}
