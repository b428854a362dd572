package knollwind.server.export;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import java.util.function.IntConsumer;
import knollwind.core.document.DocumentJson;
import knollwind.paint.ExportException;
import knollwind.paint.ExportKind;
import knollwind.paint.Frames;
import knollwind.paint.JoinedPart;
import knollwind.server.Settings;
import knollwind.server.events.ChangeFeed;
import knollwind.server.files.FileStore;
import knollwind.server.worker.Workers;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;
import tools.jackson.databind.node.ObjectNode;

/**
 * Carries out what lies in the queue: a painting, a stretch of one, or the joining of its stretches. What has been made comes into the
 * database together with its outcome, and only under the claim that was given at the beginning.
 */
@Component
class ExportTask {
    private static final Logger LOG = LoggerFactory.getLogger(ExportTask.class);

    /** A machine that is switched off now and then is forgiven; a scene that ends its process is not tried for ever. */
    private static final int MOST_ATTEMPTS = 4;

    private final Claims claims;
    private final Stretches stretches;
    private final ExportRepository exports;
    private final Renderer renderer;
    private final JobFiles jobFiles;
    private final FileStore files;
    private final OrderedJobs jobs;
    private final Workers workers;
    private final Settings settings;
    private final ChangeFeed feed;

    ExportTask(
            Claims claims,
            Stretches stretches,
            ExportRepository exports,
            Renderer renderer,
            JobFiles jobFiles,
            FileStore files,
            OrderedJobs jobs,
            Workers workers,
            Settings settings,
            ChangeFeed feed) {
        this.claims = claims;
        this.stretches = stretches;
        this.exports = exports;
        this.renderer = renderer;
        this.jobFiles = jobFiles;
        this.files = files;
        this.jobs = jobs;
        this.workers = workers;
        this.settings = settings;
        this.feed = feed;
    }

    /** Makes the exports of a painting, or splits it; those that are over already are left alone, so that a repeated call does no harm. */
    void render(UUID painting) throws InterruptedException {
        Claim claim = claims.begin(painting, false);
        if (claim == null) {
            return;
        }
        if (claim.first().attempts > MOST_ATTEMPTS) {
            giveUp(claim);
            return;
        }
        work(claim, folder -> {
            ObjectNode job = jobs.of(claim.first());
            if (!claim.exports().stream()
                            .allMatch(export -> OrderedJobs.kind(export).isStill())
                    && stretches.split(claim, OrderedJobs.frames(job))) {
                return;
            }
            Map<ExportKind, Path> made = made(claim.exports(), folder);
            Renderer.Outcome outcome = run(
                    claim.first().fileName,
                    job,
                    made,
                    folder,
                    claim.first().total,
                    () -> claims.isOver(claim),
                    told(claim.first(), done -> exports.progress(painting, claim.token(), done)));
            conclude(claim, outcome, made);
        });
    }

