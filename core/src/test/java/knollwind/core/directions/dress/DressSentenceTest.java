package knollwind.core.directions.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import knollwind.core.Samples;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.controls.Segment;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.dressing.AnyDressings;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.FieldSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a block is dressed with, printed and read. */
class DressSentenceTest {
    static final List<String> OPENINGS = DressReader.OPENINGS;

    private static DressContext context(Map<String, Double> costs) {
        return new DressContext("b", List.of(), costs, List.of(), 4, 100, false, false);
    }

    private static List<Dressing> read(String sentence) {
        return DressReader.read(sentence, List.of());
    }

    @ParameterizedTest
    @FieldSource("OPENINGS")
    void every_kind_is_said_as_it_usually_is_and_read_back(String usual) {
        List<Dressing> one = read(usual);
        assertThat(one).hasSize(1);
        assertThat(DressPrinter.text(one)).isEqualTo(usual + ".");
    }

    @ParameterizedTest
    @FieldSource("OPENINGS")
    void every_kind_stands_in_the_docs(String usual) throws IOException {
        assertThat(Files.readString(Path.of("..", "docs", "dress.md"))).contains("| " + usual + " |");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void whatever_is_printed_is_read_back(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 40; i++) {
            List<Dressing> any = AnyDressings.few(random);
            String text = DressPrinter.text(any);
            assertThat(DressPrinter.text(DressReader.read(text, List.of())))
                    .as(text)
                    .isEqualTo(text);
            assertThat(DressPrinter.text(DressReader.read(text, any))).isEqualTo(text);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a shadow | shadow",
                "Dressed with a glow of 4 to 40px in #F0B64A | glow",
                "outlined by 3 px in #f4ead2 | lines",
                "mirrored, fading over 2 em | mirror",
                "stacked 5 deep by 3 px towards 45 degrees in #c8472f to #5a1f16. | stack",
                "a wake of 8 copies 1 frame apart fading from 50 to 20 % switched off | wake",
                "a sign's light in #ff5a6e | sign",
                "outlined by 3 px in dashes of 6 px and gaps of 4 px | lines",
            })
    void it_is_read_as_people_type_it(String typed, String kind) {
        assertThat(read(typed)).extracting(Dressing::kind).containsExactly(kind);
    }

    @Test
    void values_are_kept_in_their_own_units() {
        Dressing shadow = read("a shadow of 12 px in #102030 at 60 % falling 4 px towards 45\u00b0")
                .get(0);
        assertThat(shadow.numbers())
                .containsExactlyInAnyOrderEntriesOf(Map.of(
                        "soft",
                        Value.of(12.0),
                        "strength",
                        Value.of(0.6),
                        "away",
                        Value.of(4.0),
                        "angle",
                        Value.of(45.0)));
        assertThat(shadow.colours()).containsEntry("colour", Value.of("#102030"));
    }

    @Test
    void those_that_were_there_keep_their_ids_and_their_keys() {
        Value<Double> keyed = new Value.Track<>(List.of(
                new TrackKey<>("k1", TrackKey.Anchor.START, 0, 0.0, "linear"),
                new TrackKey<>("k2", TrackKey.Anchor.START, 24, 30.0, "linear")));
        Dressing glow = Dressing.usual("d7", "glow").withNumbers(Map.of("far", keyed));
        String text = DressPrinter.text(List.of(glow));
        assertThat(text).startsWith("a glow of 6 px to keyed [0: 0 px steadily; 24: 30 px] in #f0b64a");
        List<Dressing> read = DressReader.read("a shadow, " + text, List.of(glow));
        assertThat(read).extracting(Dressing::id).containsExactly("d1", "d7");
        assertThat(read.get(1).numbers().get("far")).isEqualTo(keyed);
    }

    @Test
    void another_block_is_told_by_its_name() {
        TextBlock moon =
                Samples.block("Moon", Span.of(0, 100), Phase.CUT, Phase.CUT).withId("m1");
        List<Block> blocks = List.of(moon);
        List<Dressing> read = DressReader.read(
                "matted by the shape of \u201cMoon\u201d kept outside it, a shadow", List.of(), FormatPx.PLAIN, blocks);
        assertThat(read.get(0).block()).isEqualTo("m1");
        assertThat(DressPrinter.text(read, blocks))
                .startsWith("matted by the shape of \u201cMoon\u201d kept outside it, a shadow");
        // One that is gone is told by its id, and read again.
        String gone = DressPrinter.text(read, List.of());
        assertThat(gone).contains("\u201cm1\u201d");
        assertThat(DressReader.read(gone, read, FormatPx.PLAIN, List.of()).get(0))
                .isEqualTo(read.get(0));
        assertThatThrownBy(() -> read("matted by the shape of \u201cSun\u201d"))
                .hasMessageContaining("the name of a block of this scene");
        assertThat(read("matted by the shape of nothing yet").get(0).block()).isNull();
    }

