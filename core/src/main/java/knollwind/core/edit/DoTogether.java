package knollwind.core.edit;

import java.util.List;
import java.util.Set;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;

/**
 * Does to blocks that are chosen beside another one what is done to that one, as {@link DoAgain} does. A change of what is a block's own
 * is not given to others: its words, name, time, marks, and where it stands.
 *
 * @param done the change of the one block
 */
public record DoTogether(List<Operation> done, List<String> blocks) implements Intent {
    private static final Set<String> OWN = Set.of(
            "id", "name", "text", "runs", "placed", "span", "hidden", "locked", "place/x", "place/y", "shape/behind");

    public DoTogether {
        done = Check.list(done);
        blocks = Check.list(blocks);
    }

    @Override
    public Outcome on(Draft draft) {
        boolean own = ShownChanges.of(draft.tree(), done).stream().anyMatch(DoTogether::isOwn);
        List<Operation> operations =
                own ? List.of() : new DoAgain(done, blocks).on(draft).operations();
        // Nothing was asked for by itself, so what fits no other block needs no word.
        return Outcome.of(operations, "");
    }

    private static boolean isOwn(Operation operation) {
        List<String> inside =
                BlockPath.of(operation.at()).map(BlockPath::inside).orElse(List.of());
        return inside.isEmpty()
                || OWN.contains(inside.get(0))
                || inside.size() > 1 && OWN.contains(inside.get(0) + "/" + inside.get(1));
    }
}
