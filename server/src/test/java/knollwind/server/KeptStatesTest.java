package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** States that are kept to come back to. */
class KeptStatesTest {
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n', 1, 2, 3};

    private final TestServer server = TestServer.get();
    private final String project = server.post("/api/projects/ternholm-night-ferry/duplicate", Map.of())
            .json()
            .get("id")
            .asString();
    private final String states = "/api/projects/" + project + "/states";

    private TestServer.Answer keep(long revision, String name, boolean byHand, String picture) {
        return server.post(
                states,
                Map.of(
                        "revision",
                        revision,
                        "name",
                        name,
                        "byHand",
                        byHand,
                        "scene",
                        "opening",
                        "frame",
                        60,
                        "picture",
                        picture));
    }

    private static String base64(byte[] bytes) {
        return Base64.getEncoder().encodeToString(bytes);
    }

    @Test
    void a_state_is_kept_with_its_picture_named_and_let_go() {
        JsonNode kept = keep(1, " Before the call ", true, base64(PNG)).json();
        String id = kept.get("id").asString();
        assertThat(kept.get("name").asString()).isEqualTo("Before the call");
        assertThat(server.bytes(states + "/" + id + "/picture")).isEqualTo(PNG);
        assertThat(server.put(states + "/" + id + "/name", Map.of("name", "After it"))
                        .json()
                        .get("name")
                        .asString())
                .isEqualTo("After it");
        assertThat(server.get(states).json()).hasSize(1);
        assertThat(server.delete(states + "/" + id).status()).isEqualTo(204);
        assertThat(server.get(states).json()).isEmpty();
        assertThat(server.delete(states + "/" + id).status()).isEqualTo(404);
    }

    @Test
    void what_is_kept_stays_what_it_was_while_the_project_goes_on() {
        keep(1, "", true, "");
        server.post(
                "/api/projects/" + project + "/revisions",
                Map.of(
                        "base",
                        1,
                        "change",
                        "c",
                        "patch",
                        Map.of("operations", List.of(Map.of("op", "set", "at", "name", "value", "Other")))));
        JsonNode state = server.get(states).json().get(0);
        assertThat(state.get("picture").asBoolean()).isFalse();
        JsonNode then = server.get("/api/projects/" + project + "/revisions/"
                        + state.get("revision").asLong())
                .json();
        assertThat(then.get("document").get("name").asString()).isNotEqualTo("Other");
        assertThat(server.get("/api/projects/" + project + "/revision")
                        .json()
                        .get("revision")
                        .asLong())
                .isEqualTo(2);
    }

    @Test
    void of_those_kept_by_themselves_the_newest_stay_and_all_kept_by_hand() {
        keep(1, "mine", true, "");
        for (int i = 0; i < 64; i++) {
            keep(1, "", false, "");
        }
        assertThat(server.get(states).json()).hasSize(61);
    }

    @Test
    void what_is_no_picture_or_no_revision_is_refused_and_said() {
        assertThat(keep(1, "", true, base64("<svg onload=x>".getBytes())).status())
                .isEqualTo(422);
        assertThat(keep(1, "", true, "no base64!").body()).contains("Base64");
        assertThat(keep(9, "", true, "").status()).isEqualTo(404);
        assertThat(server.get("/api/projects/" + project + "/states/" + UUID.randomUUID() + "/picture")
                        .status())
                .isEqualTo(404);
        assertThat(server.get("/api/projects/none/states").status()).isEqualTo(404);
        assertThat(server.get("/api/projects/none/revision").status()).isEqualTo(404);
    }
}
