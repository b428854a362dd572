package knollwind.server.export;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import knollwind.paint.ExportKind;
import knollwind.paint.Frames;
import knollwind.server.files.FileStore;
import knollwind.server.worker.Workers;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Splits long films where there are several who take work, and keeps what they make of the pieces. */
@Component
class Stretches {
    /** Frames: a piece that is shorter spends more on its beginning than it saves. */
    static final int LEAST = 240;

    /** Each gets about so many, so that one who is slow does not keep the film waiting. */
    private static final int EACH = 2;

    private final StretchRepository stretches;
    private final ExportRepository exports;
    private final FileStore files;
    private final RenderQueue queue;
    private final Workers workers;

    Stretches(
            StretchRepository stretches,
            ExportRepository exports,
            FileStore files,
            RenderQueue queue,
            Workers workers) {
        this.stretches = stretches;
        this.exports = exports;
        this.files = files;
        this.queue = queue;
        this.workers = workers;
    }

    /**
     * The pieces of a film.
     *
     * @param takers how many take work
     * @return one where it is better made whole
     */
    static List<Frames> pieces(Frames all, int takers) {
        int count = takers < 2 ? 1 : Math.max(1, Math.min(all.count() / LEAST, takers * EACH));
        return IntStream.range(0, count)
                .mapToObj(i -> new Frames(
                        all.from() + (int) ((long) all.count() * i / count),
                        all.from() + (int) ((long) all.count() * (i + 1) / count)))
                .toList();
    }

    /**
     * Splits a painting, if it is long and there are several to make it.
     *
     * @return whether it is in pieces now
     */
    @Transactional
    public boolean split(Claim claim, Frames all) {
        List<Frames> pieces = pieces(all, workers.living());
        if (pieces.size() == 1) {
            return false;
        }
        for (Frames piece : pieces) {
            StretchEntity stretch = new StretchEntity();
            stretch.id = UUID.randomUUID();
            stretch.painting = claim.painting();
            stretch.firstFrame = piece.from();
            stretch.endFrame = piece.to();
            stretch.state = ExportEntity.QUEUED;
            stretch.files = Map.of();
            stretches.save(stretch);
            queue.put(RenderQueue.Work.STRETCH, stretch.id, claim.first().priority);
        }
        return true;
    }

    /** Begins one; null where it is not wanted any more. */
    @Transactional
    public StretchEntity begin(UUID id) {
        StretchEntity stretch = stretches.held(id).orElse(null);
        if (stretch == null || stretch.state.equals(ExportEntity.DONE)) {
            return null;
        }
        stretch.state = ExportEntity.RUNNING;
        stretch.attempts++;
        stretch.claim = UUID.randomUUID();
        stretch.worker = workers.name();
        stretch.done = 0;
        return stretch;
    }

    /** Takes the files of one, if nobody has begun it anew; the last one sends the film to be joined. */
    @Transactional
    public void deliver(StretchEntity begun, Map<ExportKind, Path> made) {
        // The exports first, in the order in which all take them: two that come last at once see each other.
        List<ExportEntity> wanted = exports.held(begun.painting);
        StretchEntity stretch = stretches.held(begun.id).orElse(null);
        if (stretch == null || !begun.claim.equals(stretch.claim) || !stretch.state.equals(ExportEntity.RUNNING)) {
            return;
        }
        Map<ExportKind, UUID> kept = new EnumMap<>(ExportKind.class);
        made.forEach((kind, file) -> {
            try {
                kept.put(
                        kind,
                        files.keep(file, stretch.id + "." + kind.extension(), kind.mediaType())
                                .id());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
        stretch.files = kept;
        stretch.state = ExportEntity.DONE;
        stretch.done = stretch.endFrame - stretch.firstFrame;
        stretches.flush();
        if (stretches.findByPaintingOrderByFirstFrame(stretch.painting).stream()
                .allMatch(one -> one.state.equals(ExportEntity.DONE))) {
            queue.put(RenderQueue.Work.JOIN, stretch.painting, wanted.get(0).priority);
        }
    }

    /** One who leaves puts back what it has begun, as if it had not. */
    @Transactional
    public void putBack(StretchEntity begun) {
        stretches
                .held(begun.id)
                .filter(stretch -> begun.claim.equals(stretch.claim) && stretch.state.equals(ExportEntity.RUNNING))
                .ifPresent(stretch -> {
                    stretch.state = ExportEntity.QUEUED;
                    stretch.attempts--;
                    stretch.worker = null;
                    stretch.done = 0;
                });
    }

    /** Takes the pieces of a painting away. */
    @Transactional
    public void clear(UUID painting) {
        List<StretchEntity> all = stretches.findByPaintingOrderByFirstFrame(painting);
        try {
            for (StretchEntity stretch : all) {
                files.remove(stretch.files.values());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        stretches.deleteAll(all);
    }

    List<StretchEntity> of(UUID painting) {
        return stretches.findByPaintingOrderByFirstFrame(painting);
    }

    /** Whether nobody has begun one anew or given it up. */
    boolean isHeld(StretchEntity begun) {
        return stretches.isHeldBy(begun.id, begun.claim);
    }

    void progress(StretchEntity begun, int done) {
        stretches.progress(begun.id, begun.claim, done);
        exports.progressOfStretches(begun.painting);
    }
}
