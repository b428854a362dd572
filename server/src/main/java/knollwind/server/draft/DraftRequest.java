package knollwind.server.draft;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.edit.Wish;

/**
 * A document that need not be saved yet: a saved revision, a patch on it, and what is wished of that.
 *
 * @param wishes each done to the document in turn: a gesture that is going on, and what has not been answered yet; may be left out
 * @param scene id
 * @param format id
 * @param row id of the version that is shown; null for what stands in the project
 * @param condition id of the condition of the scene that is shown as if it held; null for none
 */
public record DraftRequest(
        long base,
        @NotNull Patch patch,
        @NotBlank String scene,
        @NotBlank String format,
        List<Wish> wishes,
        String row,
        String condition) {
    public DraftRequest {
        wishes = wishes == null ? List.of() : List.copyOf(wishes);
    }

    /** The same with something done to it as well. */
    DraftRequest with(List<Operation> operations) {
        List<Operation> all = new ArrayList<>(patch.operations());
        all.addAll(operations);
        return new DraftRequest(base, new Patch(all), scene, format, wishes, row, condition);
    }
}
