package knollwind.server.export;

import jakarta.validation.Valid;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import knollwind.server.project.ProjectStore;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Versions that are made together: ordering, watching, stopping, fetching all of them. */
@RestController
class VersionController {
    private final VersionService versions;
    private final MadeFiles made;
    private final ProjectStore projects;

    VersionController(VersionService versions, MadeFiles made, ProjectStore projects) {
        this.versions = versions;
        this.made = made;
        this.projects = projects;
    }

    @PostMapping("/api/projects/{id}/versions")
    @ResponseStatus(HttpStatus.CREATED)
    MadeVersions make(@PathVariable String id, @Valid @RequestBody VersionOrder order) {
        return versions.make(id, order);
    }

    /** For programs: one version of what they fill in, which is watched and fetched like any export. */
    @PostMapping("/api/versions")
    @ResponseStatus(HttpStatus.CREATED)
    ExportView one(@Valid @RequestBody OneVersion wanted) {
        return versions.one(wanted);
    }

    /** How those stand that were ordered last; no content where none were. */
    @GetMapping("/api/projects/{id}/versions")
    ResponseEntity<BatchView> last(@PathVariable String id) {
        BatchView last = versions.last(id);
        return last == null ? ResponseEntity.noContent().build() : ResponseEntity.ok(last);
    }

    /** Lets those that are not made yet wait, go on, be tried again, come first, or stop. */
    @PostMapping("/api/projects/{id}/versions/{batch}/turn")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void turn(@PathVariable String id, @PathVariable UUID batch, @RequestParam VersionService.Turn to) {
        versions.turn(id, batch, to);
    }

    /** All files that are there, and a list of them. */
    @GetMapping("/api/projects/{id}/versions/{batch}/files")
    ResponseEntity<StreamingResponseBody> files(@PathVariable String id, @PathVariable UUID batch) {
        List<ExportEntity> ordered = versions.ordered(id, batch);
        StreamingResponseBody body = out -> made.zip(ordered, out);
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("versions.zip")
                                .build()
                                .toString())
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(body);
    }

    /** Writes the same into the folder for results of the server. */
    @PostMapping("/api/projects/{id}/versions/{batch}/folder")
    MadeFiles.Written write(@PathVariable String id, @PathVariable UUID batch) throws IOException {
        String name = projects.load(id).document().path("name").asString("versions");
        return made.write(versions.ordered(id, batch), ExportPlan.safe(name));
    }
}
