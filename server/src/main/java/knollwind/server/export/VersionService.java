package knollwind.server.export;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import knollwind.core.filling.FieldText;
import knollwind.core.filling.FileNames;
import knollwind.core.filling.Versions;
import knollwind.core.scene.Field;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Table;
import knollwind.paint.ExportKind;
import knollwind.server.events.ChangeFeed;
import knollwind.server.files.FileStore;
import knollwind.server.project.ProjectStore;
import knollwind.server.worker.Workers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Takes orders for versions, and lets them wait, go on, be tried again or come first. */
@Service
class VersionService {
    private final ExportService exports;
    private final ExportRepository repository;
    private final ProjectStore projects;
    private final RenderQueue queue;
    private final Stretches stretches;
    private final Workers workers;
    private final ChangeFeed feed;

    VersionService(
            ExportService exports,
            ExportRepository repository,
            ProjectStore projects,
            RenderQueue queue,
            Stretches stretches,
            Workers workers,
            ChangeFeed feed) {
        this.exports = exports;
        this.repository = repository;
        this.projects = projects;
        this.queue = queue;
        this.stretches = stretches;
        this.workers = workers;
        this.feed = feed;
    }

    /**
     * Orders versions, each in each format. All are of the newest state; later edits do not touch them.
     *
     * @throws IllegalArgumentException when two files would be called alike, or there is nothing to make
     */
    @Transactional
    public MadeVersions make(String projectId, VersionOrder wanted) {
        ProjectStore.Saved saved = projects.load(projectId);
        JsonNode document = Upgrades.upgraded(saved.document());
        Project project = DocumentJson.read(document);
        Table table = project.versions();
        List<Row> rows = wanted.rows().isEmpty()
                ? table.rows()
                : wanted.rows().stream().map(table::row).toList();
        Scene scene = project.scene(wanted.order().scene());
        List<Format> formats = wanted.formats().isEmpty()
                ? scene.formats()
                : wanted.formats().stream().map(scene::format).toList();
        if (rows.isEmpty()) {
            throw new IllegalArgumentException("there are no versions to make; fill in a row of the table first");
        }
        FileNames called = new FileNames(project);
        Map<String, String> names = new HashMap<>();
        Set<String> there = wanted.changed() ? repository.madeOf(projectId) : Set.of();
        UUID batch = UUID.randomUUID();
        int count = 0;
        for (Row row : rows) {
            Project version =
                    Versions.of(document, project, row, DocumentJson::read).project();
            for (Format format : formats) {
                String name = called.of(row, format.name());
                String other = names.put(name.toLowerCase(Locale.ROOT), called.number(row));
                if (other != null) {
                    throw new IllegalArgumentException("the files of row " + other + " and of row "
                            + called.number(row) + " would both be called \u201c" + name
                            + "\u201d; put a field that is other in each into the names");
                }
                String content = content(version, scene.id(), format.id());
                for (ExportOrder order : paintings(wanted.order())) {
                    ExportPlan plan = ExportPlan.of(version, order.of(row.id(), format.id(), saved.revision()));
                    var of = new ExportService.VersionOf(
                            batch, kind -> sha256(content + DocumentJson.MAPPER.writeValueAsString(plan.job(kind))));
                    if (!plan.kinds().stream()
                            .allMatch(kind -> there.contains(of.madeOf().apply(kind)))) {
                        count += exports.queue(projectId, plan, of, kind -> name + "." + kind.extension())
                                .size();
                    }
                }
            }
        }
        if (count == 0) {
            throw new IllegalArgumentException("nothing has changed since it was made last");
        }
        feed.tell(ChangeFeed.Topic.EXPORTS, projectId);
        return new MadeVersions(batch.toString(), count);
    }

    /**
     * Orders one version that is in no table.
     *
     * @throws IllegalArgumentException when a value is of no field or does not fit, with all reasons
     */
    @Transactional
    public ExportView one(OneVersion wanted) {
        ProjectStore.Saved saved = projects.load(wanted.template());
        JsonNode document = Upgrades.upgraded(saved.document());
        Project project = DocumentJson.read(document);
        Row row = row(project, wanted.values());
        Versions.Version version = Versions.of(document, project, row, DocumentJson::read);
        if (!version.unfit().isEmpty()) {
            throw new IllegalArgumentException(
                    version.unfit().stream().map(Versions.Unfit::reason).collect(Collectors.joining("; ")));
        }
        Scene scene = wanted.scene() == null ? project.ownScenes().get(0) : project.scene(wanted.scene());
        Format format = wanted.format() == null ? scene.formats().get(0) : scene.format(wanted.format());
        ExportOrder order = new ExportOrder(
                scene.id(),
                format.id(),
                wanted.kind(),
                List.of(),
                wanted.frame() == null ? scene.length() / 2 : wanted.frame(),
                wanted.transparent(),
                false,
                null,
                null,
                null,
                null);
        String name = new FileNames(project).of(row, format.name());
        ExportEntity export = exports.queue(
                        saved.id(),
                        ExportPlan.of(version.project().withTable(null), order),
                        null,
                        kind -> name + "." + kind.extension())
                .get(0);
        feed.tell(ChangeFeed.Topic.EXPORTS, saved.id());
        return ExportService.view(export);
    }

