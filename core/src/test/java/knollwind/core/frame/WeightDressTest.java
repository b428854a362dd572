package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Matrix;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Block;
import knollwind.core.scene.Cue;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Words that fall. */
class WeightDressTest {
    private static final String FALLING = "the weight of its letters falling from above one every 2 frames";

    /** px of the background. */
    private static final double WHOLE = 1920;

    private static TextBlock block(String words, int frames) {
        return Samples.block(words, Span.of(0, frames), Phase.CUT, Phase.CUT);
    }

    private static SceneScore scene(int frames, Block... blocks) {
        Project project = Samples.project(frames, blocks);
        return Samples.score(project, project.scenes().get(0));
    }

    private static SceneScore dressed(String sentence, int frames) {
        return scene(frames, block("LAST BOAT\nHOME", frames).withDress(DressReader.read(sentence, List.of())));
    }

    /** Around what is filled, in the frame. */
    private static List<Box> inks(DisplayList list) {
        List<Box> inks = new ArrayList<>();
        Deque<Matrix> opened = new ArrayDeque<>();
        Matrix onto = Matrix.IDENTITY;
        for (PaintOp paint : list.paints()) {
            if (paint instanceof PaintOp.Fill fill
                    && !fill.outline().isEmpty()
                    && fill.outline().ink().width() < WHOLE) {
                inks.add(onto.map(fill.outline().ink()));
            } else if (paint instanceof PaintOp.Concat m) {
                onto = onto.times(Matrix.flat(m.a(), m.b(), m.c(), m.d(), m.e(), m.f()));
            } else if (paint instanceof PaintOp.Restore) {
                onto = opened.pop();
            } else if (paint.opens()) {
                opened.push(onto);
            }
        }
        return inks;
    }

    private static void assertAlike(DisplayList one, DisplayList other) {
        List<Box> inks = inks(one);
        List<Box> others = inks(other);
        assertThat(inks).hasSameSizeAs(others);
        for (int i = 0; i < inks.size(); i++) {
            assertThat(inks.get(i).left()).isCloseTo(others.get(i).left(), within(1e-3));
            assertThat(inks.get(i).bottom()).isCloseTo(others.get(i).bottom(), within(1e-3));
            assertThat(inks.get(i).width()).isCloseTo(others.get(i).width(), within(1e-3));
        }
    }

    @Test
    void each_comes_in_its_turn_and_none_is_lost() {
        SceneScore score = dressed(FALLING, 200);
        assertThat(inks(score.at(0))).hasSize(1);
        assertThat(inks(score.at(8))).hasSize(5);
        assertThat(inks(score.at(120))).hasSize(12);
        for (Box ink : inks(score.at(120))) {
            assertThat(ink.left()).isGreaterThan(-1);
            assertThat(ink.right()).isLessThan(1921);
            assertThat(ink.bottom()).isBetween(700.0, 1085.0);
        }
    }

    @Test
    void a_frame_by_itself_is_the_one_that_playing_comes_to() {
        SceneScore played = dressed(FALLING + " dealt by 7", 100);
        for (int frame = 0; frame < 60; frame++) {
            played.at(frame);
        }
        assertThat(dressed(FALLING + " dealt by 7", 100).at(60)).isEqualTo(played.at(60));
        assertThat(dressed(FALLING + " dealt by 8", 100).at(60)).isNotEqualTo(played.at(60));
    }

    @Test
    void they_come_in_groups_in_any_order_and_over_a_part_of_the_picture() {
        SceneScore four = dressed(FALLING + " in groups of 4 kept by nothing", 100);
        assertThat(inks(four.at(0))).hasSize(4);
        assertThat(inks(four.at(2))).hasSize(8);
        assertThat(inks(four.at(4))).hasSize(12);
        SceneScore part =
                dressed(FALLING + " across from 60 % to 80 % of the picture bouncing by 0 % kept by nothing", 100);
        for (Box ink : inks(part.at(24))) {
            assertThat((ink.left() + ink.right()) / 2).isBetween(0.55 * WHOLE, 0.85 * WHOLE);
        }
    }

