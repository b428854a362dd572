package knollwind.core.directions.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Cycle;
import knollwind.core.scene.Moments;
import knollwind.core.scene.Move;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How turns from outside are said and read. */
class MomentsClauseTest {
    @ParameterizedTest
    @ValueSource(
            strings = {
                "words rise 0.4 em and fade in, in reading order, 8 frames each, as they are spoken, steadily.",
                "words fade in, in reading order, as long as its word, landing as they are spoken, steadily.",
                "characters fade in, in reading order, 6 frames each, 1 frame apart, as they are spoken, 2 frames early, steadily.",
                "lines fade in, in reading order, 12 frames each, one a beat, steadily.",
                "words fade in, in reverse, 12 frames each, landing one every 2 beats, 3 frames late, steadily.",
                "words fade in, in reading order, 12 frames each, one a cue, 2 times over, steadily."
            })
    void what_arrives_reads_as_it_is_printed(String sentence) {
        Move move = MoveReader.read(sentence, PhaseKind.ARRIVE, null);
        assertThat(MovePrinter.text(move, PhaseKind.ARRIVE)).isEqualTo(sentence);
    }

    @Test
    void a_dwell_says_when_and_not_how_often() {
        Move move = MoveReader.read("words grow to 120 %, 4 frames each, as they are spoken", PhaseKind.DWELL, null);
        assertThat(move.pace().moments().by()).isEqualTo(Moments.By.WORDS);
        assertThat(move.cycle().form()).isEqualTo(Cycle.Form.PASS);
        String printed = MovePrinter.text(move, PhaseKind.DWELL);
        assertThat(printed).contains("4 frames each, as they are spoken").doesNotContain("wave");
        assertThat(MoveReader.read(printed, PhaseKind.DWELL, move)).isEqualTo(move);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            LEAVE  | words fade out, as they are spoken             | hang the block's end on a word
            ARRIVE | words fade in, 3 frames early                  | add as they are spoken
            ARRIVE | words fade in, one every beats                 | say how many beats
            ARRIVE | words fade in, as they are spoken, 40 in all   | no gaps of its own
            ARRIVE | words fade in, one a beat, in its whole time   | cannot take their whole time
            """)
    void what_cannot_be_is_refused_with_what_to_do(PhaseKind phase, String sentence, String reason) {
        assertThatThrownBy(() -> MoveReader.read(sentence, phase, null)).hasMessageContaining(reason);
    }
}
