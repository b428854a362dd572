package knollwind.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.scene.Block;
import knollwind.core.scene.PlacedWord;
import knollwind.core.scene.TextBlock;

/**
 * Gives a word a resting place of its own, or changes the one it has.
 *
 * @param from offset of the word in the block's words
 * @param to where it ends
 * @param x px to the right of where it stands in its line, in px of the base format
 * @param y px below that
 * @param rotation degrees, clockwise, about its middle
 * @param scale about its middle
 */
public record PlaceWord(String scene, String block, int from, int to, double x, double y, double rotation, double scale)
        implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Block of = Nodes.blockOf(draft.scene(scene), block);
        TextBlock words = of.asWords()
                .orElseThrow(() -> new IllegalArgumentException("\u201c" + of.name() + "\u201d has no words"));
        PlacedWord before = words.placed().stream()
                .filter(one -> from >= one.from() && from < one.to())
                .findFirst()
                .orElse(null);
        List<PlacedWord> placed = new ArrayList<>(words.placed());
        placed.remove(before);
        placed.add(
                before == null
                        ? new PlacedWord(freeId(placed), from, to, x, y, rotation, scale)
                        : new PlacedWord(before.id(), before.from(), before.to(), x, y, rotation, scale));
        placed.sort(Comparator.comparingInt(PlacedWord::from));
        return Outcome.of(
                List.of(new Operation.Set(BlockPath.of(scene, block) + "/placed", DocumentJson.tree(placed))), "");
    }

    private static String freeId(List<PlacedWord> placed) {
        return new Ids(placed.stream().map(PlacedWord::id).toList()).first("w");
    }
}
