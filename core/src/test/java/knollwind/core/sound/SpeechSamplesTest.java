package knollwind.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What those hear who listen for words. */
class SpeechSamplesTest {
    private static short[] heard(double hertz, long frames) throws IOException {
        Recording tone = (from, into, count) -> {
            for (int i = 0; i < count; i++) {
                boolean inside = from + i >= 0 && from + i < frames;
                double value = inside ? 8000 * Math.sin(2 * Math.PI * hertz * (from + i) / Recording.RATE) : 0;
                into[2 * i] = (short) value;
                into[2 * i + 1] = (short) value;
            }
        };
        byte[] bytes = new SpeechSamples(tone, frames).readAllBytes();
        short[] samples = new short[bytes.length / 2];
        ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).asShortBuffer().get(samples);
        return samples;
    }

    @ParameterizedTest
    @CsvSource({"300, 7800, 8010", "3000, 7700, 8010", "11000, 0, 60", "15000, 0, 60"})
    void speech_passes_and_what_is_too_high_does_not(double hertz, int least, int most) throws IOException {
        short[] samples = heard(hertz, 2 * Recording.RATE);
        int loudest = 0;
        for (int i = 1000; i < samples.length - 1000; i++) {
            loudest = Math.max(loudest, Math.abs(samples[i]));
        }
        assertThat(loudest).isBetween(least, most);
    }

    @Test
    void times_stay_where_they_are() throws IOException {
        short[] samples = heard(100, 3 * Recording.RATE + 2);
        assertThat(samples).hasSize(3 * SpeechSamples.RATE);
        // A quarter of a wave of 100 Hz after a whole second, beyond the first block.
        assertThat(samples[SpeechSamples.RATE + 40]).isCloseTo((short) 8000, within((short) 60));
    }

    @Test
    void a_reader_gets_as_much_as_it_asks_for_until_the_end() throws IOException {
        SpeechSamples samples = new SpeechSamples((from, into, count) -> {}, 3L * SpeechSamples.RATE * 3);
        byte[] odd = new byte[7001];
        int all = 0;
        int count = samples.read(odd, 0, odd.length);
        while (count == odd.length) {
            all += count;
            count = samples.read(odd, 0, odd.length);
        }
        assertThat(all + count).isEqualTo(2 * 3 * SpeechSamples.RATE);
        assertThat(samples.read(odd, 0, odd.length)).isEqualTo(-1);
    }
}
