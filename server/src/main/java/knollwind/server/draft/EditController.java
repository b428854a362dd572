package knollwind.server.draft;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import knollwind.core.edit.Outcome;
import knollwind.core.edit.Wish;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Edits that are more than a number: the page says what is wanted, and is told the patch that does it. Nothing is saved here. */
@RestController
class EditController {
    /** What is wanted, and the document that it is wanted of. */
    record EditRequest(
            @NotNull @Valid DraftRequest draft, @NotNull Wish wish) {}

    /** Blocks of the scene that is looked at. */
    record ClipRequest(
            @NotNull @Valid DraftRequest draft, @NotNull List<String> blocks) {}

    /** @param text for the clipboard */
    record ClipView(String text) {}

    private final Drafts drafts;

    EditController(Drafts drafts) {
        this.drafts = drafts;
    }

    /**
     * @param outcome what becomes of it
     * @param version the scene as the version or the conditions that are looked at show it then; null where there are none
     */
    record Edited(@JsonUnwrapped Outcome outcome, JsonNode version) {}

    @PostMapping("/api/projects/{id}/edit")
    Edited edit(@PathVariable String id, @Valid @RequestBody EditRequest request) {
        Outcome outcome = drafts.edit(id, request.draft(), request.wish());
        return new Edited(outcome, drafts.scene(id, request.draft().with(outcome.operations())));
    }

    @PostMapping("/api/projects/{id}/clip")
    ClipView clip(@PathVariable String id, @Valid @RequestBody ClipRequest request) {
        return new ClipView(drafts.clip(id, request.draft(), request.blocks()));
    }
}
