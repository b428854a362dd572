package knollwind.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.Cycle.Form;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Order;
import knollwind.core.scene.Pace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What moves do while a block dwells. */
class CycleCurveTest {
    private static final Clock CLOCK = new Clock(new FrameRate(24, 1), new Beats(96, 0, 4));
    private static final List<Piece> PIECES = IntStream.range(0, 6)
            .mapToObj(i -> new Piece("c" + i, 0, 10 * i, 0))
            .toList();

    private static CycleCurve curve(Form form, double every, boolean whole, double apart, double from, double to) {
        Ranks ranks = Ranks.of(Order.READING, PIECES);
        return new CycleCurve(
                new Cycle(form, every, Cycle.Unit.FRAMES, whole, 3L),
                CLOCK,
                from,
                to,
                0,
                PaceRule.of(Pace.eachApart(12, apart), ranks.count()),
                Easings.read("linear"),
                PIECES,
                ranks,
                new double[PIECES.size()]);
    }

    @ParameterizedTest
    @EnumSource(
            value = Form.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"GLIDE", "STAY", "LOUDNESS"})
    void it_is_at_rest_at_both_ends_and_never_further_away_than_its_value(Form form) {
        CycleCurve curve = curve(form, 30, false, 4, 20, 200);
        for (int unit = 0; unit < 6; unit++) {
            assertThat(curve.at(unit, 20)).isZero();
            assertThat(curve.at(unit, 200)).isZero();
            assertThat(curve.at(unit, 5)).isZero();
            for (double time = 20; time < 200; time += 0.5) {
                assertThat(curve.at(unit, time)).isBetween(-1.0, 1.0);
            }
        }
        double most =
                IntStream.range(20, 200).mapToDouble(t -> curve.at(2, t)).max().orElse(0);
        assertThat(most).isGreaterThan(0.4);
        assertThat(curve(form, 30, false, 4, 20, 20).at(0, 20)).isZero();
    }

    @Test
    void a_swing_goes_to_both_sides_and_units_follow_one_another() {
        CycleCurve curve = curve(Form.SWING, 40, false, 5, 0, 400);
        assertThat(curve.at(0, 110)).isEqualTo(Math.sin(2 * Math.PI * 110 / 40), within(1e-9));
        for (double time = 100; time < 200; time++) {
            assertThat(curve.at(1, time + 5)).isCloseTo(curve.at(0, time), within(1e-9));
        }
    }

    /** Where it fits a whole number of times, the plateau's end is its begin again: it closes. */
    @ParameterizedTest
    @EnumSource(
            value = Form.class,
            names = {"SWING", "PULSE", "TREMBLE"})
    void whole_rounds_close_exactly(Form form) {
        CycleCurve curve = curve(form, 37, true, 0, 0, 300);
        double ramp = 37 / 2.0;
        for (int unit = 0; unit < 6; unit++) {
            assertThat(curve.at(unit, ramp)).isCloseTo(curve.at(unit, 300 - ramp), within(1e-6));
        }
        assertThat(curve.at(0, ramp + 20)).isNotEqualTo(curve.at(0, ramp));
    }

    @Test
    void a_passing_wave_touches_one_unit_after_the_other_and_ends_before_they_leave() {
        CycleCurve curve = curve(Form.PASS, 60, false, 4, 100, 200);
        assertThat(curve.at(0, 106)).isCloseTo(1, within(1e-9));
        assertThat(curve.at(3, 106)).isZero();
        assertThat(curve.at(3, 118)).isCloseTo(1, within(1e-9));
        assertThat(curve.at(0, 166)).isCloseTo(1, within(1e-9));
        // The last unit would come at 180 and land at 192; with ten frames less it does not set out any more.
        assertThat(curve.at(5, 186)).isCloseTo(1, within(1e-9));
        assertThat(curve(Form.PASS, 60, false, 4, 100, 190).at(5, 186)).isZero();
    }

    @Test
    void flickering_never_flashes_more_than_three_times_in_a_second() {
        CycleCurve curve = curve(Form.FLICKER, 1, false, 0, 0, 2400);
        for (int unit = 0; unit < 6; unit++) {
            for (int second = 1; second < 99; second++) {
                int flashes = 0;
                for (int frame = 24 * second; frame < 24 * second + 24; frame++) {
                    flashes += curve.at(unit, frame) == 0 && curve.at(unit, frame + 1) > 0 ? 1 : 0;
                }
                assertThat(flashes).isLessThanOrEqualTo(3);
            }
        }
    }

    @Test
    void a_round_is_counted_in_frames_seconds_or_beats() {
        assertThat(new Cycle(Form.SWING, 2, Cycle.Unit.SECONDS, false, 0L).frames(CLOCK))
                .isEqualTo(48);
        assertThat(new Cycle(Form.SWING, 4, Cycle.Unit.BEATS, false, 0L).frames(CLOCK))
                .isEqualTo(60);
    }
}
