package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import knollwind.core.document.Operation;
import knollwind.core.filling.Filler;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What becomes of changes in a format, while keys are recorded, at keys and in shared moves. */
class WishTest {
    private static final String TITLE = "scenes/s/blocks/title";
    private static final String LINE = "scenes/s/blocks/line";
    private static final String OVERRIDES = "scenes/s/formats/tall/overrides";
    private static final String TRACK = "{'track':[{'id':'k1','anchor':'start','at':0,'value':5,'easing':'ease'},"
            + "{'id':'k2','anchor':'hold','at':0.5,'value':15,'easing':'linear'},"
            + "{'id':'k3','anchor':'end','at':0,'value':25,'easing':'linear'}]}";

    private final EditedProject project = new EditedProject();

    private static Looking at(double frame, boolean recording) {
        return new Looking("s", "wide", false, frame, recording, false);
    }

    private static final Looking TALL = new Looking("s", "tall", false, 0, false, false);

    private Operation.Set set(String at, String json) {
        return EditedProject.set(at, json);
    }

    private static JsonNode json(String text) {
        return EditedProject.json(text);
    }

    private Block tall(String block) {
        Scene scene = project.draft().scene("s");
        return Nodes.blockIn(Filler.blocks(scene, scene.format("tall")), block);
    }

    @Test
    void a_change_in_a_format_leaves_the_base_alone_and_replaces_itself() {
        JsonNode base = project.at("scenes/s/blocks");
        project.change(TALL, set(TITLE + "/setting/size", "120"));
        project.change(TALL, set(TITLE + "/setting/size", "140"));
        assertThat(project.at("scenes/s/blocks")).isEqualTo(base);
        assertThat(project.at(OVERRIDES)).hasSize(1);
        assertThat(tall("title").asWords().orElseThrow().setting().size().literal())
                .contains(140.0);
    }

    @Test
    void a_larger_change_takes_in_what_lies_inside_it_and_is_changed_inside() {
        project.change(TALL, set(TITLE + "/place/rotation", "9"));
        project.change(TALL, set(TITLE + "/place", project.at(TITLE + "/place").toString()));
        project.change(TALL, set(TITLE + "/place/rotation", "7"));
        assertThat(project.at(OVERRIDES)).hasSize(1);
        assertThat(tall("title").place().rotation().literal()).contains(7.0);
    }

    @Test
    void values_are_taken_away_and_lists_are_taken_over_as_a_whole() {
        project.with(TITLE + "/setting/column", "{'value':60,'unit':'frame'}")
                .with(TITLE + "/arrive", "{'moves':[" + EditedProject.MOVE.formatted("m1") + "]}");
        project.change(TALL, new Operation.Clear(TITLE + "/setting/column"));
        assertThat(tall("title").asWords().orElseThrow().setting().column()).isNull();
        project.change(TALL, set(TITLE + "/arrive/moves/m1/after", "5"));
        project.change(
                TALL,
                new Operation.Insert(TITLE + "/arrive/moves", 9, json(EditedProject.MOVE.formatted("m2"))),
                set(TITLE + "/arrive/moves/m2/after", "2"));
        assertThat(tall("title").arrive().moves()).extracting(move -> move.id()).containsExactly("m1", "m2");
        assertThat(tall("title").arrive().moves().get(0).after()).isEqualTo(5);
        assertThat(tall("title").arrive().moves().get(1).after()).isEqualTo(2);
        project.change(TALL, new Operation.Reorder(TITLE + "/arrive/moves/m2", 0));
        project.change(TALL, new Operation.Remove(TITLE + "/arrive/moves/m1"));
        assertThat(tall("title").arrive().moves()).extracting(move -> move.id()).containsExactly("m2");
        assertThat(project.at(TITLE + "/arrive/moves")).hasSize(1);
    }

