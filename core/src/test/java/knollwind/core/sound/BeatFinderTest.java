package knollwind.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Beats of made music, whose truth is known. */
class BeatFinderTest {
    private static final double SECONDS = 20;

    static Stream<Arguments> loops() {
        return Stream.of(70.0, 84.5, 96.0, 110.0, 128.0, 150.0, 170.0)
                .flatMap(tempo -> Stream.of(MadeLoop.Feel.values()).map(feel -> Arguments.of(tempo, feel)));
    }

    @ParameterizedTest
    @MethodSource("loops")
    void tempo_and_beats_are_found(double tempo, MadeLoop.Feel feel) throws Exception {
        MadeLoop loop = MadeLoop.of(tempo, feel, SECONDS, 0.37);
        FoundBeats found = BeatFinder.find(loop, loop.frames());
        assertThat(found.perMinute()).isCloseTo(tempo, within(tempo * 0.005));
        assertThat(loop.met(found, 25)).isGreaterThanOrEqualTo(0.9);
        assertThat(found.steady()).isTrue();
        assertThat(found.perBar()).isEqualTo(loop.perBar());
        double bar = loop.perBar() * 60 / tempo;
        assertThat(Math.abs(Math.IEEEremainder(found.first() - 0.37, bar))).isLessThan(0.025);
    }

    @Test
    void half_or_double_is_said_where_it_could_be_counted_so() throws Exception {
        MadeLoop slow = MadeLoop.of(128, MadeLoop.Feel.STRAIGHT, SECONDS, 0);
        assertThat(BeatFinder.find(slow, slow.frames()).also())
                .singleElement()
                .satisfies(other -> assertThat(other).isCloseTo(64, within(0.5)));
    }

    @Test
    void a_later_start_moves_all_beats_alike() throws Exception {
        MadeLoop early = MadeLoop.of(96, MadeLoop.Feel.STRAIGHT, SECONDS, 0.2);
        MadeLoop late = MadeLoop.of(96, MadeLoop.Feel.STRAIGHT, SECONDS, 0.6);
        double moved = BeatFinder.find(late, late.frames()).beats().get(0)
                - BeatFinder.find(early, early.frames()).beats().get(0);
        assertThat(moved).isCloseTo(0.4, within(0.008));
    }

    @Test
    void where_there_is_no_beat_the_reason_is_said() {
        Recording silence = (from, into, frames) -> Arrays.fill(into, 0, 2 * frames, (short) 0);
        assertThatThrownBy(() -> BeatFinder.find(silence, 10L * Recording.RATE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("nothing in this recording repeats like a beat");
        assertThatThrownBy(() -> BeatFinder.find(silence, Recording.RATE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("3 seconds of music and more");
    }

    @Test
    void music_that_slows_down_is_not_called_steady() throws Exception {
        MadeLoop first = MadeLoop.of(100, MadeLoop.Feel.STRAIGHT, 15, 0);
        MadeLoop then = MadeLoop.of(84, MadeLoop.Feel.STRAIGHT, 15, 0);
        short[] both = Arrays.copyOf(first.samples(), first.samples().length + then.samples().length);
        System.arraycopy(then.samples(), 0, both, first.samples().length, then.samples().length);
        MadeLoop slowing = new MadeLoop(first.beats(), 4, both);
        assertThat(BeatFinder.find(slowing, slowing.frames()).steady()).isFalse();
    }
}
