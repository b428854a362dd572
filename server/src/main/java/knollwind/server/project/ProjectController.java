package knollwind.server.project;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import knollwind.core.document.Patch;
import knollwind.core.document.Upgrades;
import knollwind.core.library.Beginning;
import knollwind.core.scene.FrameRate;
import knollwind.core.type.FontLibrary;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Projects, their documents and revisions. */
@RestController
@RequestMapping("/api/projects")
class ProjectController {
    /** A document with the revision it stands for. */
    record ProjectDocument(
            String id,
            long revision,
            @Schema(ref = "#/components/schemas/Project") JsonNode document) {}

    /**
     * A project to be made.
     *
     * @param beginning what its scene begins with; null for a title to be typed
     * @param template id of the template that it is made of, with its formats and rate; null for nothing
     */
    record NewProjectRequest(
            @NotBlank @Size(max = 200) String name,
            @NotNull FrameRate rate,
            @Min(16) @Max(8192) int width,
            @Min(16) @Max(8192) int height,
            Beginning beginning,
            String template) {}

    /**
     * A change to be saved on top of a revision.
     *
     * @param change the page's own name for it, by which it is known when it is sent again
     */
    record SaveRequest(
            long base,
            @NotBlank @Size(max = 64) String change,
            @NotNull Patch patch) {}

    /** What a save made. */
    record SaveResult(long revision) {}

    private final ProjectStore store;
    private final ProjectRepairs repairs;
    private final FontLibrary fonts;

    ProjectController(ProjectStore store, ProjectRepairs repairs, FontLibrary fonts) {
        this.store = store;
        this.repairs = repairs;
        this.fonts = fonts;
    }

    @GetMapping
    List<ProjectStore.Summary> list() {
        return store.list();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ProjectDocument create(@Valid @RequestBody NewProjectRequest request) {
        return answer(store.create(
                request.template() == null
                        ? NewProject.document(
                                request.name(),
                                request.rate(),
                                request.width(),
                                request.height(),
                                request.beginning(),
                                fonts)
                        : NewProject.of(store.load(request.template()), request.name())));
    }

    @GetMapping("/{id}")
    ProjectDocument load(@PathVariable String id) {
        store.checkUp(id);
        return answer(store.load(id));
    }

    /** The number of the newest revision, by which a page learns that another one saved. */
    @GetMapping("/{id}/revision")
    SaveResult revision(@PathVariable String id) {
        return new SaveResult(store.newest(id));
    }

    @PostMapping("/{id}/duplicate")
    @ResponseStatus(HttpStatus.CREATED)
    ProjectDocument duplicate(@PathVariable String id) {
        return answer(store.duplicate(id));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id) {
        store.delete(id);
    }

    @PostMapping("/{id}/restore")
    ProjectDocument restore(@PathVariable String id) {
        return answer(store.restore(id));
    }

    /** Goes back to the newest state that can be read. */
    @PostMapping("/{id}/mend")
    ProjectDocument mend(@PathVariable String id) {
        return answer(repairs.mend(id));
    }

    @GetMapping("/{id}/revisions")
    List<ProjectStore.RevisionSummary> revisions(@PathVariable String id) {
        return store.revisions(id);
    }

    @GetMapping("/{id}/revisions/{number}")
    ProjectDocument revision(@PathVariable String id, @PathVariable long number) {
        ProjectStore.Saved saved = store.load(id, number);
        return new ProjectDocument(id, number, Upgrades.upgraded(saved.document()));
    }

    @PostMapping("/{id}/revisions")
    SaveResult save(@PathVariable String id, @Valid @RequestBody SaveRequest request) {
        return new SaveResult(store.save(id, request.base(), request.change(), request.patch()));
    }

    private static ProjectDocument answer(ProjectStore.Saved saved) {
        return new ProjectDocument(saved.id(), saved.revision(), saved.document());
    }
}
