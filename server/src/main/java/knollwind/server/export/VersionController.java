package knollwind.server.export;

import jakarta.validation.Valid;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import knollwind.server.files.FileStore;
import knollwind.server.files.StoredFile;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
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
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Versions that are made together: ordering, watching, stopping, fetching all of them. */
@RestController
class VersionController {
    private final ExportService exports;
    private final FileStore files;

    VersionController(ExportService exports, FileStore files) {
        this.exports = exports;
        this.files = files;
    }

    @PostMapping("/api/projects/{id}/versions")
    @ResponseStatus(HttpStatus.CREATED)
    MadeVersions make(@PathVariable String id, @Valid @RequestBody VersionOrder order) {
        return exports.make(id, order);
    }

    /** How those stand that were ordered last; no content where none were. */
    @GetMapping("/api/projects/{id}/versions")
    ResponseEntity<BatchView> last(@PathVariable String id) {
        BatchView last = exports.lastBatch(id);
        return last == null ? ResponseEntity.noContent().build() : ResponseEntity.ok(last);
    }

    @DeleteMapping("/api/projects/{id}/versions/{batch}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable String id, @PathVariable UUID batch) {
        exports.cancelBatch(id, batch);
    }

    /** All files that are there, and a list of them as comma-separated values. */
    @GetMapping("/api/projects/{id}/versions/{batch}/files")
    ResponseEntity<StreamingResponseBody> files(@PathVariable String id, @PathVariable UUID batch) {
        List<ExportEntity> made = exports.ordered(id, batch).stream()
                .filter(export -> export.fileId != null)
                .toList();
        StreamingResponseBody body = out -> {
            try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
                // Films do not become smaller.
                zip.setLevel(0);
                StringBuilder list = new StringBuilder("file,version,format,frames,sha256\r\n");
                for (ExportEntity export : made) {
                    StoredFile file = files.find(export.fileId);
                    zip.putNextEntry(new ZipEntry(export.fileName));
                    files.copy(export.fileId, zip);
                    list.append(quoted(export.fileName))
                            .append(',')
                            .append(export.rowId)
                            .append(',')
                            .append(quoted(export.format))
                            .append(',')
                            .append(export.total)
                            .append(',')
                            .append(file.sha256())
                            .append("\r\n");
                }
                zip.putNextEntry(new ZipEntry("files.csv"));
                zip.write(list.toString().getBytes(StandardCharsets.UTF_8));
            }
        };
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

    /** As RFC 4180 has it. */
    private static String quoted(String text) {
        return '"' + text.replace("\"", "\"\"") + '"';
    }
}