    @Test
    void they_are_kept_in_a_circle_or_inside_another_block() {
        String packed =
                "the weight of its letters falling from above one every 0 frames pulled by 0 em a second each second "
                        + "as solid as circles sized from 40 % to 40 % settled for 100 frames kept ";
        SceneScore ring = dressed(packed + "in a circle kept away from edges by 240 px", 60);
        assertThat(inks(ring.at(30))).hasSize(12);
        for (Box ink : inks(ring.at(30))) {
            assertThat(Math.hypot((ink.left() + ink.right()) / 2 - 960, (ink.top() + ink.bottom()) / 2 - 540))
                    .isLessThan(300);
        }
        Block plate = block("I", 60).withSetting(block("I", 60).setting().withSize(Value.of(900.0)));
        Block named = ((TextBlock) plate).withId("plate").withName("Plate");
        TextBlock falling = block("HOOH", 60);
        String sentence = packed + "inside the other block falling on “Plate”";
        SceneScore inside = scene(
                60,
                named,
                falling.withDress(DressReader.read(sentence, List.of(), FormatPx.PLAIN, List.of(named, falling))));
        List<Box> inks = inks(inside.at(30));
        Box bar = inks.get(0);
        for (Box ink : inks.subList(1, inks.size())) {
            assertThat(ink.left()).isGreaterThan(bar.left() - 2);
            assertThat(ink.right()).isLessThan(bar.right() + 2);
            assertThat(ink.bottom()).isLessThan(bar.bottom() + 2);
        }
    }

    /** What is rounded altogether rolls as capsules do. */
    @Test
    void round_corners_are_those_of_the_bodies_too() {
        String plates =
                "the weight of its words falling from above one every 2 frames padded by 0.3 em turned by up to 0\u00b0 ";
        SceneScore half = dressed(plates + "rounded by 50 % their plates seen", 200);
        SceneScore boxes = dressed(plates + "their plates seen", 200);
        assertThat(inks(half.at(150))).hasSameSizeAs(inks(boxes.at(150)));
        // Plates have the same boxes as long as they lie alike.
        assertThat(inks(half.at(150))).isNotEqualTo(inks(boxes.at(150)));
    }

    @Test
    void gathered_they_are_where_they_are_set() {
        SceneScore score = dressed(FALLING + " gathering from 60 frames over 30 frames", 200);
        SceneScore set = scene(200, block("LAST BOAT\nHOME", 200));
        assertThat(score.at(89)).isNotEqualTo(set.at(89));
        assertAlike(score.at(90), set.at(90));
        Box nearly = inks(score.at(89.5)).get(0);
        assertThat(nearly.left()).isCloseTo(inks(set.at(90)).get(0).left(), within(0.5));
    }

