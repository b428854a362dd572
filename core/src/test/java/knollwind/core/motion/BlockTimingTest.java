package knollwind.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import knollwind.core.Samples;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Clock;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.MoveBuilder;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Property;
import knollwind.core.scene.Span;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Uncovering;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;

class BlockTimingTest {
    private static final List<Piece> EIGHT = IntStream.range(0, 8)
            .mapToObj(i -> new Piece("c" + i, 0, 10 * i, 0))
            .toList();
    private static final Move RISE = move(Pace.eachApart(12, 3), "ease-out");

    @Test
    void arrive_runs_from_the_start_leave_backwards_from_the_end() {
        BlockTiming timing = timing(Span.of(10, 110), RISE, move(Pace.eachApart(8, 2), "ease-in"));
        assertThat(timing.arriveEnd()).isEqualTo(10 + 12 + 3 * 7);
        assertThat(timing.leaveStart()).isEqualTo(110 - (8 + 2 * 7));
        assertThat(timing.scale()).isEqualTo(1);
        assertThat(timing.moves().get(0).starts()).containsExactly(10.0, 13.0, 16.0, 19.0, 22.0, 25.0, 28.0, 31.0);
        assertThat(timing.moves().get(1).ends().get(7)).isEqualTo(110);
    }

    @Test
    void lengthening_the_block_moves_the_leave_and_changes_neither_phase() {
        Move leave = move(Pace.eachApart(8, 2), "ease-in");
        BlockTiming before = timing(Span.of(0, 100), RISE, leave);
        BlockTiming after = timing(Span.of(0, 140), RISE, leave);
        assertThat(after.moves().get(0).starts())
                .isEqualTo(before.moves().get(0).starts());
        assertThat(after.moves().get(1).starts())
                .isEqualTo(before.moves().get(1).starts().stream()
                        .map(start -> start + 40)
                        .toList());
    }

    @Test
    void what_does_not_fit_is_scaled_alike_and_leaves_no_dwell() {
        // Arrive takes 33, leave takes 22; 55 into 44 is a factor of 0.8.
        BlockTiming timing = timing(Span.of(0, 44), RISE, move(Pace.eachApart(8, 2), "ease-in"));
        assertThat(timing.scale()).isCloseTo(0.8, within(1e-12));
        assertThat(timing.arriveEnd()).isCloseTo(26.4, within(1e-9));
        assertThat(timing.leaveStart()).isCloseTo(26.4, within(1e-9));
        assertThat(timing.moves().get(0).starts().get(1)).isCloseTo(2.4, within(1e-9));
        assertThat(timing.moves().get(0).move()).isSameAs(RISE);
    }

    @Test
    void a_move_may_wait() {
        Move late = MoveBuilder.builder()
                .id("l")
                .unit(UnitKind.CHARACTER)
                .pace(Pace.eachApart(10, 0))
                .easing("linear")
                .after(6)
                .channels(List.of())
                .build();
        BlockTiming timing = timing(Span.of(0, 100), late, null);
        assertThat(timing.moves().get(0).starts()).containsOnly(6.0);
        assertThat(timing.arriveEnd()).isEqualTo(16);
    }

    /** A leave with reversed ranks shows at b − k what the arrive shows at a + k. */
    @Test
    void the_mirror_law_holds() {
        for (String easing : List.of(
                "cubic-bezier(0.16, 1, 0.3, 1)", "overshoot(0.2)", "linear", "bounce(3, 0.7)", "spring(1, 180, 16)")) {
            Move arrive = move(Pace.eachApart(12, 3), easing);
            Move back = Mirror.of(arrive, "back");
            assertThat(back.order()).isEqualTo(arrive.order());
            Move leave = MoveBuilder.builder()
                    .id("back")
                    .unit(back.unit())
                    .order(Order.of(Order.Kind.REVERSE))
                    .pace(back.pace())
                    .easing(back.easing())
                    .pivot(back.pivot())
                    .after(back.after())
                    .channels(back.channels())
                    .uncovering(Uncovering.PLAIN
                            .withHidden(back.uncovering().hidden())
                            .withReveal(back.uncovering().reveal()))
                    .build();
            BlockTiming timing = timing(Span.of(20, 200), arrive, leave);
            MoveCurve in = new MoveCurve(timing.moves().get(0), 100, 120, 1920, 1080);
            MoveCurve out = new MoveCurve(timing.moves().get(1), 100, 120, 1920, 1080);
            for (double k = 0.5; k < 33; k += 0.5) {
                for (int unit = 0; unit < 8; unit++) {
                    Pose arriving = in.pose(unit, 20 + k);
                    Pose leaving = out.pose(unit, 200 - k);
                    for (Property property : Property.values()) {
                        assertThat(leaving.get(property))
                                .as("%s of %s at %s", property, easing, k)
                                .isCloseTo(arriving.get(property), within(1e-7));
                    }
                }
            }
        }
    }

