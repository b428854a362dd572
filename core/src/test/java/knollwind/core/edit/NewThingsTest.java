package knollwind.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import knollwind.core.document.Operation;
import knollwind.core.library.Beginning;
import knollwind.core.scene.Fill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;

/** What is put into a document under ids of its own. */
class NewThingsTest {
    private static final String S = "scenes/s/blocks/";
    private final EditedProject project = new EditedProject();

    private static JsonNode json(String text) {
        return EditedProject.json(text);
    }

    private JsonNode made(Intent intent) {
        return project.at(S + project.does(intent).block());
    }

    private static Fill.Picture picture(int width, int height) {
        return new Fill.Picture("ab".repeat(32), "Harbour.jpg", width, height, Fill.Picture.Mode.COVER, 0.5, 0.5);
    }

    static Stream<Intent> added() {
        return Stream.of(
                new AddWords("t", 0),
                new AddShape("t", 0, AddShape.Kind.ELLIPSE),
                new AddPlate("t", "title-2"),
                new AddPicture("t", 0, picture(10, 10)));
    }

    @ParameterizedTest
    @MethodSource("added")
    void no_two_blocks_of_the_project_have_one_id(Intent again) {
        project.does(new AddWords("s", 0));
        project.does(new AddShape("s", 0, AddShape.Kind.ELLIPSE));
        project.does(new AddPlate("s", "title"));
        project.does(new AddPicture("s", 0, picture(10, 10)));
        // A document with two of one id is refused; this one is read back whole.
        assertThat(project.does(again).block()).endsWith("-2");
    }

    @Test
    void words_come_at_the_playhead_set_as_the_first_ones_are() {
        project.with(S + "title/setting/face/axes/wght", "640");
        JsonNode words = made(new AddWords("s", 40));
        assertThat(words.get("span")).isEqualTo(json("{'start':40,'end':100}"));
        assertThat(words.at("/setting/face/axes/wght").asDouble()).isEqualTo(640);
        assertThat(words.get("text").asString()).isEmpty();
        assertThat(words.get("name").asString()).isEqualTo("Words 1");
        // Near the end a block would be gone at once.
        assertThat(made(new AddWords("s", 99)).get("span")).isEqualTo(json("{'start':76,'end':100}"));
    }

    @Test
    void the_first_words_of_a_scene_are_as_large_as_their_frame_bears_in_the_face_of_the_project() {
        project.with("scenes/t/blocks/title-2/setting/size", "700").with("scenes/s/blocks", "[]");
        JsonNode setting = made(new AddWords("s", 0)).get("setting");
        assertThat(setting.get("size").asDouble()).isEqualTo(120);
        assertThat(setting.at("/face/axes/wght").asDouble()).isEqualTo(700);
        project.with("scenes/t/blocks", "[]").with("scenes/s/blocks", "[]");
        project.does(new ResizeFormat("s", "wide", 728, 90));
        assertThat(made(new AddWords("s", 0)).at("/setting/size").asDouble()).isEqualTo(12);
    }

    @Test
    void new_words_take_the_face_and_nothing_that_is_the_others_own() {
        project.with(S + "title/setting/tracking", "4")
                .with(S + "title/setting/fill", "{'kind':'none'}")
                .with(S + "title/setting/alignment", "'end'");
        JsonNode setting = made(new AddWords("s", 0)).get("setting");
        assertThat(setting.at("/size").asDouble()).isEqualTo(120);
        assertThat(setting.at("/alignment").asString()).isEqualTo("end");
        assertThat(setting.at("/fill")).isEqualTo(json("{'kind':'solid','colour':'#f4ead2'}"));
        assertThat(setting.path("tracking").asDouble(0)).isZero();
    }

    @Test
    void new_words_cover_no_others_that_are_on_while_they_are() {
        assertThat(made(new AddWords("s", 20)).at("/place/y/value").asDouble()).isEqualTo(50);
        project.with(S + "title/place/y", "{'value':50,'unit':'frame'}");
        JsonNode second = made(new AddWords("s", 20));
        assertThat(second.at("/place/y/value").asDouble()).isEqualTo(68);
        project.with(S + second.path("id").asString() + "/text", "'SECOND'");
        assertThat(made(new AddWords("s", 20)).at("/place/y/value").asDouble()).isEqualTo(32);
        project.with(S + "title/hidden", "true").with(S + second.path("id").asString() + "/hidden", "true");
        assertThat(made(new AddWords("s", 20)).at("/place/y/value").asDouble()).isEqualTo(50);
    }

