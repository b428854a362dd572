package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;

/** Changes that are made as they are told, by paths in the document's own blocks. */
public record SetValues(List<Operation> operations) implements Intent {
    public SetValues {
        operations = Check.list(operations);
    }

    @Override
    public Outcome on(Draft draft) {
        return Outcome.of(operations, "");
    }
}
