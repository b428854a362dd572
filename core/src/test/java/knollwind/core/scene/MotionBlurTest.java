package knollwind.core.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class MotionBlurTest {
    @Test
    void the_opening_has_the_frame_in_its_middle_and_is_sampled_evenly() {
        double[] times = MotionBlur.times(new MotionBlur(180, 4), 10);
        assertThat(times).containsExactly(new double[] {9.8125, 9.9375, 10.0625, 10.1875}, within(1e-12));
        double[] wide = MotionBlur.times(new MotionBlur(720, 64), 5);
        assertThat(wide[0]).isGreaterThan(4);
        assertThat(wide[63]).isLessThan(6);
        assertThat(Arrays.stream(wide).average().orElse(0)).isCloseTo(5, within(1e-12));
    }

    @Test
    void without_blur_or_with_a_closed_shutter_a_frame_is_itself() {
        assertThat(MotionBlur.times(null, 7)).containsExactly(7);
        assertThat(MotionBlur.times(new MotionBlur(0, 8), 7)).containsExactly(7);
    }

    @Test
    void impossible_values_say_what_is_possible() {
        assertThatThrownBy(() -> new MotionBlur(721, 8)).hasMessageContaining("720");
        assertThatThrownBy(() -> new MotionBlur(180, 1)).hasMessageContaining("2");
    }
}
