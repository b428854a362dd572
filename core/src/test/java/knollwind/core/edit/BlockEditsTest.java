package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import knollwind.core.document.Operation;
import knollwind.core.scene.BlockEdge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.StringNode;

/** Blocks in time, copies, moves, keys, and what stands in other scenes. */
class BlockEditsTest {
    private static final String S = "scenes/s/blocks/";
    private final EditedProject project = new EditedProject();

    private static JsonNode json(String text) {
        return EditedProject.json(text);
    }

    private TimeHandle.Handles handles(String block) {
        Draft draft = project.draft();
        var score = draft.scores(draft.scene("s"), draft.scene("s").formats().get(0))
                .get(block);
        return TimeHandle.of(Nodes.blockOf(draft.scene("s"), block).span(), score.timing(), S + block);
    }

    private JsonNode dragged(List<Operation> operations, String block) {
        project.does(new SetValues(operations));
        return project.at(S + block + "/span");
    }

    @Test
    void a_block_is_dragged_with_both_ends_and_stops_at_the_first_frame() {
        assertThat(dragged(handles("line").move().to(7), "line")).isEqualTo(json("{'start':17,'end':97}"));
        assertThat(dragged(handles("line").move().to(-40), "line")).isEqualTo(json("{'start':0,'end':80}"));
        assertThat(dragged(handles("line").start().to(200), "line")).isEqualTo(json("{'start':79,'end':80}"));
        assertThat(dragged(handles("line").end().to(2), "line")).isEqualTo(json("{'start':79,'end':80}"));
        assertThat(dragged(handles("line").move().to(-4.5), "line").get("start").asDouble())
                .isEqualTo(74.5);
    }

    @Test
    void what_hangs_keeps_hanging_so_much_later() {
        project.with("scenes/s/cues", "[{'id':'horn','at':20,'name':'Horn'}]")
                .with(S + "line/span/startsAt", "{'cue':'horn','offset':4}");
        assertThat(dragged(handles("line").move().to(7), "line"))
                .isEqualTo(json("{'start':10,'end':90,'startsAt':{'cue':'horn','offset':11}}"));
        // It is on from 31 to 111 by now; its end stays where its start is dragged.
        assertThat(dragged(handles("line").start().to(36), "line"))
                .isEqualTo(json("{'start':10,'end':85,'startsAt':{'cue':'horn','offset':16}}"));
        assertThat(dragged(handles("line").end().to(100), "line").get("end").asDouble())
                .isEqualTo(74);
        project.with(S + "line/span/endsAt", "{'block':'lamp','edge':'end','offset':-2}");
        assertThat(dragged(handles("line").end().to(80), "line")
                        .at("/endsAt/offset")
                        .asDouble())
                .isEqualTo(-10);
    }

    @Test
    void an_end_is_hung_instead_of_the_moment_inside_it() {
        project.with(S + "line/span/landsAt", "{'block':'lamp','edge':'start','offset':3}");
        project.does(new HangBlock("s", "wide", "line", BlockEdge.START, null, "bell", BlockEdge.LANDED));
        assertThat(project.at(S + "line/span"))
                .isEqualTo(json("{'start':10,'end':90,'startsAt':{'block':'bell','edge':'landed','offset':0.0}}"));
        assertThatThrownBy(() -> new HangBlock("s", "wide", "line", BlockEdge.LANDED, "horn", null, null))
                .hasMessageContaining("start or the end");
    }

