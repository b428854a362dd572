package knollwind.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import knollwind.core.scene.FrameRate;
import knollwind.core.scene.Loudness;
import knollwind.core.scene.Loudness.Band;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Sound;
import org.junit.jupiter.api.Test;

class FollowedLevelTest {
    private static final FrameRate RATE = new FrameRate(25, 1);
    private static final double SECONDS = 4;

    /** Loud from 1 to 2 s, half as loud in decibels over the floor from 3 s on. */
    private static final Envelopes ENVELOPES = Envelopes.listening(sha256 -> sha256.startsWith("a1")
            ? Tones.of(1000, second -> second >= 1 && second < 2 ? 1 : second >= 3 ? Math.pow(10, -18.5 / 20) : 0)
            : null);

    private static Sound sound(String sha, long start, double from, Double to) {
        return new Sound(
                "s", "Bell", Sound.Kind.MUSIC, sha.repeat(32), SECONDS, Rational.of(start), from, to, -30, true, false);
    }

    private static double[] levels(double rise, double fall, Sound... sounds) {
        Loudness loudness = new Loudness(null, null, Band.ALL, -43.0, rise, fall, null);
        return FollowedLevel.of(loudness, List.of(sounds), RATE, 150, ENVELOPES);
    }

    @Test
    void it_is_the_loudness_of_the_recording_from_the_floor_to_full_scale() {
        double[] levels = levels(0, 0, sound("a1", 0, 0, null));
        assertThat(levels[10]).isZero();
        assertThat(levels[30]).isCloseTo(1 - 3.01 / 43, within(0.01));
        assertThat(levels[60]).isZero();
        assertThat(levels[80]).isCloseTo(0.5, within(0.01));
        assertThat(levels[120]).as("behind its end").isZero();
    }

    @Test
    void it_rises_and_falls_in_so_many_frames() {
        double[] quick = levels(0, 0, sound("a1", 0, 0, null));
        double[] slow = levels(10, 20, sound("a1", 0, 0, null));
        int first = 0;
        while (quick[first] < 0.5) {
            first++;
        }
        assertThat(slow[first]).isCloseTo(0.1, within(1e-9));
        assertThat(slow[first + 4]).isCloseTo(0.5, within(1e-9));
        for (int frame = 1; frame < slow.length; frame++) {
            assertThat(slow[frame] - slow[frame - 1]).isBetween(-0.05 - 1e-9, 0.1 + 1e-9);
        }
    }

    @Test
    void a_sound_that_is_moved_moves_what_follows_it() {
        double[] here = levels(3, 12, sound("a1", 0, 0, null));
        double[] later = levels(3, 12, sound("a1", 17, 0, null));
        assertThat(Arrays.copyOfRange(later, 17, 150)).containsExactly(Arrays.copyOf(here, 133), within(1e-9));
        assertThat(Arrays.copyOf(later, 17)).containsOnly(0.0);
    }

    @Test
    void cut_in_two_it_goes_on_as_it_was() {
        double[] whole = levels(3, 40, sound("a1", 0, 0, null));
        double[] first = levels(3, 40, sound("a1", 0, 0, 2.0));
        double[] second = levels(3, 40, sound("a1", 0, 2.0, null));
        assertThat(Arrays.copyOf(first, 50)).containsExactly(Arrays.copyOf(whole, 50), within(1e-9));
        assertThat(Arrays.copyOf(second, 100)).containsExactly(Arrays.copyOfRange(whole, 50, 150), within(1e-9));
    }

    @Test
    void of_several_sounds_the_loudest_counts_and_what_is_not_there_is_silent() {
        double[] both = levels(0, 0, sound("a1", 0, 0, null), sound("b2", 0, 0, null), sound("a1", 50, 0, null));
        assertThat(both[30]).isEqualTo(both[80]).isGreaterThan(0.9);
        assertThat(levels(0, 0, sound("b2", 0, 0, null))).containsOnly(0.0);
        assertThat(levels(0, 0)).containsOnly(0.0);
    }
}
