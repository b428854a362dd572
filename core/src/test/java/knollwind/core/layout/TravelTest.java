package knollwind.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.display.PaintOp;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.geometry.Point;
import knollwind.core.scene.Camera;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Follow;
import knollwind.core.scene.Length;
import knollwind.core.scene.Links;
import knollwind.core.scene.MakeRoom;
import knollwind.core.scene.MotionPath;
import knollwind.core.scene.Move;
import knollwind.core.scene.Pace;
import knollwind.core.scene.PathStop;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Place;
import knollwind.core.scene.Project;
import knollwind.core.scene.Property;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.ShapeBlockBuilder;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextBlockBuilder;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;

/** What carries a block about: motion paths, blocks that are followed, blocks that make room, the camera. */
class TravelTest {
    private static TextBlock block(String id, int start, Place place) {
        TextBlock plain = Samples.block("BOAT", Span.of(start, 200), Phase.CUT, Phase.CUT);
        return TextBlockBuilder.builder()
                .id(id)
                .name(id)
                .span(plain.span())
                .place(place)
                .arrive(plain.arrive())
                .leave(plain.leave())
                .text(plain.text())
                .runs(List.of())
                .setting(plain.setting())
                .build();
    }

    private static Place still() {
        return Samples.block("x", Span.of(0, 10), Phase.CUT, Phase.CUT).place();
    }

    private static Place place(MotionPath way, Follow follow, MakeRoom room) {
        Place still = still();
        return new Place(still.x(), still.y(), null, null, null, Value.of(1.0), way, follow, room, null, null);
    }

    private static PathStop stop(String id, double x, double y, Double at, String easing) {
        return new PathStop(id, x, y, 0.0, 0.0, 0.0, 0.0, TrackKey.Anchor.START, at, easing);
    }

    private static MotionPath way(boolean turns, PathStop... stops) {
        return new MotionPath(List.of(stops), turns);
    }

    private static List<BlockScore> scores(Camera camera, TextBlock... blocks) {
        Project plain = Samples.project(200, blocks);
        Scene scene = plain.scenes().get(0);
        Scene seen = camera == null ? scene : Samples.changed(scene, Map.of("camera", camera));
        return SceneScore.of(plain, seen, seen.formats().get(0), Samples.TYPESETTER)
                .blocks();
    }

    /** How far the block is away from home at a time, x and y. */
    private static double[] away(BlockScore score, double time) {
        List<Double> map = score.away(time);
        return map == null ? new double[2] : new double[] {map.get(4), map.get(5)};
    }

    @Test
    void points_without_a_time_are_passed_at_an_even_speed() {
        // 300 px across, then 100 down, in 40 frames: 10 px a frame, the corner is passed after 30.
        MotionPath way = way(
                false, stop("a", 0, 0, 0.0, "linear"), stop("b", 300, 0, null, null), stop("c", 300, 100, 40.0, null));
        BlockScore score = scores(null, block("b", 0, place(way, null, null))).get(0);
        for (int frame = 0; frame <= 40; frame++) {
            Point at = score.travelled(frame);
            assertThat(at.x()).isCloseTo(Math.min(300, 10.0 * frame), within(1e-6));
            assertThat(at.y()).isCloseTo(Math.max(0, 10.0 * frame - 300), within(1e-6));
        }
        assertThat(score.travelled(90).y()).isEqualTo(100);
        assertThat(score.restsThroughout(20, 21)).isFalse();
        assertThat(score.restsThroughout(60, 61)).isTrue();
    }

    @Test
    void the_eased_way_is_measured_along_the_curve_and_overshoots_straight_on() {
        MotionPath way =
                way(false, stop("a", 0, 0, 0.0, "cubic-bezier(0, 0, 0, 2)"), stop("b", 100, 0, 10.0, "linear"));
        BlockScore score = scores(null, block("b", 0, place(way, null, null))).get(0);
        double most = 0;
        for (double time = 0; time <= 10; time += 0.1) {
            most = Math.max(most, score.travelled(time).x());
        }
        assertThat(most).isGreaterThan(101);
        assertThat(score.travelled(10).x()).isEqualTo(100);
    }

    @Test
    void a_hold_stays_until_the_next_point_and_the_block_turns_along() {
        MotionPath way = way(
                true,
                stop("a", 0, 0, 0.0, "hold"),
                stop("b", 100, 0, 10.0, "linear"),
                stop("c", 100, 100, 20.0, "linear"));
        BlockScore score = scores(null, block("b", 0, place(way, null, null))).get(0);
        assertThat(score.travelled(9).x()).isZero();
        assertThat(score.travelled(10).x()).isEqualTo(100);
        // It goes down at the end, and right at its begin: a quarter turn back.
        List<Double> map = score.away(5);
        assertThat(map.get(0)).isCloseTo(0, within(1e-9));
        assertThat(map.get(1)).isCloseTo(-1, within(1e-9));
    }

