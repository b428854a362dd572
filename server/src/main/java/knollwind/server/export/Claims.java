package knollwind.server.export;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import knollwind.paint.ExportKind;
import knollwind.server.events.ChangeFeed;
import knollwind.server.files.FileStore;
import knollwind.server.worker.Workers;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Gives and checks claims. The check and what it guards are one transaction that holds the rows, so one that was taken for dead and
 * comes back delivers nothing: what it began has been begun anew under another claim.
 */
@Component
class Claims {
    private final ExportRepository exports;
    private final FileStore files;
    private final Stretches stretches;
    private final Workers workers;
    private final ChangeFeed feed;

    Claims(ExportRepository exports, FileStore files, Stretches stretches, Workers workers, ChangeFeed feed) {
        this.exports = exports;
        this.files = files;
        this.stretches = stretches;
        this.workers = workers;
        this.feed = feed;
    }

    /**
     * Begins a painting.
     *
     * @param joins whether its stretches are joined, of which the frames are done
     * @return null where nothing is wanted of it any more
     */
    @Transactional
    public Claim begin(UUID painting, boolean joins) {
        // It is in pieces, and these are on their way: whoever split it was broken off before the queue knew.
        if (!joins && !stretches.of(painting).isEmpty()) {
            return null;
        }
        UUID token = UUID.randomUUID();
        List<ExportEntity> wanted = exports.held(painting).stream()
                .filter(export -> export.state.equals(ExportEntity.QUEUED) || export.state.equals(ExportEntity.RUNNING))
                .toList();
        for (ExportEntity export : wanted) {
            export.state = ExportEntity.RUNNING;
            export.attempts++;
            export.claim = token;
            export.worker = workers.name();
            export.done = joins ? export.done : 0;
            export.startedAt = joins ? export.startedAt : Instant.now();
        }
        tell(wanted);
        return wanted.isEmpty() ? null : new Claim(painting, token, wanted);
    }

    /** Takes the files of those that are still wanted under this claim; the others are not kept. */
    @Transactional
    public void deliver(Claim claim, Map<ExportKind, Path> made) {
        ended(claim, export -> {
            ExportKind kind = OrderedJobs.kind(export);
            try {
                export.fileId = files.keep(made.get(kind), export.id + "." + kind.extension(), kind.mediaType())
                        .id();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            export.state = ExportEntity.DONE;
            export.done = export.total;
        });
    }

    /** Ends all that is still wanted under this claim. */
    @Transactional
    public void finish(Claim claim, String state, String message) {
        ended(claim, export -> {
            export.state = state;
            export.message = ExportEntity.cut(message);
        });
    }

    private void ended(Claim claim, Consumer<ExportEntity> how) {
        List<ExportEntity> held = own(claim);
        for (ExportEntity export : held) {
            how.accept(export);
            export.finishedAt = Instant.now();
        }
        if (!held.isEmpty()) {
            stretches.clear(claim.painting());
        }
        tell(held);
    }

    /** One who leaves puts back what it has begun, as if it had not. */
    @Transactional
    public void putBack(Claim claim) {
        List<ExportEntity> held = own(claim);
        for (ExportEntity export : held) {
            export.state = ExportEntity.QUEUED;
            export.attempts--;
            export.worker = null;
            export.done = 0;
        }
        tell(held);
    }

    private List<ExportEntity> own(Claim claim) {
        return exports.held(claim.painting()).stream()
                .filter(export -> claim.token().equals(export.claim) && export.state.equals(ExportEntity.RUNNING))
                .toList();
    }

    /**
     * Whether nothing is wanted under this claim any more. Of several kinds, one that is asked to stop is over at once while the others
     * go on.
     */
    @Transactional
    public boolean isOver(Claim claim) {
        List<ExportEntity> going = exports.findByPaintingOrderByCreatedAt(claim.painting()).stream()
                .filter(export -> claim.token().equals(export.claim) && export.state.equals(ExportEntity.RUNNING))
                .toList();
        List<ExportEntity> asked =
                going.stream().filter(export -> export.cancelAsked).toList();
        if (asked.size() == going.size()) {
            return true;
        }
        for (ExportEntity export : asked) {
            export.state = ExportEntity.CANCELLED;
            export.finishedAt = Instant.now();
        }
        tell(asked);
        return false;
    }

    private void tell(List<ExportEntity> changed) {
        changed.stream()
                .map(export -> export.projectId)
                .distinct()
                .forEach(project -> feed.tell(ChangeFeed.Topic.EXPORTS, project));
    }
}
