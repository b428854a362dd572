package knollwind.core.edit;

import java.util.List;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.TrackCurve;
import knollwind.core.scene.TrackKey;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What of a block is left when its scene is cut. */
final class BlockCut {
    /** The members of a place that may carry keys. */
    private static final List<String> KEYED = List.of("x", "y", "rotation", "scale");

    private BlockCut() {}

    /** Leaves the block as it is until a time; false when it begins later. */
    static boolean until(ObjectNode block, BlockTiming timing, double at) {
        if (timing == null || timing.start() >= at) {
            return false;
        }
        rebase(block, timing, timing.start());
        if (timing.end() > at) {
            without(block, "leave");
        }
        span(block, timing.start(), Math.min(at, timing.end()));
        return true;
    }

    /** Leaves the block as a scene that begins at a time sees it; false when it is over by then. */
    static boolean from(ObjectNode block, BlockTiming timing, double at) {
        if (timing == null || timing.end() <= at) {
            return false;
        }
        rebase(block, timing, Math.max(timing.start(), at));
        if (timing.start() < at && !(called(block) && timing.arriveEnd() > at)) {
            // What was there before has arrived; words that are still to be said come when they are.
            without(block, "arrive");
        }
        span(block, Math.max(0, timing.start() - at), timing.end() - at);
        return true;
    }

    /** Whether its pieces come at moments from outside, which lie where they lie. */
    private static boolean called(ObjectNode block) {
        return block.path("arrive")
                .path("moves")
                .valueStream()
                .anyMatch(move -> move.path("pace").has("moments"));
    }

    private static void span(ObjectNode block, double start, double end) {
        ObjectNode span = block.putObject("span");
        span.set("start", Nodes.time(start));
        // A span is at least one frame, also where a cut leaves less.
        span.set("end", Nodes.time(Math.max(start + 1, end)));
    }

    /** Lets keys count from a scene frame that is to be the block's start, wherever its end and its hold will be. */
    private static void rebase(ObjectNode block, BlockTiming timing, double start) {
        keys(block.path("opacity").path("track"), timing, start);
        JsonNode place = block.path("place");
        KEYED.forEach(name -> keys(place.path(name).path("track"), timing, start));
        Nodes.each(place.path("way").path("stops"), stop -> {
            if (stop.path("at").isNumber()) {
                key(stop, timing, start);
            }
        });
    }

    private static void keys(JsonNode track, BlockTiming timing, double start) {
        Nodes.each(track, key -> key(key, timing, start));
    }

    private static void key(ObjectNode key, BlockTiming timing, double start) {
        TrackKey.Anchor anchor = switch (key.path("anchor").asString("start")) {
            case "end" -> TrackKey.Anchor.END;
            case "hold" -> TrackKey.Anchor.HOLD;
            default -> TrackKey.Anchor.START;
        };
        key.put("at", TrackCurve.time(anchor, key.path("at").asDouble(), timing) - start);
        key.put("anchor", "start");
    }

    /** Without one of its phases. Letters that were set apart because a move goes by characters stay apart. */
    private static void without(ObjectNode block, String phase) {
        boolean apart = block.path(phase)
                .path("moves")
                .valueStream()
                .anyMatch(move -> move.path("unit").asString("").equals("character"));
        block.putObject(phase).putArray("moves");
        if (apart
                && block.get("setting") instanceof ObjectNode setting
                && setting.path("ligatures").asString("auto").equals("auto")) {
            setting.put("ligatures", "off");
        }
    }
}