    @Test
    void each_says_what_it_costs() {
        List<Dressing> two = read("a shadow, a glow");
        List<Segment> said =
                DressPrinter.print(two, context(Map.of("d1", 12.4, "d2", 0.3))).segments();
        assertThat(said.stream()
                        .filter(segment -> segment.part() != null)
                        .map(segment -> segment.part().note())
                        .distinct())
                .contains(
                        "It costs about 12 ms a frame at this size.", "It costs less than 1 ms a frame at this size.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "moved like cloth by 20 px | Words at rest stay readable.",
                "moved like cloth by 200 px | Words at rest are hard to read like this.",
                "waving by 12 px | Words at rest stay readable.",
                "rippling by 60 px | Words at rest are hard to read like this.",
                "bent over 200\u00b0 | Words at rest are hard to read like this.",
                "bulging by 30 % | Words at rest stay readable.",
                "roughened by 20 px | Words at rest are hard to read like this.",
                "roughened by 0 px | ''",
                "a shadow | ''",
                "disturbed by 40 % bursting on every cue | Whatever is said, it is dealt anew at most 6 times a second, so that nothing flashes."
                        + " This scene has no cues, so nothing happens on them.",
            })
    void what_moves_outlines_says_whether_words_can_be_read(String sentence, String note) {
        assertThat(DressPrinter.print(read(sentence), context(Map.of()))
                        .segments()
                        .get(0)
                        .part()
                        .note())
                .isEqualTo(note);
    }

    @Test
    void nothing_takes_all_off() {
        assertThat(DressReader.read("nothing.", List.of(Dressing.usual("d1", "glow"))))
                .isEmpty();
        assertThat(DressPrinter.text(List.of())).isEqualTo("nothing.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a halo | cannot be read here",
                "a shadow at soft | strength",
                "a shadow in px | a colour such as #000000",
                "a glow at much | strength such as 70 %",
                "nothing but light | cannot be read here",
            })
    void what_cannot_be_read_is_said(String typed, String said) {
        assertThatThrownBy(() -> read(typed))
                .isInstanceOf(DirectionException.class)
                .hasMessageContaining(said);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a shadow of 900 px | the softness of a shadow lies between 0 and 200 px, not at 900",
                "a wake of 3000 copies 2 frames apart | the copies of a wake lies between 0 and 60",
                "a wake of 60 copies 2 frames apart, stacked 60 deep by 1 px towards 0\u00b0 in #000000 to #000000 | would paint the block 3721 times",
            })
    void what_is_too_much_is_refused_with_what_is_allowed(String typed, String said) {
        assertThatThrownBy(() -> read(typed)).hasMessageContaining(said);
    }

    @Test
    void the_sentence_is_in_the_px_of_the_format_and_keeps_what_was_typed() {
        FormatPx half = FormatPx.scaled(0.5);
        List<Dressing> read = DressReader.read("outlined by 3 px outside in #f4ead2", List.of(), half, List.of());
        assertThat(read.get(0).numbers()).containsEntry("width", Value.of(6.0));
        assertThat(half.seen(DressPrinter.print(read, context(Map.of()))).text())
                .startsWith("outlined by 3 px outside");
    }

    @Test
    void each_dressing_can_be_changed_moved_copied_switched_off_and_taken_off() {
        List<Dressing> two = read("a shadow, a glow");
        Segment shadow = DressPrinter.print(two, context(Map.of())).segments().get(0);
        List<String> labels =
                shadow.part().controls().stream().map(Control::label).toList();
        assertThat(labels)
                .containsExactly(
                        "softness",
                        "colour",
                        "strength",
                        "distance",
                        "towards",
                        "spread",
                        "Over time",
                        "Following",
                        "Of these",
                        "Put on",
                        "Made of",
                        "It is",
                        "Put on as number",
                        "This dressing");
        Control.Choice deeds = (Control.Choice) shadow.part().controls().get(13);
        assertThat(deeds.options()).extracting(Control.Option::label).containsExactly("another like it", "take it off");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a shadow, on word 2 | on word 2",
                "a shadow on every other word, word by word | on every other word, word by word",
                "a glow, its strength from 0 % while it arrives | its strength from 0 % while it arrives",
                "a glow, its far to 10 px while it leaves | its far to 10 px while it leaves",
                "a glow, its strength from 20 % while it is spoken, word by word | word by word, its strength from 20 % while it is spoken",
                "a glow, its strength from 0 % as loud as the low sounds of the music falling in 12 frames | as loud as the low sounds of the music falling in 12 frames",
                "a glow, its light added to what is behind, as it stands | its light added to what is behind, as it stands",
                "outlined by 3 px, character by character, drawn as far as 60 % | drawn as far as 60 %, character by character",
            })
    void what_it_is_put_on_and_what_it_goes_by_is_said_too(String typed, String said) {
        String text = DressPrinter.text(read(typed));
        assertThat(text).endsWith(said + ".");
        assertThat(DressPrinter.text(read(text + " a sheen.")))
                .startsWith(text.substring(0, text.length() - 1) + ", a sheen");
    }

    @Test
    void colours_with_keys_are_kept_where_they_are_said_to_be_keyed() {
        Value<String> keyed = new Value.Track<>(List.of(
                new TrackKey<>("k1", TrackKey.Anchor.START, 0, "#ff0000", "linear"),
                new TrackKey<>("k2", TrackKey.Anchor.START, 24, "#0000ff", "linear")));
        List<Dressing> shadow = List.of(Dressing.usual("d1", "shadow").withColours(Map.of("colour", keyed)));
        String text = DressPrinter.text(shadow);
        assertThat(text).startsWith("a shadow of 10 px in keyed [0: #ff0000 steadily; 24: #0000ff] at 60 %");
        assertThat(DressReader.read(text, shadow).get(0).colours()).containsExactly(Map.entry("colour", keyed));
    }
}
