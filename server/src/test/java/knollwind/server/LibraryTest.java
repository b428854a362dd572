package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Moves and curves that people save. */
class LibraryTest {
    private final TestServer server = TestServer.get();

    private JsonNode first(String feel) {
        for (JsonNode offer : server.get("/api/moves").json()) {
            if (offer.get("feel").asString().equals(feel)) {
                return offer;
            }
        }
        return null;
    }

    @Test
    void moves_that_ship_are_offered_for_every_phase_they_can_be_used_in() {
        int arriving = 0;
        int leaving = 0;
        for (JsonNode offer : server.get("/api/moves").json()) {
            arriving += offer.get("phase").asString().equals("ARRIVE") ? 1 : 0;
            leaving += offer.get("phase").asString().equals("LEAVE") ? 1 : 0;
            assertThat(offer.get("sentences").size())
                    .isEqualTo(offer.get("moves").size());
        }
        assertThat(arriving).isEqualTo(leaving).isGreaterThanOrEqualTo(60);
    }

    @Test
    void a_saved_move_is_offered_with_its_note_until_it_is_deleted() {
        JsonNode ready = first("quiet");
        TestServer.Answer saved = server.post(
                "/api/moves",
                Map.of(
                        "name",
                        " Mine ",
                        "note",
                        "slow",
                        "phase",
                        "ARRIVE",
                        "moves",
                        List.of(ready.get("moves").get(0))));
        assertThat(saved.status()).as(saved.body()).isEqualTo(201);
        JsonNode own = first("own");
        assertThat(own.get("name").asString()).isEqualTo("Mine");
        assertThat(own.get("moves").get(0)).isEqualTo(ready.get("moves").get(0));
        assertThat(own.get("sentences").get(0)).isEqualTo(ready.get("sentences").get(0));
        String id = own.get("id").asString();
        assertThat(server.delete("/api/moves/" + id).status()).isEqualTo(204);
        assertThat(server.delete("/api/moves/" + id).status()).isEqualTo(404);
        assertThat(first("own")).isNull();
    }

    @Test
    void a_move_that_this_version_does_not_know_is_refused_by_name() {
        TestServer.Answer answer = server.post(
                "/api/moves",
                Map.of(
                        "name",
                        "Later",
                        "note",
                        "",
                        "phase",
                        "ARRIVE",
                        "moves",
                        List.of(Map.of("id", "m", "unit", "character", "pace", "slow", "shimmer", 3))));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body()).containsAnyOf("shimmer", "pace");
    }

    @Test
    void a_style_is_kept_from_a_saved_block_and_read_from_a_file() {
        JsonNode project = server.post(
                        "/api/projects",
                        Map.of(
                                "name",
                                "Styles",
                                "width",
                                640,
                                "height",
                                360,
                                "rate",
                                Map.of("numerator", 24, "denominator", 1),
                                "beginning",
                                "title"))
                .json();
        JsonNode scene = project.get("document").get("scenes").get(0);
        Map<String, String> block = Map.of(
                "name",
                " Quay ",
                "extent",
                "moves",
                "project",
                project.get("id").asString(),
                "scene",
                scene.get("id").asString(),
                "block",
                scene.get("blocks").get(0).get("id").asString());
        TestServer.Answer kept = server.post("/api/styles", block);
        assertThat(kept.status()).as(kept.body()).isEqualTo(201);
        assertThat(kept.json().get("name").asString()).isEqualTo("Quay");
        String id = kept.json().get("id").asString();
        assertThat(server.post("/api/styles", block).json().get("id").asString())
                .isEqualTo(id);
        ObjectNode style = (ObjectNode) kept.json().get("style").deepCopy();
        assertThat(server.post("/api/styles/read", style).json().get("id").asString())
                .isEqualTo(id);
        style.put("documentVersion", 99);
        TestServer.Answer newer = server.post("/api/styles/read", style);
        assertThat(newer.status()).isEqualTo(422);
        assertThat(newer.detail()).contains("Quay", "newer version");
        assertThat(server.get("/api/styles").json()).hasSize(1);
        assertThat(server.delete("/api/styles/" + id).status()).isEqualTo(204);
        assertThat(server.delete("/api/styles/" + id).status()).isEqualTo(404);
    }

    @Test
    void what_dresses_captions_can_be_kept_as_a_style_too() {
        TestServer.Answer kept = server.post(
                "/api/styles",
                Map.of(
                        "name",
                        "Spoken",
                        "extent",
                        "setting",
                        "project",
                        "ternholm-night-ferry",
                        "scene",
                        "announcement",
                        "block",
                        "captions-1"));
        assertThat(kept.status()).as(kept.body()).isEqualTo(201);
        server.delete("/api/styles/" + kept.json().get("id").asString());
    }

    @Test
    void curves_are_saved_by_name_and_replaced_and_what_is_none_is_refused() {
        assertThat(server.post("/api/curves", Map.of("name", "Quay", "function", "steps(3)"))
                        .status())
                .isEqualTo(201);
        server.post("/api/curves", Map.of("name", "Quay", "function", "cubic-bezier(0.1, 0, 0, 1)"));
        assertThat(server.get("/api/curves").json().toString()).contains("Quay", "cubic-bezier(0.1, 0, 0, 1)");
        TestServer.Answer refused = server.post("/api/curves", Map.of("name", "No", "function", "wobble(2)"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("wobble");
        assertThat(server.delete("/api/curves/Quay").status()).isEqualTo(204);
    }
}
