package knollwind.core.document;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The smallest change of values that makes one tree of another. */
public final class Differences {
    private Differences() {}

    /**
     * Operations that turn what stands at a path into something else: only members that differ are named, however deep they lie.
     * Lists are gone into while they hold the same ids in the same order, and are set whole otherwise.
     *
     * @param before what stands there, read: with every member, also those that are stored by saying nothing
     * @param stored what stands there in the document; what is not in it is set whole, since nothing can be set inside it
     */
    public static List<Operation> between(JsonNode before, JsonNode after, JsonNode stored, String path) {
        List<Operation> operations = new ArrayList<>();
        gather(before, after, stored, path, operations);
        return operations;
    }

    /** Operations that turn one document into another: members that differ are set whole. */
    public static List<Operation> ofMembers(JsonNode before, JsonNode after) {
        Set<String> members = new LinkedHashSet<>(before.propertyNames());
        members.addAll(after.propertyNames());
        List<Operation> operations = new ArrayList<>();
        for (String member : members) {
            JsonNode then = after.get(member);
            if (then == null) {
                operations.add(new Operation.Clear(member));
            } else if (!then.equals(before.get(member))) {
                operations.add(new Operation.Set(member, then));
            }
        }
        return operations;
    }

    private static void gather(JsonNode before, JsonNode after, JsonNode stored, String path, List<Operation> out) {
        if (before.equals(after)) {
            return;
        }
        if (before instanceof ObjectNode one && after instanceof ObjectNode other && sameKind(one, other)) {
            Set<String> names = new LinkedHashSet<>(one.propertyNames());
            names.addAll(other.propertyNames());
            for (String name : names) {
                String at = path + "/" + name;
                if (!other.has(name)) {
                    out.add(new Operation.Clear(at));
                } else if (one.has(name) && stored.has(name)) {
                    gather(one.get(name), other.get(name), stored.get(name), at, out);
                } else if (!other.get(name).equals(one.get(name))) {
                    out.add(new Operation.Set(at, other.get(name)));
                }
            }
        } else if (before instanceof ArrayNode one && after instanceof ArrayNode other && sameIds(one, other)) {
            for (int i = 0; i < one.size(); i++) {
                String at = path + "/" + one.get(i).get("id").stringValue();
                gather(one.get(i), other.get(i), stored.path(i), at, out);
            }
        } else {
            out.add(new Operation.Set(path, after));
        }
    }

    /** What has another kind, or another unit, is another thing: parts of the one mean nothing in the other. */
    private static boolean sameKind(ObjectNode one, ObjectNode other) {
        return one.path("kind").equals(other.path("kind")) && one.path("unit").equals(other.path("unit"));
    }

    private static boolean sameIds(ArrayNode one, ArrayNode other) {
        if (one.size() != other.size()) {
            return false;
        }
        for (int i = 0; i < one.size(); i++) {
            JsonNode id = one.get(i).path("id");
            if (!id.isString() || !id.equals(other.get(i).path("id"))) {
                return false;
            }
        }
        return true;
    }
}
