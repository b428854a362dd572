package knollwind.core.edit;

import java.util.Comparator;
import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.TrackCurve;
import knollwind.core.scene.NamedEasings;
import knollwind.core.scene.TrackKey;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The keys of one value of a block, as they stand in the document.
 *
 * @param at path of their list
 */
record BlockKeys(String at, List<JsonNode> keys, BlockTiming timing) {
    /** Frames; two keys nearer than this are at the same one. */
    static final double SAME = 0.5;

    /** Where a key is. */
    record Anchored(TrackKey.Anchor anchor, double at) {
        void put(ObjectNode key) {
            key.set("anchor", DocumentJson.tree(anchor));
            key.set("at", Nodes.number(at));
        }
    }

    /** What a key at a scene frame counts from: once the block leaves, its end. */
    static Anchored anchored(double frame, BlockTiming timing) {
        return frame >= timing.leaveStart() && timing.leaveStart() > timing.start()
                ? new Anchored(TrackKey.Anchor.END, Math.max(0, timing.end() - frame))
                : new Anchored(TrackKey.Anchor.START, Math.max(0, frame - timing.start()));
    }

    static double time(JsonNode key, BlockTiming timing) {
        TrackKey.Anchor anchor =
                key.has("anchor") ? DocumentJson.read(key.get("anchor"), TrackKey.Anchor.class) : TrackKey.Anchor.START;
        return TrackCurve.time(anchor, key.path("at").asDouble(), timing);
    }

    double time(JsonNode key) {
        return time(key, timing);
    }

    /** The key that a change at this frame changes: the last one until then, else the first. */
    JsonNode inForce(double frame) {
        List<JsonNode> timed =
                keys.stream().sorted(Comparator.comparingDouble(this::time)).toList();
        return timed.stream()
                .filter(key -> time(key) <= frame + SAME)
                .reduce((first, second) -> second)
                .orElse(timed.get(0));
    }

    /**
     * A value at a frame: in the key that is there, or as a new one that goes on as the one before it did.
     *
     * @param holding whether the value before is held until a new one
     */
    List<Operation> put(double frame, JsonNode value, boolean holding) {
        for (JsonNode key : keys) {
            if (Math.abs(time(key) - frame) < SAME) {
                return List.of(new Operation.Set(at + "/" + Nodes.id(key) + "/value", value));
            }
        }
        JsonNode before = inForce(frame);
        Operation made = insert(frame, value, before.path("easing").asString("linear"));
        return holding && time(before) < frame
                ? List.of(
                        made, new Operation.Set(at + "/" + Nodes.id(before) + "/easing", Nodes.text(NamedEasings.HOLD)))
                : List.of(made);
    }

    /** A new key at a frame. */
    Operation insert(double frame, JsonNode value, String easing) {
        int index = (int) keys.stream().filter(key -> time(key) < frame).count();
        return new Operation.Insert(at, index, key(freeId(), anchored(frame, timing), value, easing));
    }

    String freeId() {
        return new Ids(keys.stream().map(Nodes::id).toList()).first("k");
    }

    static ObjectNode key(String id, Anchored when, JsonNode value, String easing) {
        ObjectNode key = Nodes.object().put("id", id);
        when.put(key);
        key.set("value", value);
        return key.put("easing", easing);
    }
}
