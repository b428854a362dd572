package knollwind.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import knollwind.core.document.DocumentJson;
import knollwind.server.Settings;
import knollwind.server.files.Films;
import knollwind.server.files.Sounds;
import knollwind.server.project.ProjectStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Puts the demo's documents into a database that does not have them yet, before the first page is answered. */
@Component
@ConditionalOnWebApplication
class DemoLoader implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);

    private final ProjectStore store;
    private final Films films;
    private final Sounds sounds;
    private final Settings settings;

    DemoLoader(ProjectStore store, Films films, Sounds sounds, Settings settings) {
        this.store = store;
        this.films = films;
        this.sounds = sounds;
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
        Path folder = Path.of(settings.demo());
        for (JsonNode document : documents()) {
            if (!store.knows(document.get("id").asString())) {
                store.create(document);
                LOG.info("Loaded the demo project {}", document.get("name").asString());
            }
        }
        for (Path file : list(folder.resolve("templates"), ".json")) {
            JsonNode template = DocumentJson.tree(Files.readString(file));
            String id = template.path("id").asString("");
            // One that was taken away stays away.
            if (!store.knows(id) || store.isPresent(id)) {
                store.publish(template);
            }
        }
        String media = System.getenv().getOrDefault("KNOLLWIND_DEMO_MEDIA", "later");
        if (media.equals("no")) {
            return;
        }
        take(folder.resolve("sounds"), ".m4a", sounds::add);
        if (media.equals("first")) {
            takeFilms(folder);
        } else {
            // Unpacking films takes a while; the first page need not wait for it. A start that was broken off is made
            // up for.
            Thread loader = new Thread(() -> takeFilms(folder), "demo-films");
            loader.setDaemon(true);
            loader.start();
        }
    }

    /** The demo's documents, the film first. */
    List<JsonNode> documents() throws IOException {
        List<JsonNode> documents = new ArrayList<>();
        for (Path file : settings.demo().isBlank() ? List.<Path>of() : list(Path.of(settings.demo()), ".json")) {
            documents.add(DocumentJson.tree(Files.readString(file)));
        }
        return documents;
    }

    private void takeFilms(Path folder) {
        take(folder.resolve("pictures"), ".mp4", films::add);
    }

    private interface Taking {
        Object take(String name, InputStream content) throws IOException, InterruptedException;
    }

    private static void take(Path folder, String ending, Taking taking) {
        try {
            for (Path file : list(folder, ending)) {
                try (InputStream content = Files.newInputStream(file)) {
                    taking.take(file.getFileName().toString(), content);
                }
            }
        } catch (IOException | RuntimeException e) {
            LOG.warn("The demo's films and sounds are not all here: {}", e.getMessage());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static List<Path> list(Path folder, String ending) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> found = Files.list(folder)) {
            return found.filter(file -> file.toString().endsWith(ending))
                    .sorted()
                    .toList();
        }
    }
}
