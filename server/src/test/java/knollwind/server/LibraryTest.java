package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

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
