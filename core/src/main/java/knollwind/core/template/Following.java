package knollwind.core.template;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import knollwind.core.document.Differences;
import knollwind.core.document.Operation;
import knollwind.core.document.Patch;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Elements of a list as a newer state of their template has them, with what was changed where it is used: that stays, as long as it fits.
 * What the template takes away goes, unless something of it was changed.
 */
public final class Following {
    /** Members whose elements are followed one by one. */
    private static final Set<String> LISTS = Set.of("blocks");

    private static final String ROOT = "one";

    /** What became of it, by the names of what it is about. */
    private final Set<String> changed = new LinkedHashSet<>();

    private final Set<String> fresh = new LinkedHashSet<>();
    private final Set<String> gone = new LinkedHashSet<>();
    private int kept;
    private int lost;

    /**
     * The elements as they are from now on, in the order of the newer state; what was added where it is used stays behind what it stood
     * behind.
     *
     * @param base as they were taken
     * @param mine as they are where they are used
     * @param theirs as the template has them now
     */
    public ArrayNode list(JsonNode base, JsonNode mine, JsonNode theirs) {
        Map<String, JsonNode> before = byId(base);
        Map<String, JsonNode> here = byId(mine);
        Map<String, JsonNode> now = byId(theirs);
        List<JsonNode> all = new ArrayList<>();
        now.forEach((id, node) -> {
            if (here.containsKey(id)) {
                all.add(before.containsKey(id) ? element(before.get(id), here.get(id), node) : here.get(id));
            } else if (!before.containsKey(id)) {
                fresh.add(name(node));
                all.add(node);
            }
        });
        String behind = null;
        for (Map.Entry<String, JsonNode> one : here.entrySet()) {
            String id = one.getKey();
            boolean own = !now.containsKey(id) && !one.getValue().equals(before.get(id));
            if (own) {
                all.add(placeBehind(all, behind), one.getValue());
                kept++;
            } else if (!now.containsKey(id)) {
                gone.add(name(one.getValue()));
            }
            behind = own || now.containsKey(id) ? id : behind;
        }
        ArrayNode list = JsonNodeFactory.instance.arrayNode();
        all.forEach(list::add);
        return list;
    }

    private static int placeBehind(List<JsonNode> all, String id) {
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).path("id").asString("").equals(id)) {
                return i + 1;
            }
        }
        return 0;
    }

    private static Map<String, JsonNode> byId(JsonNode list) {
        Map<String, JsonNode> all = new LinkedHashMap<>();
        list.forEach(node -> all.put(node.path("id").asString(""), node));
        return all;
    }

    /** One that all three have. */
    private JsonNode element(JsonNode base, JsonNode mine, JsonNode theirs) {
        ObjectNode before = without(base);
        ObjectNode here = without(mine);
        ObjectNode now = without(theirs);
        if (!before.equals(now)) {
            changed.add(name(theirs));
        }
        JsonNode merged = now;
        for (Operation operation : Differences.between(before, here, before, ROOT)) {
            try {
                JsonNode next =
                        new Patch(List.of(operation)).apply(around(merged)).document();
                merged = next.path(ROOT);
                kept++;
            } catch (IllegalArgumentException elsewhere) {
                lost++;
            }
        }
        ObjectNode whole = (ObjectNode) merged.deepCopy();
        for (String list : LISTS) {
            if (theirs.has(list) || mine.has(list)) {
                whole.set(list, list(base.path(list), mine.path(list), theirs.path(list)));
            }
        }
        if (theirs.has("origin")) {
            whole.set("origin", theirs.get("origin"));
        }
        return whole;
    }

    private static ObjectNode around(JsonNode node) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.set(ROOT, node);
        return root;
    }

    private static ObjectNode without(JsonNode node) {
        ObjectNode rest = (ObjectNode) node.deepCopy();
        LISTS.forEach(rest::remove);
        rest.remove("origin");
        return rest;
    }

    private static String name(JsonNode node) {
        return "\u201c" + node.path("name").asString(node.path("id").asString("")) + "\u201d";
    }

    /** What changes, in words. */
    public String said() {
        List<String> parts = new ArrayList<>();
        some(changed, "changes", "change", parts);
        some(fresh, "is new", "are new", parts);
        some(gone, "goes", "go", parts);
        if (kept > 0) {
            parts.add(kept + (kept == 1 ? " change of your own stays" : " changes of your own stay"));
        }
        if (lost > 0) {
            parts.add(lost + (lost == 1 ? " of your own no longer fits" : " of your own no longer fit"));
        }
        return parts.isEmpty() ? "nothing that is seen changes" : String.join("; ", parts);
    }

    private static void some(Set<String> names, String one, String several, List<String> parts) {
        if (!names.isEmpty()) {
            parts.add(String.join(", ", names) + " " + (names.size() == 1 ? one : several));
        }
    }
}