    private static Row row(Project project, Map<String, JsonNode> values) {
        Map<String, JsonNode> cells = new LinkedHashMap<>();
        values.forEach((called, value) -> {
            Field field = project.fields().stream()
                    .filter(one -> one.id().equals(called) || one.name().equalsIgnoreCase(called))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("there is no field \u201c" + called
                            + "\u201d; the project has the fields "
                            + project.fields().stream().map(Field::name).toList()));
            JsonNode cell = value.isString() ? FieldText.read(field, value.stringValue()) : value;
            if (cell != null && !cell.isNull()) {
                cells.put(field.id(), cell);
            }
        });
        return Row.of("asked", cells);
    }

    /** Films are made of one painting, stills each of one of its own. */
    private static List<ExportOrder> paintings(ExportOrder order) {
        List<ExportKind> films =
                order.kinds().stream().filter(kind -> !kind.isStill()).toList();
        List<ExportOrder> paintings = new ArrayList<>();
        if (!films.isEmpty()) {
            paintings.add(order.as(films));
        }
        order.kinds().stream().filter(ExportKind::isStill).forEach(kind -> paintings.add(order.as(List.of(kind))));
        return paintings;
    }

    /** All that the picture of a version in a format is made of. */
    private static String content(Project version, String scene, String format) {
        ObjectNode tree = (ObjectNode) DocumentJson.tree(version);
        tree.remove(List.of("table", "name"));
        for (JsonNode one : tree.get("scenes")) {
            if (one.get("id").asString().equals(scene)) {
                ((ArrayNode) one.get("formats"))
                        .removeIf(other -> !other.get("id").asString().equals(format));
            }
        }
        return tree.toString();
    }

    private static String sha256(String text) {
        return HexFormat.of().formatHex(FileStore.sha256().digest(text.getBytes(StandardCharsets.UTF_8)));
    }

    /** All exports that were ordered together, in the order of their making. */
    @Transactional(readOnly = true)
    public List<ExportEntity> ordered(String projectId, UUID batch) {
        return repository.findByProjectIdAndBatchOrderByCreatedAt(projectId, batch);
    }

    /** How the versions that were ordered last stand; null where there are none. */
    @Transactional(readOnly = true)
    public BatchView last(String projectId) {
        return repository
                .findFirstByProjectIdAndBatchIsNotNullOrderByCreatedAtDesc(projectId)
                .map(last -> ordered(projectId, last.batch))
                .map(all -> BatchView.of(all, secondsLeft(all)))
                .orElse(null);
    }

    /** Until all are made, by those who take work now. */
    private double secondsLeft(List<ExportEntity> all) {
        // Frames are measured by their pixels; the last export of a kind tells how long these take.
        Map<ExportKind, Double> pixels = new EnumMap<>(ExportKind.class);
        int waiting = 0;
        for (ExportEntity export : all) {
            if (export.state.equals(ExportEntity.QUEUED) || export.state.equals(ExportEntity.RUNNING)) {
                waiting++;
                double left = export.pixels * (1 - (double) export.done / Math.max(1, export.total));
                pixels.merge(OrderedJobs.kind(export), left, Double::sum);
            }
        }
        double seconds = waiting * ExportService.START_SECONDS;
        for (Map.Entry<ExportKind, Double> kind : pixels.entrySet()) {
            seconds += exports.seconds(kind.getKey(), kind.getValue()) - ExportService.START_SECONDS;
        }
        return seconds / Math.max(1, workers.living());
    }

    /** What becomes of versions that are not made yet. */
    enum Turn {
        PAUSE,
        RESUME,
        /** Those that failed or were stopped are tried once more. */
        RETRY,
        /** They come before all that others have ordered. */
        FIRST,
        STOP
    }

    /** Gives an order another turn. */
    @Transactional
    public void turn(String projectId, UUID batch, Turn turn) {
        // Held, so that nothing is written over that a worker has just delivered.
        List<ExportEntity> all = repository.heldBatch(projectId, batch);
        switch (turn) {
            case PAUSE -> in(all, ExportEntity.QUEUED).forEach(export -> export.state = ExportEntity.PAUSED);
            case RESUME -> in(all, ExportEntity.PAUSED).forEach(this::again);
            case RETRY ->
                Stream.concat(in(all, ExportEntity.FAILED), in(all, ExportEntity.CANCELLED))
                        .forEach(export -> {
                            stretches.clear(export.painting);
                            export.attempts = 0;
                            export.done = 0;
                            export.message = "";
                            export.cancelAsked = false;
                            export.finishedAt = null;
                            again(export);
                        });
            case FIRST -> {
                short before = (short) (repository.highestPriority() + 1);
                all.stream().filter(export -> !export.isOver()).forEach(export -> {
                    export.priority = before;
                    queue.prefer(export.painting, before);
                    stretches.of(export.painting).forEach(stretch -> queue.prefer(stretch.id, before));
                });
            }
            case STOP -> all.stream().filter(export -> !export.isOver()).forEach(export -> exports.cancel(export.id));
        }
        feed.tell(ChangeFeed.Topic.EXPORTS, projectId);
    }

    private static Stream<ExportEntity> in(List<ExportEntity> all, String state) {
        return all.stream().filter(export -> export.state.equals(state));
    }

    private void again(ExportEntity export) {
        export.state = ExportEntity.QUEUED;
        queue.put(RenderQueue.Work.RENDER, export.painting, export.priority);
    }
}
