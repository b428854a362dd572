package knollwind.core.edit;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.Filler;
import knollwind.core.scene.Block;
import knollwind.core.scene.Move;
import knollwind.core.scene.Phase;
import knollwind.core.scene.Rational;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.MissingNode;
import tools.jackson.databind.node.NullNode;
import tools.jackson.databind.node.ObjectNode;

/** Small steps over the JSON of documents. */
final class Nodes {
    /** What takes a value away. */
    static final JsonNode NONE = NullNode.getInstance();

    private Nodes() {}

    static ObjectNode object() {
        return JsonNodeFactory.instance.objectNode();
    }

    static ArrayNode array(List<? extends JsonNode> elements) {
        ArrayNode array = JsonNodeFactory.instance.arrayNode();
        elements.forEach(array::add);
        return array;
    }

    /** A number as people write it: whole where it is. */
    static JsonNode number(double value) {
        return value == (int) value
                ? JsonNodeFactory.instance.numberNode((int) value)
                : JsonNodeFactory.instance.numberNode(value);
    }

    static JsonNode text(String value) {
        return JsonNodeFactory.instance.stringNode(value);
    }

    static ObjectNode px(JsonNode value) {
        ObjectNode length = object();
        length.set("value", value);
        return length.put("unit", "px");
    }

    /** What stands at a path of members and ids; missing where nothing does. */
    static JsonNode at(JsonNode root, List<String> path) {
        JsonNode node = root;
        for (String step : path) {
            node = node instanceof ArrayNode list
                    ? find(list, step).orElse(MissingNode.getInstance())
                    : node.path(step);
        }
        return node;
    }

    static String id(JsonNode node) {
        return node.path("id").asString("");
    }

    static Optional<JsonNode> find(JsonNode list, String id) {
        return list.valueStream().filter(node -> id(node).equals(id)).findFirst();
    }

    /** The element with this id. */
    static JsonNode byId(JsonNode list, String id) {
        return find(list, id).orElseThrow(() -> new IllegalArgumentException("there is no '" + id + "' in the list"));
    }

    static Block blockIn(List<Block> blocks, String id) {
        return blocks.stream()
                .filter(block -> block.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the scene has no block '" + id + "'"));
    }

    static Block blockOf(Scene scene, String id) {
        return blockIn(scene.blocks(), id);
    }

    static Phase phaseOf(Block block, String phase) {
        return switch (phase == null ? "" : phase) {
            case "arrive" -> block.arrive();
            case "dwell" -> block.dwell();
            case "leave" -> block.leave();
            default -> throw new IllegalArgumentException("a phase is arrive, dwell or leave, not '" + phase + "'");
        };
    }

    static Move moveOf(Block block, String phase, String id) {
        return phaseOf(block, phase).moves().stream()
                .filter(move -> move.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "\u201c" + block.name() + "\u201d has no move '" + id + "' there"));
    }

    /**
     * Puts an element behind those of a list; one that is empty may not be there yet.
     *
     * @param size of the list, as it is shown
     */
    static Operation append(String list, int size, JsonNode element) {
        return size > 0
                ? new Operation.Insert(list, size, element)
                : new Operation.Set(list, object().arrayNode().add(element));
    }

    /** A block of a scene as a format shows it. */
    static Block shownBlock(Scene scene, String format, String id) {
        return blockIn(Filler.blocks(scene, scene.format(format)), id);
    }

    /** Passes each element of a list, to be changed. */
    static void each(JsonNode list, Consumer<ObjectNode> change) {
        list.forEach(node -> change.accept((ObjectNode) node));
    }

    /** The list of this name, made where there is none. */
    static ArrayNode list(ObjectNode node, String name) {
        return node.get(name) instanceof ArrayNode list ? list : node.putArray(name);
    }

    /** A time of the document in frames. */
    static double frames(JsonNode time) {
        return DocumentJson.read(time, Rational.class).value();
    }

    /** Frames as a time of the document, to a thousandth. */
    static JsonNode time(double frames) {
        long thousandths = Math.round(frames * 1000);
        return DocumentJson.tree(new Rational(thousandths, 1000));
    }
}
