package knollwind.server.template;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.About;
import knollwind.core.scene.Check;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.template.Publication;
import knollwind.server.files.Downloads;
import knollwind.server.files.UploadKind;
import knollwind.server.project.ProjectStore;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Templates. */
@RestController
class TemplateController {
    /**
     * A template as it is chosen.
     *
     * @param revision of its newest state
     * @param cover the scene that its cover shows
     * @param frame of that scene
     * @param fields names of what it asks for
     * @param missing faces that it is set in and that are not here
     */
    record TemplateView(
            String id,
            long revision,
            String name,
            String note,
            @Schema(ref = "#/components/schemas/Scene") JsonNode cover,
            int frame,
            int scenes,
            List<String> fields,
            List<String> missing) {}

    /**
     * What is to be published.
     *
     * @param scenes ids; none for all
     * @param template id of the template of which it is a newer state; null for a new one
     * @param cover id of the scene that its cover shows
     */
    record PublishRequest(
            List<String> scenes,
            String template,
            @NotBlank @Size(max = 200) String name,
            @Size(max = About.LONGEST) String note,
            String cover,
            Integer frame) {
        PublishRequest {
            scenes = Check.list(scenes);
        }
    }

    /** @param notes what could not be taken in with it, in words */
    record TakenIn(TemplateView template, List<String> notes) {}

    private final ProjectStore store;
    private final TemplateFile files;
    private final Downloads downloads;

    TemplateController(ProjectStore store, TemplateFile files, Downloads downloads) {
        this.store = store;
        this.files = files;
        this.downloads = downloads;
    }

    @GetMapping("/api/templates")
    List<TemplateView> list() {
        return store.templates().stream()
                .map(one -> view(one.id(), one.revision(), one.document()))
                .toList();
    }

    private TemplateView view(String id, long revision, JsonNode document) {
        Project project = DocumentJson.read(document);
        About about = project.about() == null ? new About(null, null, null) : project.about();
        Scene cover = project.scenes().stream()
                .filter(scene -> scene.id().equals(about.scene()))
                .findFirst()
                .orElse(project.scenes().get(0));
        int frame = about.frame() == null ? cover.length() / 2 : Math.min(about.frame(), cover.length() - 1);
        return new TemplateView(
                id,
                revision,
                project.name(),
                about.note() == null ? "" : about.note(),
                DocumentJson.tree(cover),
                frame,
                project.ownScenes().size(),
                project.fields().stream().map(field -> field.name()).toList(),
                files.missingFaces(project));
    }

    /** Publishes scenes of a project as they are saved now. */
    @PostMapping("/api/projects/{id}/publish")
    TemplateView publish(@PathVariable String id, @Valid @RequestBody PublishRequest request) {
        Project project = DocumentJson.read(store.load(id).document());
        String template = request.template() == null ? UUID.randomUUID().toString() : request.template();
        String note = request.note() == null || request.note().isBlank() ? null : request.note();
        JsonNode document = Publication.of(
                project, request.scenes(), template, request.name(), new About(note, request.cover(), request.frame()));
        ProjectStore.Saved saved = store.publish(document);
        return view(saved.id(), saved.revision(), saved.document());
    }

    /** A template as one file with everything inside. */
    @GetMapping("/api/templates/{id}/file")
    ResponseEntity<byte[]> file(@PathVariable String id) throws IOException, InterruptedException {
        JsonNode document = store.load(id).document();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        files.write(document, out);
        return downloads.answer(
                out.toByteArray(), "application/zip", document.path("name").asString("template") + ".zip");
    }

    /** Takes in a file that a template was saved to, as the request's body. One that is here already is followed by its newer state. */
    @PostMapping(path = UploadKind.Path.TEMPLATES, consumes = MediaType.ALL_VALUE)
    TakenIn takeIn(HttpServletRequest request) throws IOException, InterruptedException {
        TemplateFile.Taken taken = files.read(request.getInputStream());
        ObjectNode document = (ObjectNode) taken.document();
        if (document.path("id").asString("").isBlank()) {
            document.put("id", UUID.randomUUID().toString());
        }
        ProjectStore.Saved saved = store.publish(document);
        return new TakenIn(view(saved.id(), saved.revision(), saved.document()), taken.notes());
    }

    /** Takes a template away; what was made of it stays. */
    @DeleteMapping("/api/templates/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String id) {
        store.delete(id);
    }
}
