package knollwind.server.demo;

import java.io.IOException;
import java.util.List;
import knollwind.server.project.MissingException;
import knollwind.server.project.ProjectStore;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The demo, for those who want to look at it. */
@RestController
@ConditionalOnWebApplication
@RequestMapping("/api/demo")
class DemoController {
    private final DemoLoader demo;
    private final ProjectStore store;

    DemoController(DemoLoader demo, ProjectStore store) {
        this.demo = demo;
        this.store = store;
    }

    /** A project of the demo. */
    record DemoProject(String id) {}

    /** The demo's film; where somebody has deleted it, it is brought back as it was left. */
    @PostMapping
    DemoProject look() throws IOException {
        List<JsonNode> documents = demo.documents();
        if (documents.isEmpty()) {
            throw new MissingException("The demo is not on this machine.");
        }
        JsonNode film = documents.get(0);
        String id = film.get("id").asString();
        return new DemoProject(
                store.knows(id) ? store.restore(id).id() : store.create(film).id());
    }
}
