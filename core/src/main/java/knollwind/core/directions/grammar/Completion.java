package knollwind.core.directions.grammar;

/**
 * A way the sentence may go on.
 *
 * @param phrase what would stand there
 * @param from UTF-16 offset in the typed text where the phrase begins
 */
public record Completion(String phrase, int from) {}
