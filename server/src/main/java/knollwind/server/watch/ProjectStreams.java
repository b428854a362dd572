package knollwind.server.watch;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import knollwind.server.events.ChangeFeed;
import knollwind.server.export.ExportService;
import knollwind.server.export.ExportView;
import knollwind.server.project.ProjectStore;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The open streams. The database is asked only when something changed, once for each stream of that project. */
@Component
@ConditionalOnWebApplication
class ProjectStreams {
    /** A stream whose page went away is found out by the next of these. */
    private static final long BEAT_SECONDS = 15;

    /** The page opens a stream that has ended anew. */
    private static final long LONGEST_MS = 3_600_000;

    /** One page's stream, and what it was told last. */
    private static final class Stream {
        private final String project;
        private final SseEmitter emitter = new SseEmitter(LONGEST_MS);
        private long revision;
        private List<ExportView> exports;

        private Stream(String project) {
            this.project = project;
        }
    }

    private final ProjectStore projects;
    private final ExportService exports;
    private final Set<Stream> streams = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService teller = Executors.newSingleThreadScheduledExecutor(runnable -> {
        Thread thread = new Thread(runnable, "project-streams");
        thread.setDaemon(true);
        return thread;
    });

    ProjectStreams(ProjectStore projects, ExportService exports, ChangeFeed feed) {
        this.projects = projects;
        this.exports = exports;
        feed.listen(project -> teller.execute(() -> look(project)));
        teller.scheduleWithFixedDelay(this::beat, BEAT_SECONDS, BEAT_SECONDS, TimeUnit.SECONDS);
    }

    /** @throws knollwind.server.project.MissingException for a project that does not exist */
    SseEmitter open(String project) {
        projects.newest(project);
        Stream stream = new Stream(project);
        stream.emitter.onCompletion(() -> streams.remove(stream));
        stream.emitter.onError(fault -> streams.remove(stream));
        stream.emitter.onTimeout(stream.emitter::complete);
        streams.add(stream);
        teller.execute(() -> tell(stream));
        return stream.emitter;
    }

    int count() {
        return streams.size();
    }

    private void look(Optional<String> project) {
        streams.stream()
                .filter(stream -> project.isEmpty() || project.get().equals(stream.project))
                .forEach(this::tell);
    }

    private void tell(Stream stream) {
        try {
            long revision = projects.newest(stream.project);
            if (revision != stream.revision) {
                stream.revision = revision;
                stream.emitter.send(SseEmitter.event().name("revision").data(revision, MediaType.APPLICATION_JSON));
            }
            List<ExportView> now = exports.list(stream.project);
            if (!now.equals(stream.exports)) {
                stream.exports = now;
                stream.emitter.send(SseEmitter.event().name("exports").data(now, MediaType.APPLICATION_JSON));
            }
        } catch (IOException | RuntimeException e) {
            end(stream);
        }
    }

    private void beat() {
        for (Stream stream : streams) {
            try {
                stream.emitter.send(SseEmitter.event().comment(""));
            } catch (IOException | RuntimeException e) {
                end(stream);
            }
        }
    }

    private void end(Stream stream) {
        streams.remove(stream);
        stream.emitter.complete();
    }
}
