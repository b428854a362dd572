package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.directions.Script;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.display.PaintOp;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Block;
import knollwind.core.scene.Camera;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Cue;
import knollwind.core.scene.EngineRule;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Hold;
import knollwind.core.scene.Length;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.PlaceBuilder;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.ShapeBlockBuilder;
import knollwind.core.scene.Sound;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;
import knollwind.core.sound.Heard;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A scene that stands in another one. */
class NestedTest {
    /** A title of 100 frames that holds from 30 to 60: it arrives before, leaves after, and a late word comes at 70. */
    private static Scene title(Hold hold) {
        Phase rise = new Phase(List.of(Samples.move(
                UnitKind.CHARACTER,
                Order.of(Order.Kind.READING),
                Pace.eachInAll(8, 24),
                "ease-out",
                Channel.from("c1", Property.OFFSET_Y, 0.6, Length.Unit.EM))));
        return scene(
                "title",
                100,
                List.of(
                        Samples.block("LAST BOAT", Span.of(0, 100), rise, rise),
                        Samples.named("home", Samples.block("HOME", Span.of(70, 95), rise, rise))),
                hold);
    }

    private static Scene scene(String id, int length, List<Block> blocks, Hold hold) {
        Map<String, Object> members = new HashMap<>();
        members.put("id", id);
        members.put("name", "The " + id);
        members.put("background", new Fill.None());
        members.put("hold", hold);
        return Samples.changed(Samples.project(length).scenes().get(0), members).withBlocks(blocks);
    }

    private static ShapeBlock showing(String scene, Span span, Filling... changes) {
        Length whole = new Length(100, Length.Unit.FRAME);
        Length corner = new Length(0, Length.Unit.FRAME);
        return ShapeBlockBuilder.builder()
                .id("window-" + scene)
                .name("Window")
                .span(span)
                .place(PlaceBuilder.builder()
                        .x(Value.of(corner))
                        .y(Value.of(corner))
                        .rotation(Value.of(0.0))
                        .pivot(new Pivot(Pivot.Across.LEFT, Pivot.Down.TOP, Pivot.Box.METRIC))
                        .build())
                .opacity(Value.of(1.0))
                .shape(new ShapeBlock.Rectangle(whole, whole, 0))
                .fill(new Fill.Nested(scene, List.of(changes), null))
                .build();
    }

    private static Project project(Scene... scenes) {
        return Samples.project(10).withScenes(List.of(scenes));
    }

    /** What is seen of the title in a scene that shows it for so many frames, from its frame 10 on. */
    private static SceneScore shown(Scene title, int frames, Filling... changes) {
        Scene outer = scene("outer", 300, List.of(showing("title", Span.of(10, 10 + frames), changes)), null);
        return SceneScore.of(project(title, outer), outer, outer.formats().get(0), Samples.TYPESETTER);
    }

    /** Frames that were compared and show something. */
    private static int compared;

    @BeforeEach
    void nothing_is_compared_yet() {
        compared = 0;
    }

    private static List<PaintOp> inner(SceneScore outer, double time) {
        List<PaintOp> paints = outer.at(10 + time).paints();
        int clip = -1;
        for (int i = 0; i < paints.size(); i++) {
            if (paints.get(i) instanceof PaintOp.Clip && clip < 0) {
                clip = i;
            }
        }
        // Behind the clip lies the map onto the area; the last restores belong to it and the block.
        return clip < 0 ? List.of() : paints.subList(clip + 2, paints.size() - 1);
    }

    private static List<PaintOp> own(Scene title, double time) {
        return SceneScore.of(project(title), title, title.formats().get(0), Samples.TYPESETTER)
                .at(time)
                .paints();
    }

    private static void same(List<PaintOp> seen, List<PaintOp> own) {
        compared += own.isEmpty() ? 0 : 1;
        assertThat(seen.subList(0, own.size())).isEqualTo(own);
    }

