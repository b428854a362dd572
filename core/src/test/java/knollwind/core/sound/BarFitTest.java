package knollwind.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class BarFitTest {
    private static final double SECONDS = 40;

    /** Bars of two seconds from the first second on. */
    private static final List<Double> BARS =
            IntStream.range(0, 20).mapToObj(bar -> 1.0 + 2 * bar).toList();

    private static final FoundBeats BEATS = new FoundBeats(120, 1, 4, true, List.of(), BARS, BARS);

    /** Loud in the bars from 13 to 17 s and from 29 to 33 s, and alike there; elsewhere each bar is louder than the one before. */
    private final Envelope envelope = Envelope.of(
            Tones.of(
                    500,
                    second -> second >= 13 && second < 17 || second >= 29 && second < 33
                            ? 0.9
                            : 0.02 + 0.02 * Math.floor((second - 1) / 2)),
            (long) (SECONDS * Recording.RATE));

    BarFitTest() throws IOException {}

    @Test
    void too_long_it_leaves_out_whole_bars_where_that_is_heard_least() {
        assertThat(BarFit.of(BEATS, envelope, 0, SECONDS, 24)).isEqualTo(new BarFit(15, 31));
    }

    @Test
    void it_ends_less_than_a_bar_before_the_end_and_never_after_it() {
        BarFit fit = BarFit.of(BEATS, envelope, 0, SECONDS, 23.1);
        assertThat(fit.enter() - fit.leave()).isCloseTo(18, within(1e-9));
    }

    @Test
    void too_short_it_goes_over_whole_bars_again() {
        BarFit fit = BarFit.of(BEATS, envelope, 0, SECONDS, 57);
        assertThat(fit).isEqualTo(new BarFit(31, 15));
    }

    @Test
    void what_need_not_or_cannot_be_fitted_is_refused() {
        assertThatThrownBy(() -> BarFit.of(BEATS, envelope, 0, SECONDS, 41.5))
                .hasMessageContaining("less than a bar before the picture does already");
        assertThatThrownBy(() -> BarFit.of(BEATS, envelope, 0, SECONDS, 2)).hasMessageContaining("too few bars");
        assertThatThrownBy(() -> BarFit.of(BEATS, envelope, 0, SECONDS, 100)).hasMessageContaining("too few bars");
    }
}
