package knollwind.core.frame;

import static knollwind.core.frame.DressedBlocks.MOVING;
import static knollwind.core.frame.DressedBlocks.STILL;
import static knollwind.core.frame.DressedBlocks.all;
import static knollwind.core.frame.DressedBlocks.dressed;
import static knollwind.core.frame.DressedBlocks.inked;
import static knollwind.core.frame.DressedBlocks.score;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.function.LongFunction;
import knollwind.core.Samples;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.FieldSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What holds for all dressings. */
class DressLawsTest {
    /** Comes and goes in 20 frames each. */
    private static final LongFunction<TextBlock> STAYING = length -> Samples.block(
            "HOME",
            Span.of(0, length),
            new Phase(List.of(MoveReader.read("the whole slides left 4 em, in 20 frames", PhaseKind.ARRIVE, null))),
            new Phase(List.of(MoveReader.read("the whole slides right 4 em, in 20 frames", PhaseKind.LEAVE, null))));

    /** How those begin that run on all the time, as moves of a dwell do. */
    private static final List<String> RUNNING = List.of("moved like cloth", "waving", "rippling", "sparkling");

    static final List<String> USUAL = DressReader.OPENINGS.stream()
            .filter(usual -> RUNNING.stream().noneMatch(usual::startsWith))
            .toList();

    @ParameterizedTest
    @FieldSource("USUAL")
    void a_longer_rest_leaves_the_frames_of_arrival_and_leave_as_they_are(String usual) {
        BlockScore shorter = dressed(STAYING.apply(200), usual);
        BlockScore longer = dressed(STAYING.apply(247), usual);
        for (int frame = 0; frame < 20; frame++) {
            assertThat(longer.at(frame)).isEqualTo(shorter.at(frame));
            // The frames of its leave, by their distance from its end.
            assertThat(longer.at(246 - frame)).as("%d from the end", frame).isEqualTo(shorter.at(199 - frame));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a shadow of 10 px in #000000 at 0 %",
                "a long shadow of 0 em towards 45\u00b0 in #000000",
                "an inner shadow of 10 px in #000000 at 0 %",
                "a glow of 6 px to 36 px in #f0b64a at 0 %",
                "outlined by 0 px outside in #f4ead2",
                "mirrored below at 0 % fading over 1 em",
                "a wake of 0 copies 2 frames apart fading from 60 to 10 %",
                "stacked 0 deep by 2 px towards 60\u00b0 in #c8472f to #5a1f16",
                "repeated in 1 columns and 1 rows with gaps of 0 em and 0 em",
                "a window in #0b1a26 at 0 %",
                "a glow switched off",
                "moved like cloth by 0 px",
                "waving by 0 px",
                "bent over 0\u00b0",
                "bulging by 0 %",
                "rippling by 0 px",
                "roughened by 0 px",
                "split into its channels by 0 px",
                "cut into 5 slices thrown aside by 0 px",
                "a sheen at 0 %",
                "lit as a sign at 0 %",
                "a shadow on the floor of 6 px in #000000 at 0 %",
                "sparkling with 0 glints",
                "traced by sparks born 0 a second",
                "textured by print dots of 8 px in #000000 at 0 %",
                "disturbed by 0 %",
                "flown into over its last 0 frames"
            })
    void of_an_amount_of_nothing_nothing_is_seen(String sentence) {
        for (int frame = 10; frame < 40; frame += 5) {
            assertThat(inked(dressed(MOVING, sentence).at(frame).list()))
                    .isEqualTo(inked(score(MOVING).at(frame).list()));
        }
    }

