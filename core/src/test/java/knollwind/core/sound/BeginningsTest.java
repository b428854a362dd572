package knollwind.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class BeginningsTest {
    /** Noise as loud as a voice, swelling four times a second as syllables do, over a hiss. */
    private static Recording voice(double seconds, double hiss, double[]... spoken) {
        short[] samples = new short[(int) (seconds * Recording.RATE) * Recording.CHANNELS];
        Random random = new Random(7);
        for (int i = 0; i < samples.length; i++) {
            double t = (double) i / Recording.CHANNELS / Recording.RATE;
            double loud = hiss;
            for (double[] phrase : spoken) {
                if (t >= phrase[0] && t < phrase[1]) {
                    loud += 4000 * (0.25 + Math.abs(Math.cos((t - phrase[0]) * 4 * Math.PI)));
                }
            }
            samples[i] = (short) (loud * random.nextGaussian());
        }
        return (from, into, frames) -> {
            Arrays.fill(into, 0, frames * Recording.CHANNELS, (short) 0);
            int at = (int) from * Recording.CHANNELS;
            System.arraycopy(samples, at, into, 0, Math.min(frames * Recording.CHANNELS, samples.length - at));
        };
    }

    private static void near(List<Double> found, double... meant) {
        assertThat(found).hasSize(meant.length);
        for (int i = 0; i < meant.length; i++) {
            assertThat(found.get(i)).isCloseTo(meant[i], within(0.025));
        }
    }

    @Test
    void phrases_begin_after_pauses() throws Exception {
        double[][] spoken = {{0.5, 2.1}, {2.7, 3.4}, {3.5, 4.2}, {6, 8}};
        for (double hiss : new double[] {0, 20, 200}) {
            // Between the second and the third there is no pause.
            near(Beginnings.phrases(voice(9, hiss, spoken), 9L * Recording.RATE), 0.5, 2.7, 6);
        }
    }

    @Test
    void edges_are_where_a_voice_begins_and_ends() throws Exception {
        double[][] spoken = {{0.5, 2.1}, {2.7, 3.4}};
        List<Double> edges = Beginnings.edges(voice(4, 5, spoken), 4L * Recording.RATE);
        for (double edge : new double[] {0.5, 2.1, 2.7, 3.4}) {
            assertThat(edges).anyMatch(one -> Math.abs(one - edge) < 0.025);
        }
        assertThat(edges).isSorted().noneMatch(one -> one < 0.45 || one > 3.45 || one > 2.2 && one < 2.6);
        assertThat(Beginnings.edges(voice(2, 0), 2L * Recording.RATE)).isEmpty();
    }

    @Test
    void a_click_is_no_phrase_and_silence_has_none() throws Exception {
        double[][] spoken = {{1, 1.03}, {2, 3}};
        near(Beginnings.phrases(voice(4, 5, spoken), 4L * Recording.RATE), 2);
        assertThat(Beginnings.phrases(voice(4, 0), 4L * Recording.RATE)).isEmpty();
        assertThat(Beginnings.onsets(voice(4, 0), 4L * Recording.RATE)).isEmpty();
    }

    @Test
    void strong_onsets_of_music_are_its_struck_beats() throws Exception {
        MadeLoop loop = MadeLoop.of(100, MadeLoop.Feel.STRAIGHT, 12, 0.4);
        List<Double> onsets = Beginnings.onsets(loop, loop.frames());
        assertThat(loop.beats())
                .allSatisfy(beat ->
                        assertThat(onsets).anySatisfy(onset -> assertThat(onset).isCloseTo(beat, within(0.02))));
        assertThat(onsets.size()).isLessThanOrEqualTo(2 * loop.beats().size());
    }
}
