package knollwind.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import knollwind.core.document.DocumentJson;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** The whole application, started once for all tests of a JVM on a fresh database; tests talk HTTP to it. */
public final class TestServer {
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static TestServer shared;

    private final TestDatabase database = new TestDatabase();
    private final Path work;
    private final ConfigurableApplicationContext context;

    private TestServer() {
        try {
            work = Files.createTempDirectory("knollwind-test");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        context = SpringApplication.run(
                App.class,
                "--server.port=0",
                "--spring.datasource.url=" + database.url(),
                "--spring.datasource.username=" + database.user(),
                "--spring.datasource.password=" + database.password(),
                "--knollwind.work=" + work,
                "--knollwind.demo=" + DemoFolder.with("ternholm-night-ferry.json", "ternholm-pier-screens.json"));
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            context.close();
            database.close();
        }));
    }

    public static synchronized TestServer get() {
        if (shared == null) {
            shared = new TestServer();
        }
        return shared;
    }

    public TestDatabase database() {
        return database;
    }

    /** Names of what lies in the folder for files while they are made, but for falls, which are kept there. */
    public List<String> workedOn() {
        try (Stream<Path> all = Files.list(work)) {
            return all.map(file -> file.getFileName().toString())
                    .filter(name -> !name.equals("falls"))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public int port() {
        return Integer.parseInt(context.getEnvironment().getProperty("local.server.port"));
    }

    /** An answer with its body as text. */
    public record Answer(int status, String body, HttpResponse<String> raw) {
        public JsonNode json() {
            return DocumentJson.tree(body);
        }

        public String detail() {
            return json().path("detail").asString("");
        }
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    public Answer delete(String path) {
        return send(request(path).DELETE());
    }

    public Answer post(String path, Object body) {
        String json = body instanceof String text ? text : DocumentJson.MAPPER.writeValueAsString(body);
        return send(request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(json)));
    }

    public Answer put(String path, Object body) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString(DocumentJson.MAPPER.writeValueAsString(body))));
    }

    public byte[] bytes(String path) {
        return bytes(request(path).GET());
    }

    public byte[] bytes(String path, Object body) {
        return bytes(request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(DocumentJson.MAPPER.writeValueAsString(body))));
    }

    private static byte[] bytes(HttpRequest.Builder request) {
        try {
            return CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    public HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port() + path));
    }

    public Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(response.statusCode(), response.body(), response);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A new project of 640 × 360 at 24 frames a second; returns its id. */
    public String project(String name) {
        Answer answer = post(
                "/api/projects",
                Map.of("name", name, "width", 640, "height", 360, "rate", Map.of("numerator", 24, "denominator", 1)));
        if (answer.status() != 201) {
            throw new IllegalStateException(answer.body());
        }
        return answer.json().get("id").asString();
    }

    /** Saves operations, given as JSON with single quotes, under a new name. */
    public Answer save(String project, long base, String operations) {
        return save(project, base, UUID.randomUUID().toString(), operations);
    }

    public Answer save(String project, long base, String change, String operations) {
        return post(
                "/api/projects/" + project + "/revisions",
                "{\"base\":" + base + ",\"change\":\"" + change + "\",\"patch\":{\"operations\":"
                        + operations.replace('\'', '"') + "}}");
    }
}