    @Test
    void copies_stand_in_front_of_what_they_were_made_of_and_belong_to_each_other() {
        project.with(
                        S + "lamp/place/attach",
                        "{'to':'line','side':'right','gap':{'value':4,'unit':'px'},'level':'top','sameWidth':false}")
                .with(
                        S + "bell/place/attach",
                        "{'to':'title','side':'under','gap':{'value':4,'unit':'px'},'level':'left','sameWidth':false}")
                .with(
                        "scenes/s/formats/tall/overrides",
                        "[{'id':'line.opacity','block':'line','path':['opacity'],'value':0.5}]");
        project.does(new CopyBlocks("s", List.of("lamp", "line", "bell"), 5));
        assertThat(project.at("scenes/s/blocks").valueStream().map(Nodes::id))
                .containsExactly("title", "line", "line-3", "lamp", "lamp-2", "bell", "bell-2");
        assertThat(project.at(S + "line-3/name").asString()).isEqualTo("line 2");
        assertThat(project.at(S + "line-3/span")).isEqualTo(json("{'start':15,'end':95}"));
        assertThat(project.at(S + "lamp-2/place/attach/to").asString()).isEqualTo("line-3");
        assertThat(project.at(S + "bell-2/place/attach/to").asString()).isEqualTo("title");
        assertThat(project.at("scenes/s/formats/tall/overrides")
                        .valueStream()
                        .map(one -> one.path("block").asString("")))
                .containsExactly("line", "line-3");
    }

    @Test
    void what_hung_on_a_block_that_is_taken_away_stays_where_it_is() {
        project.with(S + "lamp/span", "{'start':30,'end':60}")
                .with(S + "line/span/startsAt", "{'block':'lamp','edge':'start','offset':5}")
                .with(S + "bell/span/startsAt", "{'block':'line','edge':'start','offset':1}")
                .with(
                        "scenes/s/formats/tall/overrides",
                        "[{'id':'lamp.opacity','block':'lamp','path':['opacity'],'value':0.5},"
                                + "{'id':'bell.opacity','block':'bell','path':['opacity'],'value':0.5}]");
        project.does(new RemoveBlocks("s", List.of("lamp", "title")));
        assertThat(project.at("scenes/s/blocks").valueStream().map(Nodes::id)).containsExactly("line", "bell");
        assertThat(project.at(S + "line/span")).hasToString("{\"start\":35,\"end\":115}");
        assertThat(project.at(S + "bell/span/startsAt/block").asString()).isEqualTo("line");
        assertThat(project.at("scenes/s/formats/tall/overrides").valueStream().map(Nodes::id))
                .containsExactly("bell.opacity");
    }

    @ParameterizedTest
    @CsvSource({
        "FRONT, title bell line lamp",
        "BACK, line lamp title bell",
        "NEARER, title bell line lamp",
        "FURTHER, line lamp title bell"
    })
    void blocks_are_laid_before_and_behind_others(RestackBlocks.To to, String order) {
        RestackBlocks restack = new RestackBlocks("s", List.of("lamp", "line"), to, null);
        project.does(restack);
        assertThat(project.at("scenes/s/blocks").valueStream().map(Nodes::id)).containsExactly(order.split(" "));
        // They have arrived.
        assertThat(project.does(restack).operations()).isEmpty();
    }

    @Test
    void a_piece_is_shifted_that_goes_its_own_way_already_and_one_that_does_not() {
        String move =
                EditedProject.MOVE.formatted("m1").replace("'own':[]", "'own':[{'id':'o1','from':2,'to':3,'shift':2}]");
        project.with(S + "title/arrive", "{'moves':[" + move + "]}");
        project.does(new ShiftPiece("s", "wide", "title", "arrive", "m1", 2, 3, 3));
        project.does(new ShiftPiece("s", "wide", "title", "arrive", "m1", 0, 1, -2));
        assertThat(project.at(S + "title/arrive/moves/m1/own"))
                .isEqualTo(json("[{'id':'o1','from':2,'to':3,'shift':5},{'id':'o2','from':0,'to':1,'shift':-2}]"));
        assertThat(project.does(new ShiftPiece("s", "wide", "title", "arrive", "m1", 0, 1, 0))
                        .operations())
                .isEmpty();
        assertThatThrownBy(() -> project.does(new ShiftPiece("s", "wide", "title", "arrive", "gone", 0, 1, 1)))
                .hasMessageContaining("has no move 'gone'");
    }

    private List<String> styled(int from, int to) {
        project.does(new StyleWords("s", "title", from, to));
        return project.at(S + "title/runs")
                .valueStream()
                .map(run -> run.path("from").asInt() + "-" + run.path("to").asInt() + " "
                        + run.path("colour").asString(""))
                .toList();
    }

