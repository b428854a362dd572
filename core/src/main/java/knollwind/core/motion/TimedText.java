package knollwind.core.motion;

/**
 * A word of a block and when it is spoken.
 *
 * @param from first UTF-16 offset of the block's words that it stands for
 * @param to the offset behind its last one
 * @param start scene frame at which it begins to be said
 * @param end scene frame at which it has been said
 * @param said false for a word that is not found in what is said; its times are then those between its neighbours
 */
public record TimedText(int from, int to, double start, double end, boolean said) {}
