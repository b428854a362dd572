package knollwind.server.export;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import knollwind.paint.ExportKind;
import knollwind.server.files.Downloads;
import knollwind.server.files.FileStore;
import knollwind.server.project.MissingException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Exports: ordering, watching, cancelling, fetching. */
@RestController
class ExportController {
    private final ExportService exports;
    private final FileStore files;
    private final Downloads downloads;

    ExportController(ExportService exports, FileStore files, Downloads downloads) {
        this.exports = exports;
        this.files = files;
        this.downloads = downloads;
    }

    @GetMapping("/api/export-kinds")
    List<ExportChoice> kinds() {
        return Stream.of(ExportKind.values()).map(ExportChoice::of).toList();
    }

    @PostMapping("/api/projects/{id}/exports")
    @ResponseStatus(HttpStatus.CREATED)
    ExportView order(@PathVariable String id, @Valid @RequestBody ExportOrder order) {
        return exports.order(id, order);
    }

    @PostMapping("/api/projects/{id}/exports/outcome")
    ExportOutcome outcome(@PathVariable String id, @Valid @RequestBody ExportOrder order) {
        return exports.outcome(id, order);
    }

    @GetMapping("/api/projects/{id}/exports")
    List<ExportView> list(@PathVariable String id) {
        return exports.list(id);
    }

    @PostMapping("/api/exports/{id}/cancel")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable UUID id) {
        exports.cancel(id);
    }

    @GetMapping("/api/exports/{id}/file")
    ResponseEntity<StreamingResponseBody> file(@PathVariable UUID id) {
        ExportEntity export = exports.find(id);
        if (export.fileId == null) {
            throw new MissingException("This export has no file; it is " + export.state + ".");
        }
        return downloads.answer(files.find(export.fileId), export.fileName);
    }
}
