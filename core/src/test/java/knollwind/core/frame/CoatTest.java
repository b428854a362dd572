package knollwind.core.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import knollwind.core.Samples;
import knollwind.core.display.Ink;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Box;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.UnitKind;
import knollwind.core.type.SetText;
import knollwind.core.type.Unit;
import org.junit.jupiter.api.Test;

/** What fills are stretched over. */
class CoatTest {
    private static final Fill.Gradient DAWN =
            new Fill.Gradient(0, List.of(new Fill.Stop("a", 0, "#f0b64a"), new Fill.Stop("b", 1, "#c8472f")));

    private static BlockScore score(Fill.Area area) {
        TextBlock block = Samples.block("Ternholm pier\nnight ferry", Span.of(0, 48), Phase.CUT, Phase.CUT);
        TextBlock filled = block.withSetting(block.setting().withFill(DAWN.over(area)));
        return Samples.score(
                        Samples.project(48, filled),
                        Samples.project(48, filled).scenes().get(0))
                .blocks()
                .get(0);
    }

    /** Where the gradients begin and end across, in px of the block, glyph by glyph. */
    private static List<List<Double>> reaches(BlockScore score) {
        return score.at(0).list().paints().stream()
                .filter(PaintOp.Fill.class::isInstance)
                .map(op -> (Ink.Gradient) ((PaintOp.Fill) op).ink())
                .map(ink -> List.of((double) ink.x0(), (double) ink.x1()))
                .toList();
    }

    @Test
    void a_fill_is_stretched_over_the_block_its_lines_its_words_or_its_characters() {
        for (var expected : Map.of(
                        Fill.Area.BLOCK, UnitKind.WHOLE,
                        Fill.Area.LINE, UnitKind.LINE,
                        Fill.Area.WORD, UnitKind.WORD,
                        Fill.Area.CHARACTER, UnitKind.CHARACTER)
                .entrySet()) {
            BlockScore score = score(expected.getKey());
            SetText set = score.set();
            // Inks are said in each glyph's own px.
            List<double[]> boxes = set.units(expected.getValue()).stream()
                    .flatMap(unit -> unit.glyphs().stream()
                            .filter(glyph -> !glyph.outline().isEmpty())
                            .map(glyph -> {
                                Box box = expected.getValue() == UnitKind.WHOLE ? set.box() : unit.advance();
                                return new double[] {box.left() - glyph.x(), box.right() - glyph.x()};
                            }))
                    .toList();
            List<List<Double>> found = reaches(score);
            assertThat(found).as(expected.getKey().name()).hasSameSizeAs(boxes).hasSizeGreaterThan(18);
            for (int i = 0; i < boxes.size(); i++) {
                assertThat(found.get(i).get(0)).isCloseTo(boxes.get(i)[0], org.assertj.core.data.Offset.offset(0.01));
                assertThat(found.get(i).get(1)).isCloseTo(boxes.get(i)[1], org.assertj.core.data.Offset.offset(0.01));
            }
        }
    }

    @Test
    void words_are_each_told_apart() {
        Stream<Unit> words = score(Fill.Area.WORD).set().units(UnitKind.WORD).stream();
        assertThat(reaches(score(Fill.Area.WORD)).stream()
                        .map(reach -> reach.get(1) - reach.get(0))
                        .map(Math::round)
                        .distinct())
                .hasSize((int) words.map(word -> Math.round(word.advance().width()))
                        .distinct()
                        .count());
    }
}
