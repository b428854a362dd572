package knollwind.core.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import knollwind.core.Samples;
import knollwind.core.geometry.Outline;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Face;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Run;
import knollwind.core.scene.Setting;
import org.junit.jupiter.api.Test;

class FormsTest {
    private static SetText set(String text, List<Run> runs, Face face, Forms forms, String language) {
        return Samples.TYPESETTER.set(TextToSetBuilder.builder()
                .text(text)
                .runs(runs)
                .face(face)
                .size(100)
                .leading(1.2)
                .column(Double.NaN)
                .alignment(Setting.Alignment.START)
                .direction(Setting.Direction.AUTO)
                .language(language)
                .ligatures(true)
                .forms(forms)
                .breaking(Breaking.FILLED)
                .pairs(Double.NaN)
                .build());
    }

    private static SetText set(String text, Forms forms) {
        return set(text, List.of(), Samples.archivo(700), forms, "en-GB");
    }

    private static Forms in(Forms.Case letterCase) {
        return new Forms(letterCase, null, null);
    }

    private static List<Outline> outlines(SetText set) {
        return set.whole().glyphs().stream().map(SetGlyph::outline).toList();
    }

    @Test
    void capitals_look_as_if_they_had_been_typed() {
        assertThat(set("Last boat", in(Forms.Case.UPPER)).whole().glyphs())
                .isEqualTo(set("LAST BOAT", Forms.PLAIN).whole().glyphs());
        assertThat(set("LAST Boat", in(Forms.Case.LOWER)).text()).isEqualTo("last boat");
    }

    @Test
    void a_letter_may_become_two_and_runs_stay_on_their_letters() {
        Run run = new Run("r1", 6, 7, null, null, null, "#ff0000", null, null);
        SetText set = set("Straße n", List.of(run), Samples.archivo(700), in(Forms.Case.UPPER), "de");
        assertThat(set.text()).isEqualTo("STRASSE N");
        Run last = new Run("r2", 7, 8, null, null, null, "#00ff00", null, null);
        SetText moved = set("Straße n", List.of(last), Samples.archivo(700), in(Forms.Case.UPPER), "de");
        assertThat(moved.characters().get(7).text()).isEqualTo("N");
        assertThat(moved.characters().get(7).glyphs().get(0).colour()).isEqualTo(0xFF00FF00);
        assertThat(moved.characters().get(6).glyphs().get(0).colour()).isNull();
    }

    @Test
    void capitals_follow_the_language() {
        assertThat(set("ilk", List.of(), Samples.archivo(700), in(Forms.Case.UPPER), "tr")
                        .text())
                .isEqualTo("İLK");
    }

    @Test
    void without_kerning_letters_stand_apart_by_their_advances() {
        SetText kerned = set("AVAVA", Forms.PLAIN);
        SetText plain = set("AVAVA", new Forms(null, false, null));
        double a = set("A", Forms.PLAIN).whole().advance().width();
        double v = set("V", Forms.PLAIN).whole().advance().width();
        assertThat(plain.box().width()).isCloseTo(3 * a + 2 * v, org.assertj.core.api.Assertions.within(0.01));
        assertThat(kerned.box().width()).isLessThan(plain.box().width() - 10);
    }

    @Test
    void a_face_tells_the_features_it_really_has() {
        FontFamily archivo = Samples.FONTS.families().get(0);
        assertThat(archivo.name()).isEqualTo("Archivo");
        assertThat(archivo.features()).contains("frac", "liga", "pnum", "tnum").doesNotContain("kern", "smcp");
        Forms fractions = new Forms(null, null, Map.of("frac", 1));
        assertThat(outlines(set("1/2", fractions))).isNotEqualTo(outlines(set("1/2", Forms.PLAIN)));
        Forms without = new Forms(null, null, Map.of("smcp", 1));
        assertThat(outlines(set("1/2", without))).isEqualTo(outlines(set("1/2", Forms.PLAIN)));
    }

    @Test
    void figures_change_with_their_feature() {
        FontFamily family = Samples.FONTS.families().stream()
                .filter(one -> one.features().contains("tnum"))
                .findFirst()
                .orElseThrow();
        Face face = Samples.FONTS.face(family.name(), Map.of());
        Forms tabular = new Forms(null, null, Map.of("tnum", 1));
        double one =
                set("1", List.of(), face, tabular, "en-GB").whole().advance().width();
        double eight =
                set("8", List.of(), face, tabular, "en-GB").whole().advance().width();
        assertThat(one).isCloseTo(eight, org.assertj.core.api.Assertions.within(0.01));
    }

    @Test
    void says_what_a_feature_is() {
        assertThatThrownBy(() -> new Forms(null, null, Map.of("old", 1)))
                .hasMessageContaining("a tag of four letters or digits, not 'old'");
        assertThatThrownBy(() -> new Forms(null, null, Map.of("onum", 100))).hasMessageContaining("between 0 and 99");
    }
}
