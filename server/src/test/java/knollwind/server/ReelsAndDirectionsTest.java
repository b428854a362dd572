package knollwind.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.display.Reel;
import knollwind.core.display.ReelReader;
import knollwind.core.document.DocumentJson;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class ReelsAndDirectionsTest {
    private static final String DEMO = "/api/projects/ternholm-night-ferry";
    private static final String LATER =
            "[{'op':'set','at':'scenes/opening/blocks/title/arrive/moves/m1/pace/apart','value':7}]";

    private final TestServer server = TestServer.get();

    /**
     * The title starts at frame 27; of its letters the last ones are the eighth to start, and each takes 12 frames: 3 apart they
     * rest from 27 + 7 · 3 + 12 = 60 on, 7 apart from 27 + 7 · 7 + 12 = 88 on.
     */
    @Test
    void a_reel_of_an_unsaved_document_moves_as_that_document_says() {
        assertThat(restsFrom("[]", 50, "a", 1)).isEqualTo(60);
        // To the reel's last frame no two are alike.
        assertThat(restsFrom(LATER, 50, "a", 2)).isEqualTo(73);
        assertThat(restsFrom(LATER, 78, "a", 4)).isEqualTo(88);
    }

    /** The first of 24 frames from which on the title's list stays the same. */
    private int restsFrom(String operations, int from, String client, long sequence) {
        Reel reel = ReelReader.read(
                server.bytes(DEMO + "/reel", reel(operations, from, from + 24, client, sequence, List.of())));
        int[] frames = reel.rows().get(reel.rows().size() - 1).frames();
        int first = frames.length;
        while (first > 0 && frames[first - 1] == frames[frames.length - 1]) {
            first--;
        }
        return from + first;
    }

    @Test
    void an_edit_makes_anew_only_the_block_it_touches() {
        Reel before = ReelReader.read(server.bytes(DEMO + "/reel", reel("[]", 40, 50, "b", 1, List.of())));
        Reel after = ReelReader.read(server.bytes(DEMO + "/reel", reel(LATER, 40, 50, "b", 2, List.of())));
        for (int i = 0; i < before.rows().size(); i++) {
            boolean same =
                    before.rows().get(i).lists().equals(after.rows().get(i).lists());
            assertThat(same)
                    .as(before.rows().get(i).block())
                    .isEqualTo(!before.rows().get(i).block().equals("title"));
        }
    }

    @Test
    void the_keyed_values_of_the_chosen_block_are_told_frame_by_frame() {
        String turning = "[{'op':'set','at':'scenes/opening/blocks/title/place/rotation','value':{'track':["
                + "{'id':'k1','at':0,'value':0},{'id':'k2','at':20,'value':40}]}}]";
        String asked = DEMO + "/page";
        JsonNode chosen = blockOf(server.post(asked + "?chosen=title", ProjectsTest.draft(1, turning, "opening"))
                .json());
        JsonNode track = chosen.get("tracks").get(0);
        assertThat(track.get("member").asString()).isEqualTo("place/rotation");
        assertThat(track.get("first").asInt()).isEqualTo(27);
        assertThat(track.get("values").get(5).asDouble()).isEqualTo(10);
        assertThat(blockOf(server.post(asked, ProjectsTest.draft(1, turning, "opening"))
                                .json())
                        .get("tracks"))
                .isEmpty();
    }

    private static JsonNode blockOf(JsonNode page) {
        for (JsonNode block : page.get("blocks")) {
            if (block.get("id").asString().equals("title")) {
                return block;
            }
        }
        throw new AssertionError("the page has no title");
    }

    @Test
    void how_a_letter_is_written_is_told_as_worked_out_and_as_drawn() {
        String letter = DEMO + "/blocks/title/letter?from=0";
        JsonNode usual =
                server.post(letter, ProjectsTest.draft(1, "[]", "opening")).json();
        assertThat(usual.get("drawn").asBoolean()).isFalse();
        assertThat(usual.get("strokes")).isNotEmpty();
        assertThat(usual.get("map")).hasSize(6);
        String own = "[{'op':'set','at':'lettering','value':[{'id':'w1','family':'"
                + usual.get("family").asString() + "','character':'"
                + usual.get("character").asString() + "','strokes':[[0.9,0.9,0.1,0.1]]}]}]";
        JsonNode drawn =
                server.post(letter, ProjectsTest.draft(1, own, "opening")).json();
        assertThat(drawn.get("drawn").asBoolean()).isTrue();
        assertThat(drawn.get("strokes")).isNotEqualTo(usual.get("strokes"));
        assertThat(server.post(DEMO + "/blocks/title/letter?from=900", ProjectsTest.draft(1, "[]", "opening"))
                        .json()
                        .get("detail")
                        .asString())
                .contains("no single letter");
    }

    @Test
    void an_overtaken_request_is_dropped() {
        assertThat(server.post(DEMO + "/reel", reel("[]", 0, 1, "c", 5, List.of()))
                        .status())
                .isEqualTo(200);
        assertThat(server.post(DEMO + "/reel", reel("[]", 0, 1, "c", 4, List.of()))
                        .status())
                .isEqualTo(204);
        assertThat(server.post(DEMO + "/reel", reel("[]", 0, 1, "d", 4, List.of()))
                        .status())
                .isEqualTo(200);
    }

    @Test
    void a_block_whose_words_are_edited_is_shown_at_rest() {
        Map<String, Object> request = new java.util.HashMap<>(reel("[]", 30, 31, "e", 1, List.of()));
        request.put("resting", "title");
        Reel resting = ReelReader.read(server.bytes(DEMO + "/reel", request));
        Reel later = ReelReader.read(server.bytes(DEMO + "/reel", reel("[]", 120, 121, "e", 2, List.of())));
        int title = resting.rows().size() - 1;
        assertThat(resting.rows().get(title).lists())
                .isEqualTo(later.rows().get(title).lists());
    }

    @Test
    void a_frame_whose_movement_blurs_comes_as_its_samples() {
        String blur = "[{'op':'set','at':'scenes/opening/blur','value':{'shutter':180,'samples':6}}]";
        Map<String, Object> request = new java.util.HashMap<>(reel(blur, 40, 41, "blur", 1, List.of()));
        request.put("samples", true);
        Reel samples = ReelReader.read(server.bytes(DEMO + "/reel", request));
        assertThat(samples.to() - samples.from()).isEqualTo(6);
        Reel.Row title = samples.rows().get(samples.rows().size() - 1);
        assertThat(title.lists()).hasSize(6);
        assertThat(samples.rows().get(0).lists()).hasSize(1);
    }

    @Test
    void a_reel_covers_at_most_a_second() {
        assertThat(server.post(DEMO + "/reel", reel("[]", 0, 25, "f", 1, List.of()))
                        .detail())
                .contains("1 to 24 frames");
        assertThat(server.post(DEMO + "/reel", reel("[]", -1, 3, "f", 2, List.of()))
                        .status())
                .isEqualTo(422);
        assertThat(server.post("/api/projects/nowhere/reel", reel("[]", 0, 1, "f", 3, List.of()))
                        .status())
                .isEqualTo(404);
    }

    @Test
    void a_draft_on_a_revision_that_is_not_there_is_refused_with_words() {
        Map<String, Object> request =
                Map.of("base", 900, "patch", Map.of("operations", List.of()), "scene", "opening", "format", "wide");
        TestServer.Answer answer = server.post(DEMO + "/page", request);
        assertThat(answer.status()).isEqualTo(404);
        assertThat(answer.detail()).contains("revisions 1 to");
    }

    @Test
    void typed_sentences_are_read_completed_and_refused_with_their_place() {
        JsonNode move = server.post(
                        "/api/directions/read",
                        Map.of(
                                "rate",
                                25,
                                "phase",
                                "ARRIVE",
                                "sentence",
                                "words rise 60 px, 8 frames each, 3 apart, reverse, landing softly"))
                .json()
                .get("move");
        assertThat(move.at("/pace/each").asInt()).isEqualTo(8);
        assertThat(move.at("/order/kind").asString()).isEqualTo("reverse");
        TestServer.Answer wrong = server.post(
                "/api/directions/read", Map.of("rate", 25, "phase", "ARRIVE", "sentence", "words raise 60 px"));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.json().get("position").asInt()).isEqualTo(6);
        assertThat(wrong.json().get("end").asInt()).isEqualTo("words raise 60 px".length());
        assertThat(wrong.json().get("suggestions"))
                .anyMatch(phrase -> phrase.asString().startsWith("rise"));
        JsonNode found = server.post("/api/directions/complete", Map.of("phase", "LEAVE", "typed", "words si"))
                .json();
        assertThat(found.get(0).get("phrase").asString()).isEqualTo("sink 0.6 em");
        assertThat(server.post("/api/directions/easing", Map.of("function", "steps(3)"))
                        .status())
                .isEqualTo(200);
        assertThat(server.post("/api/directions/easing", Map.of("function", "wobble"))
                        .detail())
                .contains("is not an easing function");
    }

    @Test
    void an_intent_is_answered_with_the_patch_that_does_it() {
        Map<String, Object> draft =
                Map.of("base", 1, "patch", Map.of("operations", List.of()), "scene", "opening", "format", "wide");
        JsonNode set = server.post(
                        "/api/projects/ternholm-night-ferry/edit",
                        Map.of(
                                "draft",
                                draft,
                                "wish",
                                Map.of(
                                        "intent",
                                        Map.of(
                                                "kind",
                                                "setBySentence",
                                                "scene",
                                                "opening",
                                                "format",
                                                "wide",
                                                "block",
                                                "title",
                                                "sentence",
                                                "tracking 12"))))
                .json();
        assertThat(set.get("operations")).hasSize(1);
        assertThat(set.at("/operations/0/at").asString()).isEqualTo("scenes/opening/blocks/title/setting/tracking");
        assertThat(set.at("/operations/0/value").asInt()).isEqualTo(12);
        TestServer.Answer refused = server.post(
                "/api/projects/ternholm-night-ferry/edit",
                Map.of(
                        "draft",
                        draft,
                        "wish",
                        Map.of("intent", Map.of("kind", "splitScene", "scene", "opening", "at", 900))));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail())
                .contains("can be split at the frames 1 to 179")
                .doesNotContain("knollwind");
    }

    @Test
    void problems_are_told_in_words() {
        String id = server.project("Problems");
        String operations = "[{'op':'set','at':'scenes/scene-1/blocks/title/text','value':'A\u13a0'},"
                + "{'op':'set','at':'scenes/scene-1/blocks/title/span','value':{'start':0,'end':10}},"
                + "{'op':'set','at':'scenes/scene-1/blocks/title/setting/face/family','value':'Quayside'}]";
        assertThat(told(id, operations))
                .anyMatch(text -> text.contains("No shipped face has \u13a0"))
                .anyMatch(text -> text.contains("The face Quayside is not here"))
                .anyMatch(text -> text.contains("do not fit in 10 frames"));
    }

    /** Words that stand beyond the frame are told with how far; those that run through it are meant to. */
    @Test
    void words_that_reach_out_of_the_frame_are_told() {
        String id = server.project("Long words");
        String longer = "{'op':'set','at':'scenes/scene-1/blocks/title/text','value':'TERNHOLM HARBOUR OFFICE FOR LOST"
                + " COATS AND UMBRELLAS'}";
        String runs =
                "{'op':'set','at':'scenes/scene-1/blocks/title/place/crawl','value':{'direction':'left','speed':240}}";
        assertThat(told(id, "[]")).isEmpty();
        assertThat(told(id, "[" + longer + "]"))
                .filteredOn(text -> text.contains("reach"))
                .singleElement()
                .asString()
                .matches("The words reach \\d+ px beyond the left and \\d+ px beyond the right of the frame\\..*");
        assertThat(told(id, "[" + longer + "," + runs + "]")).noneMatch(text -> text.contains("reach"));
    }

    private List<String> told(String project, String operations) {
        List<String> told = new ArrayList<>();
        server.post("/api/projects/" + project + "/page", ProjectsTest.draft(1, operations, "scene-1"))
                .json()
                .get("problems")
                .forEach(problem -> told.add(problem.get("message").asString()));
        return told;
    }

    @Test
    void five_thousand_characters_and_empty_words_have_a_page_and_a_reel() {
        for (String text : List.of(
                "",
                "Bring a coat, the deck is windy. ".repeat(151),
                "\ud83d\udc69\u200d\ud83d\udc69\u200d\ud83d\udc67 \u05e9\u05dc\u05d5\u05dd \u0627\u0644\u0639\u0628\u0627\u0631\u0629")) {
            String id = server.project("Long");
            String operations = "[{'op':'set','at':'scenes/scene-1/blocks/title/text','value':'" + text + "'}]";
            assertThat(server.post("/api/projects/" + id + "/page", ProjectsTest.draft(1, operations, "scene-1"))
                            .status())
                    .isEqualTo(200);
            Map<String, Object> request = Map.of(
                    "draft",
                    DocumentJson.tree(ProjectsTest.draft(1, operations, "scene-1")),
                    "from",
                    0,
                    "to",
                    1,
                    "client",
                    "long",
                    "sequence",
                    System.nanoTime());
            assertThat(ReelReader.read(server.bytes("/api/projects/" + id + "/reel", request))
                            .rows())
                    .hasSize(2);
        }
    }

    private static Map<String, Object> reel(
            String operations, int from, int to, String client, long sequence, List<String> known) {
        JsonNode draft = DocumentJson.tree(ProjectsTest.draft(1, operations, "opening"));
        return Map.of("draft", draft, "from", from, "to", to, "client", client, "sequence", sequence, "known", known);
    }
}
