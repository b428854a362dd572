package knollwind.core.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import knollwind.core.Samples;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class FontLibraryTest {
    static Stream<String> families() {
        return Samples.FONTS.families().stream().map(FontFamily::name);
    }

    @Test
    void there_is_a_face_for_every_kind_of_title() {
        Map<String, Long> kinds = Samples.FONTS.families().stream()
                .collect(Collectors.groupingBy(FontFamily::kind, Collectors.counting()));
        assertThat(Samples.FONTS.families()).hasSizeGreaterThanOrEqualTo(24);
        assertThat(kinds)
                .containsKeys(
                        "grotesque",
                        "wide",
                        "condensed",
                        "serif",
                        "display serif",
                        "slab",
                        "mono",
                        "hand",
                        "character");
        assertThat(kinds.get("hand")).isGreaterThanOrEqualTo(2);
        assertThat(kinds.get("character")).isGreaterThanOrEqualTo(3);
        long unusual = Samples.FONTS.families().stream()
                .filter(family -> family.axes().stream().anyMatch(axis -> !"wght wdth slnt opsz".contains(axis.tag())))
                .count();
        assertThat(unusual).isGreaterThanOrEqualTo(3);
    }

    @ParameterizedTest
    @MethodSource("families")
    void every_family_sets_a_title_by_itself_at_both_ends_of_every_axis(String name) {
        FontFamily family = Samples.FONTS.families().stream()
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow();
        SetText plain = set("Last boat HOME 23:00", Samples.FONTS.face(name, Map.of()));
        assertThat(plain.missing()).isEmpty();
        assertThat(plain.ink().height()).isBetween(40.0, 200.0);
        for (FontAxis axis : family.axes()) {
            SetText least = set("HOME", Samples.FONTS.face(name, Map.of(axis.tag(), (double) axis.least())));
            SetText most = set("HOME", Samples.FONTS.face(name, Map.of(axis.tag(), (double) axis.most())));
            assertThat(least.whole().glyphs()).hasSameSizeAs(most.whole().glyphs());
            boolean changes = !least.whole()
                            .glyphs()
                            .get(0)
                            .outline()
                            .equals(most.whole().glyphs().get(0).outline())
                    || !least.whole()
                            .glyphs()
                            .get(1)
                            .outline()
                            .equals(most.whole().glyphs().get(1).outline())
                    || least.whole().advance().width() != most.whole().advance().width();
            // Some axes speak to lower-case letters only, or in steps.
            assertThat(changes || "WONK CRSV INFM".contains(axis.tag()))
                    .as("%s %s", name, axis.tag())
                    .isTrue();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "\u0627\u0644\u0639\u0628\u0627\u0631\u0629 \u0627\u0644\u0623\u062e\u064a\u0631\u0629",
        "\u05d4\u05de\u05e2\u05d1\u05d5\u05e8\u05ea \u05d4\u05d0\u05d7\u05e8\u05d5\u05e0\u05d4",
        "\u0906\u0916\u093f\u0930\u0940 \u0928\u093e\u0935",
        "\u0e40\u0e23\u0e37\u0e2d\u0e40\u0e17\u0e35\u0e48\u0e22\u0e27\u0e2a\u0e38\u0e14\u0e17\u0e49\u0e32\u0e22",
        "\u6700\u7d42\u306e\u8239\u3001\u591c\u306e\u6e2f",
        "\u0422\u0435\u043b\u0435\u0433\u0440\u0430\u0444",
        "\u03a4\u03b5\u03bb\u03b5\u03c5\u03c4\u03b1\u03af\u03bf",
        "\ud83d\udea2"
    })
    void every_promised_script_is_covered_by_the_chain(String words) {
        for (String family : java.util.List.of("Archivo", "Unbounded", "Kablammo")) {
            assertThat(set(words, Samples.FONTS.face(family, Map.of())).missing())
                    .isEmpty();
        }
    }

    @Test
    void coverage_reads_the_notation_of_css() {
        Coverage coverage = Coverage.read("U+0590-05FF, U+20AA,U+26??");
        assertThat(coverage.has(0x590)).isTrue();
        assertThat(coverage.has(0x5FF)).isTrue();
        assertThat(coverage.has(0x600)).isFalse();
        assertThat(coverage.has(0x20AA)).isTrue();
        assertThat(coverage.has(0x20AB)).isFalse();
        assertThat(coverage.has(0x26FF)).isTrue();
        assertThat(Coverage.read("").has(0x10FFFF)).isTrue();
    }

    @Test
    void an_unknown_family_is_refused_with_those_there_are_and_set_in_the_fallback_when_a_document_asks_for_it() {
        assertThatThrownBy(() -> Samples.FONTS.face("Quayside", Map.of()))
                .hasMessageContaining("there is no family 'Quayside'; there are Archivo");
        assertThat(set("HOME", new knollwind.core.scene.Face("Quayside", "normal", Map.of(), ""))
                        .whole()
                        .glyphs())
                .hasSize(4);
    }

    private static SetText set(String text, knollwind.core.scene.Face face) {
        return Samples.TYPESETTER.set(Samples.copy(text).withFace(face));
    }

    @Test
    void a_family_of_which_nothing_is_said_is_meant_in_its_regular() {
        for (String family : java.util.List.of("Bitter", "Fraunces", "Encode Sans", "Archivo", "League Gothic")) {
            TextToSet said = Samples.copy("Night")
                    .withFace(Samples.FONTS.face(family, java.util.Map.of("wght", 400.0, "wdth", 100.0)));
            TextToSet unsaid = Samples.copy("Night").withFace(Samples.FONTS.face(family, java.util.Map.of()));
            assertThat(Samples.TYPESETTER.set(unsaid).lines().get(0).glyphs())
                    .as(family)
                    .isEqualTo(Samples.TYPESETTER.set(said).lines().get(0).glyphs());
        }
    }
}
