package knollwind.core.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.Setting;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The rules hold whatever the words are. */
class FitterTest {
    private static SetText set(String text, double size, double tracking, Fitting fitting) {
        return Samples.TYPESETTER.set(TextToSetBuilder.builder()
                .text(text)
                .runs(List.of())
                .face(Samples.archivo(700))
                .size(size)
                .tracking(tracking)
                .leading(1.1)
                .column(Double.NaN)
                .alignment(Setting.Alignment.CENTRE)
                .direction(Setting.Direction.AUTO)
                .language("en-GB")
                .ligatures(true)
                .forms(Forms.PLAIN)
                .breaking(Breaking.FILLED)
                .fitting(fitting)
                .pairs(Double.NaN)
                .build());
    }

    private static Fitting fitting(Fit.Kind kind, double width) {
        return new Fitting(kind, width, Double.NaN, Double.NaN, Pivot.Box.INK);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "It",
                "LAST BOAT\nHOME",
                "AVATAR\nTo the night ferry, which leaves at nine and not a minute later",
                "שלום\nעולם",
                "a\nb\nc\nd"
            })
    void every_line_gets_exactly_the_width(String text) {
        for (double tracking : new double[] {0, 120}) {
            SetText set = set(text, 90, tracking, fitting(Fit.Kind.LINES, 800));
            assertThat(set.lines()).hasSize(text.split("\n").length).allSatisfy(line -> {
                assertThat(line.ink().left()).isCloseTo(0, within(0.02));
                assertThat(line.ink().width()).isCloseTo(800, within(0.05));
            });
            assertThat(set.box().width()).isEqualTo(800);
        }
    }

    @Test
    void two_blocks_of_different_words_get_the_same_width() {
        double first = set("FERRY", 50, 0, fitting(Fit.Kind.WIDTH, 640)).ink().width();
        double second =
                set("TERNHOLM", 210, 30, fitting(Fit.Kind.WIDTH, 640)).ink().width();
        assertThat(first).isCloseTo(640, within(0.05));
        assertThat(second).isCloseTo(first, within(0.1));
    }

    @Test
    void a_fitted_width_is_that_of_the_widest_line_and_keeps_the_proportion_of_the_others() {
        SetText plain = set("LAST BOAT\nHOME", 100, 0, null);
        SetText fitted = set("LAST BOAT\nHOME", 100, 0, fitting(Fit.Kind.WIDTH, 1000));
        double factor = 1000 / plain.lines().get(0).ink().width();
        assertThat(fitted.em()).isCloseTo(100 * factor, within(0.05));
        assertThat(fitted.lines().get(1).ink().width())
                .isCloseTo(plain.lines().get(1).ink().width() * factor, within(0.1));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Hi",
                "The lamp on pier two will guide you",
                "Bring a coat, the deck is windy. The lamp on pier two will guide you. Bring a coat, the deck is windy."
            })
    void words_shrink_into_their_box_and_no_further(String text) {
        SetText set = set(text, 120, 0, new Fitting(Fit.Kind.INSIDE, 700, 300, 10, Pivot.Box.METRIC));
        assertThat(set.box().height()).isLessThanOrEqualTo(300.01);
        assertThat(set.lines()).allSatisfy(line -> assertThat(line.advance()).isLessThanOrEqualTo(700.01));
        if (set.em() < 119.9) {
            // A little larger and they would not go in.
            SetText larger =
                    Samples.TYPESETTER.set(Samples.copy(text, set.em() * 1.01, 700, 0, Setting.Alignment.CENTRE));
            double height = larger.lines().size() * 1.1 * set.em();
            boolean wide = larger.lines().stream().anyMatch(line -> line.advance() > 700);
            assertThat(wide || height > 290).isTrue();
        }
    }

    @Test
    void words_in_a_box_never_become_smaller_than_the_least_size() {
        SetText set =
                set("Bring a coat. ".repeat(60), 120, 0, new Fitting(Fit.Kind.INSIDE, 300, 100, 24, Pivot.Box.METRIC));
        assertThat(set.em()).isCloseTo(24, within(1e-9));
        assertThat(set.box().height()).isGreaterThan(100);
    }

    @Test
    void what_is_measured_is_the_ink_or_the_type() {
        for (Fit.Kind kind : List.of(Fit.Kind.WIDTH, Fit.Kind.LINES)) {
            SetText set =
                    set("LAST BOAT\nHOME", 90, 40, new Fitting(kind, 800, Double.NaN, Double.NaN, Pivot.Box.METRIC));
            assertThat(set.lines().get(0).advance()).isCloseTo(800, within(0.05));
            assertThat(set.lines().get(0).ink().width()).isLessThan(795);
            assertThat(set.box().width()).isCloseTo(800, within(0.05));
            if (kind == Fit.Kind.LINES) {
                assertThat(set.lines().get(1).advance()).isCloseTo(800, within(0.05));
            }
        }
        String words = "Home";
        SetText type = set(words, 300, 0, new Fitting(Fit.Kind.INSIDE, 2000, 200, 10, Pivot.Box.METRIC));
        SetText ink = set(words, 300, 0, new Fitting(Fit.Kind.INSIDE, 2000, 200, 10, Pivot.Box.INK));
        assertThat(ink.ink().height()).isLessThanOrEqualTo(200.01);
        assertThat(ink.em()).isGreaterThan(type.em() * 1.05);
    }

    @Test
    void nothing_to_fit_is_no_trouble() {
        for (Fit.Kind kind : Fit.Kind.values()) {
            SetText set = set("", 80, 0, new Fitting(kind, 500, 200, 12, Pivot.Box.INK));
            assertThat(set.lines()).hasSize(1);
            assertThat(set.em()).isEqualTo(80);
        }
    }
}
