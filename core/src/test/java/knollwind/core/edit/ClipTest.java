package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Blocks go through the clipboard as text, and stand by themselves where they are pasted. */
class ClipTest {
    private static final String S = "scenes/s/blocks/";
    private static final String T = "scenes/t/blocks/";
    private final EditedProject project = new EditedProject();

    private String copied(String... blocks) {
        return Clip.of(project.draft(), "s", List.of(blocks));
    }

    private JsonNode pasted(String clip, double frame) {
        return project.at(T + project.does(new Paste("t", clip, frame)).block());
    }

    private static JsonNode json(String text) {
        return EditedProject.json(text);
    }

    @Test
    void pasted_blocks_begin_at_the_playhead_and_go_on_belonging_to_each_other() {
        project.with(S + "lamp/span", "{'start':30,'end':60}")
                .with(S + "bell/span/startsAt", "{'block':'lamp','edge':'start','offset':7}")
                .with(
                        "scenes/s/formats/tall/overrides",
                        "[{'id':'lamp.opacity','block':'lamp','path':['opacity'],'value':0.5}]");
        JsonNode lamp = pasted(copied("lamp", "bell"), 12);
        assertThat(project.at("scenes/t/blocks").valueStream().map(Nodes::id))
                .containsExactly("title-2", "line-2", "lamp-2", "bell-2");
        assertThat(lamp.path("span")).hasToString("{\"start\":12,\"end\":42}");
        assertThat(project.at(T + "bell-2/span/startsAt/block").asString()).isEqualTo("lamp-2");
        assertThat(project.at("scenes/t/formats/tall/overrides/lamp-2.opacity/value")
                        .asDouble())
                .isEqualTo(0.5);
    }

    @Test
    void what_does_not_come_along_becomes_present_times_places_and_sizes() {
        project.with("scenes/s/cues", "[{'id':'horn','name':'Horn','at':21}]")
                .with(S + "title/span/startsAt", "{'cue':'horn','offset':2}")
                .with(
                        S + "lamp/place/attach",
                        "{'to':'title','side':'under','gap':{'value':4,'unit':'px'},'level':'left','sameWidth':false}")
                .with(S + "lamp/span/startsAt", "{'block':'title','edge':'start','offset':4}")
                .with(S + "line/place/follow", "{'to':'lamp','delay':3}")
                .with(
                        S + "bell/shape",
                        "{'kind':'plate','behind':['title'],'radius':6,'box':'metric','waits':false,"
                                + "'padding':{'left':20,'top':10,'right':20,'bottom':10}}");
        var scores = project.draft()
                .scores(
                        project.draft().scene("s"),
                        project.draft().scene("s").formats().get(0));
        String clip = copied("lamp", "bell", "line", "title");
        JsonNode title = pasted(copied("title"), 0);
        assertThat(title.path("span")).hasToString("{\"start\":0,\"end\":80}");
        JsonNode lamp = pasted(copied("lamp"), 27);
        assertThat(lamp.path("span")).hasToString("{\"start\":27,\"end\":107}");
        assertThat(lamp.path("place").has("attach")).isFalse();
        assertThat(lamp.at("/place/x/value").asDouble())
                .isEqualTo(scores.get("lamp").base().x(), within());
        assertThat(lamp.at("/place/y/value").asDouble())
                .isEqualTo(scores.get("lamp").base().y(), within());
        assertThat(pasted(copied("line"), 0).path("place").has("follow")).isFalse();
        JsonNode plate = pasted(copied("bell"), 0).path("shape");
        assertThat(plate.path("kind").asString()).isEqualTo("rectangle");
        assertThat(plate.at("/width/value").asDouble())
                .isEqualTo(scores.get("title").set().whole().advance().width() + 40, within());
        // All of them together keep what they have of each other.
        assertThat(clip).contains("\"attach\"", "\"follow\"", "\"plate\"").doesNotContain("horn");
    }

