package knollwind.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EasingsTest {
    @ParameterizedTest(name = "{0} at {1} is {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                // A cubic Bézier whose parameter is 1/2 at x = 1/2, by symmetry: y = (1 + 3·y1 + 3·y2 + …)/8 worked out
                // by hand.
                "cubic-bezier(0.5, 0, 0.5, 1) | 0.5 | 0.5",
                "cubic-bezier(0.5, 1, 0.5, 1) | 0.5 | 0.875",
                "cubic-bezier(0.3333333333, 0.3333333333, 0.6666666667, 0.6666666667) | 0.37 | 0.37",
                "linear(0, 0.25, 1) | 0.25 | 0.125",
                "linear(0, 0.25 75%, 1) | 0.75 | 0.25",
                "linear(0, 0.5 20% 80%, 1) | 0.5 | 0.5",
                "linear(0, 1 50%, 0 50%, 1) | 0.5 | 0",
                "linear(0, 0.4 60%, 0.5 30%, 1) | 0.6 | 0.5",
                "steps(4) | 0.3 | 0.25",
                "steps(4) | 1 | 1",
                "steps(4, jump-start) | 0 | 0.25",
                "steps(4, start) | 0.3 | 0.5",
                "steps(3, jump-none) | 0.5 | 0.5",
                "steps(3, jump-both) | 0.5 | 0.5",
                "steps(2, jump-both) | 0 | 0.3333333333",
                "step-start | 0 | 1",
                "step-end | 0.999 | 0",
                // A free fall covers a quarter of the height in half the time; with no bounces left out the first
                // landing is at 1.
                "bounce(1, 0.75) | 0.5 | 1",
                "bounce(1, 0.75) | 0.25 | 0.25",
                "bounce(1, 0.75) | 0.75 | 0.75",
            })
    void gives_the_value_of_the_definition(String function, double x, double y) {
        assertThat(Easings.read(function).at(x)).isCloseTo(y, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "linear",
                "ease",
                "ease-in",
                "ease-out",
                "ease-in-out",
                "cubic-bezier(0.16, 1, 0.3, 1)",
                "steps(5)",
                "overshoot(0.1)",
                "wind-up(0.3)",
                "bounce(3, 0.7)",
                "spring(1, 180, 16)",
                "spring(1, 60, 30)",
                "spring(1, 100, 20)"
            })
    void begins_at_0_ends_at_1_and_clamps_what_lies_outside(String function) {
        Easing easing = Easings.read(function);
        assertThat(easing.at(0)).isZero();
        assertThat(easing.at(-3)).isZero();
        assertThat(easing.at(1)).isCloseTo(1, within(1e-12));
        assertThat(easing.at(7)).isCloseTo(1, within(1e-12));
    }

    @Test
    void overshoot_goes_beyond_the_end_by_its_amount() {
        Easing easing = Easings.read("overshoot(0.2)");
        double peak = 0;
        for (int i = 0; i <= 10_000; i++) {
            peak = Math.max(peak, easing.at(i / 10_000.0));
        }
        assertThat(peak).isCloseTo(1.2, within(1e-6));
    }

    /** The differential equation m·x″ + c·x′ + k·(x − 1) = 0, checked by central differences. */
    @ParameterizedTest
    @CsvSource({"1, 180, 16", "2, 90, 40", "1, 100, 20"})
    void a_spring_obeys_its_equation(double mass, double stiffness, double damping) {
        Spring spring = new Spring(mass, stiffness, damping);
        double ratio = damping / (2 * Math.sqrt(stiffness * mass));
        double frequency = Math.sqrt(stiffness / mass);
        double slowest = ratio <= 1 ? ratio * frequency : frequency * (ratio - Math.sqrt(ratio * ratio - 1));
        double duration = -Math.log(1e-3) / slowest;
        double h = 1e-4;
        for (double x = 0.1; x < 0.9; x += 0.1) {
            double before = spring.at(x - h);
            double now = spring.at(x);
            double after = spring.at(x + h);
            double speed = (after - before) / (2 * h) / duration;
            double acceleration = (after - 2 * now + before) / (h * h) / (duration * duration);
            double balance = mass * acceleration + damping * speed + stiffness * (now - 1);
            // What is taken out at the end to land on 1 exactly leaves a small balance.
            assertThat(Math.abs(balance)).isLessThan(stiffness * 1e-2);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "ease",
                "cubic-bezier(0.16, 1, 0.3, 1)",
                "overshoot(0.1)",
                "wind-up(0.3)",
                "bounce(2, 0.5)",
                "linear",
                "spring(1, 180, 16)",
                "linear(0, 0.2 70%, 1)"
            })
    void reversed_shows_the_curve_backwards_and_twice_is_the_curve(String function) {
        Easing forward = Easings.read(function);
        Easing back = Easings.read(Easings.reversed(function));
        Easing twice = Easings.read(Easings.reversed(Easings.reversed(function)));
        for (int i = 0; i <= 20; i++) {
            double x = i / 20.0;
            assertThat(back.at(x)).isCloseTo(1 - forward.at(1 - x), within(1e-9));
            assertThat(twice.at(x)).isCloseTo(forward.at(x), within(1e-9));
        }
    }

    @Test
    void reversed_steps_take_the_limit_from_the_other_side_at_their_jumps() {
        Easing back = Easings.read("reversed(steps(2))");
        // steps(2) is 0 before 1/2 and 1/2 from there on; backwards it is 1/2 up to 1/2 and 1 after.
        assertThat(back.at(0.5)).isEqualTo(1.0);
        assertThat(back.at(0.4)).isEqualTo(0.5);
        assertThat(back.at(0)).isEqualTo(0.5);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "wobble | is not an easing function",
                "wobble(3) | no easing function 'wobble()'",
                "cubic-bezier(2, 0, 1, 1) | between 0 and 1",
                "cubic-bezier(0, 0, 1) | 4",
                "steps(0) | at least 1 step",
                "steps(1, jump-none) | at least 2",
                "linear(0.5) | at least two points",
                "linear(0, 1 2 3) | one output",
                "spring(0, 1, 1) | above 0",
                "bounce(40, 0.5) | 1 to 12",
                "overshoot(9) | 0 to 4",
            })
    void refuses_what_is_not_a_function_and_says_why(String function, String reason) {
        assertThatThrownBy(() -> Easings.read(function))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(reason);
    }
}
