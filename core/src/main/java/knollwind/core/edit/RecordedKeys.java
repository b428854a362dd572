package knollwind.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.BlockScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.NamedEasings;
import knollwind.core.scene.TrackKey;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Numbers that change with time. One that carries keys is never set for all times: while keys are recorded it is set at the playhead,
 * else in the key that is in force there. While keys are recorded, a number that stood still begins to change.
 */
final class RecordedKeys {
    /** The members of a block that may carry keys and are plain numbers, and what they are where nothing is said. */
    private static final Map<String, Double> NUMBERS =
            Map.of("place/rotation", 0.0, "place/scale", 1.0, "opacity", 1.0);

    private RecordedKeys() {}

    /** The changes as they are made to keys, and what is to be said of that. */
    static Outcome of(Draft draft, Looking looking, List<Operation> operations) {
        if (operations.stream().noneMatch(RecordedKeys::isNumber)) {
            return Outcome.of(operations, "");
        }
        ShownBlocks shown = ShownBlocks.of(draft, looking);
        List<Operation> all = new ArrayList<>();
        Set<String> said = new LinkedHashSet<>();
        for (Operation operation : operations) {
            all.addAll(
                    isNumber(operation) ? keyed(shown, looking, (Operation.Set) operation, said) : List.of(operation));
        }
        return Outcome.saying(all, String.join(" ", said));
    }

    private static boolean isNumber(Operation operation) {
        return operation instanceof Operation.Set set
                && set.value().isNumber()
                && BlockPath.of(set.at())
                        .filter(path -> NUMBERS.containsKey(path.member()))
                        .isPresent();
    }

    private static List<Operation> keyed(ShownBlocks shown, Looking looking, Operation.Set set, Set<String> said) {
        BlockPath path = BlockPath.of(set.at()).orElseThrow();
        Block block = shown.block(path).orElse(null);
        if (block == null) {
            return List.of(set);
        }
        JsonNode now = Nodes.at(DocumentJson.blockTree(block), path.inside());
        ArrayNode track = now.path("track") instanceof ArrayNode keys ? keys : null;
        BlockScore score = track == null && !looking.recording() ? null : shown.score(path);
        if (score == null) {
            return List.of(set);
        }
        BlockTiming timing = score.timing();
        double frame = looking.frame();
        if (track == null) {
            boolean inside = frame > timing.start() && frame < timing.end();
            double before = now.isNumber() ? now.asDouble() : NUMBERS.get(path.member());
            String easing = looking.holding() ? NamedEasings.HOLD : NamedEasings.GENTLY;
            return List.of(
                    inside ? new Operation.Set(set.at(), begun(before, easing, set.value(), frame, timing)) : set);
        }
        BlockKeys keys = new BlockKeys(set.at() + "/track", track.valueStream().toList(), timing);
        if (looking.recording()) {
            return keys.put(frame, set.value(), looking.holding());
        }
        JsonNode key = keys.inForce(frame);
        said.add("Changed the key at frame " + Math.round(keys.time(key)) + ".");
        return List.of(new Operation.Set(keys.at() + "/" + Nodes.id(key) + "/value", set.value()));
    }

    /** What stood still keeps its value at the start and goes from there to the new one. */
    private static ObjectNode begun(double before, String easing, JsonNode value, double frame, BlockTiming timing) {
        ObjectNode track = Nodes.object();
        ArrayNode keys = track.putArray("track");
        BlockKeys.Anchored start = new BlockKeys.Anchored(TrackKey.Anchor.START, 0);
        keys.add(BlockKeys.key("k1", start, Nodes.number(before), easing));
        keys.add(BlockKeys.key("k2", BlockKeys.anchored(frame, timing), value, "linear"));
        return track;
    }
}
