package knollwind.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GlideCurveTest {
    private static GlideCurve glide(double drift, double end, double each) {
        return new GlideCurve(drift, List.of(10.0), List.of(end), each);
    }

    @Test
    void it_comes_from_one_side_passes_rest_in_the_middle_and_goes_to_the_other() {
        GlideCurve glide = glide(0.1, 110, 12);
        assertThat(glide.at(0, 10)).isEqualTo(1);
        assertThat(glide.at(0, 22)).isCloseTo(0.1, within(1e-9));
        assertThat(glide.at(0, 60)).isCloseTo(0, within(1e-9));
        assertThat(glide.at(0, 98)).isCloseTo(-0.1, within(1e-9));
        assertThat(glide.at(0, 110)).isEqualTo(-1);
        assertThat(glide.gone(0, 9.9)).isTrue();
        assertThat(glide.gone(0, 110)).isTrue();
        assertThat(glide.gone(0, 50)).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"0.1, 110, 12", "0.4, 200, 20", "0.5, 45, 16", "0.3, 30, 12", "0, 80, 10"})
    void place_and_speed_are_continuous_across_the_borders_of_the_phases(double drift, double end, double each) {
        GlideCurve glide = glide(drift, end, each);
        double step = 1e-4;
        for (double border : new double[] {10 + each, end - each}) {
            double before = (glide.at(0, border - step) - glide.at(0, border - 2 * step)) / step;
            double after = (glide.at(0, border + 2 * step) - glide.at(0, border + step)) / step;
            assertThat(after).isCloseTo(before, within(2e-3));
            assertThat(glide.at(0, border + step)).isCloseTo(glide.at(0, border - step), within(1e-3));
        }
        for (double time = 10; time < end; time += 0.25) {
            assertThat(glide.at(0, time + 0.25)).isLessThanOrEqualTo(glide.at(0, time) + 1e-12);
        }
    }

    @Test
    void only_the_middle_grows_with_the_block() {
        for (double since = 0; since <= 12; since += 1) {
            assertThat(glide(0.0, 300, 12).at(0, 10 + since))
                    .isCloseTo(glide(0.0, 100, 12).at(0, 10 + since), within(1e-9));
        }
    }

    @Test
    void what_takes_no_sides_is_fully_there_while_it_drifts() {
        GlideCurve glide = glide(0.1, 110, 12);
        assertThat(glide.aside(0, 10)).isEqualTo(1);
        assertThat(glide.aside(0, 60)).isZero();
        assertThat(glide.aside(0, 30)).isZero();
        assertThat(glide.aside(0, 109.9)).isGreaterThan(0.9);
    }
}
