package knollwind.server.watch;

import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What changes in a project, told as it happens. */
@RestController
@ConditionalOnWebApplication
class WatchController {
    private final ProjectStreams streams;

    WatchController(ProjectStreams streams) {
        this.streams = streams;
    }

    /**
     * Server-sent events: {@code revision}, the number of the newest revision, and {@code exports}, the list of exports; both at
     * once and again whenever they change.
     */
    @GetMapping(value = "/api/projects/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable String id) {
        return streams.open(id);
    }
}
