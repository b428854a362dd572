package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import knollwind.core.dressing.DressKinds;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Contours;
import knollwind.core.geometry.Outline;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Only;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextEdit;
import knollwind.core.scene.UnitKind;
import knollwind.core.scene.Value;
import org.junit.jupiter.api.Test;

/** Dressings on some of a block's letters, on its units one by one, and on letters that are still uncovered. */
class DressedPartsTest {
    private static final TextBlock STILL = Samples.block("LAST BOAT HOME", Span.of(0, 100), Phase.CUT, Phase.CUT);

    private static BlockScore score(TextBlock block) {
        Project project = Samples.project(100, block);
        return Samples.score(project, project.scenes().get(0)).blocks().get(0);
    }

    private static BlockScore dressed(TextBlock block, String sentence) {
        return score(block.withDress(DressReader.read(sentence, List.of())));
    }

    private static List<PaintOp.Fill> fills(DisplayList list) {
        return list.paints().stream()
                .filter(PaintOp.Fill.class::isInstance)
                .map(PaintOp.Fill.class::cast)
                .toList();
    }

    private static long in(DisplayList list, int argb) {
        return fills(list).stream()
                .filter(fill -> fill.ink().equals(new Ink.Plain(argb)))
                .count();
    }

    private static long layers(DisplayList list) {
        return list.paints().stream().filter(PaintOp.Layer.class::isInstance).count();
    }

    @Test
    void a_line_that_is_broken_has_its_own_letters_and_no_others() {
        TextBlock lines = Samples.block("ONE\nTWO", Span.of(0, 100), Phase.CUT, Phase.CUT);
        DisplayList dressed = dressed(lines, "stacked 1 deep in #c8472f to #c8472f line by line")
                .at(50)
                .list();
        assertThat(in(dressed, 0xffc8472f)).isEqualTo(6);
    }

    @Test
    void only_those_letters_are_dressed_that_are_meant() {
        DisplayList all = dressed(STILL, "a shadow in #102030").at(5).list();
        DisplayList one = dressed(STILL, "a shadow in #102030, on word 2").at(5).list();
        DisplayList other = dressed(STILL, "a shadow in #102030, on every other character")
                .at(5)
                .list();
        assertThat(in(all, 0xff102030)).isEqualTo(12);
        assertThat(in(one, 0xff102030)).isEqualTo(4);
        assertThat(fills(one)).hasSize(12 + 4);
        assertThat(in(other, 0xff102030)).isEqualTo(6);
    }

    @Test
    void a_stretch_and_what_is_left_of_it_paint_every_letter_once() {
        for (String sentence : List.of("stacked 0 deep, on words 2 to 3", "stacked 0 deep, on every 3rd character")) {
            DisplayList list = dressed(STILL, sentence).at(5).list();
            assertThat(fills(list))
                    .containsExactlyInAnyOrderElementsOf(
                            fills(score(STILL).at(5).list()));
        }
    }

    @Test
    void one_by_one_each_unit_is_dressed_about_its_own_box() {
        DisplayList together =
                dressed(STILL, "mirrored to the right fading over 0 em").at(5).list();
        DisplayList apart = dressed(STILL, "mirrored to the right fading over 0 em, word by word")
                .at(5)
                .list();
        assertThat(layers(together)).isEqualTo(1);
        assertThat(layers(apart)).isEqualTo(3);
        // Each word's mirror lies beside that word; of all together it lies beside the last one.
        Box plain = score(STILL).at(5).list().ink();
        assertThat(together.ink().right() - plain.right()).isGreaterThan(0.9 * plain.width());
        assertThat(apart.ink().right() - plain.right()).isLessThan(0.5 * plain.width());
    }

    @Test
    void what_is_put_on_later_sees_what_was_put_on_only_some() {
        DisplayList list = dressed(
                        STILL, "a shadow in #102030, on word 1, stacked 1 deep in #c8472f to #5a1f16, on words 1 to 2")
                .at(5)
                .list();
        // The stack of the first word has its shadow too.
        assertThat(in(list, 0xffc8472f)).isEqualTo(4 + 4 + 4);
    }

    @Test
    void a_dressing_of_some_looks_back_at_those_alone() {
        TextBlock moving = Samples.block(
                "LAST BOAT",
                Span.of(0, 100),
                new Phase(List.of(MoveReader.read("the whole slides left 4 em, in 20 frames", PhaseKind.ARRIVE, null))),
                Phase.CUT);
        DisplayList list = dressed(moving, "a wake of 3 copies 2 frames apart fading from 80 to 50 %, on word 2")
                .at(12)
                .list();
        assertThat(fills(list)).hasSize(8 + 3 * 4);
        assertThat(layers(list)).isEqualTo(3);
    }

