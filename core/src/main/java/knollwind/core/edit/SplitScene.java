package knollwind.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import knollwind.core.document.BlockReferences;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Span;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Splits a scene in two at a frame. A block that is on there is in both: it leaves the first without its leave and is there at once
 * in the second, as a block of its own. Times are as the blocks are on now; nothing hangs on what is in the other scene. The hold
 * is parted where it lies; what crosses over to the next scene is the second part.
 *
 * @param at frame with which the second begins, above 0 and below the scene's length
 */
public record SplitScene(String scene, int at) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene whole = draft.scene(scene);
        if (at <= 0 || at >= whole.length()) {
            throw new IllegalArgumentException("a scene of " + whole.length()
                    + " frames can be split at the frames 1 to " + (whole.length() - 1) + ", not at " + at);
        }
        Map<String, BlockTiming> times = draft.times(whole);
        List<ObjectNode> scenes = draft.scenes();
        ObjectNode first = draft.copy(scene);
        ObjectNode second = draft.copy(scene);
        // What dresses captions is in both parts.
        Set<String> dressing =
                whole.captions() == null ? Set.of() : CaptionCopies.designs(whole.captions(), whole.blocks());
        keep(
                first,
                block -> dressing.contains(Nodes.id(block))
                        ? throughout(block, at)
                        : BlockCut.until(block, times.get(Nodes.id(block)), at));
        keep(
                second,
                block -> dressing.contains(Nodes.id(block))
                        ? throughout(block, whole.length() - at)
                        : BlockCut.from(block, times.get(Nodes.id(block)), at));
        if (whole.captions() != null) {
            CaptionCut cut = new CaptionCut(whole, CaptionRows.timed(draft, whole));
            first.set("captions", DocumentJson.tree(cut.until(at)));
            second.set("captions", DocumentJson.tree(cut.from(at)));
        }
        shorten(first);
        shift(second, whole);
        String name = Ids.name(scenes, whole.name());
        String id = Ids.ofScenes(scenes).ofName(name);
        second.put("id", id).put("name", name);
        second.remove("takeOf");
        second.remove("origin");
        Map<String, String> sounds = Sounds.onward(first, second, whole, at);
        BlockReferences.rename(second, carriedNames(first, second, Ids.ofBlocks(scenes)));
        List<Operation> operations = new ArrayList<>(Sounds.elsewhere(draft, List.of(scene), sounds));
        operations.add(new Operation.Set("scenes/" + scene, first));
        operations.add(new Operation.Insert("scenes", draft.index(scene) + 1, second));
        return Outcome.of(operations, id);
    }

    /** New ids for the blocks that both parts have. */
    private static Map<String, String> carriedNames(ObjectNode first, ObjectNode second, Ids ids) {
        Map<String, String> names = new HashMap<>();
        second.path("blocks").forEach(block -> {
            if (Nodes.find(first.path("blocks"), Nodes.id(block)).isPresent()) {
                names.put(Nodes.id(block), ids.free(Nodes.id(block)));
            }
        });
        return names;
    }

    /** What dresses captions is there all the time. */
    private static boolean throughout(ObjectNode block, int length) {
        block.set("span", DocumentJson.tree(Span.of(0, length)));
        return true;
    }

    private interface Cutting {
        /** Whether anything of the block is left. */
        boolean cut(ObjectNode block);
    }

    /** Leaves the blocks of which something is left, and what belongs to them. */
    private static void keep(ObjectNode part, Cutting cutting) {
        Set<String> ids = new HashSet<>();
        ArrayNode blocks = part.arrayNode();
        Nodes.each(part.path("blocks"), block -> {
            if (cutting.cut(block)) {
                blocks.add(block);
                ids.add(Nodes.id(block));
            }
        });
        part.set("blocks", blocks);
        Nodes.each(
                part.path("formats"),
                format -> filter(
                        format,
                        "overrides",
                        override -> ids.contains(override.path("block").asString(""))));
        Nodes.each(part.path("groups"), group -> {
            ArrayNode members = group.arrayNode();
            group.path("blocks").forEach(member -> {
                if (ids.contains(member.asString(""))) {
                    members.add(member);
                }
            });
            group.set("blocks", members);
        });
        filter(part, "groups", group -> !group.path("blocks").isEmpty());
        if (part.get("crossing") instanceof ObjectNode crossing
                && crossing.has("through")
                && !ids.contains(crossing.path("through").asString(""))) {
            crossing.remove("through");
        }
    }

    private static void filter(ObjectNode owner, String name, java.util.function.Predicate<ObjectNode> kept) {
        if (owner.get(name) instanceof ArrayNode list) {
            ArrayNode left = owner.arrayNode();
            Nodes.each(list, element -> {
                if (kept.test(element)) {
                    left.add(element);
                }
            });
            owner.set(name, left);
        }
    }

    private void shorten(ObjectNode first) {
        first.put("length", at);
        filter(first, "cues", cue -> Nodes.frames(cue.get("at")) < at);
        first.remove("crossing");
        // Where it is cut is its length, whatever it followed.
        first.remove("ends");
        hold(first, 0, at);
    }

    private void shift(ObjectNode second, Scene whole) {
        second.put("length", whole.length() - at);
        filter(second, "cues", cue -> Nodes.frames(cue.get("at")) >= at);
        Nodes.each(second.path("cues"), cue -> cue.set("at", Nodes.time(Nodes.frames(cue.get("at")) - at)));
        Sounds.from(second, whole, at);
        if (second.get("beats") instanceof ObjectNode beats) {
            beats.put("first", beats.path("first").asDouble() - at);
        }
        Nodes.each(
                second.path("camera").path("keys"),
                key -> key.put("at", key.path("at").asDouble() - at));
        hold(second, at, whole.length());
    }

    /** The part of the hold that lies in [from, to), counted from there; none where it lies elsewhere. */
    private static void hold(ObjectNode part, int from, int to) {
        if (part.get("hold") instanceof ObjectNode hold) {
            int start = Math.max(from, hold.path("from").asInt());
            int end = Math.min(to, hold.path("to").asInt());
            if (start < end) {
                hold.put("from", start - from).put("to", end - from);
            } else {
                part.remove("hold");
            }
        }
    }
}
