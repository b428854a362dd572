package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.scene.Outlined;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Project;
import knollwind.core.scene.Run;
import knollwind.core.scene.RunBuilder;
import knollwind.core.scene.Shade;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.Test;

/** A line around letters, and a soft copy behind them. */
class LettersLookTest {
    private static List<PaintOp> paints(TextBlock block) {
        Project project = Samples.project(100, block);
        return Samples.score(project, project.scenes().get(0))
                .blocks()
                .get(0)
                .at(10)
                .list()
                .paints();
    }

    private static TextBlock block(Outlined line, Shade shade) {
        TextBlock plain = Samples.block("HOME", Span.of(0, 100), Phase.CUT, Phase.CUT);
        return plain.withSetting(plain.setting().withLine(line).withShade(shade));
    }

    private static long count(List<PaintOp> paints, Class<?> kind) {
        return paints.stream().filter(kind::isInstance).count();
    }

    @Test
    void letters_are_outlined_over_their_fill() {
        List<PaintOp> paints = paints(block(new Outlined(4, "#f0b64a", null), null));
        assertThat(count(paints, PaintOp.Fill.class)).isEqualTo(4);
        List<PaintOp.Stroke> strokes = paints.stream()
                .filter(PaintOp.Stroke.class::isInstance)
                .map(PaintOp.Stroke.class::cast)
                .toList();
        assertThat(strokes).hasSize(4).allMatch(stroke -> stroke.width() == 4);
        assertThat(strokes.get(0).fill().ink()).isEqualTo(new Ink.Plain(0xfff0b64a));
    }

    @Test
    void where_only_the_line_is_seen_nothing_is_filled_not_even_letters_with_a_colour_of_their_own() {
        TextBlock block = block(new Outlined(4, "#f0b64a", true), null);
        Run run = RunBuilder.builder().id("r").from(0).to(2).colour("#c8472f").build();
        List<PaintOp> paints = paints(block.withRuns(List.of(run)));
        assertThat(count(paints, PaintOp.Fill.class)).isZero();
        assertThat(count(paints, PaintOp.Stroke.class)).isEqualTo(4);
    }

    @Test
    void a_soft_copy_lies_behind_the_words_and_follows_what_is_seen_of_them() {
        List<PaintOp> plain = paints(block(null, null));
        List<PaintOp> shaded = paints(block(null, new Shade("#0b1a26", 8, 0.6)));
        assertThat(shaded.get(0)).isEqualTo(new PaintOp.Layer(0.6f, 8, 8));
        assertThat(shaded.get(1)).isInstanceOf(PaintOp.Fill.class);
        assertThat(shaded.get(2)).isEqualTo(new PaintOp.Mask());
        assertThat(shaded.subList(3, 3 + plain.size())).isEqualTo(plain);
        assertThat(shaded.subList(shaded.size() - plain.size(), shaded.size())).isEqualTo(plain);
    }
}