    @Test
    void bars_may_land_or_start_together_their_starts_be_spread_and_their_way_be_repeated() {
        Pace eight = new Pace(Pace.Held.EACH_APART, 8, 2, 0, false, null, Pace.Meet.LANDING, null, null, null);
        MoveTiming landing =
                timing(Span.of(0, 100), move(eight, "linear"), null).moves().get(0);
        assertThat(landing.starts()).containsExactly(0.0, 2.0, 4.0, 6.0, 8.0, 10.0, 12.0, 14.0);
        assertThat(landing.ends()).containsOnly(22.0);
        Pace starting = new Pace(Pace.Held.EACH_APART, 8, 2, 0, false, null, Pace.Meet.STARTING, null, null, null);
        MoveTiming apart =
                timing(Span.of(0, 100), move(starting, "linear"), null).moves().get(0);
        assertThat(apart.starts()).containsOnly(0.0);
        assertThat(apart.ends()).containsExactly(8.0, 10.0, 12.0, 14.0, 16.0, 18.0, 20.0, 22.0);
        Pace spread =
                new Pace(Pace.Held.EACH_IN_ALL, 8, 0, 22, false, "linear(0, 0.25 50%, 1)", null, null, null, null);
        MoveTiming slow =
                timing(Span.of(0, 100), move(spread, "linear"), null).moves().get(0);
        assertThat(slow.starts().get(0)).isZero();
        assertThat(slow.starts().get(7)).isEqualTo(14);
        assertThat(slow.starts().get(1)).isEqualTo(1, within(1e-9));
        Pace twice = new Pace(Pace.Held.EACH_APART, 8, 0, 0, false, null, null, 2, null, null);
        MoveCurve curve = new MoveCurve(
                timing(Span.of(0, 100), move(twice, "linear"), null).moves().get(0), 100, 120, 1920, 1080);
        assertThat(curve.pose(0, 5)).isEqualTo(curve.pose(0, 1));
        assertThat(curve.pose(0, 8).isRest()).isTrue();
    }

    @Test
    void a_muted_move_takes_no_time_and_hides_nothing() {
        Move muted = move(Pace.eachApart(30, 4), "linear").withMuted(true);
        BlockTiming timing = timing(Span.of(0, 100), muted, null);
        assertThat(timing.arriveEnd()).isZero();
        assertThat(timing.moves()).hasSize(1);
    }

    @Test
    void units_are_hidden_before_their_turn_and_gone_at_the_end_of_their_way_out() {
        BlockTiming timing = timing(Span.of(0, 100), RISE, move(Pace.eachApart(8, 2), "ease-in"));
        MoveCurve in = new MoveCurve(timing.moves().get(0), 100, 120, 1920, 1080);
        MoveCurve out = new MoveCurve(timing.moves().get(1), 100, 120, 1920, 1080);
        assertThat(in.hides(2, 5.9)).isTrue();
        assertThat(in.hides(2, 6)).isFalse();
        assertThat(out.hides(0, 85.9)).isFalse();
        assertThat(out.hides(0, 86)).isTrue();
        assertThat(in.pose(7, 40).isRest()).isTrue();
        assertThat(out.pose(0, 50).isRest()).isTrue();
    }

    @Test
    void tracks_keep_their_meaning_when_the_block_is_stretched() {
        Value.Track<Double> track = new Value.Track<>(List.of(
                new TrackKey<>("a", TrackKey.Anchor.START, 0, 0.0, "linear"),
                new TrackKey<>("b", TrackKey.Anchor.HOLD, 0.5, 10.0, "hold"),
                new TrackKey<>("c", TrackKey.Anchor.END, 5, 20.0, "linear")));
        BlockTiming shorter = timing(Span.of(0, 100), RISE, null);
        BlockTiming longer = timing(Span.of(0, 200), RISE, null);
        // The hold runs from 33 to the end, its middle is at 66.5 or 116.5.
        assertThat(TrackCurve.at(track.track(), shorter, 33.25)).isEqualTo(5);
        assertThat(TrackCurve.at(track.track(), shorter, 66.5)).isEqualTo(10);
        assertThat(TrackCurve.at(track.track(), shorter, 94.9)).isEqualTo(10);
        assertThat(TrackCurve.at(track.track(), shorter, 95)).isEqualTo(20);
        assertThat(TrackCurve.at(track.track(), longer, 116.5)).isEqualTo(10);
        assertThat(TrackCurve.at(track.track(), longer, 194.9)).isEqualTo(10);
        assertThat(TrackCurve.at(track.track(), longer, 400)).isEqualTo(20);
    }

    private static Move move(Pace pace, String easing) {
        return Samples.move(
                UnitKind.CHARACTER,
                Order.READING,
                pace,
                easing,
                Channel.from("y", Property.OFFSET_Y, 0.6, Length.Unit.EM),
                Channel.from("r", Property.ROTATION, -30, null),
                Channel.from("o", Property.OPACITY, 0, null));
    }

    private static BlockTiming timing(Span span, Move arrive, Move leave) {
        Phase in = arrive == null ? Phase.CUT : new Phase(List.of(arrive));
        Phase out = leave == null ? Phase.CUT : new Phase(List.of(leave));
        return BlockTiming.of(
                Samples.block("eight", span, in, out),
                new Clock(new FrameRate(24, 1), null),
                Turns.NONE,
                kind -> EIGHT);
    }
}
