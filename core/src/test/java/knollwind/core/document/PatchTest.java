package knollwind.core.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import knollwind.core.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

class PatchTest {
    private static final String TITLE = "scenes/opening/blocks/title";

    @Test
    void each_operation_does_what_it_says() {
        JsonNode after = apply(
                "[{'op':'set','at':'name','value':'Ferry'},"
                        + "{'op':'splice','at':'" + TITLE + "/text','from':0,'removed':4,'inserted':'FIRST'},"
                        + "{'op':'reorder','at':'scenes/end-card','index':0},"
                        + "{'op':'remove','at':'scenes/skipper'},"
                        + "{'op':'clear','at':'scenes/opening/beats'},"
                        + "{'op':'insert','at':'fields','index':9,'value':{'id':'fare','name':'Fare','kind':'number','value':4}}]");
        assertThat(after.get("name").asString()).isEqualTo("Ferry");
        assertThat(after.get("scenes"))
                .extracting(scene -> scene.get("id").asString())
                .containsExactly("end-card", "opening", "stops", "announcement", "crossing", "wind", "note", "thanks");
        assertThat(Patch.find(after, TITLE + "/text").asString()).isEqualTo("FIRST BOAT\nHOME");
        assertThat(Patch.find(after, "scenes/opening").has("beats")).isFalse();
        assertThat(Patch.find(after, "fields/fare/value").asInt()).isEqualTo(4);
        assertThat(DocumentJson.read(after)).isNotNull();
    }

