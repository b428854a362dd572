package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Films that people bring along. */
class FilmsTest {
    private final TestServer server = TestServer.get();

    private TestServer.Answer upload(String name, byte[] content) {
        return server.send(server.request("/api/films?name=" + name)
                .header("Content-Type", "video/mp4")
                .POST(HttpRequest.BodyPublishers.ofByteArray(content)));
    }

    private static byte[] fog() throws IOException {
        return Files.readAllBytes(Path.of("..", "demo", "pictures", "fog-banks.mp4"));
    }

    @Test
    void a_film_is_kept_as_frames_that_can_each_be_had() throws Exception {
        TestServer.Answer answer = upload("fog.mp4", fog());
        assertThat(answer.status()).as(answer.body()).isEqualTo(201);
        JsonNode film = answer.json();
        assertThat(film.get("frames").asInt()).isEqualTo(192);
        assertThat(film.get("play").get("last").asInt()).isEqualTo(191);
        String sha256 = film.get("picture").get("sha256").asString();
        for (int frame : new int[] {0, 191}) {
            var image = ImageIO.read(server.request("/api/pictures/" + sha256 + "/" + frame)
                    .build()
                    .uri()
                    .toURL());
            assertThat(image.getWidth()).isEqualTo(960);
        }
        assertThat(server.get("/api/pictures/" + sha256 + "/192").status()).isEqualTo(404);
        assertThat(upload("again.mp4", fog()).json().get("picture").get("name").asString())
                .isEqualTo("again.mp4");
    }

    @Test
    void a_film_that_is_not_here_is_reported_until_its_file_is_added() throws Exception {
        ObjectNode film = (ObjectNode) upload("fog.mp4", fog()).json();
        String project = server.project("Backdrop");
        ObjectNode gone = film.deepCopy();
        ((ObjectNode) gone.get("picture")).put("sha256", "ab".repeat(32));
        server.save(project, 1, "[{'op':'set','at':'scenes/scene-1/background','value':" + gone + "}]");
        assertThat(page(project, 2).body())
                .contains("The film \u201cfog.mp4\u201d of the background is not here")
                .contains("frames 0 to 191");
        server.save(project, 2, "[{'op':'set','at':'scenes/scene-1/background','value':" + film + "}]");
        assertThat(page(project, 3).body()).doesNotContain("is not here");
    }

    @Test
    void what_is_no_film_is_refused_with_a_reason() {
        TestServer.Answer answer = upload("note.mp4", "see you on deck".getBytes());
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.detail()).startsWith("This is no film");
        assertThat(server.get("/api/health").status()).isEqualTo(200);
    }

    private TestServer.Answer page(String project, int base) {
        return server.post(
                "/api/projects/" + project + "/page",
                Map.of("base", base, "patch", Map.of("operations", List.of()), "scene", "scene-1", "format", "wide"));
    }
}
