package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import knollwind.core.document.DocumentJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
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
    void the_name_of_a_change_is_not_used_for_another() {
        String id = server.project("Two changes, one name");
        server.save(id, 1, "change-a", splice(0, 0, "ONE"));
        TestServer.Answer other = server.save(id, 2, "change-a", splice(0, 0, "TWO"));
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.detail()).containsIgnoringCase("another change").contains("name of its own");
        assertThat(text(server.get("/api/projects/" + id))).isEqualTo("ONE");
    }

    @Test
    void revisions_far_back_are_read_from_the_document_nearest_to_them() {
        String id = server.project("Long");
        for (int i = 1; i <= 120; i++) {
            assertThat(server.save(id, i, splice(i - 1, 0, "" + (char) ('a' + i % 26)))
                            .status())
                    .isEqualTo(200);
        }
        assertThat(server.database().count("select count(*) from snapshot where project_id = '" + id + "'"))
                .isEqualTo(3);
        for (int revision : new int[] {1, 2, 49, 50, 51, 100, 119, 121}) {
            assertThat(text(server.get("/api/projects/" + id + "/revisions/" + revision)))
                    .hasSize(revision - 1);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"\n", "W"})
    void as_many_words_as_can_be_saved_can_be_shown(String one) {
        String id = server.project("Much");
        server.save(
                id,
                1,
                "[{'op':'clear','at':'scenes/scene-1/blocks/title/setting/column'}]"
                        .replace("clear", "set")
                        .replace(
                                "setting/column'",
                                "place/pivot','value':{'across':'left','down':'top','box':'metric'}"));
        String words = one.equals("W") ? one.repeat(4000) : one.repeat(19_999);
        assertThat(server.save(id, 2, splice(0, 0, words.replace("\n", "\\n"))).status())
                .isEqualTo(200);
        assertThat(server.post("/api/projects/" + id + "/page", draft(3, "[]", "scene-1"))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void a_damaged_project_hides_no_other_and_goes_back_to_its_last_good_state() {
        String id = server.project("Damaged");
        server.save(id, 1, splice(0, 0, "GOOD"));
        server.save(id, 2, splice(4, 0, " BAD"));
        // Reached from before by the patch of its revision, so that is what is damaged.
        server.database()
                .execute("update revision set patch = jsonb_set(patch, '{operations,0,removed}', '900')"
                        + " where project_id = '" + id + "' and number = 3");
        String copy = server.project("Sound");
        server.database().execute("update project set revision = 4 where id = '" + id + "'");
        server.database()
                .execute("insert into revision (project_id, number, change_id, patch, inverse, saved_at) select"
                        + " project_id, 4, 'x', patch, inverse, saved_at from revision where project_id = '" + id
                        + "' and number = 3");
        TestServer.Answer loaded = server.get("/api/projects/" + id);
        assertThat(loaded.status()).isEqualTo(422);
        assertThat(loaded.detail()).contains("cannot be read", "last good state");
        JsonNode list = server.get("/api/projects").json();
        assertThat(damage(list, id)).contains("reaches to");
        assertThat(damage(list, copy)).isEmpty();
        assertThat(text(server.post("/api/projects/" + id + "/mend", Map.of()))).startsWith("GOOD");
        assertThat(damage(server.get("/api/projects").json(), id)).isEmpty();
        assertThat(server.get("/api/projects/" + id).status()).isEqualTo(200);
    }

    private static String damage(JsonNode list, String id) {
        for (JsonNode project : list) {
            if (project.get("id").asString().equals(id)) {
                return project.get("damage").asString();
            }
        }
        throw new AssertionError("the list has no " + id);
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
                "[{'op':'splice','at':'scenes/scene-1/blocks/title/text','from':1,'removed':2147483647,'inserted':''}] | reaches to 2147483648",
                "[{'op':'set','at':'name','value':'Fog\\u0000'}] | U+0000",
                "[{'op':'set','at':'name','value':'Fog\\ud83d'}] | half of a character",
                "[{'op':'set','at':'scenes/scene-1/blocks/title/opacity','value':1e400}] | too large",
                "[{'op':'set','at':'scenes/scene-1/blocks/title/arrive/moves','value':[null]}] | nothing at its place 1",
                "[{'op':'set','at':'scenes/scene-1/blocks/title/place/x','value':{'value':1,'unit':'mile'}}] | it can be px, em, line, frame",
                "[{'op':'set','at':'scenes/scene-1/blocks/title/setting/size','value':'large'}] | A number is expected",
                "[{'op':'set','at':'scenes/scene-1/blocks/title/weight','value':3}] | 'weight' is unknown here",
                "[{'op':'clear','at':'scenes'}] | at least one scene",
                "[{'op':'set','at':'scenes','value':null}] | at least one scene",
            })
    void a_change_that_makes_no_sound_document_is_refused_and_nothing_is_saved(String operations, String reason) {
        String id = server.project("Refused");
        TestServer.Answer answer = server.save(id, 1, operations);
        assertThat(answer.status()).isIn(400, 422);
        assertThat(answer.detail()).contains(reason).doesNotContain("java", "knollwind", "$", "Coercion");
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
        String again = "/api/projects/" + copy.get("id").asString() + "/duplicate";
        assertThat(server.post(again, Map.of()).json().at("/document/name").asString())
                .isEqualTo("Piers copy 2");
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
