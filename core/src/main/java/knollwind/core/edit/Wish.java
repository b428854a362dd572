package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.Operation;

/**
 * An intent, and where the user was when it was made: the same change is a value of a format where one is looked at, a key while keys
 * are recorded, and one of all moves of its name where a move is shared.
 *
 * @param looking null for a change that means exactly what it says
 */
public record Wish(Intent intent, Looking looking) {
    /**
     * What is to be done to the document.
     *
     * @throws IllegalArgumentException with the reason when it cannot be done
     */
    public Outcome on(Draft draft) {
        Outcome outcome = intent.on(draft);
        if (looking == null || outcome.operations().isEmpty()) {
            return outcome;
        }
        List<Operation> placed = RecordedPlaces.of(draft, looking, outcome.operations());
        Outcome keyed = RecordedKeys.of(draft, looking, placed);
        List<Operation> shared = SharedMoves.followed(draft.tree(), keyed.operations());
        List<Operation> routed =
                looking.everywhere() ? shared : FormatValues.routed(draft, looking.scene(), looking.format(), shared);
        return new Outcome(
                routed, outcome.scene(), outcome.block(), outcome.said().isEmpty() ? keyed.said() : outcome.said());
    }
}