    @Test
    void it_is_seen_as_it_is_from_the_time_on_at_which_what_shows_it_comes_on() {
        Scene title = title(null);
        SceneScore outer = shown(title, 100);
        for (double time : new double[] {0, 7.5, 33, 72, 99}) {
            same(inner(outer, time), own(title, time));
        }
        assertThat(compared).isGreaterThan(2);
    }

    @Test
    void stretched_at_its_hold_the_first_and_the_last_frames_stay_as_they_are() {
        Scene title = title(new Hold(30, 60));
        for (int by : new int[] {-25, 40, 120}) {
            SceneScore outer = shown(title, 100 + by);
            for (int frame = 0; frame < 30; frame += 3) {
                same(inner(outer, frame), own(title, frame));
            }
            for (int frame = 61; frame < 100; frame += 3) {
                same(inner(outer, frame + by), own(title, frame));
            }
        }
        assertThat(compared).isGreaterThan(50);
    }

    @Test
    void shortened_a_block_that_starts_inside_its_hold_stays_a_frame_at_least() {
        Phase cut = Phase.CUT;
        Scene title = scene(
                "title",
                100,
                List.of(
                        Samples.block("A", Span.of(0, 100), cut, cut),
                        Samples.named("late", Samples.block("B", Span.of(55, 62), cut, cut))),
                new Hold(30, 60));
        Scene seen = Nested.seen(title, 70);
        assertThat(seen.length()).isEqualTo(70);
        assertThat(seen.blocks().get(0).span()).isEqualTo(Span.of(0, 70));
        assertThat(seen.blocks().get(1).span()).isEqualTo(Span.of(55, 56));
        // Without any hold left its way in and its way out stay as they are here; where it is seen they go faster.
        assertThat(Nested.seen(title, 20).length()).isEqualTo(70);
    }

    @Test
    void shorter_than_its_phases_a_scene_goes_faster_so_that_both_are_seen_whole() {
        Scene title = title(new Hold(30, 60));
        Scene held = Nested.seen(title, 1);
        assertThat(held.length()).isEqualTo(70);
        SceneScore outer = shown(title, 35);
        for (int frame : new int[] {0, 5, 17, 30, 34}) {
            same(inner(outer, frame), own(held, 2.0 * frame));
        }
        assertThat(compared).isGreaterThan(2);
        Sentence said = Script.nested(
                        project(title, outer.scene()),
                        outer.scene(),
                        outer.scene().blocks().get(0),
                        "x")
                .orElseThrow();
        assertThat(said.text()).contains("shortened beyond its hold from 100 frames to 35", "go faster");
    }

    @Test
    void a_document_of_the_first_engine_keeps_its_looks_until_newer_rules_are_accepted() {
        Scene title = title(new Hold(30, 60));
        Scene held = Nested.seen(title, 1);
        Project old = project(title, shown(title, 35).scene()).withEngineVersion("1");
        SceneScore outer = Samples.score(old, old.scenes().get(1));
        for (int frame : new int[] {0, 5, 17, 30, 34}) {
            same(inner(outer, frame), own(held, frame));
        }
        assertThat(Script.nested(old, outer.scene(), outer.scene().blocks().get(0), "x")
                        .orElseThrow()
                        .text())
                .contains("its way out is cut off");
        assertThat(EngineRule.newerThan("1")).containsExactly(EngineRule.NESTED_SCENES_HURRY);
        assertThat(LooksByEngine.of(old, Samples.TYPESETTER))
                .singleElement()
                .satisfies(
                        one -> assertThat(one.scene()).isEqualTo(outer.scene().id()));
        Project accepted = old.withEngineVersion(Project.ENGINE_VERSION);
        assertThat(LooksByEngine.of(accepted, Samples.TYPESETTER)).isEmpty();
        same(inner(Samples.score(accepted, accepted.scenes().get(1)), 17), own(held, 34));
    }

