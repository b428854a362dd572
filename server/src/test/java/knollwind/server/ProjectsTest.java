package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import knollwind.core.scene.DocumentJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class ProjectsTest {
    private static final String TEXT = "scenes/scene-1/blocks/title/text";
    private final TestServer server = TestServer.get();

    @Test
    void the_demo_is_there_as_its_file_says() {
        JsonNode answer = server.get("/api/projects/ternholm-night-ferry").json();
        assertThat(DocumentJson.read(answer.get("document")).scenes()).hasSize(9);
        assertThat(server.get("/api/projects").json())
                .anyMatch(project -> project.get("name").asString().equals("Ternholm night ferry"));
    }

    @Test
    void a_new_project_has_one_empty_title_that_arrives_in_words() {
        String id = server.project("Night crossing");
        JsonNode page = server.post("/api/projects/" + id + "/page", draft(1, "[]", "scene-1"))
                .json();
        JsonNode block = page.get("blocks").get(0);
        assertThat(block.at("/script/arrive/texts/0").asString())
                .isEqualTo(
                        "characters rise 0.6 em from behind the baseline and fade in, centre out, 12 frames each, 3 apart, landing softly.");
        assertThat(block.get("moves").get(0).get("units")).isEmpty();
    }

    @Test
    void saves_make_revisions_that_can_be_looked_at_again() {
        String id = server.project("Revisions");
        assertThat(server.save(id, 1, splice(0, 0, "LAST"))
                        .json()
                        .get("revision")
                        .asLong())
                .isEqualTo(2);
        assertThat(server.save(id, 2, splice(4, 0, " BOAT"))
                        .json()
                        .get("revision")
                        .asLong())
                .isEqualTo(3);
        assertThat(text(server.get("/api/projects/" + id))).isEqualTo("LAST BOAT");
        assertThat(text(server.get("/api/projects/" + id + "/revisions/2"))).isEqualTo("LAST");
        assertThat(text(server.get("/api/projects/" + id + "/revisions/1"))).isEmpty();
        assertThat(server.get("/api/projects/" + id + "/revisions").json()).hasSize(2);
        assertThat(server.get("/api/projects/" + id + "/revisions/9").status()).isEqualTo(404);
    }

    @Test
    void a_save_on_an_old_revision_is_a_conflict_that_brings_the_newer_document() {
        String id = server.project("Conflict");
        server.save(id, 1, splice(0, 0, "ONE"));
        TestServer.Answer answer = server.save(id, 1, splice(0, 0, "TWO"));
        assertThat(answer.status()).isEqualTo(409);
        assertThat(answer.raw().headers().firstValue("Content-Type")).hasValue("application/problem+json");
        assertThat(answer.json().get("revision").asLong()).isEqualTo(2);
        assertThat(DocumentJson.read(answer.json().get("document"))).isNotNull();
        assertThat(text(server.get("/api/projects/" + id))).isEqualTo("ONE");
    }

    @Test
    void a_change_that_is_sent_again_is_made_once() {
        String id = server.project("Sent twice");
        assertThat(server.save(id, 1, "change-a", splice(0, 0, "ONE"))
                        .json()
                        .get("revision")
                        .asLong())
                .isEqualTo(2);
        server.save(id, 2, splice(3, 0, " TWO"));
        TestServer.Answer again = server.save(id, 1, "change-a", splice(0, 0, "ONE"));
        assertThat(again.status()).isEqualTo(200);
        assertThat(again.json().get("revision").asLong()).isEqualTo(2);
        assertThat(text(server.get("/api/projects/" + id))).isEqualTo("ONE TWO");
    }

    @Test
    void of_many_saves_at_once_on_one_revision_exactly_one_wins() throws Exception {
        String id = server.project("Race");
        ExecutorService pool = Executors.newFixedThreadPool(8);
        try {
            List<Future<Integer>> answers = pool.invokeAll(java.util.stream.IntStream.range(0, 16)
                    .<Callable<Integer>>mapToObj(i ->
                            () -> server.save(id, 1, splice(0, 0, "W" + i)).status())
                    .toList());
            long won = 0;
            for (Future<Integer> answer : answers) {
                assertThat(answer.get()).isIn(200, 409);
                won += answer.get() == 200 ? 1 : 0;
            }
            assertThat(won).isEqualTo(1);
        } finally {
            pool.shutdownNow();
        }
        assertThat(server.get("/api/projects/" + id).json().get("revision").asLong())
                .isEqualTo(2);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "[{'op':'set','at':'scenes/scene-1/length','value':0}] | between 1 and 1000000",
                "[{'op':'set','at':'scenes/scene-1/blocks/title/arrive/moves/m1/easing','value':'wobble'}] | wobble",
                "[{'op':'set','at':'scenes/nowhere/length','value':1}] | no element with the id 'nowhere'",
                "[{'op':'set','at':'id','value':'other'}] | keeps its id",
                "[{'op':'paint','at':'id','value':'other'}] | paint",
                "[{'op':'splice','at':'scenes/scene-1/blocks/title/text','from':0,'removed':0,'inserted':'a\\u0007'}] | U+0007",
            })
    void a_change_that_makes_no_sound_document_is_refused_and_nothing_is_saved(String operations, String reason) {
        String id = server.project("Refused");
        TestServer.Answer answer = server.save(id, 1, operations);
        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.detail()).contains(reason);
        assertThat(server.get("/api/projects/" + id).json().get("revision").asLong())
                .isEqualTo(1);
    }

    @Test
    void deleting_can_be_taken_back_and_a_copy_is_a_project_of_its_own() {
        String id = server.project("Piers");
        server.save(id, 1, splice(0, 0, "TERN STAIR"));
        JsonNode copy =
                server.post("/api/projects/" + id + "/duplicate", Map.of()).json();
        assertThat(copy.at("/document/name").asString()).isEqualTo("Piers copy");
        assertThat(server.delete("/api/projects/" + id).status()).isEqualTo(204);
        assertThat(server.get("/api/projects/" + id).status()).isEqualTo(404);
        assertThat(server.get("/api/projects").json())
                .noneMatch(project -> project.get("id").asString().equals(id));
        assertThat(server.post("/api/projects/" + id + "/restore", Map.of()).status())
                .isEqualTo(200);
        assertThat(text(server.get("/api/projects/" + id))).isEqualTo("TERN STAIR");
        assertThat(text(server.get("/api/projects/" + copy.get("id").asString())))
                .isEqualTo("TERN STAIR");
    }

    @ParameterizedTest
    @CsvSource({"1920,1080,24000,1001", "7680,4320,25,1", "1080,1920,30000,1001", "300,250,60,1"})
    void every_usual_shape_and_rate_makes_a_project_with_a_page(int width, int height, int numerator, int denominator) {
        TestServer.Answer answer = server.post(
                "/api/projects",
                Map.of(
                        "name",
                        "Shape",
                        "width",
                        width,
                        "height",
                        height,
                        "rate",
                        Map.of("numerator", numerator, "denominator", denominator)));
        assertThat(answer.status()).isEqualTo(201);
        assertThat(answer.json().at("/document/scenes/0/length").asInt())
                .isEqualTo((int) Math.round(5.0 * numerator / denominator));
        String id = answer.json().get("id").asString();
        assertThat(server.post("/api/projects/" + id + "/page", draft(1, "[]", "scene-1"))
                        .status())
                .isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({
        "'',640,360,24,1,name",
        "Ferry,8,360,24,1,width",
        "Ferry,640,9000,24,1,height",
        "Ferry,640,360,0,1,frame rate"
    })
    void a_project_that_cannot_be_is_refused(
            String name, int width, int height, int numerator, int denominator, String reason) {
        TestServer.Answer answer = server.post(
                "/api/projects",
                Map.of(
                        "name",
                        name,
                        "width",
                        width,
                        "height",
                        height,
                        "rate",
                        Map.of("numerator", numerator, "denominator", denominator)));
        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.detail()).contains(reason);
    }

    static String splice(int from, int removed, String inserted) {
        return "[{'op':'splice','at':'" + TEXT + "','from':" + from + ",'removed':" + removed + ",'inserted':'"
                + inserted + "'}]";
    }

    static String draft(long base, String operations, String scene) {
        return "{\"base\":" + base + ",\"patch\":{\"operations\":" + operations.replace('\'', '"') + "},\"scene\":\""
                + scene + "\",\"format\":\"wide\"}";
    }

    private static String text(TestServer.Answer answer) {
        return answer.json()
                .get("document")
                .get("scenes")
                .get(0)
                .get("blocks")
                .get(0)
                .get("text")
                .asString();
    }
}
