package knollwind.core.directions;

import java.util.List;

/**
 * A block's directions as the page shows them.
 *
 * @param runs one sentence for each styled stretch of the words
 */
public record BlockScript(
        String block, PhaseScript arrive, PhaseScript leave, Sentence span, Sentence setting, List<Sentence> runs) {}
