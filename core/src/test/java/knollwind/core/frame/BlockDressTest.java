package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import knollwind.core.Samples;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.Mixing;
import knollwind.core.display.PaintOp;
import knollwind.core.display.Piece;
import knollwind.core.geometry.Contours;
import knollwind.core.geometry.Depth;
import knollwind.core.geometry.Matrix;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Place;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Blocks that are dressed, at any time. */
class BlockDressTest {
    private static final TextBlock STILL = Samples.block("HOME", Span.of(0, 100), Phase.CUT, Phase.CUT);
    private static final TextBlock MOVING = Samples.block(
            "HOME",
            Span.of(10, 100),
            new Phase(List.of(MoveReader.read("the whole slides left 4 em, in 20 frames", PhaseKind.ARRIVE, null))),
            Phase.CUT);

    private static BlockScore score(TextBlock block) {
        var project = Samples.project(100, block);
        return Samples.score(project, project.scenes().get(0)).blocks().get(0);
    }

    private static BlockScore dressed(TextBlock block, String sentence) {
        return score(block.withDress(DressReader.read(sentence, List.of())));
    }

    private static <T> List<T> all(DisplayList list, Class<T> kind) {
        return list.paints().stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** The paints of a list without what only brings them into place. */
    private static List<PaintOp> inked(DisplayList list) {
        return list.paints().stream()
                .filter(paint -> paint instanceof PaintOp.Fill || paint instanceof PaintOp.Layer)
                .toList();
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
    void a_shadow_is_the_same_outlines_in_its_colour_moved_and_blurred() {
        DisplayList list = dressed(STILL, "a shadow of 10 px in #102030 at 60 % falling 8 px towards 90\u00b0")
                .at(5)
                .list();
        assertThat(all(list, PaintOp.Layer.class)).containsExactly(new PaintOp.Layer(0.6f, 10, 10));
        List<PaintOp.Fill> fills = all(list, PaintOp.Fill.class);
        assertThat(fills).hasSize(8);
        assertThat(fills.subList(0, 4)).allMatch(fill -> fill.ink().equals(new Ink.Plain(0xff102030)));
        assertThat(fills.subList(0, 4))
                .extracting(PaintOp.Fill::outline)
                .isEqualTo(
                        fills.subList(4, 8).stream().map(PaintOp.Fill::outline).toList());
    }

    @Test
    void light_is_added_up() {
        DisplayList list = dressed(STILL, "a glow of 4 px to 36 px in #f0b64a at 50 %")
                .at(5)
                .list();
        List<PaintOp.Mixed> layers = all(list, PaintOp.Mixed.class);
        assertThat(layers).allMatch(layer -> layer.mixing() == Mixing.PLUS_LIGHTER);
        assertThat(layers).extracting(PaintOp.Mixed::blurX).containsExactly(36f, 12f, 4f);
    }

    @Test
    void a_copy_of_a_wake_is_what_the_words_were() {
        BlockScore plain = score(MOVING);
        BlockScore wake = dressed(MOVING, "a wake of 3 copies 4 frames apart fading from 80 to 50 %");
        List<PaintOp.Layer> layers = all(wake.at(24).list(), PaintOp.Layer.class);
        assertThat(layers)
                .extracting(layer -> Math.round(layer.opacity() * 100))
                .containsExactly(50, 65, 80);
        // The oldest group of four letters stands where the words stood twelve frames ago.
        DisplayList oldest = new DisplayList(Piece.of(wake.at(24).list()).get(0).paints());
        assertThat(all(oldest, PaintOp.Fill.class)).hasSize(4);
        assertThat(oldest.ink().left()).isCloseTo(plain.at(12).list().ink().left(), within(0.01));
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
    void a_window_covers_the_frame_wherever_the_block_stands() {
        Place turned = STILL.place().withRotation(Value.of(30.0)).withScale(Value.of(0.4));
        DisplayList list =
                dressed(STILL.withPlace(turned), "a window in #0b1a26").at(5).list();
        var ink = list.ink();
        assertThat(ink.left()).isLessThan(0);
        assertThat(ink.top()).isLessThan(0);
        assertThat(ink.right()).isGreaterThan(1920);
        assertThat(ink.bottom()).isGreaterThan(1080);
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

    @Test
    void while_its_words_are_edited_it_is_dressed_too() {
        assertThat(all(dressed(MOVING, "a shadow").atRest().list(), PaintOp.Fill.class))
                .hasSize(8);
    }

    @Test
    void a_mirror_begins_where_the_words_end_and_is_as_high() {
        DisplayList plain = score(STILL).at(5).list();
        DisplayList list = dressed(STILL, "mirrored below at 30 % fading over 0 em leaving a gap of 20 px")
                .at(5)
                .list();
        assertThat(all(list, PaintOp.Fade.class)).isEmpty();
        DisplayList mirror = new DisplayList(Piece.of(list).get(0).paints());
        assertThat(mirror.ink().top()).isCloseTo(plain.ink().bottom() + 20, within(4.0));
        assertThat(mirror.ink().height()).isCloseTo(plain.ink().height(), within(0.01));
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
    void letters_that_are_bent_hang_or_stand_on_a_circle() {
        var plain = score(STILL).at(5).list().ink();
        var bent = dressed(STILL, "bent over 120\u00b0").at(5).list().ink();
        assertThat(bent.width()).isLessThan(plain.width() * 1.3);
        assertThat(bent.height()).isGreaterThan(plain.height() * 1.3);
        var hanging = dressed(STILL, "bent over -120\u00b0").at(5).list().ink();
        assertThat(bent.bottom()).isGreaterThan(plain.bottom() + 20);
        assertThat(hanging.top()).isLessThan(plain.top() - 20);
    }

    @Test
    void channels_that_are_split_add_up_to_the_colour_where_they_meet() {
        DisplayList list =
                dressed(STILL, "split into its channels by 8 px").at(5).list();
        List<Integer> colours = all(list, PaintOp.Fill.class).stream()
                .map(fill -> ((Ink.Plain) fill.ink()).argb())
                .distinct()
                .toList();
        assertThat(colours).hasSize(3);
        Ink own = all(score(STILL).at(5).list(), PaintOp.Fill.class).get(0).ink();
        assertThat(new Ink.Plain(colours.get(0) | colours.get(1) | colours.get(2)))
                .isEqualTo(own);
    }

    @Test
    void a_block_is_mixed_with_what_is_behind_it_as_a_whole_also_while_it_fades() {
        DisplayList whole =
                dressed(STILL, "a shadow, laid over by multiply").at(5).list();
        assertThat(whole.paints().get(0)).isEqualTo(new PaintOp.Mixed(Mixing.MULTIPLY, 1, 0, 0));
        assertThat(Piece.of(whole)).hasSize(1);
        TextBlock faint = STILL.withOpacity(Value.of(0.5));
        DisplayList half =
                dressed(faint, "laid over by adding light at 40 %").at(5).list();
        assertThat(half.paints().get(0)).isEqualTo(new PaintOp.Mixed(Mixing.PLUS_LIGHTER, 0.2f, 0, 0));
        DisplayList plain = dressed(STILL, "a shadow").at(5).list();
        assertThat(Piece.of(plain)).hasSizeGreaterThan(1);
    }

    @Test
    void a_wake_may_run_ahead_and_rests_when_all_that_it_sees_rests() {
        BlockScore plain = score(MOVING);
        BlockScore ahead =
                dressed(MOVING, "a wake of 2 copies 4 frames apart fading from 80 to 50 % running ahead of it");
        DisplayList furthest =
                new DisplayList(Piece.of(ahead.at(14).list()).get(0).paints());
        assertThat(furthest.ink().left()).isCloseTo(plain.at(22).list().ink().left(), within(0.01));
        assertThat(ahead.restsThroughout(31, 32)).isTrue();
        BlockScore going = dressed(
                STILL.withLeave(new Phase(
                        List.of(MoveReader.read("the whole slides left 4 em, in 20 frames", PhaseKind.LEAVE, null)))),
                "a wake of 2 copies 4 frames apart fading from 80 to 50 % running ahead of it");
        assertThat(going.restsThroughout(60, 61)).isTrue();
        assertThat(going.restsThroughout(77, 78)).isFalse();
    }

    @Test
    void copies_of_a_wake_are_coloured_outlined_and_sized() {
        String wake = "a wake of 1 copies 6 frames apart fading from 80 to 50 % ";
        DisplayList coloured = dressed(MOVING, wake + "its copies in one colour their colour #102030")
                .at(24)
                .list();
        assertThat(all(coloured, PaintOp.Fill.class).get(0).ink()).isEqualTo(new Ink.Plain(0xff102030));
        DisplayList lined = dressed(MOVING, wake + "its copies outlined").at(24).list();
        assertThat(all(lined, PaintOp.Stroke.class)).hasSize(4);
        DisplayList half = dressed(MOVING, wake + "growing to 50 %").at(24).list();
        double then = new DisplayList(Piece.of(half).get(0).paints()).ink().width();
        assertThat(then).isCloseTo(score(MOVING).at(18).list().ink().width() / 2, within(2.0));
    }

    @Test
    void a_line_is_drawn_as_far_as_is_said_and_in_dashes() {
        DisplayList half = dressed(STILL, "outlined by 2 px along the edge in #f4ead2 drawn as far as 50 %")
                .at(5)
                .list();
        double drawn = all(half, PaintOp.Stroke.class).stream()
                .mapToDouble(stroke -> stroke.dashes().get(0))
                .sum();
        double whole = all(score(STILL).at(5).list(), PaintOp.Fill.class).stream()
                .flatMap(fill -> Contours.split(fill.outline()).stream())
                .mapToDouble(Contours.Contour::length)
                .sum();
        assertThat(drawn).isCloseTo(whole / 2, within(0.1));
        DisplayList dashed = dressed(
                        STILL,
                        "outlined by 2 px along the edge in #f4ead2 in dashes of 6 px and gaps of 4 px its corners sharp")
                .at(5)
                .list();
        assertThat(all(dashed, PaintOp.Stroke.class))
                .allMatch(stroke -> stroke.dashes().equals(List.of(6f, 4f)) && stroke.sharp());
    }

    @Test
    void a_sign_that_is_on_rests_and_its_light_lies_on_what_is_behind() {
        BlockScore sign = dressed(STILL, "lit as a sign in #f0b64a stuttering on over 30 frames letter by letter");
        assertThat(sign.restsThroughout(10, 11)).isFalse();
        assertThat(sign.restsThroughout(30, 31)).isTrue();
        assertThat(sign.at(31).list()).isEqualTo(sign.at(90).list());
        assertThat(sign.at(31).list().paints().stream().anyMatch(PaintOp.Mixed.class::isInstance))
                .isTrue();
        BlockScore failing = dressed(STILL, "lit as a sign in #f0b64a failing in 100 % of them");
        assertThat(failing.restsThroughout(60, 61)).isFalse();
        // Dark glass alone: no light is added.
        assertThat(IntStream.range(0, 99)
                        .mapToObj(failing::at)
                        .anyMatch(
                                frame -> all(frame.list(), PaintOp.Mixed.class).isEmpty()))
                .isTrue();
    }

    /** Changes of what is seen within any second, of 200 deals: fewer than three flashes there and back. */
    @Test
    void what_is_disturbed_never_flashes_more_often_than_is_safe() {
        for (int seed = 0; seed < 200; seed++) {
            BlockScore score = dressed(
                    STILL,
                    "disturbed by 100 % dealt anew every 1 frames in bursts of 9 frames about every 20 frames dealt by "
                            + seed);
            List<Integer> changes = new ArrayList<>();
            DisplayList before = score.at(0).list();
            for (int frame = 1; frame < 60; frame++) {
                DisplayList now = score.at(frame).list();
                if (!now.equals(before)) {
                    changes.add(frame);
                }
                before = now;
            }
            assertThat(changes).hasSizeGreaterThan(1);
            for (int i = 6; i < changes.size(); i++) {
                assertThat(changes.get(i) - changes.get(i - 6))
                        .as("seed %d", seed)
                        .isGreaterThanOrEqualTo(24);
            }
        }
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
    void bursts_begin_on_beats_and_are_as_safe_there() {
        for (double perMinute : new double[] {60, 96, 127, 400}) {
            TextBlock words = STILL.withDress(DressReader.read(
                    "disturbed by 100 % dealt anew every 1 frames in bursts of 9 frames about every 20 frames bursting on every beat",
                    List.of()));
            var project = Samples.project(100, words);
            Scene scene = project.scenes().get(0).withBeats(new Beats(perMinute, 6, 4));
            BlockScore score = Samples.score(project.withScenes(List.of(scene)), scene)
                    .blocks()
                    .get(0);
            DisplayList still = score(STILL).at(0).list();
            List<Integer> changes = new ArrayList<>();
            for (int frame = 1; frame < 90; frame++) {
                if (!score.at(frame).list().equals(score.at(frame - 1).list())) {
                    changes.add(frame);
                }
            }
            assertThat(changes).contains(6);
            for (int i = 6; i < changes.size(); i++) {
                assertThat(changes.get(i) - changes.get(i - 6)).isGreaterThanOrEqualTo(24);
            }
            if (perMinute == 96) {
                // 15 frames a beat: two deals of four frames, and then it stands until the next.
                assertThat(changes).startsWith(6, 10, 14, 21, 25, 29);
                assertThat(inked(score.at(16).list())).isEqualTo(inked(still));
            }
        }
    }

    @Test
    void a_flight_ends_with_a_letter_that_fills_the_frame_and_rests_before_it_begins() {
        BlockScore flight = dressed(STILL, "flown into over its last 30 frames");
        assertThat(inked(flight.at(60).list()))
                .isEqualTo(inked(score(STILL).at(60).list()));
        assertThat(flight.restsThroughout(60, 61)).isTrue();
        assertThat(flight.restsThroughout(80, 81)).isFalse();
        double before = flight.at(75).list().ink().width();
        assertThat(flight.at(85).list().ink().width()).isGreaterThan(before);
        // Through the whole of the frame lies ink of the letter that is flown into.
        BlockScore there =
                dressed(STILL, "flown into over its last 0 frames on its way at least at 100 % into letter 1");
        DisplayList list = there.at(60).list();
        Matrix[] first = {null};
        Matrix place = Matrix.IDENTITY;
        for (PaintOp paint : list.paints()) {
            if (paint instanceof PaintOp.Concat m) {
                place = place.times(Matrix.flat(m.a(), m.b(), m.c(), m.d(), m.e(), m.f()));
            } else if (paint instanceof PaintOp.Fill && first[0] == null) {
                first[0] = place;
            }
        }
        PaintOp.Fill letter = all(list, PaintOp.Fill.class).get(0);
        Depth deep = Depth.inside(letter.outline()).orElseThrow().through(first[0]);
        assertThat(deep.x()).isCloseTo(960, within(1.0));
        assertThat(deep.y()).isCloseTo(540, within(1.0));
        assertThat(deep.distance()).isGreaterThan(Math.hypot(960, 540));
    }

    @Test
    void a_flight_goes_into_the_same_letter_while_others_leave() {
        String flight = "flown into over its last 30 frames";
        TextBlock leaving = STILL.withLeave(new Phase(
                List.of(MoveReader.read("characters fade out, 2 frames each, 8 apart", PhaseKind.LEAVE, null))));
        for (int frame = 72; frame < 97; frame++) {
            List<PaintOp.Concat> gone = all(dressed(leaving, flight).at(frame).list(), PaintOp.Concat.class);
            assertThat(gone.get(1))
                    .as("frame %d", frame)
                    .isEqualTo(all(dressed(STILL, flight).at(frame).list(), PaintOp.Concat.class)
                            .get(1));
        }
    }

    @Test
    void a_counter_is_found_where_there_is_one() {
        PaintOp.Fill o = all(score(STILL).at(5).list(), PaintOp.Fill.class).get(1);
        Depth counter = Depth.counter(o.outline()).orElseThrow();
        assertThat(counter.x())
                .isCloseTo((o.outline().ink().left() + o.outline().ink().right()) / 2, within(4.0));
        PaintOp.Fill h = all(score(STILL).at(5).list(), PaintOp.Fill.class).get(0);
        assertThat(Depth.counter(h.outline())).isEmpty();
        DisplayList none = dressed(
                        STILL,
                        "flown into over its last 0 frames on its way at least at 50 % into letter 1 found in a counter")
                .at(5)
                .list();
        assertThat(inked(none)).isEqualTo(inked(score(STILL).at(5).list()));
    }

    private static BlockScore matted(TextBlock words, String sentence, TextBlock other) {
        TextBlock dressed =
                words.withDress(DressReader.read(sentence, List.of(), FormatPx.PLAIN, List.of(words, other)));
        var project = Samples.project(100, other, dressed);
        return Samples.score(project, project.scenes().get(0)).blocks().stream()
                .filter(score -> score.block().id().equals(words.id()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_block_is_kept_inside_or_outside_another_even_one_that_is_hidden() {
        TextBlock other =
                MOVING.withId("moon").withName("Moon").withSpan(Span.of(0, 60)).withHidden(true);
        BlockScore inside = matted(STILL, "matted by the shape of \u201cMoon\u201d", other);
        DisplayList list = inside.at(30).list();
        assertThat(all(list, PaintOp.Mask.class)).hasSize(1);
        assertThat(all(list, PaintOp.Fill.class)).hasSize(8);
        // The other's letters where they stand in the frame.
        DisplayList lent = new DisplayList(list.paints()
                .subList(
                        list.paints().indexOf(new PaintOp.Mask()) + 1,
                        list.paints().size() - 3));
        assertThat(lent.paints()).isNotEmpty();
        // Behind the end of the other nothing is left of it; it rests when the other does.
        assertThat(all(inside.at(70).list(), PaintOp.Fill.class)).hasSize(4);
        assertThat(inside.restsThroughout(12, 13)).isFalse();
        assertThat(inside.restsThroughout(40, 41)).isTrue();
        assertThat(inside.restsThroughout(59, 60)).isFalse();
        assertThat(inside.restsThroughout(70, 80)).isTrue();
        DisplayList outside = matted(
                        STILL, "matted by the shape of \u201cMoon\u201d kept outside it softened by 6 px", other)
                .at(30)
                .list();
        assertThat(all(outside, PaintOp.Cut.class)).hasSize(1);
        assertThat(all(outside, PaintOp.Layer.class)).contains(new PaintOp.Layer(1, 6, 6));
    }

    @Test
    void brightness_lets_it_be_seen_and_a_wipe_goes_from_dark_to_bright() {
        TextBlock other = STILL.withId("moon").withName("Moon");
        DisplayList bright = matted(STILL, "matted by the brightness of \u201cMoon\u201d", other)
                .at(30)
                .list();
        assertThat(all(bright, PaintOp.Bright.class)).containsExactly(new PaintOp.Bright(1, 0));
        DisplayList wipe = matted(
                        STILL, "matted by the wipe of \u201cMoon\u201d on its way at 25 % with an edge of 50 %", other)
                .at(30)
                .list();
        assertThat(all(wipe, PaintOp.Bright.class)).containsExactly(new PaintOp.Bright(-2, 0.75f));
    }

    @Test
    void blocks_that_need_each_other_are_no_circle_and_one_that_is_gone_changes_nothing() {
        Dressing matte = Dressing.usual("d1", "matte");
        TextBlock one = STILL.withDress(List.of(matte.withBlock("moon")));
        TextBlock other = STILL.withId("moon").withDress(List.of(matte.withBlock(STILL.id())));
        var project = Samples.project(100, one, other);
        for (BlockScore score : Samples.score(project, project.scenes().get(0)).blocks()) {
            assertThat(all(score.at(30).list(), PaintOp.Mask.class)).hasSize(1);
        }
        assertThat(inked(score(STILL.withDress(List.of(matte.withBlock("gone"))))
                        .at(30)
                        .list()))
                .isEqualTo(inked(score(STILL).at(30).list()));
    }

    @Test
    void letters_that_hold_a_picture_are_outlined_too() {
        Fill picture = new Fill.Picture("b".repeat(64), "harbour.png", 400, 300, Fill.Picture.Mode.COVER, 0.5, 0.5);
        TextBlock held = STILL.withSetting(STILL.setting().withFill(picture));
        DisplayList list =
                dressed(held, "outlined by 5 px outside in #f4ead2").at(5).list();
        assertThat(all(list, PaintOp.Stroke.class)).hasSize(4).allMatch(stroke -> stroke.width() == 10);
        assertThat(list.ink().left()).isLessThan(score(held).at(5).list().ink().left() - 4);
    }
}