    @Test
    void a_stretch_of_words_gets_a_style_of_its_own_and_others_make_room() {
        project.with(S + "title/text", "'HOME BOAT'")
                .with(S + "title/runs", "[{'id':'r1','from':6,'to':9,'colour':'#112233'}]");
        assertThat(styled(0, 4)).containsExactly("0-4 #f0b64a", "6-9 #112233");
        assertThat(styled(3, 7)).containsExactly("0-3 #f0b64a", "3-7 #f0b64a", "7-9 #112233");
        project.with(S + "title/runs", "[{'id':'a','from':0,'to':9,'colour':'#112233'}]");
        assertThat(styled(3, 5)).containsExactly("0-3 #112233", "3-5 #112233", "5-9 #112233");
        assertThat(project.at(S + "title/runs").valueStream().map(Nodes::id)).doesNotHaveDuplicates();
        assertThatThrownBy(() -> styled(4, 40)).hasMessageContaining("no stretch");
        assertThatThrownBy(() -> project.does(new StyleWords("s", "line", 0, 1)))
                .hasMessageContaining("only words");
    }

    @Test
    void what_a_format_has_otherwise_is_what_is_changed_there() {
        Looking tall = new Looking("s", "tall", false, 0, false, false);
        project.with(S + "title/arrive", "{'moves':[" + EditedProject.MOVE.formatted("m1") + "]}")
                .with(S + "line/fill", "{'kind':'scene','scene':'t','mode':'whole'}");
        Wish shift = new Wish(new ShiftPiece("s", "tall", "title", "arrive", "m1", 0, 1, 3), tall);
        project.does(shift);
        project.does(shift);
        project.does(new Wish(new ShiftPiece("s", "tall", "title", "arrive", "m1", 2, 3, 4), tall));
        assertThat(project.at("scenes/s/formats/tall/overrides/title.arrive.moves.m1.own/value"))
                .isEqualTo(json("[{'id':'o1','from':0,'to':1,'shift':6},{'id':'o2','from':2,'to':3,'shift':4}]"));
        assertThat(project.at(S + "title/arrive/moves/m1/own")).isEmpty();
        Wish text = new Wish(
                new FillNested(
                        "s",
                        "tall",
                        "line",
                        "title-2",
                        List.of(
                                new FillNested.Other(List.of("text"), new StringNode("PIER")),
                                new FillNested.Other(List.of("opacity"), json("0.5")))),
                tall);
        project.does(text);
        assertThat(project.at("scenes/s/formats/tall/overrides/line.fill.changes/value"))
                .hasSize(2);
        project.does(new Wish(new HangBlock("s", "tall", "line", BlockEdge.END, null, "bell", BlockEdge.END), tall));
        assertThat(project.has(S + "line/span/endsAt")).isFalse();
        assertThat(project.has("scenes/s/formats/tall/overrides/line.span.endsAt"))
                .isTrue();
    }

    @Test
    void moves_are_pasted_whole_or_only_their_pace_or_what_changes() {
        JsonNode copied = json(EditedProject.MOVE
                .formatted("m1")
                .replace("'each':10", "'each':7")
                .replace("'value':1.0,'easing':'linear'", "'value':1.0,'easing':'ease'"));
        JsonNode whole = json(EditedProject.whole("m2"));
        List<String> both = List.of("title", "line");
        project.does(new PasteMoves("s", "wide", both, "arrive", List.of(copied, whole), PasteMoves.Share.ALL));
        assertThat(project.at(S + "title/arrive/moves")).hasSize(2);
        assertThat(project.at(S + "line/arrive/moves").valueStream().map(Nodes::id))
                .containsExactly("m1");
        project.does(new PasteMoves("s", "wide", both, "arrive", List.of(copied), PasteMoves.Share.ALL));
        assertThat(project.at(S + "title/arrive/moves").valueStream().map(Nodes::id))
                .containsExactly("m1", "m2", "m3");
        project.does(new PasteMoves("s", "wide", both, "arrive", List.of(copied), PasteMoves.Share.PACE));
        assertThat(project.at(S + "line/arrive/moves/m1/pace/each").asDouble()).isEqualTo(7);
        project.does(new PasteMoves("s", "wide", both, "arrive", List.of(copied), PasteMoves.Share.CHANNELS));
        assertThat(project.at(S + "line/arrive/moves/m1/channels/c1/keys/k1/easing")
                        .asString())
                .isEqualTo("ease");
        assertThatThrownBy(() -> new PasteMoves("s", "wide", both, "arrive", List.of(), PasteMoves.Share.ALL))
                .hasMessageContaining("no moves");
    }

