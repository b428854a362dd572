package knollwind.server.page;

import java.util.List;
import java.util.Set;
import knollwind.core.directions.Script;
import knollwind.core.frame.ReelBuilder;
import knollwind.core.frame.ReelWriter;
import knollwind.core.frame.SceneScore;
import knollwind.core.scene.DocumentJson;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.type.FontLibrary;
import knollwind.core.type.Typesetter;
import knollwind.server.project.ProjectStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Sets, prints and times a project a few times over when the server has started, so that the virtual machine has compiled
 * that code before the first user's first edit. It changes nothing.
 */
@Component
class WarmUp {
    private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);
    private static final long LONGEST_NANOS = 4_000_000_000L;
    private static final int FRAMES = 4;

    private final ProjectStore store;
    private final FontLibrary fonts;

    WarmUp(ProjectStore store, FontLibrary fonts) {
        this.store = store;
        this.fonts = fonts;
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        Thread thread = new Thread(this::run, "warm-up");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private void run() {
        try {
            List<ProjectStore.Summary> projects = store.list();
            if (projects.isEmpty()) {
                return;
            }
            JsonNode document =
                    store.load(projects.get(projects.size() - 1).id()).document();
            long end = System.nanoTime() + LONGEST_NANOS;
            while (System.nanoTime() < end) {
                once(DocumentJson.read(document));
            }
        } catch (RuntimeException e) {
            // The server stops, or the database is away: the first edits are a little slower, nothing else.
            LOG.debug("Not warmed up", e);
        }
    }

    /** With a typesetter of its own, whose memory is empty. */
    private void once(Project project) {
        Typesetter typesetter = new Typesetter(fonts);
        for (Scene scene : project.scenes()) {
            SceneScore score = SceneScore.of(project, scene, scene.formats().get(0), typesetter);
            ReelWriter.write(ReelBuilder.build(score, 0, Math.min(FRAMES, scene.length())), Set.of());
            score.blocks()
                    .forEach(block -> DocumentJson.MAPPER.writeValueAsBytes(
                            Script.of(block, "scenes/" + scene.id(), fonts.families(), scene.blocks(), scene.cues())));
        }
    }
}
