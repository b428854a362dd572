package knollwind.core.directions.grammar;

import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import knollwind.core.scene.Block;

/** Blocks as sentences name them, in quotation marks. */
public final class BlockNames {
    private BlockNames() {}

    public static String of(String id, List<Block> neighbours) {
        return neighbours.stream()
                .filter(block -> block.id().equals(id))
                .map(Say::block)
                .findFirst()
                .orElse("\u201c" + id + "\u201d");
    }

    /**
     * The id of the block that is named here, by its words, its name, or the beginning of either.
     *
     * @param now ids that stand here already: of several blocks of one name they are meant, and gone ones are named by them
     */
    public static String read(Lexer words, List<Block> neighbours, List<String> now) {
        int start = words.position();
        String name = words.match("[\u201c\"][^\u201d\"]*[\u201d\"]")
                .map(text -> text.substring(1, text.length() - 1).toLowerCase(Locale.ROOT))
                .orElseThrow(() -> unknown(start, neighbours));
        List<String> ids = called(name, neighbours);
        for (String id : now) {
            if (ids.contains(id) || id.equalsIgnoreCase(name)) {
                return id;
            }
        }
        if (ids.isEmpty()) {
            throw unknown(start, neighbours);
        }
        return ids.get(0);
    }

    /** Those that the whole name fits first, then those whose words or name begin with it. */
    private static List<String> called(String name, List<Block> neighbours) {
        List<String> whole = ids(
                neighbours,
                block -> lower(Say.block(block)).equals("\u201c" + name + "\u201d")
                        || lower(block.name()).equals(name));
        return !whole.isEmpty() || name.isBlank()
                ? whole
                : ids(
                        neighbours,
                        block -> lower(Say.whole(block)).startsWith(name)
                                || lower(block.name()).startsWith(name));
    }

    private static List<String> ids(List<Block> neighbours, Predicate<Block> which) {
        return neighbours.stream().filter(which).map(Block::id).toList();
    }

    private static String lower(String text) {
        return text.toLowerCase(Locale.ROOT);
    }

    private static DirectionException unknown(int at, List<Block> neighbours) {
        return new DirectionException(
                "the name of a block of this scene is missing here, in quotation marks",
                at,
                neighbours.stream().map(Say::block).toList());
    }
}
