package knollwind.server.page;

import jakarta.validation.Valid;
import java.util.List;
import knollwind.core.filling.AskedField;
import knollwind.core.filling.BuiltWords;
import knollwind.core.filling.Conditions;
import knollwind.core.filling.Versions;
import knollwind.core.scene.Project;
import knollwind.server.draft.DraftRequest;
import knollwind.server.draft.Drafts;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Directions and times of a draft, and the faces there are. */
@RestController
class PageController {
    private final Drafts drafts;
    private final PageService pages;

    PageController(Drafts drafts, PageService pages) {
        this.drafts = drafts;
        this.pages = pages;
    }

    /**
     * @param chosen id of the block whose keyed values are told frame by frame; may be left out
     * @param caption id of the caption whose look is told of what dresses them; may be left out
     */
    @PostMapping("/api/projects/{id}/page")
    PageView page(
            @PathVariable String id,
            @Valid @RequestBody DraftRequest request,
            @RequestParam(required = false) String chosen,
            @RequestParam(required = false) String caption) {
        Versions.Version shown = drafts.version(id, request);
        Project project = shown.project();
        List<AskedField> fields = AskedField.of(shown.document(), project);
        List<BuiltWords.Shown> built = BuiltWords.shown(project, project.scene(request.scene()));
        return pages.page(
                drafts.view(id, request),
                fields,
                built,
                chosen,
                caption,
                Conditions.shown(project, project.scene(request.scene())),
                drafts.scene(id, request));
    }
}