    @Test
    void a_block_is_called_by_its_words_until_it_has_a_name_of_its_own() {
        String id = project.does(new AddWords("s", 0)).block();
        project.with(S + id + "/text", "'Gangway four'").does(new CallByWords("s", id, ""));
        assertThat(project.at(S + id + "/name").asString()).isEqualTo("Gangway four");
        project.with(S + id + "/text", "'Title'").does(new CallByWords("s", id, "Gangway four"));
        assertThat(project.at(S + id + "/name").asString()).isEqualTo("Title 2");
        project.with(S + id + "/name", "'Sign'").with(S + id + "/text", "'Gangway'");
        assertThat(project.does(new CallByWords("s", id, "Title")).operations()).isEmpty();
        assertThat(project.does(new CallByWords("s", "lamp", "")).operations()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "{'kind':'none'}, #f4ead2",
        "{'kind':'solid';'colour':'#0b1a26'}, #f4ead2",
        "{'kind':'solid';'colour':'#f0b64a'}, #13283a",
        "{'kind':'gradient';'angle':90;'stops':[{'id':'a';'at':0;'colour':'#ffffff'};{'id':'b';'at':1;'colour':'#c9d6d3'}]}, #13283a"
    })
    void new_words_can_be_read_on_the_ground(String ground, String colour) {
        project.with("scenes/s/background", ground.replace(';', ','));
        assertThat(made(new AddWords("s", 0)).at("/setting/fill/colour").asString())
                .isEqualTo(colour);
    }

    @Test
    void a_plate_lies_right_behind_its_words_as_long_as_they_are_on() {
        Outcome outcome = project.does(new AddPlate("s", "title"));
        assertThat(outcome.operations())
                .extracting(one -> ((Operation.Insert) one).index())
                .containsExactly(0);
        assertThat(project.at(S + outcome.block() + "/span")).isEqualTo(project.at(S + "title/span"));
        assertThatThrownBy(() -> project.does(new AddPlate("s", "lamp"))).hasMessageContaining("“lamp” has none");
    }

    @ParameterizedTest
    @CsvSource({"800, 400, 800, 400", "4000, 1000, 1152, 288", "1000, 4000, 162, 648", "3, 16000, 1, 648"})
    void a_picture_is_as_large_as_it_is_or_leaves_room_around_it(int width, int height, int wide, int high) {
        JsonNode shape = made(new AddPicture("s", 0, picture(width, height))).get("shape");
        assertThat(shape.at("/width/value").asInt()).isEqualTo(wide);
        assertThat(shape.at("/height/value").asInt()).isEqualTo(high);
        assertThatThrownBy(() -> project.does(new AddPicture("s", 0, new Fill.None())))
                .hasMessageContaining("neither a picture nor a film");
    }

    @Test
    void a_scene_is_shown_as_long_as_it_lasts_at_the_rate_of_the_one_around_it() {
        project.with("scenes/t/rate", "{'numerator':30,'denominator':1}").with("scenes/t/length", "75");
        JsonNode block = made(new AddNested("s", 20, "t"));
        assertThat(block.get("span")).isEqualTo(json("{'start':20,'end':80}"));
        assertThat(block.get("name").asString()).isEqualTo("Pier");
        assertThat(block.at("/fill/scene").asString()).isEqualTo("t");
        assertThatThrownBy(() -> project.does(new AddNested("t", 0, "s"))).hasMessageContaining("s");
    }

    @Test
    void an_element_gets_the_first_number_that_is_free_in_its_list() {
        String cues = "scenes/s/cues";
        for (int at : List.of(10, 20, 30)) {
            project.does(new AddTo(cues, "wide", "cue-", true, null, json("{'name':'Cue','at':" + at + "}")));
        }
        project.does(new SetValues(List.of(new Operation.Remove(cues + "/cue-2"))));
        project.does(new AddTo(cues, "wide", "cue-", true, 0, json("{'name':'Cue','at':5}")));
        assertThat(project.at(cues))
                .isEqualTo(json("[{'id':'cue-2','name':'Cue 2','at':5},{'id':'cue-1','name':'Cue 1','at':10},"
                        + "{'id':'cue-3','name':'Cue 3','at':30}]"));
        assertThatThrownBy(() -> new AddTo(cues, "wide", "cue-", true, null, json("3")))
                .hasMessageContaining("members of its own");
    }

    @Test
    void a_move_that_only_a_format_has_is_counted_too() {
        project.with(S + "title/arrive", "{'moves':[" + EditedProject.MOVE.formatted("m1") + "]}")
                .with(
                        "scenes/s/formats/tall/overrides",
                        "[{'id':'o','block':'title','path':['arrive'],'value':{'moves':["
                                + EditedProject.MOVE.formatted("m1") + "," + EditedProject.MOVE.formatted("m2")
                                + "]}}]");
        JsonNode move = project.at(S + "title/arrive/moves/m1");
        AddTo twice = new AddTo(S + "title/arrive/moves", "tall", "m", false, 1, move);
        Operation.Insert made =
                (Operation.Insert) project.does(twice).operations().get(0);
        assertThat(Nodes.id(made.value())).isEqualTo("m3");
    }

