package knollwind.server.export;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import knollwind.core.filling.Versions;
import knollwind.core.scene.Project;
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
    static final double START_SECONDS = 1.5;

    /** Seconds a pixel until there is an export to go by. */
    private static final double FIRST_PACE = 15e-9;

    private final ExportRepository exports;
    private final ProjectStore projects;
    private final RenderQueue queue;
    private final ChangeFeed feed;

    ExportService(ExportRepository exports, ProjectStore projects, RenderQueue queue, ChangeFeed feed) {
        this.exports = exports;
        this.projects = projects;
        this.queue = queue;
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
        ExportView view = view(queue(projectId, plan, null, plan::fileName).get(0));
        feed.tell(ChangeFeed.Topic.EXPORTS, projectId);
        return view;
    }

    /** Puts what a plan makes into the queue: an export for each of its kinds. */
    List<ExportEntity> queue(String projectId, ExportPlan plan, VersionOf version, Function<ExportKind, String> names) {
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
            export.batch = version == null ? null : version.batch();
            export.madeOf = version == null ? null : version.madeOf().apply(kind);
            export.state = ExportEntity.QUEUED;
            export.total = plan.frames().count();
            export.pixels = plan.pixels();
            export.message = "";
            export.createdAt = Instant.now();
            made.add(export);
        }
        exports.saveAllAndFlush(made);
        queue.put(RenderQueue.Work.RENDER, painting, made.get(0).priority);
        return made;
    }

    /**
     * What an export of a version is known by.
     *
     * @param batch what was ordered with it
     * @param madeOf what a file of a kind is made of
     */
    record VersionOf(UUID batch, Function<ExportKind, String> madeOf) {}

    /** Seconds that the frames of so many pixels take, judged by the last export of their kind. */
    double seconds(ExportKind kind, double pixels) {
        Double pace = exports.lastPace(DocumentJson.tree(kind).asString(), START_SECONDS);
        return START_SECONDS + (pace == null ? FIRST_PACE : pace) * pixels;
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
                .mapToDouble(kind -> seconds(kind, plan.pixels()))
                .max()
                .orElse(START_SECONDS);
        return plan.outcome(slowest);
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
        if (export.state.equals(ExportEntity.QUEUED) || export.state.equals(ExportEntity.PAUSED)) {
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

    static ExportView view(ExportEntity export) {
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
