package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import knollwind.core.document.DocumentJson;
import org.junit.jupiter.api.Test;

/** Font files that people bring along. */
class FontsTest {
    private final TestServer server = TestServer.get();
    private final byte[] signs = signs();

    private static byte[] signs() {
        try {
            return Files.readAllBytes(Path.of("..", "demo", "fonts", "ternholm-signs.ttf"));
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Test
    void a_missing_face_is_reported_with_its_words_and_healed_by_its_file() {
        String project = server.project("Signs");
        server.save(project, 1, words(project));
        assertThat(page(project).body())
                .contains("The face Ternholm Signs is not here; \u201cPIER TWO\u201d is shown in another one");

        TestServer.Answer added = upload("ternholm-signs.ttf", signs);
        assertThat(added.status()).as(added.body()).isEqualTo(201);
        assertThat(added.json().get("families").get(0).asString()).isEqualTo("Ternholm Signs");
        assertThat(upload("again.ttf", signs).status()).isEqualTo(201);
        assertThat(page(project).body()).doesNotContain("is not here");
        String sha = sha();
        assertThat(server.get("/api/fonts/faces.css").body())
                .contains("font-family:'Knollwind fallback'")
                .as("faces that were brought along are given to the browser one by one")
                .doesNotContain("Ternholm Signs");
        assertThat(server.get("/api/fonts/own/" + sha).status()).isEqualTo(200);

        assertThat(server.delete("/api/fonts/own/" + sha).status()).isEqualTo(204);
        assertThat(server.get("/api/fonts/own/" + sha).status()).isEqualTo(404);
        assertThat(page(project).body()).contains("is not here");
    }

    @Test
    void hostile_files_are_refused_with_a_reason_and_do_no_harm() {
        assertThat(upload("page.ttf", "<html></html>".getBytes()).detail()).startsWith("This is no font file");
        assertThat(upload("cut.ttf", java.util.Arrays.copyOf(signs, 9000)).detail())
                .contains("cut off");
        TestServer.Answer large = upload("large.ttf", new byte[(20 << 20) + 1]);
        assertThat(large.status()).isEqualTo(413);
        assertThat(large.detail()).contains("20 MB");
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(3);
        for (int i = 0; i < 3; i++) {
            byte[] fuzzed = signs.clone();
            for (int k = 0; k < 3000; k++) {
                fuzzed[300 + random.nextInt(fuzzed.length - 300)] = (byte) random.nextInt();
            }
            TestServer.Answer answer = upload("fuzzed" + i + ".ttf", fuzzed);
            assertThat(answer.status()).isIn(201, 422);
            if (answer.status() == 201) {
                server.delete("/api/fonts/own/" + sha());
            }
        }
        assertThat(server.get("/api/health").status()).isEqualTo(200);
    }

    private TestServer.Answer upload(String name, byte[] content) {
        return server.send(server.request("/api/fonts?name=" + name)
                .header("Content-Type", "font/ttf")
                .POST(HttpRequest.BodyPublishers.ofByteArray(content)));
    }

    /** The file of the first family, which is the one brought along last. */
    private String sha() {
        return server.get("/api/fonts").json().get(0).get("sha256").asString();
    }

    private TestServer.Answer page(String project) {
        return server.post(
                "/api/projects/" + project + "/page",
                Map.of("base", 2, "patch", Map.of("operations", List.of()), "scene", "scene-1", "format", "wide"));
    }

    private String words(String project) {
        var scene = server.get("/api/projects/" + project)
                .json()
                .get("document")
                .get("scenes")
                .get(0);
        var block = scene.get("blocks").get(0);
        String at = "scenes/scene-1/blocks/" + block.get("id").asString();
        return DocumentJson.MAPPER
                .writeValueAsString(List.of(
                        Map.of(
                                "op",
                                "set",
                                "at",
                                at + "/setting/face",
                                "value",
                                Map.of("family", "Ternholm Signs", "style", "normal", "axes", Map.of(), "sha256", "")),
                        Map.of("op", "set", "at", at + "/text", "value", "PIER TWO")))
                .replace('"', '\'');
    }
}