    @Test
    void it_rests_when_all_that_it_looks_back_on_rests() {
        BlockScore shadow = dressed(MOVING, "a shadow");
        BlockScore wake = dressed(MOVING, "a wake of 3 copies 4 frames apart fading from 80 to 50 %");
        assertThat(shadow.restsThroughout(20, 21)).isFalse();
        assertThat(shadow.restsThroughout(31, 32)).isTrue();
        assertThat(wake.restsThroughout(31, 32)).isFalse();
        assertThat(wake.restsThroughout(43, 44)).isTrue();
        assertThat(wake.at(43).list()).isEqualTo(wake.at(60).list());
        assertThat(wake.at(41).list()).isNotEqualTo(wake.at(60).list());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "moved like cloth by 20 px",
                "waving by 20 px",
                "rippling by 20 px",
                "roughened by 6 px in a grain of 9 px dealt anew every 2 frames",
                "cut into 6 slices thrown aside by 60 px dealt anew every 2 frames",
                "disturbed by 80 %",
                "sparkling with 30 glints",
                "mirrored below at 30 % fading over 0.8 em rippling by 6 px"
            })
    void what_moves_by_itself_never_rests_and_is_the_same_every_time(String sentence) {
        BlockScore score = dressed(STILL, sentence);
        assertThat(score.restsThroughout(40, 41)).isFalse();
        assertThat(score.at(40).list()).isNotEqualTo(score.at(44).list());
        assertThat(score.at(40).list())
                .isEqualTo(dressed(STILL, sentence).at(40).list());
    }

    @Test
    void what_is_dealt_is_dealt_by_the_frame_and_not_by_a_moment_in_it() {
        BlockScore rough = dressed(STILL, "roughened by 6 px in a grain of 9 px dealt anew every 1 frame");
        assertThat(rough.at(40.4).list()).isEqualTo(rough.at(40).list());
        assertThat(rough.at(39.6).list()).isEqualTo(rough.at(40).list());
        BlockScore worn = dressed(STILL, "roughened by 6 px in a grain of 9 px");
        assertThat(worn.restsThroughout(40, 41)).isTrue();
        assertThat(worn.at(40).list()).isEqualTo(worn.at(60).list());
    }

    @Test
    void what_is_said_to_cost_is_what_it_costs_once_it_is_on() {
        // In the middle of its arrival all its letters are out.
        BlockScore sign = dressed(MOVING, "lit as a sign in #f0b64a stuttering on over 30 frames all at once");
        assertThat(sign.dressCosts().get("d1")).isGreaterThan(2);
        BlockScore wake = dressed(MOVING, "a wake of 12 copies 1 frames apart fading from 80 to 50 %, a glow at 0 %");
        assertThat(wake.dressCosts().get("d1")).isPositive();
        assertThat(wake.dressCosts().get("d2")).isZero();
        assertThat(score(MOVING).dressCosts()).isEmpty();
    }

    @Test
    void dressings_see_what_those_before_them_left() {
        DisplayList mirrored = dressed(
                        STILL, "outlined by 3 px outside in #f4ead2, mirrored below at 30 % fading over 1 em")
                .at(5)
                .list();
        assertThat(all(mirrored, PaintOp.Stroke.class)).hasSize(8);
        DisplayList lined = dressed(
                        STILL, "mirrored below at 30 % fading over 1 em, outlined by 3 px outside in #f4ead2")
                .at(5)
                .list();
        assertThat(lined).isNotEqualTo(mirrored);
    }

    @Test
    void its_numbers_carry_keys() {
        Value<Double> keyed = new Value.Track<>(List.of(
                new TrackKey<>("k1", TrackKey.Anchor.START, 0, 0.0, "linear"),
                new TrackKey<>("k2", TrackKey.Anchor.START, 20, 40.0, "linear")));
        Dressing shadow = Dressing.usual("d1", "shadow").withNumbers(Map.of("soft", keyed));
        BlockScore score = score(STILL.withDress(List.of(shadow)));
        assertThat(score.keyed()).containsExactly("dress/d1/numbers/soft");
        assertThat(score.keyed("dress/d1/numbers/soft", 5)).isEqualTo(10);
        assertThat(all(score.at(5).list(), PaintOp.Layer.class).get(0).blurX()).isEqualTo(10);
        assertThat(all(score.at(30).list(), PaintOp.Layer.class).get(0).blurX()).isEqualTo(40);
        assertThat(score.restsThroughout(5, 6)).isFalse();
    }

    @Test
    void while_its_words_are_edited_it_is_dressed_too() {
        assertThat(all(dressed(MOVING, "a shadow").atRest().list(), PaintOp.Fill.class))
                .hasSize(8);
    }

    @Test
    void what_leaves_its_plane_is_dressed_after_it() {
        TextBlock deep = Samples.block(
                "HOME",
                Span.of(10, 100),
                new Phase(List.of(MoveReader.read("characters swing 80\u00b0, in 20 frames", PhaseKind.ARRIVE, null))),
                Phase.CUT);
        DisplayList list =
                dressed(deep, "a shadow of 10 px in #000000 at 60 %").at(18).list();
        assertThat(all(list, PaintOp.ConcatDeep.class)).hasSize(8);
    }
}
