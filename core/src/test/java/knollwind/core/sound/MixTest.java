package knollwind.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class MixTest {
    /** Counts up: sample frame n has n on the left and -n on the right; 10,000 frames long. */
    private static final Recording RAMP = (from, into, frames) -> {
        for (int i = 0; i < frames; i++) {
            long at = from + i;
            boolean there = at >= 0 && at < 10_000;
            into[2 * i] = (short) (there ? at : 0);
            into[2 * i + 1] = (short) (there ? -at : 0);
        }
    };

    private static double seconds(long frames) {
        return (double) frames / Recording.RATE;
    }

    private static Heard heard(long at, long from, long frames, double gain) {
        return new Heard("a", "ramp", seconds(at), seconds(from), seconds(frames), gain);
    }

    private static Mix mix(Heard... heard) {
        return new Mix(List.of(heard), name -> name.equals("ramp") ? RAMP : null);
    }

    @Test
    void a_stretch_is_heard_at_its_time_and_nowhere_else() throws Exception {
        short[] mixed = mix(heard(100, 500, 3, 1)).read(98, 7);
        assertThat(mixed).containsExactly(0, 0, 0, 0, 500, -500, 501, -501, 502, -502, 0, 0, 0, 0);
    }

    @Test
    void all_that_is_heard_at_once_is_added_up_with_its_gain() throws Exception {
        short[] mixed = mix(heard(0, 100, 2, 0.5), heard(1, 1000, 2, 2)).read(0, 3);
        assertThat(mixed).containsExactly(50, -50, (short) Math.round(50.5 + 2000), -2050, 2002, -2002);
    }

    @Test
    void too_loud_is_cut_off_and_does_not_turn_over() throws Exception {
        assertThat(mix(heard(0, 9000, 1, 100)).read(0, 1)).containsExactly(32767, -32768);
    }

    @Test
    void in_pieces_it_is_the_same_as_in_one() throws Exception {
        Mix mix = mix(heard(7, 3, 900, 0.7), heard(400, 0, 300, 1.3));
        short[] whole = mix.read(0, 1000);
        for (int from = 0; from < 1000; from += 137) {
            int count = Math.min(137, 1000 - from);
            short[] piece = mix.read(from, count);
            assertThat(piece).isEqualTo(java.util.Arrays.copyOfRange(whole, 2 * from, 2 * (from + count)));
        }
    }

    @Test
    void a_recording_that_is_not_here_is_silent() throws Exception {
        assertThat(new Mix(List.of(new Heard("a", "gone", 0, 0, 1, 1)), name -> null).read(0, 2))
                .containsOnly(0);
    }

    @Test
    void the_waveform_has_the_lowest_and_the_highest_value_of_each_hundredth_of_a_second() {
        Waveform waveform = new Waveform();
        int hundredth = Recording.RATE / Waveform.PER_SECOND;
        short[] samples = new short[2 * (hundredth + 10)];
        samples[20] = 0x4000;
        samples[31] = (short) -0x2000;
        samples[2 * hundredth + 1] = 0x1000;
        // In two pieces, the border inside a hundredth.
        waveform.add(samples, 100);
        waveform.add(java.util.Arrays.copyOfRange(samples, 200, samples.length), hundredth - 90);
        assertThat(waveform.bytes()).containsExactly(-0x20, 0x40, 0, 0x10);
    }

    @Test
    void a_gain_that_changes_is_met_at_every_sample() throws Exception {
        Heard fading =
                new Heard("a", "ramp", 0, 0, seconds(9600), 1, List.of(new Gain(0, 0), new Gain(seconds(9600), 1)));
        short[] faded = mix(fading).read(0, 9600);
        short[] whole = mix(heard(0, 0, 9600, 1)).read(0, 9600);
        for (int i = 0; i < 9600; i += 97) {
            assertThat((double) faded[2 * i]).isCloseTo(whole[2 * i] * i / 9600.0, within(1.0));
        }
    }
}
