package knollwind.core.directions;

/** A block's directions as the page shows them. */
public record BlockScript(String block, PhaseScript arrive, PhaseScript leave, Sentence span, Sentence setting) {}
