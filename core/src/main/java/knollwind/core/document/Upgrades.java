package knollwind.core.document;

import java.util.List;
import java.util.function.UnaryOperator;
import knollwind.core.scene.Project;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Documents of older versions made documents of the present one, step by step. Every step is pure and works on JSON alone. */
public final class Upgrades {
    /** The step at index i leads from version i + 1 to version i + 2. */
    private static final List<UnaryOperator<ObjectNode>> STEPS =
            List.of(UpgradeFrom1::upgraded, UpgradeFrom2::upgraded);

    private Upgrades() {}

    /** A part of a document, such as a kept style, in the present version. */
    public static JsonNode upgradedPart(JsonNode part) {
        if (!isOlder(part)) {
            return part;
        }
        ObjectNode upgraded = (ObjectNode) part.deepCopy();
        UpgradeFrom2.dressed(upgraded);
        return upgraded.put("documentVersion", Project.DOCUMENT_VERSION);
    }

    /** The version that a document says it has; 0 where it says none. */
    public static int version(JsonNode document) {
        return document.path("documentVersion").asInt(0);
    }

    /** Whether the document is of a version before the present one. */
    public static boolean isOlder(JsonNode document) {
        int version = version(document);
        return version >= 1 && version < Project.DOCUMENT_VERSION;
    }

    /**
     * The document in the present version. One that has it, or that is of no version known here, is given back as it is; reading
     * it says what is wrong.
     */
    public static JsonNode upgraded(JsonNode document) {
        if (!isOlder(document)) {
            return document;
        }
        ObjectNode upgraded = (ObjectNode) document.deepCopy();
        for (int version = version(document); version < Project.DOCUMENT_VERSION; version++) {
            upgraded = STEPS.get(version - 1).apply(upgraded).put("documentVersion", version + 1);
        }
        return upgraded;
    }
}
