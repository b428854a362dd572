package knollwind.server.export;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import knollwind.core.filling.FileNames;
import knollwind.core.filling.Versions;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Row;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Table;
import knollwind.paint.ExportKind;
import knollwind.server.events.ChangeFeed;
import knollwind.server.project.MissingException;
import knollwind.server.project.ProjectStore;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;

/** Takes orders for exports and tells how they stand. */
@Service
public class ExportService {
    /** What a worker takes before its first frame. */
    private static final double START_SECONDS = 1.5;

    /** Seconds a pixel until there is an export to go by. */
    private static final double FIRST_PACE = 15e-9;

    private final ExportRepository exports;
    private final ProjectStore projects;
    private final SchedulerClient queue;
    private final OneTimeTask<Void> task;
    private final ChangeFeed feed;

    ExportService(
            ExportRepository exports,
            ProjectStore projects,
            SchedulerClient renderClient,
            OneTimeTask<Void> renderTask,
            ChangeFeed feed) {
        this.exports = exports;
        this.projects = projects;
        this.queue = renderClient;
        this.task = renderTask;
        this.feed = feed;
    }

    /**
     * Orders exports of a saved state of the document; later edits do not touch them.
     *
     * @return the one of the order's first kind
     */
    @Transactional
    ExportView order(String projectId, ExportOrder order) {
        ExportPlan plan = plan(projectId, order);
        ExportView view = queue(projectId, plan, null, plan::fileName);
        feed.tell(ChangeFeed.Topic.EXPORTS, projectId);
        return view;
    }

    /** Puts what a plan makes into the queue. */
    private ExportView queue(String projectId, ExportPlan plan, UUID batch, Function<ExportKind, String> names) {
        UUID painting = UUID.randomUUID();
        List<ExportEntity> made = new ArrayList<>();
        for (ExportKind kind : plan.kinds()) {
            ExportEntity export = new ExportEntity();
            export.id = UUID.randomUUID();
            export.painting = painting;
            export.projectId = projectId;
            export.fileName = names.apply(kind);
            export.job = DocumentJson.MAPPER.writeValueAsString(plan.job(kind));
            export.rowId = plan.order().row();
            export.revision = plan.order().row() == null ? null : plan.order().revision();
            export.format = plan.format().name();
            export.batch = batch;
            export.state = ExportEntity.QUEUED;
            export.total = plan.frames().count();
            export.pixels = plan.pixels();
            export.message = "";
            export.createdAt = Instant.now();
            made.add(export);
        }
        exports.saveAllAndFlush(made);
        queue.scheduleIfNotExists(task.instance(painting.toString()), Instant.now());
        return view(made.get(0));
    }

    /**
     * What would come out of an order, with the time that it will take judged by the last export of each kind.
     *
     * @throws IllegalArgumentException where it cannot be made
     */
    @Transactional(readOnly = true)
    ExportOutcome outcome(String projectId, ExportOrder order) {
        ExportPlan plan = plan(projectId, order);
        double slowest = plan.kinds().stream()
                .map(kind -> exports.lastPace(DocumentJson.tree(kind).asString(), START_SECONDS))
                .mapToDouble(pace -> pace == null ? FIRST_PACE : pace)
                .max()
                .orElse(FIRST_PACE);
        return plan.outcome(START_SECONDS + slowest * plan.pixels());
    }

    private ExportPlan plan(String id, ExportOrder order) {
        ProjectStore.Saved saved = order.revision() == null ? projects.load(id) : projects.load(id, order.revision());
        return ExportPlan.of(read(Upgrades.upgraded(saved.document()), order.row()), order);
    }

    /** A document, with a version filled in where one is meant. */
    static Project read(JsonNode document, String row) {
        Project project = DocumentJson.read(document);
        if (row == null) {
            return project;
        }
        Table table = project.versions();
        return Versions.of(document, project, table.row(row), DocumentJson::read)
                .project();
    }

    /**
     * Orders versions, each in each format. All are of the newest state; later edits do not touch them.
     *
     * @throws IllegalArgumentException when two files would be called alike, or there is nothing to make
     */
    @Transactional
    MadeVersions make(String projectId, VersionOrder wanted) {
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
        UUID batch = UUID.randomUUID();
        for (Row row : rows) {
            Project version =
                    Versions.of(document, project, row, DocumentJson::read).project();
            for (Format format : formats) {
                ExportPlan plan = ExportPlan.of(version, wanted.order().of(row.id(), format.id(), saved.revision()));
                String name = called.of(row, format.name());
                String other = names.put(name.toLowerCase(Locale.ROOT), called.number(row));
                if (other != null) {
                    throw new IllegalArgumentException("the files of row " + other + " and of row "
                            + called.number(row) + " would both be called \u201c" + name
                            + "\u201d; put a field that is other in each into the names");
                }
                queue(projectId, plan, batch, kind -> name + "." + kind.extension());
            }
        }
        feed.tell(ChangeFeed.Topic.EXPORTS, projectId);
        return new MadeVersions(batch.toString(), rows.size() * formats.size());
    }

    /** All exports that were ordered together, in the order of their making. */
    @Transactional(readOnly = true)
    List<ExportEntity> ordered(String projectId, UUID batch) {
        return exports.findByProjectIdAndBatchOrderByCreatedAt(projectId, batch);
    }

    /** How the versions that were ordered last stand. */
    @Transactional(readOnly = true)
    BatchView lastBatch(String projectId) {
        return exports.findFirstByProjectIdAndBatchIsNotNullOrderByCreatedAtDesc(projectId)
                .map(last -> BatchView.of(last.batch, ordered(projectId, last.batch)))
                .orElse(null);
    }

    /** Asks all versions of an order to stop that have not been made yet. */
    @Transactional
    void cancelBatch(String projectId, UUID batch) {
        ordered(projectId, batch).stream().filter(export -> !export.isOver()).forEach(export -> cancel(export.id));
    }

    @Transactional(readOnly = true)
    public List<ExportView> list(String projectId) {
        return exports.findTop50ByProjectIdOrderByCreatedAtDesc(projectId).stream()
                .map(ExportService::view)
                .toList();
    }

    /** Asks an export to stop. One that waits is over at once, one that runs soon after. */
    @Transactional
    void cancel(UUID id) {
        ExportEntity export = find(id);
        if (export.state.equals(ExportEntity.QUEUED)) {
            export.state = ExportEntity.CANCELLED;
            export.finishedAt = Instant.now();
        } else {
            exports.askCancel(id);
        }
        feed.tell(ChangeFeed.Topic.EXPORTS, export.projectId);
    }

    ExportEntity find(UUID id) {
        return exports.findById(id).orElseThrow(() -> new MissingException("There is no such export."));
    }

    private static ExportView view(ExportEntity export) {
        return new ExportView(
                export.id.toString(),
                export.fileName,
                export.state,
                export.done,
                export.total,
                export.message,
                export.createdAt);
    }
}
