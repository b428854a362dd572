package knollwind.core.type;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Setting;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LineBreakerTest {
    private static final String NOTICE = "Bring a coat, the deck is windy and the crossing takes the night";

    private static SetText set(String text, double column, Breaking breaking, String language) {
        return Samples.TYPESETTER.set(Samples.copy(text)
                .with(words -> words.face(Samples.archivo(600))
                        .size(60)
                        .column(column)
                        .alignment(Setting.Alignment.CENTRE)
                        .language(language)
                        .breaking(breaking)));
    }

    private static SetText tracked(double tracking, double column) {
        return Samples.TYPESETTER.set(Samples.copy(NOTICE)
                .with(words -> words.face(Samples.archivo(600))
                        .size(60)
                        .tracking(tracking)
                        .column(column)));
    }

    /** A column that the tracked first line just fills holds it; a little less and its last word goes down. */
    @Test
    void lines_break_by_their_width_with_the_tracking() {
        for (double tracking : new double[] {-40, 0, 80, 200}) {
            SetText wide = tracked(tracking, 900);
            double line = wide.lines().get(0).advance();
            // What stands behind the last letter may count or not.
            double letter = Math.abs(tracking) / 1000 * 60;
            assertThat(lines(tracked(tracking, line + 0.5 + letter)).get(0))
                    .as("tracking %s", tracking)
                    .isEqualTo(lines(wide).get(0));
            assertThat(lines(tracked(tracking, line - 1 - letter)).get(0))
                    .as("tracking %s", tracking)
                    .isNotEqualTo(lines(wide).get(0));
        }
    }

    private static List<String> lines(SetText set) {
        return set.lineUnits().stream().map(Unit::text).toList();
    }

    @ParameterizedTest
    @ValueSource(doubles = {420, 600, 700, 940, 1200, 1900})
    void balanced_lines_are_as_many_as_filled_ones_and_never_wider(double column) {
        SetText filled = set(NOTICE, column, Breaking.FILLED, "en-GB");
        SetText balanced = set(NOTICE, column, Breaking.BALANCED, "en-GB");
        assertThat(balanced.lines()).hasSameSizeAs(filled.lines());
        assertThat(String.join(" ", lines(balanced))).isEqualTo(NOTICE);
        assertThat(spread(balanced)).isLessThanOrEqualTo(spread(filled) + 0.01);
        assertThat(balanced.box().width()).isEqualTo(column);
    }

    /** How much wider the widest line is than the narrowest. */
    private static double spread(SetText set) {
        var widths = set.lines().stream().mapToDouble(SetLine::advance).summaryStatistics();
        return widths.getMax() - widths.getMin();
    }

    @Test
    void a_last_word_is_not_left_alone() {
        double column = set("Bring a coat, the deck is", Double.NaN, Breaking.FILLED, "en-GB")
                        .box()
                        .width()
                + 1;
        String text = "Bring a coat, the deck is windy";
        assertThat(lines(set(text, column, Breaking.FILLED, "en-GB"))).last().isEqualTo("windy");
        assertThat(lines(set(text, column, Breaking.BALANCED, "en-GB")))
                .last()
                .asString()
                .contains(" ");
    }

    @Test
    void a_stack_has_one_word_a_line_with_its_punctuation() {
        assertThat(lines(set("Last boat,\nhome now!", Double.NaN, Breaking.STACKED, "en-GB")))
                .containsExactly("Last", "boat,", "home", "now!");
        assertThat(lines(set("最後の船", Double.NaN, Breaking.STACKED, "ja"))).hasSizeGreaterThan(1);
        assertThat(lines(set("", Double.NaN, Breaking.STACKED, "en-GB"))).containsExactly("");
    }
}