    @Test
    void an_element_that_was_changed_in_the_format_can_be_taken_away() {
        project.with(TITLE + "/arrive", "{'moves':[" + EditedProject.MOVE.formatted("m1") + "]}");
        project.change(TALL, set(TITLE + "/arrive/moves/m1", EditedProject.MOVE.formatted("m1")));
        project.change(TALL, new Operation.Remove(TITLE + "/arrive/moves/m1"));
        assertThat(tall("title").arrive().moves()).isEmpty();
        assertThat(project.at(OVERRIDES)).hasSize(1);
    }

    @Test
    void the_words_other_scenes_and_the_base_format_are_never_routed() {
        JsonNode before = project.at(OVERRIDES);
        project.change(TALL, new Operation.Splice(TITLE + "/text", 4, 0, "!"));
        project.change(TALL, set(TITLE + "/name", "'Head'"));
        project.change(TALL, set("scenes/t/blocks/line-2/opacity", "0.5"));
        project.change(TALL, set("name", "'New'"));
        project.change(at(0, false), set(TITLE + "/opacity", "0.5"));
        project.change(new Looking("s", "tall", true, 0, false, false), set(LINE + "/opacity", "0.25"));
        assertThat(project.at(OVERRIDES)).isEqualTo(before);
        assertThat(project.at(TITLE + "/text").asString()).isEqualTo("HOME!");
        assertThat(project.at(LINE + "/opacity").asDouble()).isEqualTo(0.25);
    }

    @Test
    void a_number_that_stands_still_begins_to_change_while_keys_are_recorded() {
        assertThat(project.change(at(40, false), set(LINE + "/place/rotation", "12"))
                        .said())
                .isEmpty();
        assertThat(project.at(LINE + "/place/rotation").asDouble()).isEqualTo(12);
        project.change(at(40, true), set(LINE + "/place/rotation", "20"));
        assertThat(project.at(LINE + "/place/rotation"))
                .isEqualTo(json("{'track':[{'id':'k1','anchor':'start','at':0,'value':12,"
                        + "'easing':'cubic-bezier(0.65, 0, 0.35, 1)'},"
                        + "{'id':'k2','anchor':'start','at':30,'value':20,'easing':'linear'}]}"));
        project.change(at(10, true), set(LINE + "/opacity", "0.5"));
        assertThat(project.at(LINE + "/opacity").asDouble()).isEqualTo(0.5);
    }

    @Test
    void what_is_recorded_holding_keeps_the_value_before_until_there() {
        Looking holding = new Looking("s", "wide", false, 40, true, true);
        project.change(holding, set(LINE + "/place/rotation", "20"));
        assertThat(project.at(LINE + "/place/rotation/track/k1/easing").asString())
                .isEqualTo("hold");
        project.with(TITLE + "/opacity", "{'track':[{'id':'k1','at':0,'value':1,'easing':'ease'}]}");
        project.change(holding, set(TITLE + "/opacity", "0.5"));
        assertThat(project.at(TITLE + "/opacity/track"))
                .isEqualTo(json("[{'id':'k1','at':0,'value':1,'easing':'hold'},"
                        + "{'id':'k2','anchor':'start','at':30,'value':0.5,'easing':'ease'}]"));
        project.change(
                holding,
                set(TITLE + "/place/x", "{'value':500,'unit':'px'}"),
                set(TITLE + "/place/y", "{'value':300,'unit':'px'}"));
        assertThat(project.at(TITLE + "/place/way/stops/p1/easing").asString()).isEqualTo("hold");
        project.change(
                new Looking("s", "wide", false, 60, true, true),
                set(TITLE + "/place/x", "{'value':420,'unit':'px'}"),
                set(TITLE + "/place/y", "{'value':320,'unit':'px'}"));
        assertThat(project.at(TITLE + "/place/way/stops/p2/easing").asString()).isEqualTo("hold");
    }

    @Test
    void a_recorded_number_goes_into_the_key_that_is_there_or_between_its_neighbours() {
        project.with(LINE + "/place/rotation", TRACK);
        project.change(at(50, true), set(LINE + "/place/rotation", "1"));
        project.change(at(30, true), set(LINE + "/place/rotation", "2"));
        JsonNode track = project.at(LINE + "/place/rotation/track");
        assertThat(track.valueStream().map(key -> key.path("id").asString(""))).containsExactly("k1", "k4", "k2", "k3");
        assertThat(track.get(1)).isEqualTo(json("{'id':'k4','anchor':'start','at':20,'value':2,'easing':'ease'}"));
        assertThat(track.get(2).get("value").asDouble()).isEqualTo(1);
    }