    @Test
    void a_follower_does_what_its_leader_did_some_frames_before() {
        MotionPath way = way(false, stop("a", 460, 540, 0.0, "linear"), stop("b", 960, 540, 50.0, null));
        List<BlockScore> scores = scores(
                null,
                block("leader", 0, place(way, null, null)),
                block("one", 0, place(null, new Follow("leader", 4.0), null)),
                block("two", 0, place(null, new Follow("one", 4.0), null)));
        assertThat(away(scores.get(1), 24)[0]).isCloseTo(away(scores.get(0), 20)[0], within(1e-6));
        assertThat(away(scores.get(2), 28)[0]).isCloseTo(away(scores.get(0), 20)[0], within(1e-6));
        assertThat(scores.get(1).away(100)).isNull();
        assertThatThrownBy(() -> Links.check(List.of(
                        block("a", 0, place(null, new Follow("b", 0.0), null)),
                        block("b", 0, place(null, new Follow("a", 0.0), null)))))
                .hasMessageContaining("circle");
    }

    @Test
    void earlier_blocks_make_room_as_one_and_stay_there() {
        MakeRoom room = new MakeRoom(List.of("old"), 0.0, -200.0, 0.5, 0.0, 20.0, "linear");
        List<BlockScore> scores = scores(
                null, block("old", 0, still()), block("other", 0, still()), block("new", 60, place(null, null, room)));
        assertThat(scores.get(0).away(60)).isNull();
        // Half way: 0.75 as large, 100 px up, about the frame's middle, where the block stands.
        List<Double> half = scores.get(0).away(70);
        assertThat(half.get(0)).isCloseTo(0.75, within(1e-9));
        assertThat(0.75 * 540 + half.get(5)).isCloseTo(440, within(1e-6));
        assertThat(scores.get(0).away(80)).isEqualTo(scores.get(0).away(150));
        assertThat(scores.get(1).away(150)).isNull();
        assertThat(scores.get(2).away(150)).isNull();
    }

    @Test
    void the_camera_looks_closer_and_everything_goes_with_it() {
        Camera camera = new Camera(List.of(
                new Camera.Key("k1", 0, 0.0, 0.0, 1.0, 0.0, "linear"),
                new Camera.Key("k2", 100, 100.0, 0.0, 4.0, 0.0, "linear")));
        BlockScore score = scores(camera, block("b", 0, still())).get(0);
        assertThat(score.away(0)).isNull();
        // Zooms multiply: half way it is 2; what stood in the middle is 50 px · 2 to the left of it.
        List<Double> half = score.away(50);
        assertThat(half.get(0)).isCloseTo(2, within(1e-9));
        assertThat(2 * 960 + half.get(4)).isCloseTo(960 - 100, within(1e-6));
    }

    @Test
    void a_shape_hides_what_comes_from_behind_it_until_all_have_come() {
        ShapeBlock panel = ShapeBlockBuilder.builder()
                .id("panel")
                .name("Panel")
                .span(Span.of(0, 200))
                .place(still())
                .shape(new ShapeBlock.Rectangle(Length.px(300), Length.px(200), 0))
                .fill(new Fill.Solid(Value.of("#c8472f")))
                .build();
        Move rise = Samples.move(
                        UnitKind.WHOLE,
                        null,
                        Pace.eachApart(10, 0),
                        "linear",
                        Channel.from("y", Property.OFFSET_Y, 1, Length.Unit.EM))
                .with(parts -> parts.uncovering(parts.uncovering().withBehind("panel")));
        TextBlock plain = Samples.block("BOAT", Span.of(0, 200), new Phase(List.of(rise)), Phase.CUT);
        Project project = Samples.project(200, panel, plain);
        Scene scene = project.scenes().get(0);
        BlockScore words = SceneScore.of(project, scene, scene.formats().get(0), Samples.TYPESETTER)
                .blocks()
                .get(1);
        PaintOp.Clip clip = (PaintOp.Clip) words.at(5).list().paints().stream()
                .filter(PaintOp.Clip.class::isInstance)
                .findFirst()
                .orElseThrow();
        // The hole is the panel: 300 by 200 about the middle of the frame.
        assertThat(clip.outline().points()).contains(810f, 440f, 1110f, 640f);
        assertThat(words.at(10).list().paints()).noneMatch(PaintOp.Clip.class::isInstance);
    }

    @Test
    void impossible_paths_and_cameras_are_refused() {
        assertThatThrownBy(() -> way(false, stop("a", 0, 0, 0.0, null), stop("b", 1, 1, null, null)))
                .hasMessageContaining("need a time");
        List<Camera.Key> keys = new ArrayList<>();
        keys.add(new Camera.Key("a", 10, 0.0, 0.0, 1.0, 0.0, null));
        keys.add(new Camera.Key("b", 10, 0.0, 0.0, 1.0, 0.0, null));
        assertThatThrownBy(() -> new Camera(keys)).hasMessageContaining("forward in time");
    }
}
