package knollwind.server.export;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Upgrades;
import knollwind.core.frame.SceneSequence;
import knollwind.core.scene.Format;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.paint.ExportJob;
import knollwind.paint.ExportKind;
import knollwind.server.events.ChangeFeed;
import knollwind.server.project.MissingException;
import knollwind.server.project.ProjectStore;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes orders for exports and tells how they stand. */
@Service
public class ExportService {
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
        Project project = project(projectId, order.revision());
        Scene scene = project.scene(order.scene());
        Format format = scene.format(order.format());
        List<ExportKind> kinds = order.kinds();
        boolean still = order.kind().isStill();
        if (kinds.size() > 1 && kinds.stream().anyMatch(ExportKind::isStill)) {
            throw new IllegalArgumentException("a still is one frame and is ordered by itself");
        }
        if (order.transparent() && !kinds.stream().allMatch(ExportKind::keepsAlpha)) {
            throw new IllegalArgumentException(
                    "the background can be left out only where all kinds keep alpha; order the others by themselves");
        }
        if (still && (order.frame() < 0 || order.frame() >= scene.length())) {
            throw new IllegalArgumentException(
                    "the scene has the frames 0 to " + (scene.length() - 1) + ", not " + order.frame());
        }
        boolean film = order.film() && !still;
        UUID painting = UUID.randomUUID();
        List<ExportEntity> made = new ArrayList<>();
        for (ExportKind kind : kinds) {
            ExportEntity export = new ExportEntity();
            export.id = UUID.randomUUID();
            export.painting = painting;
            export.projectId = projectId;
            export.fileName = fileName(project, scene, format, order, kind);
            export.job = DocumentJson.MAPPER.writeValueAsString(new ExportJob(
                    project,
                    scene.id(),
                    format.id(),
                    kind,
                    still ? order.frame() : 0,
                    order.transparent(),
                    "",
                    null,
                    null,
                    null,
                    null,
                    film));
            export.state = ExportEntity.QUEUED;
            export.total = still ? 1 : film ? SceneSequence.length(project) : scene.length();
            export.message = "";
            export.createdAt = Instant.now();
            made.add(export);
        }
        exports.saveAllAndFlush(made);
        feed.tell(ChangeFeed.Topic.EXPORTS, projectId);
        queue.scheduleIfNotExists(task.instance(painting.toString()), Instant.now());
        return view(made.get(0));
    }

    private Project project(String id, Long revision) {
        ProjectStore.Saved saved = revision == null ? projects.load(id) : projects.load(id, revision);
        return DocumentJson.read(Upgrades.upgraded(saved.document()));
    }

    private static String fileName(Project project, Scene scene, Format format, ExportOrder order, ExportKind kind) {
        String name = project.name() + " " + (order.film() && !kind.isStill() ? "" : scene.name() + " ")
                + format.name()
                + (order.transparent() ? " transparent" : "")
                + (kind.isStill() ? " frame " + order.frame() : "");
        String safe = name.replaceAll("[^\\p{L}\\p{N} .-]", "x").replace(' ', '-');
        return safe.substring(0, Math.min(180, safe.length())) + "." + kind.extension();
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