    /** The cases that the page's own patches are held to too. */
    private static JsonNode shared() {
        try (InputStream in = PatchTest.class.getResourceAsStream("/patch-cases.json")) {
            return DocumentJson.tree(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Stream<Arguments> changes() {
        return shared().get("changes")
                .valueStream()
                .map(one -> Arguments.of(one.get("name").asString(), one));
    }

    static Stream<Arguments> refused() {
        return shared().get("refused")
                .valueStream()
                .map(one -> Arguments.of(one.get("name").asString(), one));
    }

    private static Patch patch(JsonNode one) {
        return new Patch(one.get("operations")
                .valueStream()
                .map(operation -> DocumentJson.read(operation, Operation.class))
                .toList());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("changes")
    void a_shared_case_gives_its_result_and_its_inverse_takes_it_back(String name, JsonNode one) {
        JsonNode document = shared().get("document");
        Patch.Result result = patch(one).apply(document);
        assertThat(result.document()).isEqualTo(one.get("after"));
        assertThat(result.inverse().apply(result.document()).document()).isEqualTo(document);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("refused")
    void a_shared_case_that_does_not_fit_is_refused(String name, JsonNode one) {
        assertThatThrownBy(() -> patch(one).apply(shared().get("document")))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void the_inverse_takes_any_patch_back(long seed) {
        Random random = new Random(seed);
        JsonNode document = Samples.demoTree();
        for (int round = 0; round < 40; round++) {
            List<Operation> operations = new ArrayList<>();
            JsonNode now = document;
            for (int i = 0; i < 4; i++) {
                Operation operation = any(now, random, round * 10 + i);
                operations.add(operation);
                now = new Patch(List.of(operation)).apply(now).document();
            }
            JsonNode before = document.deepCopy();
            Patch.Result result = new Patch(operations).apply(document);
            assertThat(document).as("the document given stays").isEqualTo(before);
            assertThat(result.document()).isEqualTo(now);
            assertThat(result.inverse().apply(result.document()).document()).isEqualTo(document);
            document = now;
        }
    }

    @Test
    void what_does_not_change_is_shared_with_the_document_before() {
        JsonNode before = Samples.demoTree();
        JsonNode after = new Patch(List.of(new Operation.Splice(TITLE + "/text", 0, 1, "X")))
                .apply(before)
                .document();
        assertThat(Patch.find(after, "scenes/stops")).isSameAs(Patch.find(before, "scenes/stops"));
        assertThat(Patch.find(after, TITLE + "/setting")).isSameAs(Patch.find(before, TITLE + "/setting"));
        assertThat(Patch.find(after, TITLE)).isNotSameAs(Patch.find(before, TITLE));
    }

    private static Operation any(JsonNode document, Random random, int number) {
        JsonNode scenes = document.get("scenes");
        JsonNode scene = scenes.get(random.nextInt(scenes.size()));
        String at = "scenes/" + scene.get("id").asString();
        JsonNode blocks = scene.get("blocks");
        JsonNode block = blocks.get(random.nextInt(blocks.size()));
        String path = at + "/blocks/" + block.get("id").asString();
        String words = block.path("text").asString("");
        return switch (random.nextInt(7)) {
            case 0 -> new Operation.Set(path + "/name", text("Name " + number));
            case 1 ->
                block.has("kept")
                        ? new Operation.Clear(path + "/kept")
                        : new Operation.Set(path + "/kept", DocumentJson.tree("1"));
            case 2 ->
                new Operation.Insert(
                        at + "/blocks", random.nextInt(9), DocumentJson.tree("{\"id\":\"n" + number + "\"}"));
            case 3 -> blocks.size() > 1 ? new Operation.Remove(path) : new Operation.Set("name", text("x"));
            case 5 -> new Operation.Set(path, DocumentJson.tree("{\"id\":" + block.get("id") + ",\"name\":\"n\"}"));
            case 4 -> new Operation.Reorder(path, random.nextInt(9));
            default -> {
                if (words.isEmpty()) {
                    yield new Operation.Set("name", text("y" + number));
                }
                int from = random.nextInt(words.length());
                yield new Operation.Splice(
                        path + "/text",
                        from,
                        random.nextInt(words.length() - from + 1),
                        "ab".repeat(random.nextInt(3)));
            }
        };
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "{'op':'set','at':'scenes/nowhere/name','value':1} | no element with the id 'nowhere'",
                "{'op':'set','at':'scenes/opening/colour/x','value':1} | no 'colour'",
                "{'op':'remove','at':'scenes/nowhere'} | no element with the id 'nowhere'",
                "{'op':'clear','at':'colour'} | nothing stands there",
                "{'op':'insert','at':'scenes','index':0,'value':{'id':'opening'}} | already",
                "{'op':'insert','at':'scenes','index':0,'value':{}} | needs an id",
                "{'op':'insert','at':'name','index':0,'value':{'id':'a'}} | no list",
                "{'op':'splice','at':'scenes/opening/blocks/title/text','from':90,'removed':0,'inserted':''} | ends at 14",
                "{'op':'splice','at':'scenes/opening/length','from':0,'removed':0,'inserted':''} | no text",
                "{'op':'set','at':'','value':1} | path is missing",
            })
    void says_what_does_not_fit(String operation, String reason) {
        assertThatThrownBy(() -> apply("[" + operation + "]"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("cannot change")
                .hasMessageContaining(reason);
    }

    /** A run over BOAT (5 to 9 of "LAST BOAT\nHOME") under edits before, in, at and around it. */
    @ParameterizedTest(name = "at {0} remove {1} insert ''{2}''")
    @CsvSource({
        "0, 4, FIRST, 6, 10", // before it: it moves along
        "7, 0, xx, 5, 11", // inside: it grows
        "9, 0, S, 5, 10", // typed at its end belongs to it
        "5, 0, A, 6, 10", // typed at its start does not
        "3, 4, '', 3, 5", // over its beginning
        "8, 4, z, 5, 8", // over its end
        "12, 1, y, 5, 9", // after it: nothing changes
    })
    void runs_follow_the_edit(int from, int removed, String inserted, int start, int end) {
        JsonNode styled = styled();
        JsonNode after = new Patch(List.of(new Operation.Splice(TITLE + "/text", from, removed, inserted)))
                .apply(styled)
                .document();
        JsonNode run = Patch.find(after, TITLE + "/runs").get(0);
        assertThat(List.of(run.get("from").asInt(), run.get("to").asInt())).containsExactly(start, end);
    }

    @Test
    void a_run_whose_words_are_all_removed_goes_and_comes_back_with_undo() {
        JsonNode styled = styled();
        Patch.Result result = new Patch(List.of(new Operation.Splice(TITLE + "/text", 4, 6, ""))).apply(styled);
        assertThat(Patch.find(result.document(), TITLE + "/runs")).isEmpty();
        assertThat(result.inverse().apply(result.document()).document()).isEqualTo(styled);
    }

    /** A letter that goes its own way, the B of "LAST BOAT\nHOME", stays that letter whatever is typed beside it. */
    @ParameterizedTest(name = "at {0} remove {1} insert ''{2}''")
    @CsvSource({"0, 4, FIRST, 6, 7", "5, 0, A, 6, 7", "6, 0, x, 5, 6", "7, 2, '', 5, 6"})
    void what_goes_its_own_way_stays_with_its_character(int from, int removed, String inserted, int start, int end) {
        String moves = TITLE + "/arrive/moves";
        JsonNode before = apply("[{'op':'set','at':'" + moves + "/m1/own','value':[{'id':'o1','from':5,'to':6}]}]");
        Patch.Result after =
                new Patch(List.of(new Operation.Splice(TITLE + "/text", from, removed, inserted))).apply(before);
        JsonNode own = Patch.find(after.document(), moves + "/m1/own").get(0);
        assertThat(List.of(own.get("from").asInt(), own.get("to").asInt())).containsExactly(start, end);
        assertThat(after.inverse().apply(after.document()).document()).isEqualTo(before);
    }

    private static JsonNode text(String text) {
        return DocumentJson.tree('"' + text + '"');
    }

    private static JsonNode styled() {
        return apply(
                "[{'op':'set','at':'" + TITLE + "/runs','value':[{'id':'r','from':5,'to':9,'colour':'#c8472f'}]}]");
    }

    private static JsonNode apply(String operations) {
        String json = "{\"operations\":" + operations.replace('\'', '"') + "}";
        return DocumentJson.read(DocumentJson.tree(json), Patch.class)
                .apply(Samples.demoTree())
                .document();
    }
}
