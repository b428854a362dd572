package knollwind.core.directions.caption;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.scene.CaptionRules;
import knollwind.core.scene.CaptionRules.Breaks;
import knollwind.core.scene.ReadingSpeed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CaptionRuleWordsTest {
    private static CaptionRules read(String sentence) {
        return CaptionRuleWords.read(sentence, CaptionRuleWords.BROADCAST, 25);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Captions of at most 20 characters on one line, each 0.7 to 2.5 seconds, never over 16 characters a second,"
                        + " broken at commas first, 2 frames apart.",
                "Captions of at most 42 characters on three lines, each 1 to 7 seconds, never over 180 words a minute,"
                        + " broken at sentences first, 0.05 seconds apart, at most 6 words each.",
                "Captions of at most 30 characters on one line, each 0.1 to 3 seconds, never over 60 characters a second,"
                        + " broken at sentences first, one right after the other, one word each."
            })
    void rules_are_read_as_they_are_said(String sentence) {
        assertThat(CaptionRulePrinter.say(read(sentence), 25)).isEqualTo(sentence);
    }

    @Test
    void what_is_not_said_stays() {
        CaptionRules rules = read("never over 12.5 characters a second, on one line");
        assertThat(rules)
                .isEqualTo(new CaptionRules(
                        37,
                        1,
                        1,
                        7,
                        0.08,
                        new ReadingSpeed(12.5, ReadingSpeed.Unit.CHARACTERS),
                        CaptionRules.ANY,
                        Breaks.SENTENCES));
        CaptionRuleWords.NAMED.forEach((name, named) -> {
            assertThat(read(name)).isEqualTo(named);
            assertThat(read(CaptionRulePrinter.say(named, 25))).isEqualTo(named);
        });
        assertThat(read("in short bursts, 3 frames apart").gap()).isEqualTo(0.12);
    }

    @Test
    void what_cannot_be_read_is_marked() {
        assertThatThrownBy(() -> read("of at most 20 characters, sideways"))
                .isInstanceOfSatisfying(
                        DirectionException.class,
                        unread -> assertThat(unread.position()).isEqualTo(26))
                .hasMessageContaining("\"sideways\" cannot be read here");
        assertThatThrownBy(() -> read("each 3 to 1 seconds")).hasMessageContaining("the longest time of a caption");
        assertThatThrownBy(() -> read("of at most 0 characters")).hasMessageContaining("the characters of a line");
        assertThatThrownBy(() -> CaptionRuleWords.read("2 frames apart", CaptionRuleWords.BROADCAST, 0))
                .hasMessageContaining("needs a frame rate");
    }
}