    @Test
    void what_is_for_the_whole_cannot_be_put_on_some() {
        for (String whole : List.of("laid over by screen", "flown into over its last 20 frames")) {
            assertThatThrownBy(() -> DressReader.read(whole + ", on word 2", List.of()))
                    .hasMessageContaining("is for all letters together");
        }
    }

    @Test
    void what_is_made_of_uncovered_letters_cannot_stand() {
        assertThatThrownBy(() -> DressReader.read("split into its channels, as it stands", List.of()))
                .hasMessageContaining("cannot be made of what is not uncovered yet");
    }

    @Test
    void as_it_stands_light_is_not_cut_off_by_the_edge_of_what_uncovers_it() {
        TextBlock wiped = Samples.block(
                "HOME",
                Span.of(0, 100),
                new Phase(List.of(MoveReader.read(
                        "the whole rises 1 em from behind the baseline, in 20 frames", PhaseKind.ARRIVE, null))),
                Phase.CUT);
        DisplayList plain = score(wiped).at(10).list();
        DisplayList cut = dressed(wiped, "a glow in #f0b64a").at(10).list();
        DisplayList standing =
                dressed(wiped, "a glow in #f0b64a, as it stands").at(10).list();
        // Three soft copies behind the words: cut as the words are, or whole.
        long clips = clips(plain);
        assertThat(clips).isPositive();
        assertThat(clips(cut)).isEqualTo(4 * clips);
        assertThat(clips(standing)).isEqualTo(clips);
        assertThat(fills(standing)).hasSize(16);
        // Once all is uncovered it is the same.
        assertThat(fills(
                        dressed(wiped, "a glow in #f0b64a, as it stands").at(40).list()))
                .isEqualTo(fills(dressed(wiped, "a glow in #f0b64a").at(40).list()));
    }

    private static long clips(DisplayList list) {
        return list.paints().stream()
                .filter(paint -> paint instanceof PaintOp.Clip || paint instanceof PaintOp.Fade)
                .count();
    }

    @Test
    void characters_that_are_dressed_go_along_with_edits_of_the_words() {
        Only meant = Only.stretch(UnitKind.CHARACTER, 5, 9);
        Project project = Samples.project(
                100,
                STILL.withDress(DressReader.read("a shadow", List.of()).stream()
                        .map(one -> one.withOnly(meant))
                        .toList()));
        String at = "scenes/" + project.scenes().get(0).id() + "/blocks/"
                + project.scenes().get(0).blocks().get(0).id() + "/text";
        var tree = DocumentJson.tree(project);
        Patch.Result result =
                new Patch(List.of(Operation.Splice.of(at, new TextEdit(0, 4, "THE VERY LAST")))).apply(tree);
        Only after = DocumentJson.read(result.document())
                .scenes()
                .get(0)
                .blocks()
                .get(0)
                .dressings()
                .get(0)
                .only();
        assertThat(after).isEqualTo(Only.stretch(UnitKind.CHARACTER, 14, 18));
        assertThat(result.inverse().apply(result.document()).document()).isEqualTo(tree);
        assertThat(DressKinds.check(project.scenes().get(0).blocks().get(0).dressings()))
                .hasSize(1);
    }

    @Test
    void lines_inside_and_along_the_edge_go_around_the_union_of_letters_that_touch() {
        TextBlock loose = Samples.block("HHH", Span.of(0, 100), Phase.CUT, Phase.CUT);
        TextBlock touching = loose.withSetting(loose.setting().withTracking(Value.of(-300.0)));
        for (String place : List.of("inside", "along the edge")) {
            DisplayList apart = dressed(STILL, "outlined by 3 px " + place + " in #c8472f")
                    .at(5)
                    .list();
            DisplayList joined = dressed(touching, "outlined by 3 px " + place + " in #c8472f")
                    .at(5)
                    .list();
            assertThat(strokes(apart)).hasSize(12);
            assertThat(strokes(joined)).hasSize(1);
            // Less edge than the letters have apart: none runs inside another.
            double apartEdge = fills(score(touching).at(5).list()).stream()
                    .mapToDouble(fill -> edge(fill.outline()))
                    .sum();
            assertThat(edge(strokes(joined).get(0).fill().outline())).isLessThan(0.95 * apartEdge);
        }
    }

    private static double edge(Outline outline) {
        return Contours.split(outline).stream()
                .mapToDouble(Contours.Contour::length)
                .sum();
    }

    private static List<PaintOp.Stroke> strokes(DisplayList list) {
        return list.paints().stream()
                .filter(PaintOp.Stroke.class::isInstance)
                .map(PaintOp.Stroke.class::cast)
                .toList();
    }
}
