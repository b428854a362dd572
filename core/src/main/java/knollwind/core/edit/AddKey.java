package knollwind.core.edit;

import java.util.List;
import knollwind.core.document.DocumentJson;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.TrackCurve;
import knollwind.core.scene.Block;
import knollwind.core.scene.Scene;
import knollwind.core.scene.TrackKey;
import knollwind.core.scene.Value;

/**
 * A key of a value that carries keys already, with what the value is at that time: nothing is seen of it until it is changed. Where a
 * key is, none is added.
 *
 * @param format id of the format that is looked at
 * @param member path of the value inside the block
 * @param frame of the scene; before and after the block its first and last
 */
public record AddKey(String scene, String format, String block, String member, double frame) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        BlockTracks tracks = BlockTracks.of(draft, scene, format, block);
        BlockKeys keys = tracks.row(member)
                .filter(row -> !row.isPath())
                .orElseThrow(() -> new IllegalArgumentException("there are no keys of '" + member + "'"))
                .keys();
        BlockTiming timing = tracks.timing();
        double at = Math.max(Math.ceil(timing.start()), Math.min(timing.end(), frame));
        if (keys.keys().stream().anyMatch(key -> Math.abs(keys.time(key) - at) < BlockKeys.SAME)) {
            return Outcome.of(List.of(), "");
        }
        Scene open = draft.scene(scene);
        Block shown = Nodes.shownBlock(open, format, block);
        Object value = at(value(shown), timing, at);
        return Outcome.of(List.of(keys.insert(at, DocumentJson.tree(value), "linear")), "");
    }

    private Value<?> value(Block shown) {
        return switch (member) {
            case "place/x" -> shown.place().x();
            case "place/y" -> shown.place().y();
            case "place/scale" -> shown.place().scale();
            case "place/rotation" -> shown.place().rotation();
            default -> shown.opacity();
        };
    }

    private static <T> T at(Value<T> value, BlockTiming timing, double frame) {
        List<TrackKey<T>> keys = value.keys().orElseThrow();
        return TrackCurve.at(keys, timing, frame);
    }
}
