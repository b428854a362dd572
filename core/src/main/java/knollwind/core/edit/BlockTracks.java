package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.document.DocumentJson;
import knollwind.core.filling.Filler;
import knollwind.core.frame.BlockScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.Format;
import knollwind.core.scene.Scene;
import tools.jackson.databind.JsonNode;

/** The keys of a block as a format shows it, value by value. */
record BlockTracks(JsonNode shown, List<Row> rows, BlockTiming timing, String path) {
    private static final String WAY = "place/way";

    /**
     * The keys of one value; those of a motion path are its points that have a time.
     *
     * @param member path of the value inside the block
     * @param value path of the value in the document
     */
    record Row(String member, String value, BlockKeys keys) {
        boolean isPath() {
            return member.equals(WAY);
        }
    }

    static BlockTracks of(Draft draft, String scene, String format, String block) {
        Scene open = draft.scene(scene);
        Format looked = open.format(format);
        Block own = Nodes.blockIn(Filler.blocks(open, looked), block);
        JsonNode shown = DocumentJson.blockTree(own);
        BlockScore score = draft.scores(open, looked).get(block);
        if (score == null) {
            throw new IllegalArgumentException("the block is never on");
        }
        BlockTiming timing = score.timing();
        String path = BlockPath.of(scene, block);
        List<Row> rows = new ArrayList<>();
        List<JsonNode> stops = Nodes.at(shown, List.of(WAY.split("/")))
                .path("stops")
                .valueStream()
                .filter(stop -> stop.path("at").isNumber())
                .toList();
        if (!stops.isEmpty()) {
            rows.add(new Row(WAY, path + "/" + WAY, new BlockKeys(path + "/" + WAY + "/stops", stops, timing)));
        }
        for (String member : own.keyable().keySet()) {
            JsonNode track = Nodes.at(shown, List.of(member.split("/"))).path("track");
            if (track.isArray()) {
                String value = path + "/" + member;
                rows.add(new Row(
                        member,
                        value,
                        new BlockKeys(value + "/track", track.valueStream().toList(), timing)));
            }
        }
        return new BlockTracks(shown, rows, timing, path);
    }

    Optional<Row> row(String member) {
        return rows.stream().filter(row -> row.member().equals(member)).findFirst();
    }
}
