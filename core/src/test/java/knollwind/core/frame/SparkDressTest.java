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
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What sparks of letters paint, wherever they come from. */
class SparkDressTest {
    /** Sparks that stay where they are born. */
    private static final String RESTING =
            "traced by sparks over 2400 frames living 6 frames of 2 px from %s spreading by 0 px a second falling by 0 em a second each second glowing by 0 px";

    private static TextBlock block(String arrives, String leaves) {
        return Samples.block(
                "HOME",
                Span.of(0, 100),
                new Phase(List.of(MoveReader.read(arrives, PhaseKind.ARRIVE, null))),
                leaves == null ? Phase.CUT : new Phase(List.of(MoveReader.read(leaves, PhaseKind.LEAVE, null))));
    }

    /** Around all sparks; empty where there are none. */
    private static Box sparks(BlockScore score, double frame) {
        DisplayList list = score.at(frame).list();
        Box box = Box.EMPTY;
        boolean within = false;
        for (PaintOp paint : list.paints()) {
            if (paint instanceof PaintOp.Mixed) {
                within = true;
            } else if (within && paint instanceof PaintOp.Fill fill && fill.ink() instanceof Ink.Plain) {
                box = box.union(fill.outline().ink());
            }
        }
        return box;
    }

    private static BlockScore from(TextBlock block, String what) {
        return dressed(block, String.format(RESTING, what));
    }

    @Test
    void all_over_them_is_inside_the_letters() {
        BlockScore score = from(STILL, "all over them");
        Box words = score(STILL).at(50).list().ink();
        Box sparks = sparks(score, 50);
        // 60 of them in six frames: they reach nearly everywhere.
        assertThat(sparks.width()).isBetween(0.8 * words.width(), words.width() + 4);
        assertThat(sparks.height()).isBetween(0.7 * words.height(), words.height() + 4);
    }

    @Test
    void where_letters_land_sparks_are_born_for_some_frames() {
        BlockScore score = from(block("characters drop 1 em, 10 frames each, 10 apart", null), "where they land");
        assertThat(sparks(score, 5).isEmpty()).isTrue();
        Box first = sparks(score, 14);
        assertThat(first.isEmpty()).isFalse();
        assertThat(sparks(score, 99).isEmpty()).isTrue();
        // The last letter lands further to the right.
        Box last = sparks(score, 44);
        assertThat(last.left()).isGreaterThan(first.right());
    }

    @Test
    void where_letters_set_out_and_where_they_move() {
        TextBlock leaving =
                block("the whole fades in, in 5 frames", "the whole slides right 2 em, in 20 frames, steadily");
        BlockScore out = from(leaving, "where they set out");
        assertThat(sparks(out, 60).isEmpty()).isTrue();
        assertThat(sparks(out, 84).isEmpty()).isFalse();
        assertThat(sparks(out, 99).isEmpty()).isTrue();
        BlockScore on = from(leaving, "where they move");
        assertThat(sparks(on, 60).isEmpty()).isTrue();
        Box then = sparks(on, 85);
        Box later = sparks(on, 95);
        assertThat(later.left()).isGreaterThan(then.left() + 20);
        // They lie along the way of the last six frames, not only where the words are now.
        assertThat(later.width())
                .isGreaterThan(score(leaving).at(95).list().ink().width());
    }

    @Test
    void where_an_edge_uncovers_them_sparks_lie_on_it() {
        TextBlock wiped = block("the whole wipes in, in 40 frames, steadily", null);
        BlockScore score = from(wiped, "the edge that uncovers them");
        Box then = sparks(score, 12);
        Box later = sparks(score, 30);
        assertThat(then.isEmpty()).isFalse();
        assertThat(then.width()).isLessThan(later.left() - then.left());
        // As far as what is seen.
        DisplayList plain = score(wiped).at(30).list();
        Box edge = all(plain, PaintOp.Clip.class).get(0).outline().ink();
        assertThat(later.right()).isCloseTo(edge.right(), within(6.0));
        assertThat(sparks(score, 80).isEmpty()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "all over them",
                "where they move",
                "where they land",
                "where they set out",
                "the edge that uncovers them",
                "their outlines"
            })
    void the_same_frame_by_itself_and_reached_by_playing(String what) {
        BlockScore played = from(MOVING, what);
        for (int frame = 0; frame < 30; frame++) {
            played.at(frame);
        }
        assertThat(inked(from(MOVING, what).at(30).list()))
                .isEqualTo(inked(played.at(30).list()));
    }