    @ParameterizedTest
    @ValueSource(doubles = {4, 49, 50, 99})
    void a_number_with_keys_is_set_in_the_one_in_force_and_it_is_said_which(double frame) {
        project.with(LINE + "/place/rotation", TRACK);
        Outcome outcome = project.change(at(frame, false), set(LINE + "/place/rotation", "1"));
        String key = frame < 50 ? "k1" : frame < 90 ? "k2" : "k3";
        assertThat(project.at(LINE + "/place/rotation/track/" + key + "/value").asDouble())
                .isEqualTo(1);
        assertThat(outcome.said())
                .isEqualTo("Changed the key at frame " + (frame < 50 ? 10 : frame < 90 ? 50 : 90) + ".");
    }

    @Test
    void a_key_recorded_in_a_format_is_that_formats_own() {
        project.change(new Looking("s", "tall", false, 40, true, false), set(LINE + "/opacity", "0.5"));
        assertThat(project.at(LINE + "/opacity").asDouble()).isEqualTo(1);
        assertThat(tall("line").opacity().keys().orElseThrow()).hasSize(2);
    }

    @Test
    void one_coordinate_alone_begins_to_change_in_its_unit() {
        project.change(at(40, true), set(LINE + "/place/y/value", "62"));
        JsonNode keys = project.at(LINE + "/place/y/track");
        assertThat(keys.valueStream().map(key -> key.at("/value/value").asDouble()))
                .containsExactly(50.0, 62.0);
        assertThat(keys.valueStream().map(key -> key.at("/value/unit").asString()))
                .containsOnly("frame");
        assertThat(keys.at("/1/at").asDouble()).isEqualTo(30);
        project.change(new Looking("s", "wide", false, 40, true, true), set(LINE + "/place/x/value", "140"));
        assertThat(project.at(LINE + "/place/x/track/k1/easing").asString()).isEqualTo("hold");
        // Without recording, and before it is there, it is set for all times.
        project.change(at(40, false), set(TITLE + "/place/x/value", "120"));
        project.change(at(5, true), set(TITLE + "/place/y/value", "310"));
        assertThat(project.at(TITLE + "/place/x")).isEqualTo(json("{'value':120,'unit':'px'}"));
        assertThat(project.at(TITLE + "/place/y")).isEqualTo(json("{'value':310,'unit':'px'}"));
    }

    private Outcome put(double frame, boolean recording, double x, double y) {
        return project.change(
                at(frame, recording),
                set(LINE + "/place/x", "{'value':" + x + ",'unit':'px'}"),
                set(LINE + "/place/y", "{'value':" + y + ",'unit':'frame'}"));
    }

    @Test
    void a_place_that_is_recorded_becomes_a_path() {
        put(5, true, 110, 50);
        assertThat(project.has(LINE + "/place/way")).isFalse();
        // 60 % of 1080 px are 648.
        put(40, true, 210, 60);
        assertThat(project.at(LINE + "/place/x/value").asDouble()).isEqualTo(110);
        assertThat(project.at(LINE + "/place/way/stops"))
                .isEqualTo(json("[{'id':'p1','x':110,'y':540,'anchor':'start','at':0,"
                        + "'easing':'cubic-bezier(0.65, 0, 0.35, 1)'},"
                        + "{'id':'p2','x':210,'y':648,'anchor':'start','at':30,'easing':'linear'}]"));
        // The point that is there moves; any other time makes one, where the block is by then.
        put(40, true, 115, 50);
        assertThat(project.at(LINE + "/place/way/stops/p2/x").asDouble()).isEqualTo(215);
        put(85, true, 110, 40);
        JsonNode made = project.at(LINE + "/place/way/stops/p3");
        assertThat(made.get("x").asDouble()).isEqualTo(215);
        assertThat(made.get("y").asDouble()).isEqualTo(540);
        assertThat(made.get("at").asDouble()).isEqualTo(75);
    }

