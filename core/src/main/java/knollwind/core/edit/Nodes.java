package knollwind.core.edit;

import java.util.Optional;
import java.util.function.Consumer;
import knollwind.core.document.DocumentJson;
import knollwind.core.scene.Rational;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Small steps over the JSON of documents. */
final class Nodes {
    private Nodes() {}

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
