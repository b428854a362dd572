package knollwind.server.export;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import knollwind.core.filling.UsedFiles;
import knollwind.core.type.FontFamily;
import knollwind.core.type.FontLibrary;
import knollwind.paint.ExportJob;
import knollwind.paint.ExportKind;
import knollwind.server.Settings;
import knollwind.server.events.ChangeFeed;
import knollwind.server.files.FileStore;
import knollwind.server.files.Films;
import knollwind.server.files.Pictures;
import knollwind.server.files.Sounds;
import knollwind.server.files.StoredFile;
import knollwind.server.font.OwnFonts;
import knollwind.server.project.ProjectStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.FileSystemUtils;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Carries out the exports of one painting: renders in a child process, then puts files and outcomes into the database together. */
@Component
class ExportTask {
    private static final Logger LOG = LoggerFactory.getLogger(ExportTask.class);

    /** Four times a second: a bar that moves, and few writes. */
    private static final long REPORT_EVERY_NS = 250_000_000;

    /** A machine that is switched off now and then is forgiven; a scene that ends its process is not tried for ever. */
    private static final int MOST_ATTEMPTS = 4;

    private final ExportRepository exports;
    private final FileStore files;
    private final TransactionTemplate transactions;
    private final Settings settings;
    private final OwnFonts fonts;
    private final Pictures pictures;
    private final Films films;
    private final Sounds sounds;
    private final FontLibrary library;
    private final ProjectStore projects;
    private final ChangeFeed feed;

    ExportTask(
            ExportRepository exports,
            FileStore files,
            TransactionTemplate transactions,
            Settings settings,
            OwnFonts fonts,
            Pictures pictures,
            Films films,
            Sounds sounds,
            FontLibrary library,
            ProjectStore projects,
            ChangeFeed feed) {
        this.exports = exports;
        this.files = files;
        this.transactions = transactions;
        this.settings = settings;
        this.fonts = fonts;
        this.pictures = pictures;
        this.films = films;
        this.sounds = sounds;
        this.library = library;
        this.projects = projects;
        this.feed = feed;
    }

    /** Makes the exports of a painting; those that are over already are left alone, so that a repeated call does no harm. */
    void run(UUID painting) {
        List<ExportEntity> left = exports.findByPaintingOrderByCreatedAt(painting).stream()
                .filter(export -> !export.isOver())
                .toList();
        if (left.isEmpty()) {
            return;
        }
        String project = left.get(0).projectId;
        // What is not delivered, cancelled or failed yet.
        Set<UUID> going = left.stream().map(export -> export.id).collect(Collectors.toCollection(LinkedHashSet::new));
        Path folder = settings.work().resolve("export-" + painting);
        if (left.get(0).attempts >= MOST_ATTEMPTS) {
            finish(
                    going,
                    ExportEntity.FAILED,
                    "The export was broken off " + MOST_ATTEMPTS + " times and is given up.");
            clear(folder);
            return;
        }
        exports.begin(going);
        feed.tell(ChangeFeed.Topic.EXPORTS, project);
        try {
            Files.createDirectories(folder);
            ObjectNode job = (ObjectNode) DocumentJson.tree(left.get(0).job);
            job.set("project", document(left.get(0), job));
            UsedFiles used = UsedFiles.of(DocumentJson.read(job.get("project")));
            Map<UUID, ExportKind> kinds = new LinkedHashMap<>();
            left.forEach(export -> kinds.put(export.id, kind(export)));
            Map<ExportKind, String> also = new LinkedHashMap<>();
            kinds.values().forEach(kind -> also.put(kind, file(folder, kind).toString()));
            job.put("file", also.remove(kinds.get(left.get(0).id)));
            job.set("also", DocumentJson.tree(also));
            job.set("pictures", DocumentJson.tree(pictures(used, folder)));
            job.set("sounds", DocumentJson.tree(sounds(used, folder)));
            job.put("falls", settings.falls().toString());
            job.set("fonts", DocumentJson.tree(fonts(used, folder)));
            long[] reported = {0};
            RenderProcess.Outcome outcome = RenderProcess.run(
                    DocumentJson.MAPPER.writeValueAsString(job), () -> isCancelled(going), (done, total) -> {
                        if (done == total || System.nanoTime() - reported[0] > REPORT_EVERY_NS) {
                            reported[0] = System.nanoTime();
                            exports.progress(going, done, total);
                            feed.tell(ChangeFeed.Topic.EXPORTS, project);
                        }
                    });
            if (!outcome.done()) {
                finish(going, outcome.cancelled() ? ExportEntity.CANCELLED : ExportEntity.FAILED, outcome.message());
            }
            for (UUID id : List.copyOf(going)) {
                deliver(id, file(folder, kinds.get(id)), kinds.get(id));
                going.remove(id);
            }
        } catch (IOException e) {
            LOG.warn("Export {} failed", painting, e);
            finish(going, ExportEntity.FAILED, "The file could not be written: " + e.getMessage());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } finally {
            clear(folder);
        }
    }

