package knollwind.server.directions;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import knollwind.core.directions.Finding;
import knollwind.server.draft.DraftRequest;
import knollwind.server.draft.Drafts;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Searches a draft. */
@RestController
class FindController {
    /** What is looked for in a draft. */
    record FindRequest(
            @NotNull @Valid DraftRequest draft,
            @NotNull @Size(max = 200) String words) {}

    private final Drafts drafts;

    FindController(Drafts drafts) {
        this.drafts = drafts;
    }

    @PostMapping("/api/projects/{id}/find")
    List<Finding.Found> find(@PathVariable String id, @Valid @RequestBody FindRequest request) {
        return Finding.in(drafts.document(id, request.draft()), request.words());
    }
}
