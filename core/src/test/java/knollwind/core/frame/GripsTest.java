package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import knollwind.core.Samples;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.directions.setting.SettingReader;
import knollwind.core.geometry.Point;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Place;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What of a block is dragged in the picture. */
class GripsTest {
    private static final TextBlock WORDS = Samples.block("HOME", Span.of(0, 100), Phase.CUT, Phase.CUT);

    private static BlockScore score(TextBlock block) {
        var project = Samples.project(100, block);
        return Samples.score(project, project.scenes().get(0)).blocks().get(0);
    }

    private static TextBlock dressed(String sentence) {
        Place turned = WORDS.place().withRotation(Value.of(30.0)).withScale(Value.of(0.5));
        return WORDS.withPlace(turned).withDress(DressReader.read(sentence, List.of()));
    }

    private static TextBlock filled(String fill) {
        return SettingReader.read("in " + fill, WORDS, Samples.FONTS.families());
    }

    private static Point shifted(Point at, double x, double y) {
        return new Point(at.x() + x, at.y() + y);
    }

    @Test
    void a_shadow_is_held_where_it_falls_wherever_the_block_stands() {
        BlockScore score = score(dressed("a shadow of 6 px in #000000 at 60 % falling 40 px towards 0\u00b0"));
        Grips.Seen grip = score.grips().get(0);
        // Half as large, and turned by 30 degrees.
        assertThat(grip.at().x() - grip.from().x()).isCloseTo(20 * Math.cos(Math.PI / 6), within(0.01));
        assertThat(grip.at().y() - grip.from().y()).isCloseTo(20 * Math.sin(Math.PI / 6), within(0.01));
        assertThat(new TreeMap<>(score.dragged(grip.id(), shifted(grip.from(), 0, 30))))
                .isEqualTo(Map.of("dress/d1/numbers/angle", 60.0, "dress/d1/numbers/away", 60.0));
    }

    @Test
    void a_stack_is_held_at_its_deepest_copy() {
        BlockScore score = score(dressed("stacked 10 deep by 4 px towards 0\u00b0"));
        Grips.Seen grip = score.grips().get(0);
        assertThat(grip.at().x() - grip.from().x()).isCloseTo(20 * Math.cos(Math.PI / 6), within(0.01));
        assertThat(new TreeMap<>(score.dragged(grip.id(), shifted(grip.from(), 0, 30))))
                .isEqualTo(Map.of("dress/d1/numbers/angle", 60.0, "dress/d1/numbers/step", 6.0));
    }

    @Test
    void a_mirror_is_held_at_its_gap_and_where_it_ends() {
        TextBlock block = WORDS.withDress(
                DressReader.read("mirrored below at 30 % fading over 1 em leaving a gap of 10 px", List.of()));
        BlockScore score = score(block);
        assertThat(score.grips())
                .extracting(Grips.Seen::label)
                .containsExactly("a mirror: gap", "a mirror: fading over");
        Grips.Seen gap = score.grips().get(0);
        Grips.Seen end = score.grips().get(1);
        double em = end.at().y() - gap.at().y();
        assertThat(score.dragged(gap.id(), shifted(gap.at(), 99, -4))).isEqualTo(Map.of("dress/d1/numbers/gap", 6.0));
        assertThat(score.dragged(end.id(), shifted(end.at(), 99, em / 2)))
                .isEqualTo(Map.of("dress/d1/numbers/fade", 1.5));
        assertThat(score.dragged(end.id(), shifted(end.at(), 0, -9999)))
                .isEqualTo(Map.of("dress/d1/numbers/fade", 0.0));
        Grips.Seen aside = score(WORDS.withDress(DressReader.read(
                        "mirrored to the left at 30 % fading over 1 em leaving a gap of 10 px", List.of())))
                .grips()
                .get(0);
        assertThat(aside.at().x()).isLessThan(gap.at().x());
    }

    @Test
    void a_mirror_at_a_line_of_the_picture_is_held_at_that_line() {
        BlockScore score = score(dressed("mirrored at a line of the picture at 30 % its line 75 % down"));
        Grips.Seen line = score.grips().get(0);
        assertThat(line.label()).isEqualTo("a mirror: its line");
        assertThat(score(WORDS.withDress(
                                DressReader.read("mirrored at a line of the picture its line 75 % down", List.of())))
                        .grips()
                        .get(0)
                        .at()
                        .y())
                .isCloseTo(0.75 * 1080, within(0.01));
    }