    @Test
    void strokes_of_a_letter_are_kept_together_in_order() {
        project.does(new AddStroke("Bitter", "a", List.of(0.0, 0.0, 0.5, 1.0)));
        project.does(new AddStroke("Bitter", "b", List.of(0.0, 0.0, 1.0, 1.0)));
        project.does(new AddStroke("Bitter", "a", List.of(1.0, 0.0, 0.5, 0.5)));
        assertThat(project.at("lettering/w1/strokes")).isEqualTo(json("[[0.0,0.0,0.5,1.0],[1.0,0.0,0.5,0.5]]"));
        assertThat(project.at("lettering/w2/character").asString()).isEqualTo("b");
    }

    @Test
    void a_word_gets_a_place_of_its_own_and_keeps_it_in_order() {
        project.with(S + "title/text", "'PIER TWO NORTH'");
        project.does(new PlaceWord("s", "title", 9, 14, 10, -4, 0, 1));
        project.does(new PlaceWord("s", "title", 0, 4, 1, 2, 30, 1.5));
        project.does(new PlaceWord("s", "title", 9, 14, 20, 0, 0, 1));
        assertThat(project.at(S + "title/placed"))
                .isEqualTo(json("[{'id':'w2','from':0,'to':4,'x':1.0,'y':2.0,'rotation':30.0,'scale':1.5},"
                        + "{'id':'w1','from':9,'to':14,'x':20.0,'y':0.0,'rotation':0.0,'scale':1.0}]"));
        assertThatThrownBy(() -> project.does(new PlaceWord("s", "lamp", 0, 1, 0, 0, 0, 1)))
                .hasMessageContaining("has no words");
    }

    @Test
    void a_pose_is_stored_in_the_units_of_its_channels_and_makes_only_what_it_needs() {
        project.with(S + "title/arrive", "{'moves':[" + EditedProject.whole("m1") + "]}");
        String move = S + "title/arrive/moves/m1/channels";
        pose(new PoseMove.Pose(-24, 60, 12, 1));
        assertThat(project.at(move)
                        .valueStream()
                        .skip(1)
                        .map(one -> one.get("property").asString() + " "
                                + one.path("unit").asString("") + " "
                                + one.at("/keys/0/value").asDouble()))
                .containsExactly("offsetX em -0.2", "offsetY em 0.5", "rotation  12.0");
        project.with(move + "/c2/unit", "'frame'").with(move + "/c3/unit", "'line'");
        pose(new PoseMove.Pose(960, 72, 12, 2));
        assertThat(project.at(move + "/c2/keys/k0/value").asDouble()).isEqualTo(50);
        assertThat(project.at(move + "/c3/keys/k0/value").asDouble()).isEqualTo(50);
        var score = project.draft()
                .scores(
                        project.draft().scene("s"),
                        project.draft().scene("s").formats().get(0))
                .get("title");
        assertThat(PoseMove.Pose.of(score.block().arrive().moves().get(0), score))
                .isEqualTo(new PoseMove.Pose(960, 72, 12, 2));
    }

    private void pose(PoseMove.Pose pose) {
        project.does(new PoseMove("s", "wide", "title", "arrive", "m1", pose));
    }

    @Test
    void a_move_is_shared_under_a_name_that_none_has() {
        String moves = "{'moves':[" + EditedProject.whole("m1") + "]}";
        project.with(S + "title/name", "'The “Quay”'")
                .with(S + "title/arrive", moves)
                .with(S + "line/arrive", moves);
        project.does(new ShareMove("s", "wide", "title", "arrive", "m1"));
        assertThat(project.at(S + "title/arrive/moves/m1/shared").asString()).isEqualTo("The Quay 1");
        project.with(S + "line/name", "'The Quay'");
        project.does(new ShareMove("s", "wide", "line", "arrive", "m1"));
        assertThat(project.at(S + "line/arrive/moves/m1/shared").asString()).isEqualTo("The Quay 2");
    }