    /** What is made. An export that was ordered before an update is of the version of that time. */
    private JsonNode document(ExportEntity export, ObjectNode job) {
        if (export.rowId == null) {
            return Upgrades.upgraded(job.get("project"));
        }
        JsonNode state = Upgrades.upgraded(
                projects.load(export.projectId, export.revision).document());
        return DocumentJson.tree(ExportService.read(state, export.rowId));
    }

    private static ExportKind kind(ExportEntity export) {
        return DocumentJson.read(DocumentJson.tree(export.job).get("kind"), ExportKind.class);
    }

    private static Path file(Path folder, ExportKind kind) {
        return folder.resolve("out." + kind.extension());
    }

    /** True once all are asked to stop; while others go on, one that is asked is over at once and gets no file. */
    private boolean isCancelled(Set<UUID> going) {
        for (UUID id : exports.cancelAsked(going)) {
            if (going.size() == 1) {
                return true;
            }
            finish(new HashSet<>(Set.of(id)), ExportEntity.CANCELLED, "");
            going.remove(id);
        }
        return false;
    }

    /** Writes the faces that the job's words name beside the file to come. */
    private List<ExportJob.FontOnDisk> fonts(UsedFiles used, Path folder) throws IOException {
        List<ExportJob.FontOnDisk> written = new ArrayList<>();
        for (FontFamily family : library.families()) {
            if (family.kind().equals(FontLibrary.OWN) && used.families().contains(family.name())) {
                Path font = folder.resolve(family.sha256() + ".font");
                Files.write(font, fonts.content(family.sha256()).orElseThrow());
                written.add(new ExportJob.FontOnDisk(family.name(), library.indexOf(family.name()), font.toString()));
            }
        }
        return written;
    }

    /** Writes the pictures and films that the job shows beside the file to come. */
    private Map<String, String> pictures(UsedFiles used, Path folder) throws IOException {
        Map<String, String> written = new HashMap<>();
        for (String sha256 : used.films().keySet()) {
            Optional<Films.Kept> film = films.find(sha256);
            if (film.isPresent()) {
                Path frames = folder.resolve(sha256);
                films.unpack(film.get(), frames);
                written.put(sha256, frames.toString());
            }
        }
        for (String sha256 : used.pictures().keySet()) {
            Optional<byte[]> picture = pictures.content(sha256);
            if (picture.isPresent()) {
                Path file = folder.resolve(sha256 + ".png");
                Files.write(file, picture.get());
                written.put(sha256, file.toString());
            }
        }
        return written;
    }

    /** Writes the samples of the sounds that are heard with the job beside the file to come. */
    private Map<String, String> sounds(UsedFiles used, Path folder) throws IOException {
        Map<String, String> written = new HashMap<>();
        for (String sha256 : used.sounds().keySet()) {
            Optional<Sounds.Kept> sound = sounds.find(sha256);
            if (sound.isPresent()) {
                Path samples = folder.resolve(sha256 + ".samples");
                sounds.unpack(sound.get(), samples);
                written.put(sha256, samples.toString());
            }
        }
        return written;
    }

    private void deliver(UUID id, Path file, ExportKind kind) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            transactions.executeWithoutResult(status -> {
                try {
                    StoredFile stored = files.store(in, kind.mediaType(), Long.MAX_VALUE);
                    ExportEntity export = exports.findById(id).orElseThrow();
                    export.fileId = stored.id();
                    export.state = ExportEntity.DONE;
                    export.done = export.total;
                    export.finishedAt = Instant.now();
                    feed.tell(ChangeFeed.Topic.EXPORTS, export.projectId);
                } catch (IOException e) {
                    throw new java.io.UncheckedIOException(e);
                }
            });
        } catch (java.io.UncheckedIOException e) {
            throw e.getCause();
        }
    }

    /** Ends exports; then none of them goes on. */
    private void finish(Set<UUID> ended, String state, String message) {
        transactions.executeWithoutResult(status -> exports.findAllById(ended).forEach(export -> {
            export.state = state;
            export.message = message.length() > 8000 ? message.substring(0, 8000) : message;
            export.finishedAt = Instant.now();
            feed.tell(ChangeFeed.Topic.EXPORTS, export.projectId);
        }));
        ended.clear();
    }

    private static void clear(Path folder) {
        try {
            if (Files.exists(folder)) {
                FileSystemUtils.deleteRecursively(folder);
            }
        } catch (IOException e) {
            LOG.warn("Could not clear {}", folder, e);
        }
    }
}
