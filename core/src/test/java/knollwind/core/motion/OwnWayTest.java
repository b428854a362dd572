package knollwind.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.Samples;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Clock;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.Order;
import knollwind.core.scene.OwnWay;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Property;
import knollwind.core.scene.Span;
import knollwind.core.scene.UnitKind;
import org.junit.jupiter.api.Test;

/** Pieces that go their own way, arcs, and scales that keep the area. */
class OwnWayTest {
    private static final List<Piece> PIECES = List.of(piece(0), piece(1), piece(2));
    private static final Channel RISE = Channel.from("c1", Property.OFFSET_Y, 60, Length.Unit.PX);
    private static final Move MOVE =
            Samples.move(UnitKind.CHARACTER, Order.READING, Pace.eachApart(10, 4), "linear", RISE);

    private static Piece piece(int place) {
        return new Piece("c.0." + place, 0, 0, 10 * place, 0, 0, place, place + 1);
    }

    private static BlockTiming timing(Move move) {
        return BlockTiming.of(
                Samples.block("ABC", Span.of(0, 100), new Phase(List.of(move)), Phase.CUT),
                new Clock(new FrameRate(24, 1), null),
                Turns.NONE,
                kind -> PIECES);
    }

    private static MoveCurve curve(Move move) {
        return new MoveCurve(timing(move).moves().get(0), 100, 120, 1920, 1080);
    }

    private static OwnWay way(double shift, String easing, Integer times, Channel... channels) {
        return new OwnWay("o1", 1, 2, shift, easing, times, List.of(channels));
    }

    @Test
    void its_shift_moves_its_bar_and_counts_in_the_length_of_the_phase() {
        BlockTiming late = timing(MOVE.withOwn(List.of(way(20, null, null))));
        assertThat(late.moves().get(0).starts()).containsExactly(0.0, 24.0, 8.0);
        assertThat(late.arriveEnd()).isEqualTo(34);
        // The others land at 18; nothing begins before the block.
        BlockTiming early = timing(MOVE.withOwn(List.of(way(-30, null, null))));
        assertThat(early.moves().get(0).starts()).containsExactly(0.0, 0.0, 8.0);
        assertThat(early.moves().get(0).ends()).containsExactly(10.0, 10.0, 18.0);
    }

    @Test
    void its_channels_take_the_place_of_the_moves_or_join_them() {
        Channel higher = Channel.from("c1", Property.OFFSET_Y, 200, Length.Unit.PX);
        Channel turn = Channel.from("c2", Property.ROTATION, 720, null);
        MoveCurve curve = curve(MOVE.withOwn(List.of(way(0, null, null, higher, turn))));
        Pose own = curve.pose(1, 4 + 5);
        assertThat(own.get(Property.OFFSET_Y)).isCloseTo(100, within(1e-9));
        assertThat(own.get(Property.ROTATION)).isCloseTo(360, within(1e-9));
        Pose other = curve.pose(0, 5);
        assertThat(other.get(Property.OFFSET_Y)).isCloseTo(30, within(1e-9));
        assertThat(other.get(Property.ROTATION)).isZero();
    }

    @Test
    void its_easing_and_its_turns_are_its_own() {
        MoveCurve curve = curve(MOVE.withOwn(List.of(way(0, "steps(1)", 2))));
        assertThat(curve.pose(1, 4 + 4).get(Property.OFFSET_Y)).isEqualTo(60);
        assertThat(curve.pose(0, 4).get(Property.OFFSET_Y)).isCloseTo(36, within(1e-9));
    }

    @Test
    void an_arc_bulges_to_the_side_of_the_way_and_ends_where_the_straight_one_does() {
        MoveCurve arc = curve(MOVE.with(parts -> parts.manner(parts.manner().withArc(0.5))));
        assertThat(arc.pose(0, 0).get(Property.OFFSET_X)).isZero();
        // Half way: 60 px of way, bulging by half of them.
        assertThat(arc.pose(0, 5).get(Property.OFFSET_X)).isCloseTo(-30, within(1e-9));
        assertThat(arc.pose(0, 5).get(Property.OFFSET_Y)).isCloseTo(30, within(1e-9));
        assertThat(arc.pose(0, 10).isRest()).isTrue();
    }

    @Test
    void what_is_squashed_grows_wide_as_much() {
        Channel flat = Channel.from("c1", Property.SCALE_Y, 0.5, null);
        Move squash = Samples.move(UnitKind.CHARACTER, Order.READING, Pace.eachApart(10, 4), "linear", flat)
                .with(parts -> parts.manner(parts.manner().withKeepsArea(true)));
        for (double time = 0; time < 10; time += 1) {
            Pose pose = curve(squash).pose(0, time);
            assertThat(pose.get(Property.SCALE_X) * pose.get(Property.SCALE_Y)).isCloseTo(1, within(1e-9));
        }
        assertThat(curve(squash).pose(0, 0).get(Property.SCALE_X)).isCloseTo(2, within(1e-9));
    }

    @Test
    void onward_goes_on_to_the_other_side_and_keeps_the_rest() {
        Move move = MOVE.withChannels(new ArrayList<>(List.of(RISE, Channel.from("c2", Property.OPACITY, 0, null))));
        Move onward = Mirror.onward(move, "m2");
        assertThat(onward.channels().get(0).away()).isEqualTo(-60);
        assertThat(onward.channels().get(1)).isEqualTo(move.channels().get(1));
    }
}