    @Test
    void moves_are_looked_at_on_a_card_and_away_as_a_ghost() {
        project.with(S + "title/arrive", "{'moves':[" + EditedProject.whole("m1") + "]}")
                .with(S + "title/opacity", "0.2")
                .with(S + "title/place/attach", "null");
        pose(new PoseMove.Pose(0, 60, 0, 1));
        project.does(new ShowAway("s", "tall", "title", "arrive", "m1"));
        assertThat(project.at("scenes/s/blocks")).hasSize(1);
        assertThat(project.at(S + "title/arrive/moves/m1/channels")
                        .valueStream()
                        .map(one -> one.get("property").asString()))
                .containsExactly("offsetY");
        assertThat(project.at(S + "title/arrive/moves/m1/hidden").asBoolean()).isFalse();
        JsonNode move = project.at(S + "title/arrive/moves/m1");
        project.does(new ShowMoves("s", "title", "leave", List.of(move), 84));
        assertThat(project.at(S + "title/arrive/moves")).isEmpty();
        assertThat(project.at(S + "title/leave/moves")).hasSize(1);
        assertThat(project.at(S + "title/opacity").asDouble()).isEqualTo(1);
        assertThat(project.at("scenes/s/formats/card/width").asInt()).isEqualTo(960);
    }

    @Test
    void a_sound_is_dragged_whole_or_by_its_ends_and_never_vanishes() {
        project.with(
                "scenes/s/sounds",
                "[{'id':'bell','name':'Bell','kind':'music','sha256':'" + "ab".repeat(32)
                        + "','seconds':4,'start':24,'from':1,'to':3,'level':0,'muted':false,'alone':false}]");
        assertThat(bell(handles().move(), 6)).isEqualTo(List.of(30.0, 1.0, 3.0));
        // A second later in the recording, a second later in the scene: what is heard stays where it was.
        assertThat(bell(handles().from(), 54)).isEqualTo(List.of(54.0, 2.0, 3.0));
        assertThat(bell(handles().from(), -500)).isEqualTo(List.of(6.0, 0.0, 3.0));
        assertThat(bell(handles().to(), 0)).isEqualTo(List.of(6.0, 0.0, 0.1));
        assertThat(bell(handles().to(), 900)).isEqualTo(List.of(6.0, 0.0, 4.0));
        assertThat(bell(handles().from(), 900)).isEqualTo(List.of(99.6, 3.9, 4.0));
    }

    private SoundHandles handles() {
        return SoundHandles.of(project.draft().scene("s")).get(0);
    }

    private List<Double> bell(TimeHandle handle, double to) {
        project.does(new SetValues(handle.to(to)));
        return Stream.of("start", "from", "to")
                .map(name -> project.at("scenes/s/sounds/bell/" + name).asDouble())
                .toList();
    }

    @Test
    void what_was_done_in_a_format_is_done_again_where_the_user_looks() {
        Looking tall = new Looking("s", "tall", false, 0, false, false);
        List<Operation> done = project.change(tall, EditedProject.set(S + "lamp/opacity", "0.4"))
                .operations();
        project.does(new Wish(new DoAgain(done, List.of("line")), tall));
        project.does(new Wish(new DoAgain(done, List.of("bell")), new Looking("s", "wide", false, 0, false, false)));
        assertThat(project.at("scenes/s/formats/tall/overrides")
                        .valueStream()
                        .map(one -> one.get("block").asString() + " " + one.get("value")))
                .containsExactly("lamp 0.4", "line 0.4");
        assertThat(project.at(S + "bell/opacity").asDouble()).isEqualTo(0.4);
        List<Operation> twice = project.change(tall, EditedProject.set(S + "lamp/opacity", "0.7"))
                .operations();
        project.does(new Wish(new DoAgain(twice, List.of("line")), tall));
        assertThat(project.at("scenes/s/formats/tall/overrides/line.opacity/value")
                        .asDouble())
                .isEqualTo(0.7);
    }

    @Test
    void a_beginning_takes_the_place_of_words_that_are_none_yet() {
        project.with("scenes/s/blocks/title/text", "''");
        project.does(new Begin("s", Beginning.LOWER_THIRD));
        assertThat(project.has("scenes/s/blocks/title")).isFalse();
        assertThat(project.has("scenes/s/blocks/line")).isTrue();
        // A scene that holds other things stays as long as it is.
        assertThat(project.at("scenes/s/length").asInt()).isEqualTo(100);
        assertThat(project.at("scenes/s/blocks/role/place/attach/to").asString())
                .isEqualTo("name");
        Outcome again = project.does(new Begin("s", Beginning.LOWER_THIRD));
        assertThat(again.block()).isEqualTo("name-2");
        assertThat(project.at("scenes/s/blocks/role-2/place/attach/to").asString())
                .isEqualTo("name-2");
        project.with("scenes/t/blocks", "[]");
        project.does(new Begin("t", Beginning.CREDITS));
        assertThat(project.at("scenes/t/length").asInt()).isEqualTo(14 * 24);
        assertThat(project.at("scenes/t/blocks/credits/span/end").asInt()).isEqualTo(14 * 24);
    }
}
