package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.TrackCurve;
import knollwind.core.scene.Block;
import knollwind.core.scene.NamedEasings;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A key of a value, with what the value is at that time: nothing is seen of it until it or another is changed. What stood still holds
 * its value until there, so that a change can begin later than the block. Where a key is, none is added.
 *
 * @param format id of the format that is looked at
 * @param member path of the value inside the block
 * @param frame of the scene; before and after the block its first and last
 */
public record AddKey(String scene, String format, String block, String member, double frame) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        BlockTracks tracks = BlockTracks.of(draft, scene, format, block);
        BlockTiming timing = tracks.timing();
        double at = Math.max(Math.ceil(timing.start()), Math.min(timing.end(), frame));
        Scene open = draft.scene(scene);
        Value<?> value = value(Nodes.shownBlock(open, format, block));
        if (value.literal().isPresent()) {
            ObjectNode track = Nodes.object();
            JsonNode still = DocumentJson.tree(value.literal().get());
            track.putArray("track")
                    .add(BlockKeys.key("k1", BlockKeys.anchored(at, timing), still, NamedEasings.GENTLY));
            return Outcome.of(List.of(new Operation.Set(BlockPath.of(scene, block) + "/" + member, track)), "");
        }
        BlockKeys keys = tracks.row(member)
                .filter(row -> !row.isPath())
                .orElseThrow(() -> new IllegalArgumentException("there are no keys of '" + member + "'"))
                .keys();
        if (keys.keys().stream().anyMatch(key -> Math.abs(keys.time(key) - at) < BlockKeys.SAME)) {
            return Outcome.of(List.of(), "");
        }
        JsonNode now = DocumentJson.tree(at(value, timing, at));
        return Outcome.of(
                List.of(keys.insert(at, now, keys.inForce(at).path("easing").asString("linear"))), "");
    }

    private Value<?> value(Block shown) {
        Value<?> value = shown.keyable().get(member);
        if (value == null) {
            throw new IllegalArgumentException("'" + member + "' cannot carry keys");
        }
        return value;
    }

    private static <T> T at(Value<T> value, BlockTiming timing, double frame) {
        List<TrackKey<T>> keys = value.keys().orElseThrow();
        return TrackCurve.at(keys, timing, frame);
    }
}