    @Test
    void the_last_change_is_done_again_where_it_fits() {
        project.with(S + "title/arrive", "{'moves':[" + EditedProject.MOVE.formatted("m1") + "]}")
                .with(S + "line/arrive", "{'moves':[" + EditedProject.whole("m9") + "]}");
        List<Operation> moved = List.of(EditedProject.set(S + "title/arrive/moves/m1/after", "4"));
        assertThat(project.does(new DoAgain(moved, List.of("title", "line", "lamp")))
                        .operations())
                .extracting(Operation::at)
                .containsExactly(S + "line/arrive/moves/m9/after");
        List<Operation> added =
                List.of(new Operation.Insert(S + "title/arrive/moves", 1, json(EditedProject.whole("m9"))));
        project.does(new DoAgain(added, List.of("line")));
        assertThat(project.at(S + "line/arrive/moves").valueStream().map(Nodes::id))
                .containsExactly("m9", "m1");
        List<Operation> words = List.of(new Operation.Splice(S + "title/text", 0, 0, "a"));
        assertThat(project.does(new DoAgain(words, List.of("line"))).said())
                .isEqualTo("There is nothing to do again here.");
        assertThat(project.does(new DoAgain(List.of(), List.of("line"))).operations())
                .isEmpty();
    }

    @Test
    void words_are_replaced_in_all_directions_or_in_none() {
        project.with(S + "title/arrive", "{'moves':[" + EditedProject.MOVE.formatted("m1") + "]}");
        Outcome outcome = project.does(new ReplaceInDirections("s", "wide", "Characters", "words"));
        assertThat(project.at(S + "title/arrive/moves/m1/unit").asString()).isEqualTo("word");
        assertThat(outcome.said()).isEqualTo("Replaced in one direction.");
        project.does(new ReplaceInDirections("s", "wide", "120 px", "90 px"));
        assertThat(project.at(S + "title/setting/size").asDouble()).isEqualTo(90);
        JsonNode before = project.tree();
        assertThatThrownBy(() -> project.does(new ReplaceInDirections("s", "wide", "words", "lanterns")))
                .hasMessageContaining("nothing was replaced. Title: ");
        assertThat(project.tree()).isEqualTo(before);
        assertThatThrownBy(() -> new ReplaceInDirections("s", "wide", " ", "x")).hasMessageContaining("by what");
    }

    @Test
    void a_scene_that_stands_in_another_gets_other_words_there_and_its_own_back() {
        project.with(S + "line/fill", "{'kind':'scene','scene':'t','mode':'whole'}");
        fill(List.of("text"), new StringNode("PIER"));
        fill(List.of("opacity"), json("0.5"));
        fill(List.of("text"), new StringNode("QUAY"));
        assertThat(project.at(S + "line/fill/changes"))
                .isEqualTo(json("[{'id':'title-2.text','block':'title-2','path':['text'],'value':'QUAY'},"
                        + "{'id':'title-2.opacity','block':'title-2','path':['opacity'],'value':0.5}]"));
        fill(List.of("text"), null);
        fill(List.of("text"), null);
        assertThat(project.at(S + "line/fill/changes")).hasSize(1);
        assertThatThrownBy(() -> project.does(new FillNested("s", "wide", "lamp", "title-2", List.of())))
                .hasMessageContaining("no scene stands in");
    }

    private void fill(List<String> path, JsonNode value) {
        project.does(new FillNested("s", "wide", "line", "title-2", List.of(new FillNested.Other(path, value))));
    }

