package knollwind.core.speech;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words of a text and the spoken ones that stand for them. */
class WordMatchTest {
    private static final String ANNOUNCEMENT =
            "The last boat home leaves at eleven. Bring a coat, the deck is windy. The lamp on pier two will guide you.";

    private static List<String> plain(String text) {
        return PlainForm.words(text).stream().map(PlainForm.Stretch::plain).toList();
    }

    private static int[] match(String text, int near) {
        return WordMatch.match(plain(text), plain(ANNOUNCEMENT), near);
    }

    @ParameterizedTest
    @CsvSource({
        "11, eleven",
        "11:45, elevenfortyfive",
        "9:05, nineohfive",
        "23rd, twentythird",
        "Dr, doctor",
        "40 %, fortypercent",
        "B2, btwo",
        "HAVNSØ, havnsø",
        "café, cafe",
        "don\u2019t, don't",
        "2.5, twofive"
    })
    void numbers_marks_and_short_forms_are_said_as_words(String written, String said) {
        assertThat(PlainForm.of(written)).isEqualTo(said);
    }

    @Test
    void a_sentence_is_found_where_it_is_said() {
        assertThat(match("Bring a coat", 0)).containsExactly(7, 8, 9);
        assertThat(match("THE LAST BOAT\nHOME LEAVES AT 11", 0)).containsExactly(0, 1, 2, 3, 4, 5, 6);
    }

    @Test
    void words_that_are_left_out_are_passed_over() {
        assertThat(match("boat home eleven", 0)).containsExactly(2, 3, 6);
        assertThat(match("lamp \u2013 pier two", 0)).containsExactly(15, 17, 18);
    }

    @Test
    void a_word_that_is_not_said_has_no_place() {
        assertThat(match("Bring a raincoat quickly, the deck", 0))
                .containsExactly(7, 8, WordMatch.NONE, WordMatch.NONE, 10, 11);
        assertThat(match("quite another thing", 0)).containsOnly(WordMatch.NONE);
    }

    @Test
    void a_word_that_is_nearly_the_same_is_taken_for_it() {
        assertThat(match("The deck is windi", 0)).containsExactly(10, 11, 12, 13);
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "9, 10", "13, 14", "21, 14"})
    void of_the_same_words_the_nearest_counts(int near, int found) {
        assertThat(match("the", near)).containsExactly(found);
    }

    @Test
    void two_readings_are_paired_by_the_least_edits() {
        assertThat(WordMatch.pair(plain("the last boat home leaves"), plain("the very last ferry home leaves now")))
                .containsExactly(0, 2, WordMatch.NONE, 4, 5);
        assertThat(WordMatch.pair(plain("a b"), List.of())).containsExactly(WordMatch.NONE, WordMatch.NONE);
        assertThat(WordMatch.pair(List.of(), plain("a"))).isEmpty();
    }

    @Test
    void thousands_of_words_are_paired() {
        List<String> long1 = plain((ANNOUNCEMENT + " ").repeat(400));
        List<String> long2 =
                plain((ANNOUNCEMENT + " ").repeat(200) + "A new sentence is here. " + (ANNOUNCEMENT + " ").repeat(200));
        int[] pairs = WordMatch.pair(long1, long2);
        assertThat(pairs[0]).isZero();
        assertThat(pairs[pairs.length - 1]).isEqualTo(long2.size() - 1);
        assertThat(pairs).doesNotContain(WordMatch.NONE);
    }
}