    /** Makes the picture of a stretch. */
    void stretch(UUID id) throws InterruptedException {
        StretchEntity stretch = stretches.begin(id);
        if (stretch == null) {
            return;
        }
        List<ExportEntity> wanted = exports.findByPaintingOrderByCreatedAt(stretch.painting).stream()
                .filter(export -> export.state.equals(ExportEntity.RUNNING))
                .toList();
        if (wanted.isEmpty()) {
            return;
        }
        Claim whole = new Claim(stretch.painting, wanted.get(0).claim, wanted);
        if (stretch.attempts > MOST_ATTEMPTS) {
            giveUp(whole);
            return;
        }
        Path folder = folder(stretch.claim);
        try {
            Files.createDirectories(folder);
            Frames frames = new Frames(stretch.firstFrame, stretch.endFrame);
            ObjectNode job = jobs.of(whole.first());
            job.set("stretch", DocumentJson.tree(frames));
            job.put("bare", true);
            Map<ExportKind, Path> made = made(wanted, folder);
            Renderer.Outcome outcome = run(
                    whole.first().fileName + ", frames " + frames.from() + " to " + frames.to(),
                    job,
                    made,
                    folder,
                    frames.count(),
                    () -> claims.isOver(whole) || !stretches.isHeld(stretch),
                    told(whole.first(), done -> stretches.progress(stretch, done)));
            if (outcome.done()) {
                Patience.wait(() -> stretches.deliver(stretch, made));
            } else if (stretches.isHeld(stretch)) {
                conclude(whole, outcome, made);
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            fail(whole, e);
        } catch (InterruptedException e) {
            Thread.interrupted();
            stretches.putBack(stretch);
            throw e;
        } finally {
            workers.doing("");
            clear(folder);
        }
    }

    /** Joins the stretches of a painting. */
    void join(UUID painting) throws InterruptedException {
        Claim claim = claims.begin(painting, true);
        if (claim == null) {
            return;
        }
        work(claim, folder -> {
            ObjectNode job = jobs.of(claim.first());
            Map<ExportKind, Path> made = made(claim.exports(), folder);
            Map<ExportKind, List<JoinedPart>> parts = new EnumMap<>(ExportKind.class);
            for (StretchEntity stretch : stretches.of(painting)) {
                for (ExportKind kind : made.keySet()) {
                    Path file = folder.resolve(stretch.id + "." + kind.extension());
                    try (var out = Files.newOutputStream(file)) {
                        files.copy(stretch.files.get(kind), out);
                    }
                    parts.computeIfAbsent(kind, any -> new ArrayList<>())
                            .add(new JoinedPart(file.toString(), stretch.endFrame - stretch.firstFrame));
                }
            }
            job.set("parts", DocumentJson.tree(parts));
            Renderer.Outcome outcome = run(
                    claim.first().fileName + ", joined", job, made, folder, 0, () -> claims.isOver(claim), done -> {});
            conclude(claim, outcome, made);
        });
    }

    /** Work in a folder of its own. */
    private interface Work {
        void in(Path folder) throws IOException, InterruptedException;
    }

    private void work(Claim claim, Work work) throws InterruptedException {
        Path folder = folder(claim.token());
        try {
            Files.createDirectories(folder);
            work.in(folder);
        } catch (IOException | UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            fail(claim, e);
        } catch (InterruptedException e) {
            // Its database call would be broken off.
            Thread.interrupted();
            claims.putBack(claim);
            throw e;
        } finally {
            workers.doing("");
            clear(folder);
        }
    }

    private Renderer.Outcome run(
            String called,
            ObjectNode job,
            Map<ExportKind, Path> made,
            Path folder,
            int frames,
            BooleanSupplier over,
            IntConsumer progress)
            throws IOException, InterruptedException {
        workers.doing(called);
        long began = System.nanoTime();
        Map<ExportKind, String> also = new EnumMap<>(ExportKind.class);
        made.forEach((kind, file) -> also.put(kind, file.toString()));
        ExportKind first = made.keySet().iterator().next();
        job.set("kind", DocumentJson.tree(first));
        job.put("file", also.remove(first));
        job.set("also", DocumentJson.tree(also));
        jobFiles.lay(job, folder);
        return renderer.run(
                DocumentJson.MAPPER.writeValueAsString(job),
                Seldom.asked(() -> Patience.now(over::getAsBoolean, false)),
                done -> {
                    workers.isAt(called + left(done, frames, System.nanoTime() - began));
                    progress.accept(done);
                });
    }

    /** Writes how far an export is, and lets its page know. */
    private IntConsumer told(ExportEntity export, IntConsumer written) {
        return Seldom.told(
                export.total,
                done -> Patience.now(
                        () -> {
                            written.accept(done);
                            feed.tell(ChangeFeed.Topic.EXPORTS, export.projectId);
                            return true;
                        },
                        false));
    }

    /** How far it is, and how long it still takes at this pace. */
    private static String left(int done, int frames, long nanos) {
        long seconds = Math.round(nanos / 1e9 / Math.max(1, done) * (frames - done));
        return ", " + done + " of " + frames + " frames, about " + Math.max(1, seconds) + " s more";
    }

    private void conclude(Claim claim, Renderer.Outcome outcome, Map<ExportKind, Path> made)
            throws InterruptedException {
        if (outcome.done()) {
            Patience.wait(() -> claims.deliver(claim, made));
        } else {
            String state = outcome.cancelled() ? ExportEntity.CANCELLED : ExportEntity.FAILED;
            String message = named(outcome.message());
            Patience.wait(() -> claims.finish(claim, state, message));
        }
    }

    private void fail(Claim claim, Exception e) throws InterruptedException {
        LOG.warn("The painting {} failed", claim.painting(), e);
        String message = e instanceof IllegalArgumentException
                ? e.getMessage()
                : ExportException.unwritten(
                                e instanceof UncheckedIOException unchecked
                                        ? unchecked.getCause()
                                        : new IOException(e.getMessage(), e))
                        .getMessage();
        Patience.wait(() -> claims.finish(claim, ExportEntity.FAILED, named(message)));
    }

    /** A full disk says whose it is. */
    private String named(String message) {
        return message.replaceFirst("^The disk is full", "The disk of " + workers.name() + " is full");
    }

    private void giveUp(Claim claim) throws InterruptedException {
        Patience.wait(() -> claims.finish(
                claim, ExportEntity.FAILED, "The export was broken off " + MOST_ATTEMPTS + " times and is given up."));
    }

    private static Map<ExportKind, Path> made(List<ExportEntity> wanted, Path folder) {
        Map<ExportKind, Path> made = new EnumMap<>(ExportKind.class);
        wanted.forEach(export -> made.put(
                OrderedJobs.kind(export),
                folder.resolve("out." + OrderedJobs.kind(export).extension())));
        return made;
    }

    /** Of this claim alone, so that two on one machine do not meet in it. */
    private Path folder(UUID claim) {
        return settings.work().resolve("export-" + claim);
    }

    private static void clear(Path folder) {
        try {
            FileSystemUtils.deleteRecursively(folder);
        } catch (IOException e) {
            LOG.warn("Could not clear {}", folder, e);
        }
    }
}
