package knollwind.core.document;

import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Version 3: a line around letters and a soft copy behind them are dressings like all others. What formats, captions and versions say
 * otherwise of them goes along.
 */
final class UpgradeFrom2 {
    private static final String SETTING = "setting";
    private static final String DRESS = "dress";
    private static final String LINE = "line";
    private static final String SHADE = "shade";

    /** Ids that no dressing had before. */
    private static final Map<String, String> IDS = Map.of(LINE, "outline", SHADE, "softCopy");

    /** What their values are called now, and whether they are numbers or colours. */
    private static final Map<String, List<String>> VALUES = Map.of(
            "width", List.of("numbers", "width"),
            "soft", List.of("numbers", "soft"),
            "strength", List.of("numbers", "strength"),
            "colour", List.of("colours", "colour"));

    private UpgradeFrom2() {}

    static ObjectNode upgraded(ObjectNode document) {
        document.path("scenes").forEach(scene -> scene.path("blocks").forEach(block -> dressed((ObjectNode) block)));
        paths(document);
        return document;
    }

    /** Of a block, or of a style. */
    static void dressed(ObjectNode block) {
        if (!(block.get(SETTING) instanceof ObjectNode setting)) {
            return;
        }
        JsonNode line = setting.remove(LINE);
        JsonNode shade = setting.remove(SHADE);
        if ((line == null || line.isNull()) && (shade == null || shade.isNull())) {
            return;
        }
        ArrayNode dress = block.get(DRESS) instanceof ArrayNode there ? there : block.putArray(DRESS);
        // The line was around the letters before all else, and the copy behind all that they were dressed with.
        if (line != null && !line.isNull()) {
            ObjectNode lines = dressing(dress, IDS.get(LINE), "lines");
            ((ObjectNode) lines.get("numbers")).set("width", line.get("width"));
            opaque(lines, line.path("colour").asString(""));
            ((ObjectNode) lines.get("choices")).put("place", "along the edge");
            if (line.path("only").asBoolean(false)) {
                ((ObjectNode) lines.get("choices")).put("ink", "gone");
            }
            dress.insert(0, lines);
        }
        if (shade != null && !shade.isNull()) {
            ObjectNode shadow = dressing(dress, IDS.get(SHADE), "shadow");
            ObjectNode numbers = (ObjectNode) shadow.get("numbers");
            numbers.set("soft", shade.get("soft"));
            numbers.put("away", 0);
            double seen = opaque(shadow, shade.path("colour").asString(""));
            numbers.put("strength", shade.path("strength").asDouble(1) * seen);
            dress.add(shadow);
        }
    }

    private static ObjectNode dressing(ArrayNode maker, String id, String kind) {
        ObjectNode dressing = maker.objectNode().put("id", id).put("kind", kind);
        dressing.putObject("numbers");
        dressing.putObject("colours");
        dressing.putObject("choices");
        return dressing;
    }

    /** Sets its colour, and as its strength what of it lets nothing through, which is given back. */
    private static double opaque(ObjectNode dressing, String colour) {
        double seen = colour.length() == 9 ? Math.rint(Integer.parseInt(colour.substring(7), 16) / 0.255) / 1000 : 1;
        ((ObjectNode) dressing.get("colours")).put("colour", colour.substring(0, Math.min(7, colour.length())));
        if (seen < 1) {
            ((ObjectNode) dressing.get("numbers")).put("strength", seen);
        }
        return seen;
    }

    /** All values that are given somewhere else for such a place. */
    private static void paths(JsonNode node) {
        if (node.get("path") instanceof ArrayNode path
                && path.size() == 3
                && path.path(0).asString("").equals(SETTING)
                && IDS.containsKey(path.path(1).asString(""))
                && VALUES.containsKey(path.path(2).asString(""))) {
            String id = IDS.get(path.path(1).asString(""));
            List<String> value = VALUES.get(path.path(2).asString(""));
            path.removeAll();
            path.add(DRESS).add(id);
            value.forEach(path::add);
        }
        node.forEach(UpgradeFrom2::paths);
    }
}
