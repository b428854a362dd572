package knollwind.core.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Setting;
import org.junit.jupiter.api.Test;

class PairsTest {
    private static final String CREDITS = "Crew\nSkipper\tInes Tarrow\nMate\tOdd Fenwright";

    private static SetText set(String text, Setting.Alignment alignment, double pairs) {
        return Samples.TYPESETTER.set(
                Samples.copy(text, 40, Double.NaN, 0, alignment).withPairs(pairs));
    }

    private static Unit word(SetText set, String text) {
        return set.words().stream()
                .filter(word -> word.text().equals(text))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void centred_pairs_meet_about_the_middle_of_the_block() {
        SetText set = set(CREDITS, Setting.Alignment.CENTRE, 30);
        double middle = set.box().width() / 2;
        for (String first : List.of("Skipper", "Mate")) {
            assertThat(word(set, first).advance().right()).isCloseTo(middle - 15, within(1e-6));
        }
        for (String second : List.of("Ines", "Odd")) {
            assertThat(word(set, second).advance().left()).isCloseTo(middle + 15, within(1e-6));
        }
        Box heading = word(set, "Crew").advance();
        assertThat((heading.left() + heading.right()) / 2).isCloseTo(middle, within(1e-6));
    }

    @Test
    void ranged_pairs_stand_in_two_columns() {
        SetText start = set(CREDITS, Setting.Alignment.START, 30);
        double widest = Math.max(
                word(start, "Skipper").advance().width(),
                word(start, "Mate").advance().width());
        assertThat(word(start, "Mate").advance().left()).isZero();
        assertThat(word(start, "Odd").advance().left()).isCloseTo(widest + 30, within(1e-6));
        assertThat(word(start, "Ines").advance().left()).isCloseTo(widest + 30, within(1e-6));
        SetText end = set(CREDITS, Setting.Alignment.END, 30);
        double right = end.box().width();
        assertThat(word(end, "Tarrow").advance().right()).isCloseTo(right, within(1e-6));
        assertThat(word(end, "Fenwright").advance().right()).isCloseTo(right, within(1e-6));
        assertThat(word(end, "Mate").advance().right())
                .isCloseTo(word(end, "Skipper").advance().right(), within(1e-6));
    }

    @Test
    void a_tab_is_a_space_where_nothing_is_said_of_pairs() {
        SetText tab = set("Mate\tOdd", Setting.Alignment.START, Double.NaN);
        SetText space = set("Mate Odd", Setting.Alignment.START, Double.NaN);
        assertThat(tab.box()).isEqualTo(space.box());
        assertThat(tab.missing()).isEmpty();
        assertThat(tab.words()).hasSize(2);
    }

    @Test
    void a_pair_may_lack_either_side() {
        SetText set = set("\tTarrow\nMate\t\nMate\tOdd", Setting.Alignment.CENTRE, 30);
        assertThat(word(set, "Tarrow").advance().left()).isCloseTo(set.box().width() / 2 + 15, within(1e-6));
        assertThat(word(set, "Mate").advance().right()).isCloseTo(set.box().width() / 2 - 15, within(1e-6));
    }
}
