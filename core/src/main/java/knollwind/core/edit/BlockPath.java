package knollwind.core.edit;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * A path in the document that leads into a block.
 *
 * @param inside the names below the block; empty for the block itself
 */
record BlockPath(String scene, String block, List<String> inside) {
    static Optional<BlockPath> of(String at) {
        List<String> steps = Arrays.asList(at.split("/", -1));
        return steps.size() >= 4
                        && steps.get(0).equals("scenes")
                        && steps.get(2).equals("blocks")
                ? Optional.of(new BlockPath(steps.get(1), steps.get(3), steps.subList(4, steps.size())))
                : Optional.empty();
    }

    static String of(String scene, String block) {
        return "scenes/" + scene + "/blocks/" + block;
    }

    /** The path below the block. */
    String member() {
        return String.join("/", inside);
    }
}
