package knollwind.core.edit;

import java.util.List;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.document.Differences;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.Filler;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.TextBlock;

/**
 * Dresses a block as a typed sentence tells: with all that it says, and with nothing else.
 *
 * @param scene id of the open scene
 * @param format id of the format that is looked at, in whose px the sentence is typed
 */
public record DressBySentence(String scene, String format, String block, String sentence) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        SetBySentence.check(sentence);
        Scene open = draft.scene(scene);
        Format shown = open.format(format);
        List<Block> blocks = Filler.blocks(open, shown);
        Block before = Nodes.blockIn(blocks, block);
        // It cannot be matted by itself.
        List<Block> others =
                blocks.stream().filter(one -> !one.id().equals(block)).toList();
        List<Dressing> dress =
                DressReader.read(sentence, before.dressings(), new FormatPx(FrameFit.of(open, shown)), others);
        Block after = before.match(new Block.Cases<Block>() {
            @Override
            public Block words(TextBlock words) {
                return words.withDress(dress);
            }

            @Override
            public Block shape(ShapeBlock shape) {
                return shape.withDress(dress);
            }
        });
        List<Operation> operations = Differences.between(
                DocumentJson.blockTree(before),
                DocumentJson.blockTree(after),
                Nodes.byId(Nodes.byId(draft.tree().path("scenes"), scene).path("blocks"), block),
                BlockPath.of(scene, block));
        return Outcome.of(operations, "");
    }
}