    private static Offset<Double> within() {
        return Offset.offset(0.01);
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '"',
            value = {
                "The last ferry, The last ferry",
                "\"  a\tb\r\nc \", a b c",
                "Boarding begins at gate four in ten minutes, Boarding begins at gate four in…"
            })
    void plain_words_become_a_block_that_is_called_by_them(String words, String name) {
        JsonNode block = pasted(words, 30);
        assertThat(block.path("name").asString()).isEqualTo(name);
        assertThat(block.path("text").asString()).isEqualTo(words.replace("\r\n", "\n"));
        assertThat(block.at("/span/start").asInt()).isEqualTo(30);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "  \n ",
                "{\"documentVersion\":3",
                "{\"documentVersion\":3,\"scenes\":[]}",
                "{\"documentVersion\":99,\"scenes\":[{}]}",
                "{\"documentVersion\":3,\"engineVersion\":\"1\",\"id\":\"x\","
                        + "\"name\":\"x\",\"scenes\":[{\"id\":\"../x\",\"blocks\":[{}]}]}"
            })
    void what_holds_nothing_to_paste_is_refused_with_the_reason(String text) {
        assertThatThrownBy(() -> pasted(text, 0))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("copied");
        assertThatThrownBy(() -> copied("none")).hasMessageContaining("choose");
    }

    @Test
    void two_thousand_blocks_are_pasted_at_once() {
        JsonNode clip = json(copied("lamp").replace('"', '\''));
        JsonNode blocks = clip.path("scenes").path(0).path("blocks");
        JsonNode lamp = blocks.get(0);
        for (int i = 1; i < 2000; i++) {
            ((ArrayNode) blocks).add(((ObjectNode) lamp.deepCopy()).put("id", "lamp" + i));
        }
        pasted(clip.toString(), 0);
        assertThat(project.at("scenes/t/blocks").size()).isEqualTo(2002);
    }

    @Test
    void a_locked_block_is_not_taken_away() {
        project.with(S + "lamp/locked", "true").does(new RemoveBlocks("s", List.of("lamp", "bell")));
        assertThat(project.at("scenes/s/blocks").valueStream().map(Nodes::id)).containsExactly("title", "line", "lamp");
    }

    @Test
    void a_block_that_was_attached_to_one_that_is_taken_away_stays_where_it_stands() {
        project.with(
                S + "lamp/place/attach",
                "{'to':'title','side':'under','gap':{'value':4,'unit':'px'},'level':'left','sameWidth':false}");
        double y = project.draft()
                .scores(
                        project.draft().scene("s"),
                        project.draft().scene("s").formats().get(0))
                .get("lamp")
                .base()
                .y();
        project.does(new RemoveBlocks("s", List.of("title")));
        assertThat(project.has(S + "lamp/place/attach")).isFalse();
        assertThat(project.at(S + "lamp/place/y/value").asDouble()).isEqualTo(y, within());
    }

    @Test
    void words_with_empty_lines_between_come_one_after_the_other_in_one_place() {
        Outcome pasted = project.does(new Paste("t", "Fog\r\non deck\n \n\nBell\n\nHome\n", 10));
        List<JsonNode> made = project.at("scenes/t/blocks")
                .valueStream()
                .filter(block -> Nodes.id(block).startsWith("words-"))
                .toList();
        assertThat(made).extracting(one -> one.path("text").asString()).containsExactly("Fog\non deck", "Bell", "Home");
        assertThat(pasted.block()).isEqualTo(Nodes.id(made.get(0)));
        for (int i = 1; i < made.size(); i++) {
            assertThat(made.get(i).at("/span/start").asDouble())
                    .isEqualTo(made.get(i - 1).at("/span/end").asDouble());
        }
        assertThat(made.get(0).at("/span/start").asDouble()).isEqualTo(10);
        // A long text is one to be read.
        int before = project.at("scenes/t/blocks").size();
        project.does(new Paste("t", "Line\n\n".repeat(61), 0));
        assertThat(project.at("scenes/t/blocks").size()).isEqualTo(before + 1);
    }
}
