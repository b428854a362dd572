package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * One value that is other than in a scene's blocks: in a format, or where the scene stands in another.
 *
 * @param block id of the block it belongs to
 * @param path to the value inside that block: names, and ids inside lists
 * @param value what stands there instead; JSON's null takes the block's own value away
 */
public record Filling(
        String id,
        String block,
        List<String> path,
        @JsonInclude(JsonInclude.Include.ALWAYS) JsonNode value) {
    /** Ids have at most so many characters. */
    private static final int LONGEST_ID = 64;

    public Filling {
        Check.id(id, "a filled value");
        Check.id(block, "the block of a filled value");
        path = Check.list(path);
        if (path.isEmpty() || path.get(0).equals("id") || path.get(0).equals("kind")) {
            throw new IllegalArgumentException("a filled value needs a path to a value of the block; id and kind stay");
        }
        Check.present(value, "the value that is filled in");
    }

    /** A value under an id made of where it stands: one for each place, told apart by the last characters. */
    public static Filling of(String block, List<String> path, JsonNode value) {
        return new Filling(idOf(block, path), block, path, value);
    }

    /** The id of the value that is filled in at a place. */
    public static String idOf(String block, List<String> path) {
        return shortened(block + "." + String.join(".", path));
    }

    /** Names in a row as an id; long ones are told apart by their last characters. */
    static String shortened(String names) {
        return names.length() > LONGEST_ID ? names.substring(names.length() - LONGEST_ID) : names;
    }

    /** Whether it is the words of a block, or what lies over stretches of them. */
    boolean isOfWords() {
        return List.of("text", "runs", "placed").contains(path.get(0));
    }
}
