package knollwind.server.export;

import jakarta.validation.Valid;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import knollwind.server.files.Downloads;
import knollwind.server.files.FileStore;
import knollwind.server.project.MissingException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Exports: ordering, watching, cancelling, fetching. */
@RestController
class ExportController {
    private static final long WATCH_EVERY_MS = 300;
    private static final long WATCH_FOR_MS = 3_600_000;

    private final ExportService exports;
    private final FileStore files;
    private final Downloads downloads;
    private final ScheduledExecutorService watcher = Executors.newSingleThreadScheduledExecutor(runnable -> {
        Thread thread = new Thread(runnable, "export-watch");
        thread.setDaemon(true);
        return thread;
    });

    ExportController(ExportService exports, FileStore files, Downloads downloads) {
        this.exports = exports;
        this.files = files;
        this.downloads = downloads;
    }

    @PostMapping("/api/projects/{id}/exports")
    @ResponseStatus(HttpStatus.CREATED)
    ExportView order(@PathVariable String id, @Valid @RequestBody ExportOrder order) {
        return exports.order(id, order);
    }

    @GetMapping("/api/projects/{id}/exports")
    List<ExportView> list(@PathVariable String id) {
        return exports.list(id);
    }

    /**
     * Tells of the project's exports whenever one has changed. The database is asked, not this process: the export may be
     * made by another machine.
     */
    @GetMapping(value = "/api/projects/{id}/exports/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable String id) {
        SseEmitter emitter = new SseEmitter(WATCH_FOR_MS);
        AtomicReference<List<ExportView>> last = new AtomicReference<>();
        AtomicReference<ScheduledFuture<?>> watching = new AtomicReference<>();
        Runnable look = () -> {
            try {
                List<ExportView> now = exports.list(id);
                if (!now.equals(last.getAndSet(now))) {
                    emitter.send(SseEmitter.event().name("exports").data(now, MediaType.APPLICATION_JSON));
                }
            } catch (IOException | RuntimeException e) {
                watching.get().cancel(false);
                emitter.complete();
            }
        };
        watching.set(watcher.scheduleWithFixedDelay(look, 10, WATCH_EVERY_MS, TimeUnit.MILLISECONDS));
        emitter.onCompletion(() -> watching.get().cancel(false));
        emitter.onTimeout(emitter::complete);
        return emitter;
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
