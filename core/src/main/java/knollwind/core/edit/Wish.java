package knollwind.core.edit;

import java.util.ArrayList;
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
        boolean ofTable = intent instanceof FollowAgain || intent instanceof SetCells;
        return looking != null && looking.row() != null && !ofTable ? VersionValues.of(draft, this) : inProject(draft);
    }

    private Outcome inProject(Draft draft) {
        Outcome outcome = intent.on(draft);
        // What is filled in is so in all formats and at all times.
        if (looking == null || outcome.operations().isEmpty() || intent instanceof FillField) {
            return outcome;
        }
        List<Operation> placed = RecordedPlaces.of(draft, looking, outcome.operations());
        Outcome keyed = RecordedKeys.of(draft, looking, placed);
        List<Operation> shared = SharedMoves.followed(draft.tree(), keyed.operations());
        List<Operation> own = looking.caption() == null
                ? shared
                : FormatValues.ofCaption(draft, looking.scene(), looking.caption(), shared);
        List<Operation> given = looking.condition() == null
                ? own
                : FormatValues.ofCondition(draft, looking.scene(), looking.condition(), own);
        List<Operation> routed = new ArrayList<>(
                looking.everywhere() || looking.condition() != null
                        ? given
                        : FormatValues.routed(draft, looking.scene(), looking.format(), given));
        String rules = CaptionRows.path(looking.scene()) + "/rules";
        if (intent instanceof SetValues
                && routed.stream().anyMatch(one -> one.at().startsWith(rules))) {
            routed.addAll(CaptionMaking.again(draft.after(routed), looking.scene()));
        }
        return new Outcome(
                routed, outcome.scene(), outcome.block(), outcome.said().isEmpty() ? keyed.said() : outcome.said());
    }
}