    private static final String KEYS = "{'track':[{'id':'k1','at':0,'value':0,'easing':'linear'},"
            + "{'id':'k2','at':30,'value':1,'easing':'ease'},{'id':'k3','anchor':'end','at':10,'value':0.5,'easing':'linear'}]}";

    private List<Double> values(String member) {
        return project.at(S + "line/" + member + "/track")
                .valueStream()
                .map(key -> key.path("value").asDouble())
                .toList();
    }

    @Test
    void a_key_is_added_with_what_is_there_once() {
        project.with(S + "line/opacity", KEYS)
                .with(
                        S + "line/place/x",
                        "{'track':[{'id':'k1','at':0,'value':{'value':10,'unit':'frame'}},"
                                + "{'id':'k2','at':40,'value':{'value':30,'unit':'frame'}}]}");
        project.does(new AddKey("s", "wide", "line", "opacity", 25));
        assertThat(values("opacity")).containsExactly(0.0, 0.5, 1.0, 0.5);
        assertThat(project.does(new AddKey("s", "wide", "line", "opacity", 25)).operations())
                .isEmpty();
        project.does(new AddKey("s", "wide", "line", "place/x", 30));
        assertThat(project.at(S + "line/place/x/track/k3/value")).isEqualTo(json("{'value':20.0,'unit':'frame'}"));
        // What stood still holds its value until there.
        project.does(new AddKey("s", "wide", "line", "place/scale", 25));
        assertThat(project.at(S + "line/place/scale"))
                .isEqualTo(json("{'track':[{'id':'k1','anchor':'start','at':15,'value':1.0,"
                        + "'easing':'cubic-bezier(0.65, 0, 0.35, 1)'}]}"));
        assertThatThrownBy(() -> project.does(new AddKey("s", "wide", "line", "place/pivot", 25)))
                .hasMessageContaining("cannot carry keys");
    }

    @Test
    void keys_are_removed_until_the_value_stands_still() {
        project.with(S + "line/opacity", KEYS);
        remove("opacity", "k2");
        assertThat(values("opacity")).containsExactly(0.0, 0.5);
        remove("opacity", "k1", "k3");
        assertThat(project.at(S + "line/opacity").asDouble()).isZero();
        String path = "{'stops':[{'id':'p1','x':3,'y':7,'at':0},{'id':'p2','x':5,'y':7,'at':9}]}";
        project.with(S + "line/place/way", path);
        remove("place/way", "p1");
        assertThat(project.has(S + "line/place/way")).isFalse();
        assertThat(project.at(S + "line/place/x/value").asDouble()).isEqualTo(5);
        project.with(S + "line/place/way", path);
        remove("place/way", "p1", "p2");
        assertThat(project.at(S + "line/place/x/value").asDouble()).isEqualTo(5);
    }

    private void remove(String member, String... keys) {
        project.does(new RemoveKeys(
                "s",
                "wide",
                "line",
                Stream.of(keys).map(id -> new RemoveKeys.KeyName(member, id)).toList()));
    }

    @Test
    void keys_are_pasted_from_a_frame_on() {
        project.with(S + "line/opacity", KEYS);
        List<PasteKeys.CopiedKey> copied = List.of(
                new PasteKeys.CopiedKey("opacity", 0, json("{'id':'k1','at':0,'value':0.1,'easing':'hold'}")),
                new PasteKeys.CopiedKey("opacity", 30, json("{'id':'k2','at':30,'value':0.9,'easing':'linear'}")));
        project.does(new PasteKeys("s", "wide", "line", 50, copied));
        // The second falls on the key that is 10 frames before the end.
        assertThat(values("opacity")).containsExactly(0.0, 1.0, 0.1, 0.9);
        project.does(new PasteKeys("s", "wide", "lamp", 20, copied));
        assertThat(project.at(S + "lamp/opacity/track")
                        .valueStream()
                        .map(key -> key.path("at").asDouble()))
                .containsExactly(10.0, 40.0);
    }
}
