package knollwind.core.frame;

import java.util.List;
import knollwind.core.Samples;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Span;
import knollwind.core.scene.TextBlock;

/** Blocks that tests dress, and what is looked for in them. */
final class DressedBlocks {
    static final TextBlock STILL = Samples.block("HOME", Span.of(0, 100), Phase.CUT, Phase.CUT);

    static final TextBlock MOVING = Samples.block(
            "HOME",
            Span.of(10, 100),
            new Phase(List.of(MoveReader.read("the whole slides left 4 em, in 20 frames", PhaseKind.ARRIVE, null))),
            Phase.CUT);

    static BlockScore score(TextBlock block) {
        var project = Samples.project(100, block);
        return Samples.score(project, project.scenes().get(0)).blocks().get(0);
    }

    static BlockScore dressed(TextBlock block, String sentence) {
        return score(block.withDress(DressReader.read(sentence, List.of())));
    }

    static <T> List<T> all(DisplayList list, Class<T> kind) {
        return list.paints().stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** The paints of a list without what only brings them into place. */
    static List<PaintOp> inked(DisplayList list) {
        return list.paints().stream()
                .filter(paint -> paint instanceof PaintOp.Fill || paint instanceof PaintOp.Layer)
                .toList();
    }

    private DressedBlocks() {}
}
