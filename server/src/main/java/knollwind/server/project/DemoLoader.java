package knollwind.server.project;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import knollwind.core.scene.DocumentJson;
import knollwind.server.Settings;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Puts the demo's documents into a database that does not have them yet, before the first page is answered. */
@Component
class DemoLoader implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private final ProjectStore store;
    private final ProjectRepository projects;
    private final Settings settings;

    DemoLoader(ProjectStore store, ProjectRepository projects, Settings settings) {
        this.store = store;
        this.projects = projects;
        this.settings = settings;
    }

    @Override
    public void afterSingletonsInstantiated() {
        try {
            load();
        } catch (IOException e) {
            throw new UncheckedIOException("the demo's folder cannot be read", e);
        }
    }

    private void load() throws IOException {
        if (settings.demo().isBlank()) {
            return;
        }
        List<Path> files;
        try (Stream<Path> found = Files.list(Path.of(settings.demo()))) {
            files = found.filter(file -> file.toString().endsWith(".json"))
                    .sorted()
                    .toList();
        }
        for (Path file : files) {
            JsonNode document = DocumentJson.tree(Files.readString(file));
            if (!projects.existsById(document.get("id").asString())) {
                store.create(document);
                LOG.info("Loaded the demo project {}", document.get("name").asString());
            }
        }
    }
}
