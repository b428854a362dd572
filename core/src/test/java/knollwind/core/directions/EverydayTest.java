package knollwind.core.directions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Everyday;
import knollwind.core.directions.move.MovePrinter;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.directions.setting.SettingPrinter;
import knollwind.core.directions.setting.SettingReader;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Beats;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Move;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What people say before they have read how it is said here is understood, line by line. */
class EverydayTest {
    private static final TextBlock PLAIN = Samples.block("Last boat", Span.of(0, 90), new Phase(null), new Phase(null));

    private static String move(String sentence, PhaseKind phase) {
        return MovePrinter.text(MoveReader.readEveryday(sentence, phase, null, 24, null, FormatPx.PLAIN), phase);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "letters fade in | characters fade in",
                "each letter rises 0.6 em | characters rise 0.6 em",
                "every word fades in | words fade in",
                "letters slide up and fade in | characters rise 1 em and fade in",
                "words slide down 2 em | words drop 2 em",
                "everything fades in over 1 second | the whole fades in, in 24 frames",
                "the title fades in over half a second | the whole fades in, in 12 frames",
                "the whole fades in in 1.5 s | the whole fades in, in 36 frames",
                "letters fade in over 2 seconds | characters fade in, 48 in all",
                "letters fade in over two seconds, three frames apart | characters fade in, 48 in all, 3 frames apart",
                "words fade in, twelve frames each, four apart | words fade in, 12 frames each, 4 apart",
                "letters fade in, 250 ms each, 3 apart | characters fade in, 6 frames each, 3 apart",
                "letters fade in, ease in and out | characters fade in, gently at both ends",
                "characters fade in, ease-in-out | characters fade in, gently at both ends",
                "characters fade in, ease-out | characters fade in, landing softly",
                "characters fade in, ease in | characters fade in, starting gently",
                "characters fade in, linear | characters fade in, steadily",
                "characters fade in, with a bounce | characters fade in, bouncing",
                "characters fade in, with overshoot | characters fade in, overshooting",
                "words slide in from the left | words slide right 1 em",
                "lines tip up from 90 degrees about the top | lines tip from 90°, about the top",
                "characters rise and fade in | characters rise 1 em and fade in",
                "only characters 3 to 5 drop, slowly | characters drop 1 em, 30 frames each, only characters 3 to 5",
                "every other word fades in | words fade in, only every other word",
                "words come from the right and fade in | words slide left 1 em and fade in",
                "letters from below | characters rise 1 em",
                "letters from above, one by one | characters drop 1 em, in reading order",
                "letters fade in, 10 each, one after the other | characters fade in, in reading order, 10 frames each, 10 apart",
                "letters fade in, backwards | characters fade in, in reverse",
                "letters fade in randomly | characters fade in, at random",
                "letters fade in from the middle | characters fade in, centre out",
                "letters fade in slowly | characters fade in, 30 frames each",
                "letters fade in quickly | characters fade in, 8 frames each",
                "words zoom in | words grow from 0 %",
                "words pop in | words grow from 0 %, overshooting",
                "letters spin in | characters turn from 180°",
                "letters fade in, every other letter | characters fade in, only every other character",
                "words fade in, every second word | words fade in, only every other word",
                "letters fade in, in their whole time | characters fade in, in its whole time",
                "the title turns from -6 degrees and grows from 80 percent | the whole turns from -6\u00b0 and grows from 80 %",
                "words drop 12 pixels | words drop 12 px",
                "letters blur in | characters sharpen from 0.3 em of blur"
            })
    void arriving(String said, String meant) {
        assertThat(move(said, PhaseKind.ARRIVE))
                .isEqualTo(MovePrinter.text(MoveReader.read(meant, PhaseKind.ARRIVE, null), PhaseKind.ARRIVE));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "words slide out to the left | words slide left 1 em",
                "everything goes to the right over 1 s | the whole slides right 1 em, in 24 frames",
                "letters fall down | characters sink 1 em",
                "words slide up | words lift 1 em",
                "letters dissolve | characters fade out",
                "the block shrinks away, ease in | the whole shrinks to 0 %, starting gently",
                "letters blur out | characters blur to 0.3 em",
                "words disappear | words vanish"
            })
    void leaving(String said, String meant) {
        assertThat(move(said, PhaseKind.LEAVE))
                .isEqualTo(MovePrinter.text(MoveReader.read(meant, PhaseKind.LEAVE, null), PhaseKind.LEAVE));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "letters shake | characters slide left 0.06 em, trembling every 4 frames",
                "letters shake 4 px | characters slide left 4 px, trembling every 4 frames",
                "words jitter by 0.1 em | words slide left 0.1 em, trembling every 4 frames",
                "the whole pulses | the whole grows to 104 %, pulsing every 24 frames",
                "the title shrinks slowly to 94 % over its stay | the whole shrinks to 94 %, over its stay",
                "everything slides slowly right 40 px | the whole slides right 40 px, over its stay",
                "the whole turns by 120\u00b0, over its stay | the whole turns 120\u00b0, over its stay",
                "words blink | words fade out, flickering every 12 frames"
            })
    void dwelling(String said, String meant) {
        assertThat(move(said, PhaseKind.DWELL))
                .isEqualTo(MovePrinter.text(MoveReader.read(meant, PhaseKind.DWELL, null), PhaseKind.DWELL));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "90 px large, centered | at 90 px, centred",
                "size 64 | at 64 px",
                "running left at 200 px a second | crawling left at 200 px a second",
                "along the foot | placed by the bottom at 50 % of the frame across and 94 % of the frame down",
                "turned 8 degrees, opacity 50 percent | turned 8\u00b0, opacity 50 %",
                "aligned left | ranged to the start",
                "flipped horizontally | mirrored left to right",
                "flipped vertically | mirrored top to bottom",
                "right aligned, all caps | ranged to the end, in capitals",
                "rolling up in its time, leaning back into the distance | rolling up in its time, into the distance at 50°",
                "rolling up in its time, tipped back 40 degrees | rolling up in its time, into the distance at 40°",
                "at 80 px, in tabular figures | at 80 px, with tabular figures",
                "lowercase | in small letters",
                "placed by the centre at 50 % across and 92 % down | placed by the centre at 50 % of the frame across and 92 % of the frame down",
                "line height 1.3, letter spacing 20 | leading 1.3, tracking 20",
                "on one line | unwrapped",
                "colour #f0b64a | in #f0b64a",
                "weight 300 | set in Archivo weight 300",
                "bold, at 80 px | set in Archivo weight 700, at 80 px",
                "at 80 px, light | at 80 px, set in Archivo weight 300",
                "font Literata | set in Literata",
                "placed by the middle centre at 50 % of the frame across and 90 % of the frame down"
                        + " | placed by the centre at 50 % of the frame across and 90 % of the frame down"
            })
    void setting(String said, String meant) {
        assertThat(SettingPrinter.text(SettingReader.read(said, PLAIN, Samples.FONTS.families())))
                .isEqualTo(SettingPrinter.text(SettingReader.read(meant, PLAIN, Samples.FONTS.families())));
    }

    @Test
    void what_is_left_over_is_told_at_its_place_as_it_was_typed() {
        assertThatThrownBy(() -> move("letters fade in over 1 second, gloomily", PhaseKind.ARRIVE))
                .isInstanceOfSatisfying(DirectionException.class, wrong -> {
                    assertThat(wrong.position()).isEqualTo("letters fade in over 1 second, ".length());
                    assertThat(wrong.getMessage()).contains("gloomily");
                });
        // What can be read as it stands is never touched.
        assertThat(move("characters fade in, easing linear", PhaseKind.ARRIVE)).contains("steadily");
    }

    @Test
    void names_in_quotation_marks_stay_as_they_are() {
        assertThat(new Everyday().in("four words beside “four lanterns” and \"two birds\", 30 percent"))
                .isEqualTo("4 words beside “four lanterns” and \"two birds\", 30 %");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "words fade in, wobbly like 2.5 “eels, two”, 12 frames each | wobbly like 2.5 “eels, two”",
                "letters fade in slowly, wobbly. | wobbly",
                "wobbly, words fade in | wobbly",
                "words rise 40 px, wobbly, 3 apart | wobbly"
            })
    void the_clause_that_cannot_be_read_is_marked(String sentence, String marked) {
        FormatPx half = new FormatPx(new FrameFit(0.5, 0, 0, 960, 540));
        for (FormatPx px : List.of(FormatPx.PLAIN, half)) {
            assertThatThrownBy(() -> MoveReader.readEveryday(sentence, PhaseKind.ARRIVE, null, 24, null, px))
                    .isInstanceOfSatisfying(
                            DirectionException.class,
                            unread -> assertThat(sentence.substring(unread.position(), unread.end()))
                                    .isEqualTo(marked));
        }
    }

    @Test
    void beats_of_the_scene_are_times() {
        Beats beats = new Beats(96, 0, 4);
        Move move = MoveReader.readEveryday(
                "words fade in, after 2 beats, 1 b each", PhaseKind.ARRIVE, null, 24, beats, FormatPx.PLAIN);
        assertThat(move.after()).isEqualTo(30);
        assertThat(move.pace().each()).isEqualTo(15);
        Move swing = MoveReader.readEveryday(
                "words rise 4 px, swinging every 4 beats, after 2 beats",
                PhaseKind.DWELL,
                null,
                24,
                beats,
                FormatPx.PLAIN);
        assertThat(MovePrinter.text(swing, PhaseKind.DWELL))
                .contains("every 4 beats")
                .contains("after 30 frames");
    }

    @Test
    void what_holds_the_word_is_offered_too() {
        assertThatThrownBy(() -> MoveReader.readEveryday(
                        "the whole cut at 30°", PhaseKind.LEAVE, null, 24, null, FormatPx.PLAIN))
                .isInstanceOfSatisfying(
                        DirectionException.class,
                        unread -> assertThat(unread.suggestions())
                                .containsExactly("above a cut at -8° through 50 %", "below a cut at -8° through 50 %"));
    }
}