    @Test
    void no_scene_of_the_demo_looks_different_by_newer_rules() {
        assertThat(LooksByEngine.of(Samples.demo().withEngineVersion("1"), Samples.TYPESETTER))
                .isEmpty();
    }

    @Test
    void cues_and_the_camera_after_the_hold_come_later_too() {
        Scene title = Samples.changed(
                title(new Hold(30, 60)),
                Map.of(
                        "cues",
                        List.of(new Cue("a", "A", Rational.of(40)), new Cue("b", "B", Rational.of(60))),
                        "camera",
                        new Camera(List.of(key("k1", 0), key("k2", 45), key("k3", 90)))));
        Scene seen = Nested.seen(title, 120);
        assertThat(seen.cues()).extracting(cue -> cue.at().value()).containsExactly(40.0, 80.0);
        assertThat(seen.camera().keys()).extracting(Camera.Key::at).containsExactly(0.0, 45.0, 110.0);
        assertThat(Nested.seen(title, 50).camera().keys())
                .extracting(Camera.Key::at)
                .containsExactly(0.0, 45.0, 60.0);
    }

    private static Camera.Key key(String id, double at) {
        return new Camera.Key(id, at, null, null, 1 + at / 100, null, null);
    }

    @Test
    void letters_can_be_windows_to_a_scene_and_are_kept_out_of_circles_too() {
        Scene title = title(null);
        TextBlock words = (TextBlock) DocumentJson.read(
                json(Samples.named("pane", Samples.block("WINDOW", Span.of(0, 100), Phase.CUT, Phase.CUT)))
                        .set(
                                "setting",
                                ((ObjectNode) json(Samples.block("W", Span.of(0, 9), Phase.CUT, Phase.CUT))
                                                .get("setting"))
                                        .set("fill", DocumentJson.tree(new Fill.Nested("title", List.of(), null)))),
                Block.class);
        Scene outer = scene("outer", 100, List.of(words), null);
        Project project = project(title, outer);
        SceneScore score = SceneScore.of(project, outer, outer.formats().get(0), Samples.TYPESETTER);
        assertThat(own(title, 40)).isNotEmpty();
        assertThat(score.at(40).paints()).containsAll(own(title, 40));
        assertThat(Nested.in(project, words)).containsExactly(title);
        assertThat(Nested.standable(project, title)).isEmpty();
        assertThatThrownBy(() -> project(scene("title", 100, List.of(words), null)))
                .hasMessageContaining("cannot stand in itself");
    }

    @Test
    void a_scene_cannot_lie_behind_a_scene() {
        assertThatThrownBy(() ->
                        Samples.changed(title(null), Map.of("background", new Fill.Nested("other", List.of(), null))))
                .hasMessageContaining("let it stand in a block");
    }

    @Test
    void without_a_hold_it_stays_as_long_as_it_is_and_its_last_frame_stands() {
        Scene title = title(null);
        SceneScore outer = shown(title, 150);
        assertThat(own(title, 99)).isNotEmpty();
        same(inner(outer, 99), own(title, 99));
        assertThat(inner(outer, 140)).isEqualTo(inner(outer, 99));
    }

    @Test
    void words_and_colours_can_be_others_where_it_stands() {
        Scene title = title(null);
        SceneScore outer = shown(
                title,
                100,
                Filling.of("home", List.of("text"), DocumentJson.tree("\"AT ELEVEN\"")),
                Filling.of("home", List.of("setting", "fill"), DocumentJson.tree(new Fill.Solid(Value.of("#c8472f")))));
        TextBlock home = (TextBlock) title.blocks().get(1);
        Scene changed = title.withBlocks(List.of(
                title.blocks().get(0),
                DocumentJson.read(
                        json(home)
                                .put("text", "AT ELEVEN")
                                .set("setting", inRed(json(home).get("setting"))),
                        Block.class)));
        assertThat(own(changed, 82)).isNotEmpty();
        same(inner(outer, 82), own(changed, 82));
        assertThat(inner(outer, 82)).isNotEqualTo(inner(shown(title, 100), 82));
    }