    @ParameterizedTest
    @CsvSource({"dots, 8", "streaks, 4", "stars, 8"})
    void they_are_drawn_as_is_said(String look, int corners) {
        BlockScore score = dressed(
                STILL, "traced by sparks of 20 px spreading by 900 px a second glowing by 0 px drawn as " + look);
        PaintOp.Fill youngest = all(score.at(10).list(), PaintOp.Fill.class).stream()
                .filter(fill ->
                        fill.ink() instanceof Ink.Plain && fill.outline().verbs().length > 0)
                .skip(4)
                .findFirst()
                .orElseThrow();
        int first = 1;
        while (first < youngest.outline().verbs().length && youngest.outline().verbs()[first] == 1) {
            first++;
        }
        assertThat(first).isEqualTo(corners);
    }

    @Test
    void letters_fly_as_letters_of_the_words() {
        List<PaintOp.Fill> words = all(score(STILL).at(10).list(), PaintOp.Fill.class);
        List<PaintOp.Fill> all = all(
                dressed(STILL, "traced by sparks drawn as letters glowing by 0 px")
                        .at(10)
                        .list(),
                PaintOp.Fill.class);
        assertThat(all.stream().filter(fill -> fill.ink() instanceof Ink.Plain))
                .hasSizeGreaterThan(40)
                .allMatch(fill -> words.stream().anyMatch(word -> word.outline().equals(fill.outline())));
    }

    @Test
    void size_and_light_go_their_ways_over_a_life() {
        // The first one alone, at rest: born at 0, living 24 frames.
        String one =
                "traced by sparks over 1 frames born 24 a second living 24 frames of 20 px spreading by 0 px a second falling by 0 em a second each second glowing by 0 px ";
        assertThat(wide(one + "their size shrinking", 20)).isLessThan(wide(one + "their size shrinking", 2));
        assertThat(wide(one + "their size growing", 20)).isGreaterThan(wide(one + "their size growing", 2));
        assertThat(wide(one + "their size staying", 20)).isCloseTo(wide(one + "their size staying", 2), within(0.01));
        assertThat(wide(one + "their size swelling and shrinking", 12))
                .isGreaterThan(2 * wide(one + "their size swelling and shrinking", 2));
        assertThat(light(one + "their light fading", 18)).isLessThan(light(one + "their light staying", 18));
        assertThat(light(one + "their light flaring up and fading", 1))
                .isLessThan(light(one + "their light fading", 1));
    }

    private static double wide(String sentence, int frame) {
        return spark(sentence, frame).outline().ink().width();
    }

    private static double light(String sentence, int frame) {
        return spark(sentence, frame).opacity();
    }

    private static PaintOp.Fill spark(String sentence, int frame) {
        List<PaintOp.Fill> fills = all(dressed(STILL, sentence).at(frame).list(), PaintOp.Fill.class).stream()
                .filter(fill -> fill.ink() instanceof Ink.Plain)
                .toList();
        return fills.get(fills.size() - 1);
    }

    @Test
    void the_head_lights_letters_that_are_near_and_the_ground() {
        String dark = "traced by sparks over 40 frames";
        long without = radials(dark);
        assertThat(radials(dark + " lighting what is within 0 em at 60 %")).isEqualTo(without);
        // One on the ground, and the letter that it runs on.
        assertThat(radials(dark + " lighting what is within 0.1 em at 60 %")).isEqualTo(without + 2);
        assertThat(radials(dark + " lighting what is within 20 em at 60 %")).isEqualTo(without + 1 + 4);
    }

    private static long radials(String sentence) {
        return all(dressed(STILL, sentence).at(5).list(), PaintOp.Fill.class).stream()
                .filter(fill -> fill.ink() instanceof Ink.Radial)
                .count();
    }

    @Test
    void each_may_be_like_another_block() {
        TextBlock star = Samples.block("X", Span.of(0, 100), Phase.CUT, Phase.CUT)
                .withId("star")
                .withName("Star");
        String sentence = "traced by sparks glowing by 0 px each like \u201cStar\u201d";
        TextBlock worn = STILL.withDress(DressReader.read(sentence, List.of(), FormatPx.PLAIN, List.of(star, STILL)));
        Project project = Samples.project(100, worn, star);
        List<BlockScore> blocks =
                Samples.score(project, project.scenes().get(0)).blocks();
        Outline cross =
                all(blocks.get(1).at(10).list(), PaintOp.Fill.class).get(0).outline();
        // 240 a second: those of eleven frames.
        assertThat(all(blocks.get(0).at(10).list(), PaintOp.Fill.class).stream()
                        .filter(fill -> fill.outline().equals(cross)))
                .hasSizeBetween(80, 120);
    }
}
