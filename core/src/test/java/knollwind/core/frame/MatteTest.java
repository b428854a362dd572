package knollwind.core.frame;

import static knollwind.core.frame.DressedBlocks.MOVING;
import static knollwind.core.frame.DressedBlocks.STILL;
import static knollwind.core.frame.DressedBlocks.all;
import static knollwind.core.frame.DressedBlocks.inked;
import static knollwind.core.frame.DressedBlocks.score;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.Test;

/** Blocks that are seen as far as others let them. */
class MatteTest {
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
}