    @Test
    void where_there_are_no_letters_nothing_is_held() {
        TextBlock blank = Samples.block("  ", Span.of(0, 100), Phase.CUT, Phase.CUT);
        assertThat(score(blank.withDress(DressReader.read("a shadow, mirrored below", List.of())))
                        .grips())
                .isEmpty();
    }

    @Test
    void what_is_on_one_word_is_held_at_that_word() {
        TextBlock block = Samples.block("HOME AGAIN", Span.of(0, 100), Phase.CUT, Phase.CUT);
        double all = score(block.withDress(DressReader.read("a shadow", List.of())))
                .grips()
                .get(0)
                .from()
                .x();
        Grips.Seen one = score(block.withDress(DressReader.read("a shadow on word 1", List.of())))
                .grips()
                .get(0);
        assertThat(one.from().x()).isLessThan(all - 20);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a long shadow of 1.2 em towards 45\u00b0 in #0b1a26",
                "an inner shadow of 6 px in #000000 at 60 % falling 5 px towards 200\u00b0",
                "bulging by 40 % within 1 em around 20 % across and 70 % down",
                "rippling by 9 px every 0.8 em running 1.6 em a second around 90 % across and 10 % down",
                "flown into over its last 20 frames found by hand around 30 % across and 60 % down"
            })
    void what_is_dragged_nowhere_stays_as_it_is(String sentence) {
        TextBlock block = dressed(sentence);
        BlockScore score = score(block);
        Grips.Seen grip = score.grips().get(0);
        score.dragged(grip.id(), grip.at()).forEach((path, value) -> {
            double now = block.dressings()
                    .get(0)
                    .numbers()
                    .get(path.substring(path.lastIndexOf('/') + 1))
                    .literal()
                    .orElseThrow();
            assertThat((value - now) % 360).isCloseTo(0, within(0.011));
        });
    }

    @Test
    void a_place_that_is_flown_into_is_dragged_only_where_it_is_set_by_hand() {
        assertThat(score(dressed("flown into over its last 20 frames")).grips()).isEmpty();
        assertThat(score(dressed("flown into over its last 20 frames found by hand"))
                        .grips())
                .extracting(Grips.Seen::label)
                .containsExactly("a flight into a letter");
    }

    @Test
    void stops_are_dragged_along_their_gradient_and_its_middle_about() {
        BlockScore straight = score(filled("a gradient of #f0b64a at 25 % and #c8472f at 100 % along 0\u00b0"));
        List<Grips.Seen> stops = straight.grips();
        assertThat(stops).extracting(Grips.Seen::colour).containsExactly("#f0b64a", "#c8472f");
        double far = stops.get(1).at().x() - stops.get(0).at().x();
        assertThat(straight.dragged(stops.get(0).id(), shifted(stops.get(0).at(), far / 3, 50)))
                .isEqualTo(Map.of("setting/fill/stops/s1/at", 0.5));
        assertThat(straight.dragged(stops.get(0).id(), shifted(stops.get(0).at(), -9999, 0)))
                .isEqualTo(Map.of("setting/fill/stops/s1/at", 0.0));
        BlockScore round = score(
                filled("a round gradient of #f0b64a at 0 % and #c8472f at 100 % around 50 % and 50 % as far as 100 %"));
        Grips.Seen middle = round.grips().get(0);
        assertThat(round.dragged("centre", middle.at()))
                .isEqualTo(Map.of("setting/fill/x", 0.5, "setting/fill/y", 0.5));
        BlockScore conic = score(
                filled("a conic gradient of #f0b64a at 0 % and #c8472f at 100 % around 50 % and 50 % from 90\u00b0"));
        Point centre = conic.grips().get(0).at();
        assertThat(conic.dragged("stop/s1", shifted(centre, -50, 0)))
                .isEqualTo(Map.of("setting/fill/stops/s1/at", 0.25));
    }

    @Test
    void what_changes_over_time_has_no_place_and_unknown_ones_are_told() {
        Value<Double> keyed = new Value.Track<>(List.of(
                new TrackKey<>("k1", TrackKey.Anchor.START, 0, 0.0, "linear"),
                new TrackKey<>("k2", TrackKey.Anchor.START, 20, 40.0, "linear")));
        TextBlock block = dressed("a shadow");
        TextBlock moving = block.withDress(List.of(block.dressings().get(0).withNumbers(Map.of("away", keyed))));
        assertThat(score(moving).grips()).isEmpty();
        assertThatThrownBy(() -> score(block).dragged("dress/d9", new Point(0, 0)))
                .hasMessageContaining("nothing to be dragged");
    }
}
