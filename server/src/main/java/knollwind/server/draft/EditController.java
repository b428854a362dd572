package knollwind.server.draft;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import knollwind.core.edit.Outcome;
import knollwind.core.edit.Wish;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

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

    @PostMapping("/api/projects/{id}/edit")
    Outcome edit(@PathVariable String id, @Valid @RequestBody EditRequest request) {
        return drafts.edit(id, request.draft(), request.wish());
    }

    @PostMapping("/api/projects/{id}/clip")
    ClipView clip(@PathVariable String id, @Valid @RequestBody ClipRequest request) {
        return new ClipView(drafts.clip(id, request.draft(), request.blocks()));
    }
}
