package knollwind.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import knollwind.core.scene.Loudness.Band;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EnvelopeTest {
    /** A sine's root mean square is so much under its top. */
    private static final double SINE = -3.01;

    private static Envelope envelope(double hertz, Tones.Amplitude amplitude) throws IOException {
        return Envelope.of(Tones.of(hertz, amplitude), 2L * Recording.RATE);
    }

    @Test
    void it_tells_how_loud_a_recording_is_when() throws IOException {
        Envelope envelope = envelope(1000, second -> second < 1 ? 0.5 : 0.05);
        assertThat(envelope.loudest(Band.ALL, 0.2, 0.8)).isCloseTo(SINE - 6.02, within(0.1));
        assertThat(envelope.loudest(Band.ALL, 1.1, 1.9)).isCloseTo(SINE - 26.02, within(0.2));
        assertThat(envelope.loudest(Band.ALL, 0.9, 1.1)).isCloseTo(SINE - 6.02, within(0.1));
        assertThat(envelope.loudest(Band.ALL, 5, 6)).isEqualTo(Envelope.SILENCE);
        assertThat(envelope.loudest(Band.ALL, -3, -2)).isEqualTo(Envelope.SILENCE);
    }

    @ParameterizedTest
    @CsvSource({"50, LOW", "630, MIDDLE", "6000, HIGH"})
    void a_tone_is_heard_in_its_own_band_and_hardly_in_the_others(double hertz, Band own) throws IOException {
        Envelope envelope = envelope(hertz, second -> 0.5);
        double loud = envelope.loudest(own, 0.5, 1.5);
        assertThat(loud).isCloseTo(SINE - 6.02, within(0.3));
        for (Band other : Band.values()) {
            if (other != own && other != Band.ALL) {
                assertThat(envelope.loudest(other, 0.5, 1.5)).isLessThan(loud - 30);
            }
        }
    }

    @Test
    void where_two_bands_meet_each_has_half_of_a_tones_height() throws IOException {
        Envelope envelope = envelope(200, second -> 0.5);
        assertThat(envelope.loudest(Band.LOW, 0.5, 1.5)).isCloseTo(SINE - 12.04, within(0.2));
        assertThat(envelope.loudest(Band.MIDDLE, 0.5, 1.5)).isCloseTo(SINE - 12.04, within(0.2));
    }

    @Test
    void kept_and_read_again_it_is_the_same() throws IOException {
        Envelope envelope = envelope(440, second -> second / 2);
        assertThat(Envelope.read(envelope.bytes()).bytes()).isEqualTo(envelope.bytes());
        assertThat(Envelope.read(envelope.bytes()).loudest(Band.MIDDLE, 0.5, 0.6))
                .isEqualTo(envelope.loudest(Band.MIDDLE, 0.5, 0.6));
    }

    @Test
    void silence_and_nothing_at_all_are_silent() throws IOException {
        assertThat(envelope(440, second -> 0).loudest(Band.ALL, 0, 2)).isEqualTo(Envelope.SILENCE);
        assertThat(Envelope.of(Tones.of(440, second -> 1), 0).loudest(Band.ALL, 0, 2))
                .isEqualTo(Envelope.SILENCE);
    }
}
