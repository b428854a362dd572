package knollwind.core.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Collectors;
import knollwind.core.Samples;
import knollwind.core.scene.Run;
import knollwind.core.scene.Setting;
import knollwind.core.scene.UnitKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypesetterTest {
    private static final String LONG = "Bring a coat, the deck is windy. The lamp on pier two will guide you. ";

    @Test
    void the_classic_title_has_two_lines_three_words_and_twelve_characters() {
        SetText set = set("LAST BOAT\nHOME");
        assertThat(set.lines()).hasSize(2);
        assertThat(texts(set, UnitKind.WORD)).containsExactly("LAST", "BOAT", "HOME");
        assertThat(String.join("", texts(set, UnitKind.CHARACTER))).isEqualTo("LASTBOATHOME");
        assertThat(set.characters().get(4)).satisfies(b -> {
            assertThat(b.id()).isEqualTo("c.1.0");
            assertThat(b.line()).isZero();
            assertThat(b.word()).isEqualTo(1);
        });
        assertThat(set.lines().get(1).baseline() - set.lines().get(0).baseline())
                .isCloseTo(120, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                "\n",
                "\n\nHOME\n",
                "a",
                "\u00a0",
                "caf\u00e9 e\u0301",
                "\u0627\u0644\u0639\u0628\u0627\u0631\u0629 HOME \u05e9\u05dc\u05d5\u05dd",
                "fi ffi difficult",
                "\ud83d\udc69\u200d\ud83d\udc69\u200d\ud83d\udc67",
                "soft\u00adhyphen",
                "\u200d",
                "A\u0336B"
            })
    void units_cover_every_glyph_once_and_every_visible_character_once(String text) {
        SetText set = set(text);
        for (UnitKind kind : List.of(UnitKind.CHARACTER, UnitKind.WORD)) {
            List<SetGlyph> own = set.units(kind).stream()
                    .flatMap(unit -> unit.glyphs().stream())
                    .toList();
            List<SetGlyph> inked = set.whole().glyphs().stream()
                    .filter(glyph -> !glyph.outline().isEmpty())
                    .toList();
            assertThat(own).as(kind.text()).doesNotHaveDuplicates().containsAll(inked);
        }
        assertThat(set.lines()).hasSize(text.split("\n", -1).length);
        String visible = text.replaceAll("[\\s\u00a0]", "");
        assertThat(String.join("", texts(set, UnitKind.WORD))).isEqualTo(visible);
    }

    @Test
    void a_ligature_and_an_accent_are_never_cut() {
        SetText ligated =
                Samples.TYPESETTER.set(with("office", Samples.FONTS.face("Literata", java.util.Map.of()), true));
        SetText plain =
                Samples.TYPESETTER.set(with("office", Samples.FONTS.face("Literata", java.util.Map.of()), false));
        assertThat(texts(ligated, UnitKind.CHARACTER)).containsExactly("o", "ffi", "c", "e");
        assertThat(texts(plain, UnitKind.CHARACTER)).containsExactly("o", "f", "f", "i", "c", "e");
        assertThat(texts(set("e\u0301a\u0302"), UnitKind.CHARACTER)).containsExactly("e\u0301", "a\u0302");
    }

    @Test
    void arabic_keeps_its_joining_forms_when_it_is_split() {
        String boat = "\u0633\u0641\u064a\u0646\u0629";
        SetText joined = set(boat);
        SetText alone = set(boat.substring(0, 1));
        assertThat(joined.lines().get(0).rtl()).isTrue();
        assertThat(joined.characters()).hasSize(5);
        assertThat(joined.characters().get(0).glyphs().get(0).outline())
                .isNotEqualTo(alone.characters().get(0).glyphs().get(0).outline());
        assertThat(joined.characters().get(0).advance().left())
                .isGreaterThan(joined.characters().get(4).advance().left());
    }

    @Test
    void mixed_lines_stand_in_visual_order() {
        SetText set = set("ab \u05d0\u05d1 cd");
        List<Unit> characters = set.characters();
        double[] x =
                characters.stream().mapToDouble(unit -> unit.advance().left()).toArray();
        // Reading a b alef bet c d; alef stands to the right of bet, both between b and c.
        assertThat(x[0]).isLessThan(x[1]);
        assertThat(x[1]).isLessThan(x[3]);
        assertThat(x[3]).isLessThan(x[2]);
        assertThat(x[2]).isLessThan(x[4]);
    }

    @Test
    void kerning_pulls_AV_together() {
        double pair = set("AV").whole().advance().width();
        double apart =
                set("A").whole().advance().width() + set("V").whole().advance().width();
        assertThat(pair).isLessThan(apart - 1);
    }

    @Test
    void word_spacing_adds_its_thousandths_at_every_space_and_breaks_lines_by_it() {
        TextToSet plain = Samples.copy("last boat home", 100, Double.NaN, 0, Setting.Alignment.START);
        double before = Samples.TYPESETTER.set(plain).box().width();
        double after = Samples.TYPESETTER.set(plain.withWordSpacing(250)).box().width();
        assertThat(after).isCloseTo(before + 2 * 25, within(1e-6));
        assertThat(Samples.TYPESETTER
                        .set(plain.withColumn(before + 1).withWordSpacing(250))
                        .lines())
                .hasSize(2);
        assertThat(Samples.TYPESETTER
                        .set(plain.withColumn(after + 1).withWordSpacing(250))
                        .lines())
                .hasSize(1);
    }

    @Test
    void tracking_adds_its_thousandths_between_clusters_and_none_after_the_last() {
        double plain = width("BOAT", 0);
        assertThat(width("BOAT", 100) - plain).isCloseTo(3 * 10, within(1e-3));
        assertThat(width("BOAT", -50) - plain).isCloseTo(3 * -5, within(1e-3));
        String boat = "\u0633\u0641\u064a\u0646\u0629";
        assertThat(width(boat, 100)).isCloseTo(width(boat, 0), within(1e-3));
    }

    @ParameterizedTest
    @EnumSource(Setting.Alignment.class)
    void lines_stand_where_the_alignment_puts_them(Setting.Alignment alignment) {
        SetText set = Samples.TYPESETTER.set(Samples.copy("LAST BOAT\nHOME", 100, 1000, 0, alignment));
        for (SetLine line : set.lines()) {
            double free = 1000 - line.advance();
            double left = switch (alignment) {
                case START, JUSTIFY -> 0;
                case CENTRE -> free / 2;
                case END -> free;
            };
            assertThat(line.x()).isCloseTo(left, within(1e-6));
        }
    }

    @ParameterizedTest
    @ValueSource(doubles = {300, 555, 700, 1234})
    void a_column_holds_its_lines_and_loses_no_word(double column) {
        SetText set =
                Samples.TYPESETTER.set(Samples.copy(LONG.repeat(3).strip(), 60, column, 20, Setting.Alignment.START));
        assertThat(set.lines())
                .hasSizeGreaterThan(2)
                .allSatisfy(line -> assertThat(line.advance()).isLessThanOrEqualTo(column + 0.05));
        assertThat(String.join(" ", texts(set, UnitKind.WORD)))
                .isEqualTo(LONG.repeat(3).strip());
        // Greedy: the next line's first word would not have fitted.
        for (int i = 0; i + 1 < set.lines().size(); i++) {
            SetLine line = set.lines().get(i);
            int next = i + 1;
            Unit first = set.words().stream()
                    .filter(word -> word.line() == next)
                    .findFirst()
                    .orElseThrow();
            assertThat(line.advance() + first.advance().width()).isGreaterThan(column - 20);
        }
    }

    @Test
    void justified_lines_fill_the_column_but_the_last() {
        SetText set = Samples.TYPESETTER.set(Samples.copy(LONG.strip(), 60, 700, 0, Setting.Alignment.JUSTIFY));
        List<SetLine> lines = set.lines();
        assertThat(lines.subList(0, lines.size() - 1))
                .allSatisfy(line -> assertThat(line.advance()).isCloseTo(700, within(0.01)));
        assertThat(lines.get(lines.size() - 1).advance()).isLessThan(700);
    }

    @Test
    void a_run_changes_its_own_words_only() {
        Run red = new Run("r", 5, 9, null, 2.0, null, "#c8472f", null, null);
        SetText set = styled("LAST BOAT", red);
        assertThat(set.words().get(0).ink().height())
                .isCloseTo(set("LAST").words().get(0).ink().height(), within(0.01));
        assertThat(set.words().get(1).glyphs()).allMatch(glyph -> glyph.colour() == 0xffc8472f);
        assertThat(set.words().get(1).ink().height())
                .isCloseTo(2 * set("BOAT").words().get(0).ink().height(), within(0.1));
    }

    @Test
    void a_run_is_raised_and_runs_in_its_own_direction() {
        SetText raised = styled("one!", new Run("r", 3, 4, null, null, 0.25, null, null, null));
        double baseline = raised.lines().get(0).baseline();
        assertThat(raised.characters().get(2).glyphs().get(0).y()).isEqualTo(baseline);
        assertThat(raised.characters().get(3).glyphs().get(0).y()).isCloseTo(baseline - 25, within(1e-4));
        SetText turned = styled("one!", new Run("r", 0, 4, null, null, null, null, null, Setting.Direction.RTL));
        assertThat(turned.characters().get(3).advance().right())
                .isLessThanOrEqualTo(turned.characters().get(0).advance().left() + 0.01);
    }

    private static SetText styled(String text, Run run) {
        TextToSet plain = Samples.copy(text);
        return Samples.TYPESETTER.set(Samples.copy(text)
                .with(words -> words.runs(List.of(run))
                        .face(plain.face())
                        .alignment(plain.alignment())
                        .direction(plain.direction())));
    }

    @Test
    void what_no_face_has_is_reported_and_shows_a_box() {
        SetText set = set("a\u13a0b");
        assertThat(set.missing()).containsExactly("\u13a0");
        assertThat(set.characters().get(1).ink().isEmpty()).isFalse();
        assertThat(set("\ud83d\udea2").missing()).isEmpty();
    }

    @Test
    void five_thousand_characters_are_set() {
        String text = LONG.repeat(80).substring(0, 5000);
        SetText set = Samples.TYPESETTER.set(Samples.copy(text, 20, 1600, 0, Setting.Alignment.START));
        assertThat(set.characters().stream().map(Unit::text).collect(Collectors.joining()))
                .isEqualTo(text.replace(" ", ""));
    }

    private static SetText set(String text) {
        return Samples.TYPESETTER.set(Samples.copy(text));
    }

    private static TextToSet with(String text, knollwind.core.scene.Face face, boolean ligatures) {
        return Samples.copy(text).with(words -> words.face(face).ligatures(ligatures));
    }

    private static double width(String text, double tracking) {
        return Samples.TYPESETTER
                .set(Samples.copy(text, 100, Double.NaN, tracking, Setting.Alignment.START))
                .whole()
                .advance()
                .width();
    }

    private static List<String> texts(SetText set, UnitKind kind) {
        return set.units(kind).stream().map(Unit::text).toList();
    }

    @Test
    void a_word_broken_at_a_soft_hyphen_shows_it_and_only_then() {
        String text = "Coldharbour\u00adsteps";
        SetText one = Samples.TYPESETTER.set(Samples.copy(text));
        assertThat(one.lines().get(0).advance())
                .isCloseTo(
                        Samples.TYPESETTER
                                .set(Samples.copy("Coldharboursteps"))
                                .lines()
                                .get(0)
                                .advance(),
                        within(3.0));
        double narrow = Samples.TYPESETTER
                .set(Samples.copy("Coldharbour-"))
                .lines()
                .get(0)
                .advance();
        SetText two = Samples.TYPESETTER.set(Samples.copy(text, 100, narrow + 1, 0, Setting.Alignment.START));
        assertThat(two.lines()).hasSize(2);
        assertThat(two.lines().get(0).advance()).isCloseTo(narrow, within(0.5));
        // Where the hyphen itself does not go in, the break is not taken.
        double bare =
                Samples.TYPESETTER.set(Samples.copy("Tern Cold")).lines().get(0).advance();
        SetText tight = Samples.TYPESETTER.set(
                Samples.copy("Tern Cold\u00adharbour", 100, bare + 1, 0, Setting.Alignment.START));
        assertThat(tight.lines().get(0).to()).isEqualTo(4);
    }
}
