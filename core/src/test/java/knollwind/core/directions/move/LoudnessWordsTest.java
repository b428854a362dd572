package knollwind.core.directions.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import knollwind.core.directions.controls.FormatPx;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.Loudness;
import knollwind.core.scene.Move;
import knollwind.core.scene.Sound;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How it is said that a move goes as loud as something is. */
class LoudnessWordsTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "the whole grows to 108 %, as loud as the music, about the centre.",
                "the whole fades out to 40 %, as quiet as the voice.",
                "characters lift 0.4 em, in reading order, 2 apart, as loud as the low sounds of all that is heard over -30 dB.",
                "the whole grows to 108 %, as loud as the high sounds of [bell-2] rising in 0 frames falling in 12 frames, about the centre."
            })
    void it_reads_as_it_is_printed(String sentence) {
        Move move = MoveReader.read(sentence, PhaseKind.DWELL, null);
        assertThat(move.cycle().form()).isEqualTo(Cycle.Form.LOUDNESS);
        assertThat(MovePrinter.text(move, PhaseKind.DWELL)).isEqualTo(sentence);
    }

    @Test
    void what_is_not_said_is_as_usual() {
        Move move = MoveReader.read("grows to 110 %, as loud as the music", PhaseKind.DWELL, null);
        assertThat(move.cycle().loudness()).isEqualTo(Loudness.of(Sound.Kind.MUSIC));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            grows to 110 %, with the music                      | the whole grows to 110 %, as loud as the music, about the centre.
            pulses with the voice                               | the whole grows to 104 %, as loud as the voice, about the centre.
            lifts 0.1 em following the loudness of the music    | the whole lifts 0.1 em, as loud as the music.
            """)
    void everyday_words_are_understood(String sentence, String said) {
        Move move = MoveReader.readEveryday(sentence, PhaseKind.DWELL, null, 25, null, FormatPx.PLAIN);
        assertThat(MovePrinter.text(move, PhaseKind.DWELL)).isEqualTo(said);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            grows to 110 %, as loud as                          | say what it is as loud as
            grows to 110 %, as loud as a gun                    | say what it is as loud as
            grows to 110 %, as loud as the music over           | over how many decibels
            grows to 110 %, as loud as the music over -30       | counted in dB
            grows to 110 %, as loud as the music over 3 dB      | between -90 and -1
            grows to 110 %, as loud as the music falling in     | in how many frames
            grows to 110 %, as loud as the music falling in 999 frames | between 0 and 240
            """)
    void what_cannot_be_is_refused_with_what_to_do(String sentence, String reason) {
        assertThatThrownBy(() -> MoveReader.read(sentence, PhaseKind.DWELL, null))
                .hasMessageContaining(reason);
    }
}