    private static ObjectNode json(Block block) {
        return (ObjectNode)
                DocumentJson.tree(DocumentJson.MAPPER.writerFor(Block.class).writeValueAsString(block));
    }

    private static JsonNode inRed(JsonNode setting) {
        return ((ObjectNode) setting).set("fill", DocumentJson.tree(new Fill.Solid(Value.of("#c8472f"))));
    }

    @Test
    void a_scene_that_is_gone_shows_nothing() {
        Scene outer = scene("outer", 300, List.of(showing("nowhere", Span.of(0, 50))), null);
        SceneScore score = SceneScore.of(project(outer), outer, outer.formats().get(0), Samples.TYPESETTER);
        assertThat(score.at(20).paints()).noneMatch(paint -> paint instanceof PaintOp.Fill);
    }

    @Test
    void scenes_stand_in_scenes_that_stand_in_scenes() {
        Scene title = title(null);
        Scene middle = scene("middle", 100, List.of(showing("title", Span.of(0, 100))), null);
        Scene outer = scene("outer", 100, List.of(showing("middle", Span.of(0, 100))), null);
        SceneScore score = SceneScore.of(
                project(title, middle, outer), outer, outer.formats().get(0), Samples.TYPESETTER);
        List<PaintOp> own = own(title, 40);
        assertThat(own).isNotEmpty();
        assertThat(score.at(40).paints()).containsAll(own);
    }

    @Test
    void a_scene_that_would_stand_in_itself_is_refused_with_the_way_round() {
        Scene one = scene("one", 50, List.of(showing("two", Span.of(0, 50))), null);
        Scene two = scene("two", 50, List.of(showing("one", Span.of(0, 50))), null);
        assertThatThrownBy(() -> project(one, two))
                .hasMessage(
                        "a scene cannot stand in itself: \u201cThe one\u201d, in which stands \u201cThe two\u201d, in"
                                + " which stands \u201cThe one\u201d");
        Scene self = scene("self", 50, List.of(showing("self", Span.of(0, 50))), null);
        assertThatThrownBy(() -> project(self)).hasMessageContaining("\u201cThe self\u201d");
    }

    @Test
    void a_hold_that_lies_outside_is_refused() {
        assertThatThrownBy(() -> title(new Hold(50, 120))).hasMessageContaining("cannot end at 120");
        assertThatThrownBy(() -> new Hold(30, 30)).hasMessageContaining("the end of a hold");
    }

    @Test
    void its_sounds_are_heard_where_it_stands_and_end_with_what_shows_it() {
        Sound bell = Sound.whole("bell", "bell", Sound.Kind.MUSIC, "ab".repeat(32), 60);
        Scene inner = title(null).withSounds(List.of(bell));
        Scene outer = scene("outer", 200, List.of(showing("title", Span.of(48, 96))), null);
        Project project = project(inner, outer);
        List<Heard> heard = SceneScore.of(project, outer, outer.formats().get(0), Samples.TYPESETTER)
                .sounds();
        assertThat(heard).singleElement().satisfies(one -> {
            assertThat(one.id()).endsWith(".bell");
            assertThat(one.at()).isEqualTo(2);
            assertThat(one.from()).isZero();
            assertThat(one.seconds()).isEqualTo(2);
        });
        Sound alone =
                new Sound("own", "own", Sound.Kind.MUSIC, "cd".repeat(32), 60, Rational.ZERO, 0, null, 0, false, true);
        Scene silencing = outer.withSounds(List.of(alone));
        assertThat(SceneScore.of(
                                project(inner, silencing),
                                silencing,
                                silencing.formats().get(0),
                                Samples.TYPESETTER)
                        .sounds())
                .extracting(Heard::id)
                .containsExactly("own");
    }
}