    @Test
    void words_are_let_go_at_the_end_however_long_they_stood() {
        String sentence = "the weight of its words let go where they stand let go 40 frames before it is gone";
        SceneScore brief = dressed(sentence, 100);
        SceneScore longer = dressed(sentence, 140);
        assertAlike(brief.at(59), scene(100, block("LAST BOAT\nHOME", 100)).at(59));
        for (int frame = 60; frame < 100; frame += 13) {
            assertThat(longer.at(frame + 40)).isEqualTo(brief.at(frame));
        }
        assertThat(inks(brief.at(75)).get(0).top())
                .isGreaterThan(inks(brief.at(60)).get(0).top() + 50);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "bouncing by 80 %",
                "pulled by 60 em a second each second",
                "pulled towards 60\u00b0",
                "kept by nothing",
                "kept away from edges by 120 px",
                "as solid as their outlines",
                "as solid as circles",
                "padded by 0.5 em",
                "rounded by 80 %",
                "their plates seen",
                "sized from 50 % to 150 %",
                "rubbing by 0 %",
                "slowed by 90 % a second",
                "blown by 12 em a second towards 0\u00b0",
                "thrown by 9 em a second",
                "weighing all alike",
                "as solid as stars",
                "kept in a circle",
                "in groups of 4",
                "coming at random",
                "across from 60 % to 80 % of the picture",
                "hung by the middle of their top",
                "drawn by 40 em a second each second to 20 % across and 30 % down",
                "settled for 20 frames",
                "then lying still",
                "their plates drawn as lines",
                "turned by up to 90\u00b0"
            })
    void all_that_is_said_is_seen(String more) {
        assertThat(dressed(FALLING + " " + more, 100).at(70))
                .isNotEqualTo(dressed(FALLING, 100).at(70));
    }

    @Test
    void a_push_on_every_beat_lifts_the_heap() {
        String pushed = FALLING + " pushed on every beat a push of 20 em a second";
        Project project = Samples.project(200, block("LAST BOAT", 200).withDress(DressReader.read(pushed, List.of())));
        var beaten = project.scenes().get(0).withBeats(new Beats(60, 0, 4));
        SceneScore score = Samples.score(project.withScenes(List.of(beaten)), beaten);
        SceneScore still = dressed(FALLING, 200);
        double highest =
                inks(score.at(130)).stream().mapToDouble(Box::top).min().orElseThrow();
        double lying = inks(still.at(130)).stream().mapToDouble(Box::top).min().orElseThrow();
        assertThat(highest).isLessThan(lying);
    }

    /** A pull that comes late is one fall with another pull from then on, and nobody jumps. */
    @Test
    void numbers_that_act_are_taken_frame_by_frame() {
        Value<Double> turning = new Value.Track<>(List.of(
                new TrackKey<>("k1", TrackKey.Anchor.START, 0, 90.0, "linear"),
                new TrackKey<>("k2", TrackKey.Anchor.START, 60, 90.0, "linear"),
                new TrackKey<>("k3", TrackKey.Anchor.START, 61, -90.0, "linear")));
        Dressing falling = DressReader.read(FALLING, List.of()).get(0);
        Map<String, Value<Double>> numbers = new HashMap<>(falling.numbers());
        numbers.put("angle", turning);
        SceneScore turned = scene(200, block("LAST BOAT\nHOME", 200).withDress(List.of(falling.withNumbers(numbers))));
        SceneScore plain = dressed(FALLING, 200);
        assertAlike(turned.at(60), plain.at(60));
        Box before = inks(turned.at(62)).get(0);
        for (int frame = 63; frame < 80; frame++) {
            Box now = inks(turned.at(frame)).get(0);
            assertThat(Math.abs(now.top() - before.top())).isLessThan(120);
            before = now;
        }
        assertThat(before.top()).isLessThan(inks(plain.at(79)).get(0).top() - 100);
    }

    @Test
    void letters_grow_by_keys_while_they_push_and_are_painted_as_large_as_they_are() {
        Value<Double> growing = new Value.Track<>(List.of(
                new TrackKey<>("k1", TrackKey.Anchor.START, 0, 1.0, "linear"),
                new TrackKey<>("k2", TrackKey.Anchor.START, 50, 2.0, "linear")));
        Dressing still = DressReader.read(
                        "the weight of its letters let go where they stand pulled by 0 em a second each second as solid as circles",
                        List.of())
                .get(0);
        Map<String, Value<Double>> numbers = new HashMap<>(still.numbers());
        numbers.put("small", growing);
        numbers.put("large", growing);
        SceneScore score = scene(100, block("HOOOOH", 100).withDress(List.of(still.withNumbers(numbers))));
        List<Box> first = inks(score.at(0));
        List<Box> last = inks(score.at(99));
        double wide = last.get(5).right() - last.get(0).left();
        assertThat(wide)
                .isGreaterThan(1.7 * (first.get(5).right() - first.get(0).left()));
        assertThat(last.get(0).height()).isGreaterThan(1.3 * first.get(0).height());
    }

    @Test
    void a_cue_lets_them_go_and_the_next_one_anew() {
        String sentence = "the weight of its words let go where they stand let go 0 frames on every cue";
        Project bare = Samples.project(200, block("LAST BOAT", 200).withDress(DressReader.read(sentence, List.of())));
        Scene scene = bare.scenes().get(0).withCues(List.of(cue("c1", 40), cue("c2", 100)));
        SceneScore score = Samples.score(bare.withScenes(List.of(scene)), scene);
        SceneScore set = scene(200, block("LAST BOAT", 200));
        assertAlike(score.at(39), set.at(39));
        assertThat(inks(score.at(60)).get(0).top())
                .isGreaterThan(inks(set.at(60)).get(0).top() + 50);
        assertAlike(score.at(100), set.at(100));
        assertAlike(score.at(120), score.at(60));
    }

    private static Cue cue(String id, int frame) {
        return new Cue(id, id, Rational.of(frame));
    }

    @Test
    void what_has_settled_lies_still_from_the_first_frame_on() {
        String packed = "the weight of its letters falling from above one every 0 frames as solid as circles "
                + "drawn by 30 em a second each second to 50 % across and 50 % down settled for 200 frames then lying still";
        SceneScore score = dressed(packed, 60);
        assertAlike(score.at(0), score.at(59));
        for (Box ink : inks(score.at(0))) {
            assertThat(Math.hypot((ink.left() + ink.right()) / 2 - 960, (ink.top() + ink.bottom()) / 2 - 540))
                    .isLessThan(420);
        }
        assertThat(inks(score.at(0))).hasSize(12);
    }

    @Test
    void they_fall_on_another_block_where_it_stands() {
        TextBlock floor = block("WWWWWWWWWWWWW", 100);
        String sentence = "the weight of its words dropped above where they stand falling on “Floor” kept by nothing";
        Block named = floor.withId("floor").withName("Floor");
        TextBlock falling = block("HO", 100);
        SceneScore on = scene(
                100,
                named,
                falling.withDress(DressReader.read(sentence, List.of(), FormatPx.PLAIN, List.of(named, falling))));
        List<Box> inks = inks(on.at(90));
        double floorTop = inks.get(0).top();
        assertThat(inks.get(inks.size() - 1).bottom()).isCloseTo(floorTop, within(12.0));
    }

    @Test
    void where_there_are_no_letters_nothing_falls() {
        SceneScore none = scene(60, block(" ", 60).withDress(DressReader.read(FALLING, List.of())));
        assertThat(inks(none.at(30))).isEmpty();
    }
}
