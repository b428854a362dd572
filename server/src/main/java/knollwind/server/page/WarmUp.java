package knollwind.server.page;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import knollwind.core.display.ReelWriter;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TextBlock;
import knollwind.server.Settings;
import knollwind.server.draft.DraftRequest;
import knollwind.server.draft.Drafts;
import knollwind.server.project.ProjectStore;
import knollwind.server.reel.ReelService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.context.support.ServletRequestHandledEvent;
import tools.jackson.databind.JsonNode;

/**
 * Makes edits of a project that nobody sees when the server has started, the way those of users go, so that the virtual machine
 * has compiled that code before the first of theirs: without it the first hundred take several times as long. It saves nothing.
 */
@Component
@ConditionalOnWebApplication
class WarmUp {
    private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);

    /** As long as the texts that are still to be edited without a delay. */
    private static final int CHARACTERS = 360;

    /** The page's answer is long, and asked for less often: one edit in so many is told. */
    private static final int PAGES = 4;

    /** So long nobody must have asked for anything: longer than between two answers of one gesture. */
    private static final long QUIET_MS = 100;

    /** The same in nanoseconds. */
    private static final long QUIET_NANOS = QUIET_MS * 1_000_000;

    private final Settings settings;
    private final ProjectStore store;
    private final Drafts drafts;
    private final ReelService reels;
    private final PageService pages;
    private final PaintPace paint;
    private volatile long asked = System.nanoTime() - QUIET_NANOS;

    WarmUp(
            Settings settings,
            ProjectStore store,
            Drafts drafts,
            ReelService reels,
            PageService pages,
            PaintPace paint) {
        this.settings = settings;
        this.store = store;
        this.drafts = drafts;
        this.reels = reels;
        this.pages = pages;
        this.paint = paint;
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        Thread thread = new Thread(this::run, "warm-up");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    /** Whoever works already has the machine to themselves. */
    @EventListener(ServletRequestHandledEvent.class)
    void asked() {
        asked = System.nanoTime();
    }

    private void run() {
        try {
            List<ProjectStore.Summary> projects = store.list();
            if (projects.isEmpty() || settings.warmUp().isZero()) {
                return;
            }
            ProjectStore.Saved saved =
                    store.load(projects.get(projects.size() - 1).id());
            Project project = DocumentJson.read(saved.document());
            long end = System.nanoTime() + settings.warmUp().toNanos();
            for (int i = 0; System.nanoTime() < end; i++) {
                while (System.nanoTime() - asked < QUIET_NANOS) {
                    Thread.sleep(QUIET_MS);
                }
                Scene scene = project.scenes().get(i % project.scenes().size());
                edit(project.id(), saved.revision(), scene, i);
            }
            // Last, when the machine has come to rest.
            paint.measure();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException e) {
            // The server stops, or the database is away: the first edits are a little slower, nothing else.
            LOG.debug("Not warmed up", e);
        }
    }

    /** One edit of a kind that no edit before it has made useless: every value is new. */
    private void edit(String project, long revision, Scene scene, int i) {
        List<Operation> operations = new ArrayList<>();
        scene.blocks().stream()
                .filter(TextBlock.class::isInstance)
                .map(TextBlock.class::cast)
                .findFirst()
                .ifPresent(block -> operations.addAll(edits(scene, block, i)));
        DraftRequest request = new DraftRequest(
                revision,
                new Patch(operations),
                scene.id(),
                scene.formats().get(0).id(),
                List.of(),
                null,
                null);
        Drafts.View view = drafts.view(project, request);
        int frame = i % scene.length();
        reels.reel(view, frame, frame + 1, null, () -> false).ifPresent(reel -> ReelWriter.write(reel, Set.of()));
        if (i % PAGES == 0) {
            DocumentJson.MAPPER.writeValueAsBytes(pages.page(view, List.of(), List.of(), null, null, List.of(), null));
        }
    }

    /** What the edit of this number changes of a block. */
    static List<Operation> edits(Scene scene, TextBlock block, int i) {
        String path = "scenes/" + scene.id() + "/blocks/" + block.id() + "/";
        String words = block.text().isBlank() ? "words " : block.text().replace('\n', ' ') + " ";
        String longer = words.repeat(CHARACTERS / words.length() + 1);
        String typed = Integer.toString(i, Character.MAX_RADIX);
        List<Operation> edits = new ArrayList<>();
        edits.add(new Operation.Splice(path + "text", 0, block.text().length(), i % 3 == 0 ? typed + longer : longer));
        boolean moved = !block.arrive().moves().isEmpty();
        if (i % 3 == 1 || i % 3 == 2 && !moved) {
            edits.add(new Operation.Set(path + "setting/size", number(20 + (i % 600) * 0.1)));
        }
        if (i % 3 == 2 && moved) {
            String easing = "cubic-bezier(0." + (1000 + i % 9000) + ", 0.8, 0.3, 1)";
            String move = block.arrive().moves().get(0).id();
            edits.add(new Operation.Set(
                    path + "arrive/moves/" + move + "/easing", DocumentJson.MAPPER.valueToTree(easing)));
        }
        return edits;
    }

    private static JsonNode number(double value) {
        return DocumentJson.MAPPER.valueToTree(value);
    }
}
