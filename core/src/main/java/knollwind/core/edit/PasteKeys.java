package knollwind.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import knollwind.core.document.Operation;
import knollwind.core.scene.Check;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Pastes copied keys into a block from a frame on: into tracks that it has, else as new ones.
 *
 * @param format id of the format that is looked at
 * @param frame of the scene, for the first of them
 */
public record PasteKeys(String scene, String format, String block, double frame, List<CopiedKey> keys)
        implements Intent {
    /**
     * A key that was copied.
     *
     * @param member path of its value inside a block
     * @param after frames after the first of the copied keys
     * @param key as it stood in the document
     */
    public record CopiedKey(String member, double after, JsonNode key) {}

    public PasteKeys {
        keys = Check.list(keys);
    }

    @Override
    public Outcome on(Draft draft) {
        BlockTracks tracks = BlockTracks.of(draft, scene, format, block);
        Map<String, List<CopiedKey>> byMember = new LinkedHashMap<>();
        keys.forEach(key -> byMember.computeIfAbsent(key.member(), member -> new ArrayList<>())
                .add(key));
        List<Operation> operations = new ArrayList<>();
        byMember.forEach((member, copied) ->
                operations.add(new Operation.Set(tracks.path() + "/" + member, pasted(tracks, member, copied))));
        return Outcome.of(operations, "");
    }

    private ObjectNode pasted(BlockTracks tracks, String member, List<CopiedKey> copied) {
        List<JsonNode> all =
                new ArrayList<>(tracks.row(member).map(row -> row.keys().keys()).orElse(List.of()));
        Ids ids = new Ids(all.stream().map(Nodes::id).toList());
        for (CopiedKey one : copied) {
            double at = frame + one.after();
            int there = -1;
            for (int i = 0; i < all.size(); i++) {
                if (Math.abs(BlockKeys.time(all.get(i), tracks.timing()) - at) < BlockKeys.SAME) {
                    there = i;
                }
            }
            ObjectNode key = (ObjectNode) (there >= 0 ? all.get(there) : one.key()).deepCopy();
            if (there >= 0) {
                key.set("value", one.key().get("value"));
                key.put("easing", one.key().path("easing").asString("linear"));
                all.set(there, key);
            } else {
                key.put("id", ids.first("k"));
                BlockKeys.anchored(at, tracks.timing()).put(key);
                all.add(key);
            }
        }
        all.sort(Comparator.comparingDouble(key -> BlockKeys.time(key, tracks.timing())));
        ObjectNode value = Nodes.object();
        ArrayNode list = value.putArray("track");
        all.forEach(list::add);
        return value;
    }
}
