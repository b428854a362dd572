package knollwind.core.type;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SegmenterTest {
    private static final String FAMILY = "\ud83d\udc69\u200d\ud83d\udc69\u200d\ud83d\udc67\u200d\ud83d\udc66";

    @Test
    void never_cuts_a_grapheme() {
        // GB9: a combining accent stays with its letter.
        assertThat(Segmenter.boundaries("e\u0301a", Segmenter.By.CHARACTER, "en"))
                .containsExactly(0, 2, 3);
        // GB9c: a Devanagari conjunct with its vowel sign and nasal is one character.
        assertThat(Segmenter.boundaries("\u0915\u094d\u0937\u093f\u0902", Segmenter.By.CHARACTER, "hi"))
                .containsExactly(0, 5);
    }

    @Test
    void emoji_families_flags_and_skin_tones_are_one_character() {
        assertThat(Segmenter.boundaries(FAMILY, Segmenter.By.CHARACTER, "en")).containsExactly(0, FAMILY.length());
        String flags = "\ud83c\uddf8\ud83c\uddea\ud83c\uddf3\ud83c\uddf4";
        assertThat(Segmenter.boundaries(flags, Segmenter.By.CHARACTER, "en")).containsExactly(0, 4, 8);
        assertThat(Segmenter.boundaries("\ud83d\udc4d\ud83c\udffd", Segmenter.By.CHARACTER, "en"))
                .containsExactly(0, 4);
        assertThat(Segmenter.boundaries("\r\n", Segmenter.By.CHARACTER, "en")).containsExactly(0, 2);
        assertThat(Segmenter.boundaries("", Segmenter.By.CHARACTER, "en")).containsExactly(0);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '\u00a6',
            value = {
                "Bring a coat, the deck is windy. \u00a6 Bring/a/coat,/the/deck/is/windy.",
                "'  \u201cLast boat\u201d \u2014 at 23:00 (Pier\u00a0Two)! ' \u00a6 \u201cLast/boat\u201d/\u2014/at/23:00/(Pier/Two)!",
                "l'eau rock'n'roll night-ferry \u00a6 l'eau/rock'n'roll/night-ferry",
                "\u2026home? \u00a6 \u2026home?",
            })
    void punctuation_goes_with_the_word_it_touches(String text, String words) {
        assertThat(words(text, "en-GB")).containsExactly(words.split("/"));
    }

    @Test
    void scripts_without_spaces_are_cut_by_dictionary() {
        assertThat(words("\u6700\u7d42\u306e\u8239\u3067\u3059\u3002", "ja"))
                .hasSizeGreaterThan(2)
                .last()
                .asString()
                .endsWith("\u3002");
        assertThat(words(
                        "\u0e40\u0e23\u0e37\u0e2d\u0e40\u0e17\u0e35\u0e48\u0e22\u0e27\u0e2a\u0e38\u0e14\u0e17\u0e49\u0e32\u0e22",
                        "th"))
                .hasSizeGreaterThan(1);
        assertThat(words("\u0627\u0644\u0639\u0628\u0627\u0631\u0629 \u0627\u0644\u0623\u062e\u064a\u0631\u0629", "ar"))
                .hasSize(2);
        assertThat(words("a " + FAMILY + " b", "en")).containsExactly("a", FAMILY, "b");
    }

    @Test
    void lines_may_break_after_spaces_and_hyphens_but_not_at_a_no_break_space() {
        assertThat(Segmenter.boundaries("night-ferry to Pier\u00a0Two", Segmenter.By.LINE, "en"))
                .containsExactly(0, 6, 12, 15, 23);
    }

    private static List<String> words(String text, String language) {
        return Segmenter.words(text, language).stream()
                .map(word -> text.substring(word.from(), word.to()))
                .toList();
    }
}
