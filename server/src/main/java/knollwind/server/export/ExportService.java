package knollwind.server.export;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import knollwind.paint.ExportKind;
import knollwind.server.events.ChangeFeed;
import knollwind.server.project.MissingException;
import knollwind.server.project.ProjectStore;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

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
        UUID painting = UUID.randomUUID();
        List<ExportEntity> made = new ArrayList<>();
        for (ExportKind kind : plan.kinds()) {
            ExportEntity export = new ExportEntity();
            export.id = UUID.randomUUID();
            export.painting = painting;
            export.projectId = projectId;
            export.fileName = plan.fileName(kind);
            export.job = DocumentJson.MAPPER.writeValueAsString(plan.job(kind));
            export.state = ExportEntity.QUEUED;
            export.total = plan.frames().count();
            export.pixels = plan.pixels();
            export.message = "";
            export.createdAt = Instant.now();
            made.add(export);
        }
        exports.saveAllAndFlush(made);
        feed.tell(ChangeFeed.Topic.EXPORTS, projectId);
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
        return ExportPlan.of(DocumentJson.read(Upgrades.upgraded(saved.document())), order);
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
