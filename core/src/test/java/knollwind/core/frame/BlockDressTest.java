package knollwind.core.frame;

import static knollwind.core.frame.DressedBlocks.MOVING;
import static knollwind.core.frame.DressedBlocks.STILL;
import static knollwind.core.frame.DressedBlocks.all;
import static knollwind.core.frame.DressedBlocks.dressed;
import static knollwind.core.frame.DressedBlocks.inked;
import static knollwind.core.frame.DressedBlocks.score;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.Mixing;
import knollwind.core.display.PaintOp;
import knollwind.core.display.Piece;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Contours;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Length;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Place;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;

/** What each dressing paints. */
class BlockDressTest {
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
    void letters_that_hold_a_picture_are_outlined_too() {
        Fill picture = new Fill.Picture("b".repeat(64), "harbour.png", 400, 300, Fill.Picture.Mode.COVER, 0.5, 0.5);
        TextBlock held = STILL.withSetting(STILL.setting().withFill(picture));
        DisplayList list =
                dressed(held, "outlined by 5 px outside in #f4ead2").at(5).list();
        assertThat(all(list, PaintOp.Stroke.class)).hasSize(4).allMatch(stroke -> stroke.width() == 10);
        assertThat(list.ink().left()).isLessThan(score(held).at(5).list().ink().left() - 4);
    }

    @Test
    void a_mirror_at_a_line_of_the_picture_stays_there_wherever_the_block_stands() {
        String sentence = "mirrored at a line of the picture at 40 % fading over 0 em, its line 80 % down";
        for (double down : new double[] {300, 500}) {
            TextBlock placed =
                    STILL.withPlace(STILL.place().with(place -> place.y(Value.of(new Length(down, Length.Unit.PX)))));
            Box words = score(placed).at(5).list().ink();
            Box both = dressed(placed, sentence).at(5).list().ink();
            double line = 0.8 * 1080;
            assertThat(both.bottom() - line).isCloseTo(line - words.top(), within(4.0));
        }
    }

    @Test
    void lines_around_what_is_drawn_by_a_pen_are_dashed_too() {
        TextBlock written = Samples.block(
                "HOME",
                Span.of(10, 100),
                new Phase(List.of(MoveReader.read(
                        "characters outline from 4 px #ff0000, 20 frames each, 1 apart", PhaseKind.ARRIVE, null))),
                Phase.CUT);
        List<PaintOp.Stroke> strokes = all(
                dressed(written, "outlined by 3 px along the edge in #1d5c80 in dashes of 6 px and gaps of 4 px")
                        .at(20)
                        .list(),
                PaintOp.Stroke.class);
        assertThat(strokes.stream().filter(stroke -> stroke.fill().ink().equals(new Ink.Plain(0xff1d5c80))))
                .isNotEmpty()
                .allMatch(stroke -> !stroke.dashes().isEmpty());
    }

    @Test
    void cloth_is_calm_at_its_edges_and_keeps_its_bounds_whatever_its_contrast() {
        Box plain = score(STILL).at(5).list().ink();
        Box moved = dressed(STILL, "moved like cloth by 40 px").at(5).list().ink();
        Box calm = dressed(STILL, "moved like cloth by 40 px calm within 0.3 em of its edges")
                .at(5)
                .list()
                .ink();
        Box sharp = dressed(STILL, "moved like cloth by 40 px in a contrast of 400 %")
                .at(5)
                .list()
                .ink();
        assertThat(calm.left()).isCloseTo(plain.left(), within(3.0));
        assertThat(calm.right()).isCloseTo(plain.right(), within(3.0));
        assertThat(calm.top()).isCloseTo(plain.top(), within(3.0));
        assertThat(moved).isNotEqualTo(sharp);
        assertThat(sharp.width()).isLessThan(plain.width() + 2 * 40);
        assertThat(dressed(STILL, "moved like cloth by 40 px in a contrast of 100 %")
                        .at(5))
                .isEqualTo(dressed(STILL, "moved like cloth by 40 px").at(5));
    }

    @Test
    void sparks_run_along_letters_that_fade_in_behind_them_and_then_all_rests() {
        BlockScore plain = score(STILL);
        BlockScore traced = dressed(STILL, "traced by sparks over 40 frames, its letters fading in behind them");
        assertThat(seen(traced, 0)).isZero();
        assertThat(seen(traced, 30)).isBetween(1L, 3L);
        assertThat(all(traced.at(20).list(), PaintOp.Mixed.class)).hasSize(2);
        assertThat(inked(traced.at(99).list())).isEqualTo(inked(plain.at(99).list()));
        assertThat(traced.restsThroughout(20, 30)).isFalse();
        // Whole letters are traced before they are uncovered.
        TextBlock wiped = Samples.block(
                "HOME",
                Span.of(0, 100),
                new Phase(List.of(MoveReader.read(
                        "the whole rises 1 em from behind the baseline, in 20 frames", PhaseKind.ARRIVE, null))),
                Phase.CUT);
        assertThat(all(dressed(wiped, "traced by sparks over 40 frames").at(10).list(), PaintOp.Mixed.class))
                .hasSize(2);
    }

    /** Letters of the words' own colour. */
    private static long seen(BlockScore score, int frame) {
        return all(score.at(frame).list(), PaintOp.Fill.class).stream()
                .filter(fill -> fill.ink().equals(new Ink.Plain(0xfff4ead2)))
                .count();
    }
}