    @Test
    void one_more_point_of_a_path_lies_in_the_stretch_that_was_clicked() {
        project.with(
                LINE + "/place/way",
                "{'stops':[{'id':'p1','x':0,'y':0,'at':0},{'id':'p2','x':300,'y':0,'at':24},"
                        + "{'id':'p3','x':300,'y':200,'at':4,'anchor':'end'}]}");
        project.does(new AddPathPoint("s", "wide", "line", 296, 120));
        project.does(new AddPathPoint("s", "wide", "line", 100, 4));
        JsonNode stops = project.at(LINE + "/place/way/stops");
        assertThat(stops.valueStream().map(stop -> stop.path("id").asString("")))
                .containsExactly("p1", "p5", "p2", "p4", "p3");
        assertThat(stops.get(1).path("outX").asDouble()).isEqualTo(50);
        assertThat(stops.get(1).has("at")).isFalse();
    }

    private void shared() {
        String crisp = EditedProject.MOVE
                .replace("'own':[]", "'own':[{'id':'o1','from':0,'to':1}]")
                .replace("'unit'", "'shared':'crisp','unit'");
        project.with(TITLE + "/arrive", "{'moves':[" + crisp.formatted("m1") + "]}")
                .with(TITLE + "/leave", "{'moves':[" + crisp.formatted("m1") + "]}")
                .with(
                        "scenes/t/blocks/title-2/arrive",
                        "{'moves':[" + EditedProject.MOVE.formatted("m1") + "," + crisp.formatted("m2") + "]}");
    }

    @Test
    void a_change_of_a_shared_move_is_made_to_all_of_its_name_in_the_same_phase() {
        shared();
        project.change(at(0, false), set(TITLE + "/arrive/moves/m1/easing", "'ease-out'"));
        assertThat(project.at("scenes/t/blocks/title-2/arrive/moves/m2/easing").asString())
                .isEqualTo("ease-out");
        assertThat(project.at("scenes/t/blocks/title-2/arrive/moves/m1/easing").asString())
                .isEqualTo("linear");
        assertThat(project.at(TITLE + "/leave/moves/m1/easing").asString()).isEqualTo("linear");
        project.change(at(0, false), new Operation.Remove("scenes/t/blocks/title-2/arrive/moves/m2/channels/c1"));
        assertThat(project.at(TITLE + "/arrive/moves/m1/channels")).isEmpty();
    }

    @Test
    void a_shared_move_that_is_typed_anew_keeps_the_id_and_the_own_ways_of_each() {
        shared();
        String typed = EditedProject.MOVE.formatted("m1").replace("'after':0.0", "'shared':'crisp','after':7");
        project.change(at(0, false), set(TITLE + "/arrive/moves/m1", typed));
        JsonNode other = project.at("scenes/t/blocks/title-2/arrive/moves/m2");
        assertThat(other.get("after").asInt()).isEqualTo(7);
        assertThat(other.get("own")).hasSize(1);
    }

    @Test
    void detaching_muting_and_what_is_not_shared_stay_alone() {
        shared();
        project.change(
                at(0, false),
                set(TITLE + "/arrive/moves/m1/muted", "true"),
                set(TITLE + "/arrive/moves/m1/own/o1/shift", "4"),
                set("scenes/t/blocks/title-2/arrive/moves/m1/after", "3"),
                new Operation.Clear(TITLE + "/arrive/moves/m1/shared"));
        JsonNode other = project.at("scenes/t/blocks/title-2/arrive/moves/m2");
        assertThat(other.path("muted").asBoolean(false)).isFalse();
        assertThat(other.at("/own/0/shift").asInt()).isZero();
        assertThat(other.get("shared").asString()).isEqualTo("crisp");
        assertThat(project.at(TITLE + "/arrive/moves/m1/after").asInt()).isZero();
    }
}
