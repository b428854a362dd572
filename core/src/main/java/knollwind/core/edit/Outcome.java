package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.Operation;

/**
 * What becomes of an intent.
 *
 * @param operations the patch; none where there is nothing to do
 * @param scene id of the scene to be shown afterwards; empty for the one that is shown
 * @param block id of the block to be chosen afterwards; empty for those that are chosen
 * @param said what the user ought to know of it; empty for nothing
 */
public record Outcome(List<Operation> operations, String scene, String block, String said) {
    static Outcome of(List<Operation> operations, String scene) {
        return new Outcome(operations, scene, "", "");
    }

    /** With what the user ought to know of it. */
    static Outcome saying(List<Operation> operations, String said) {
        return new Outcome(operations, "", "", said);
    }
}
