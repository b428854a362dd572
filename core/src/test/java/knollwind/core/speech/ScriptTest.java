package knollwind.core.speech;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import knollwind.core.sound.Beginnings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Scripts as words that are said, and what comes of them without and with a recording. */
class ScriptTest {
    @Test
    void marks_stay_with_their_words_and_a_dash_with_the_one_before() {
        Script script = Script.of("\u201cThe last boat\u201d \u2013 at 23:40.\n\n\u2026 Bring a coat!");
        assertThat(script.words())
                .extracting(Script.Word::text)
                .containsExactly(
                        "\u201cThe", "last", "boat\u201d \u2013", "at", "23:40. \u2026", "Bring", "a", "coat!");
        assertThat(script.words().get(4).said()).containsExactly("twenty", "three", "forty");
        assertThat(script.words())
                .extracting(Script.Word::pauses)
                .containsExactly(false, false, true, false, true, false, false, true);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  \n ", "\u2026 \u2013 !"})
    void a_script_without_words_is_refused(String text) {
        assertThatThrownBy(() -> Script.of(text)).hasMessageContaining("has no words");
    }

    @ParameterizedTest
    @CsvSource({
        "ternholm, T ER N HH OW M",
        "kesset, K EH S EH T",
        "lowmere, L OW M IH R",
        "auk, AO K",
        "quayside, K IY S AY D",
        "gneiss, N AY S",
        "yarrow, Y AE R OW",
        "city, S IH T IY",
        "42, AH"
    })
    void names_are_said_by_their_letters(String name, String sounds) {
        assertThat(String.join(" ", LetterSounds.of(name))).isEqualTo(sounds);
    }

    @Test
    void words_are_spread_over_what_is_said_and_phrases_end_at_marks() {
        Script script = Script.of("The last boat leaves. Bring a coat, the deck is windy.");
        List<Aligned.Word> words =
                SpreadAligner.spread(script, List.of(new Beginnings.Phrase(1, 2.1), new Beginnings.Phrase(3, 5)));
        assertThat(words).hasSize(11);
        assertThat(words.get(0).start()).isEqualTo(1);
        assertThat(words.get(3).end()).isCloseTo(2.1, within(1e-9));
        assertThat(words.get(4).text()).isEqualTo("Bring");
        assertThat(words.get(4).start()).isEqualTo(3);
        assertThat(words.get(10).end()).isCloseTo(5, within(1e-9));
        for (int i = 1; i < words.size(); i++) {
            assertThat(words.get(i).start())
                    .isGreaterThanOrEqualTo(words.get(i - 1).end() - 1e-9);
        }
    }

    @Test
    void fewer_words_than_stretches_still_all_have_a_place() {
        List<Beginnings.Phrase> said = IntStream.range(0, 5)
                .mapToObj(i -> new Beginnings.Phrase(2 * i, 2 * i + 1))
                .toList();
        assertThat(SpreadAligner.spread(Script.of("two words"), said)).hasSize(2);
    }

    @Test
    void unsure_words_say_why_and_unsaid_ones_stand_between_their_neighbours() {
        Script script = Script.of("one two three four");
        AlignmentSearch.Result found = new AlignmentSearch.Result(
                List.of(
                        new AlignmentSearch.Found(100, 104, 130, -12, -11),
                        new AlignmentSearch.Found(-1, -1, -1, 0, 0),
                        new AlignmentSearch.Found(160, 165, 190, -20, -10),
                        new AlignmentSearch.Found(240, 300, 330, -12, -11)),
                List.of(new AlignmentSearch.Stretch(400, 460), new AlignmentSearch.Stretch(500, 510)));
        Aligned aligned = Aligning.of(script, found, new int[] {3, 2, 3, 3}, List.of("two"), 6);
        assertThat(aligned.words())
                .extracting(Aligned.Word::doubt)
                .containsExactly(null, Aligned.NOT_SAID, Aligned.UNLIKE, null);
        Aligned.Word unsaid = aligned.words().get(1);
        assertThat(unsaid.start()).isEqualTo(aligned.words().get(0).end());
        assertThat(unsaid.end()).isLessThanOrEqualTo(aligned.words().get(2).start());
        // A pause before the last word sounded like its beginning.
        assertThat(aligned.words().get(3).start()).isGreaterThan(2.7);
        assertThat(aligned.others()).hasSize(1);
        assertThat(aligned.words().get(0).sure()).isGreaterThan(0.9);
        assertThat(aligned.words().get(2).sure()).isLessThan(0.1);
    }
}
