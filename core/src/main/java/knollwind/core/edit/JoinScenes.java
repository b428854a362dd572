package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import knollwind.core.document.BlockReferences;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Measure;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Puts the blocks of the next scene behind those of this one in time, so that there is one scene of both. Another background becomes a
 * rectangle behind them. The joined scene crosses over to what came after the second, and holds where either held.
 *
 * @param scene id of the first of the two
 */
public record JoinScenes(String scene) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        Scene first = draft.scene(scene);
        Scene second = next(draft, first);
        String refused = refused(draft.project(), first, second);
        if (!refused.isEmpty()) {
            throw new IllegalArgumentException(refused);
        }
        ObjectNode joined = draft.copy(first.id());
        ObjectNode added = draft.copy(second.id());
        Map<String, BlockTiming> times = draft.times(second);
        int by = first.length();
        Nodes.each(added.path("blocks"), block -> {
            var timing = times.get(Nodes.id(block));
            ObjectNode span = (ObjectNode) block.get("span");
            double start = timing == null ? Nodes.frames(span.get("start")) : timing.start();
            double end = timing == null ? Nodes.frames(span.get("end")) : timing.end();
            ObjectNode placed = block.putObject("span");
            placed.set("start", Nodes.time(start + by));
            placed.set("end", Nodes.time(Math.max(start + 1, end) + by));
        });
        Ids ids = new Ids(first.blocks().stream().map(Block::id).toList());
        Map<String, String> names = BlockReferences.fresh(added, ids::free);
        BlockReferences.rename(added, names);
        ArrayNode blocks = Nodes.list(joined, "blocks");
        if (!first.background().equals(second.background())) {
            blocks.add(ground(added, second, by, ids));
        }
        blocks.addAll((ArrayNode) added.path("blocks"));
        formats(joined, added);
        Map<String, String> sounds = Sounds.join(added, joined);
        cues(joined, added, by);
        groups(joined, added);
        conditions(joined, added);
        Sounds.after(joined, added, by);
        joined.put("length", first.length() + second.length());
        if (second.captions() != null) {
            // Blocks have other ids by now: the row is read from where they have been renamed.
            Scene renamed = DocumentJson.read(added, Scene.class);
            CaptionCut cut = new CaptionCut(renamed, CaptionRows.timed(draft, second));
            joined.set("captions", DocumentJson.tree(cut.after(first.captions(), by)));
        }
        String said = handOver(joined, added, by);
        List<Operation> operations = new ArrayList<>();
        operations.add(new Operation.Set("scenes/" + first.id(), joined));
        operations.add(new Operation.Remove("scenes/" + second.id()));
        operations.addAll(Sounds.elsewhere(draft, List.of(first.id(), second.id()), sounds));
        // What was another take of the second is a scene of its own from now on.
        draft.project().scenes().stream()
                .filter(other -> second.id().equals(other.takeOf()))
                .forEach(other -> operations.add(new Operation.Clear("scenes/" + other.id() + "/takeOf")));
        return new Outcome(operations, first.id(), "", said);
    }

    /** Those of both, under ids that tell them apart. */
    private static void conditions(ObjectNode joined, ObjectNode added) {
        if (added.path("conditions").isEmpty()) {
            return;
        }
        ArrayNode all = Nodes.list(joined, "conditions");
        Ids ids = new Ids(all.valueStream().map(Nodes::id).toList());
        Nodes.each(added.path("conditions"), condition -> all.add(condition.put("id", ids.free(Nodes.id(condition)))));
    }

    private static Scene next(Draft draft, Scene first) {
        int index = draft.index(first.id()) + 1;
        if (index >= draft.project().scenes().size()) {
            throw new IllegalArgumentException("there is no scene after this one");
        }
        return draft.project().scenes().get(index);
    }

    /** Why two scenes cannot be joined; empty when they can. */
    public static String refused(Project project, Scene first, Scene second) {
        if (first.rate().numerator() * second.rate().denominator()
                != second.rate().numerator() * first.rate().denominator()) {
            return "\u201c" + second.name() + "\u201d has another frame rate";
        }
        Measure one = first.measured();
        Measure other = second.measured();
        if (one.width() != other.width() || one.height() != other.height()) {
            return String.format(
                    "\u201c%s\u201d is %d \u00d7 %d px, this scene %d \u00d7 %d px",
                    second.name(), other.width(), other.height(), one.width(), one.height());
        }
        if (first.camera() != null || second.camera() != null) {
            return "a scene whose camera moves cannot be joined with another";
        }
        for (Scene scene : project.scenes()) {
            for (Block block : scene.blocks()) {
                boolean shows = Nested.of(block)
                        .map(Fill.Nested::scene)
                        .filter(second.id()::equals)
                        .isPresent();
                if (shows) {
                    return "\u201c" + second.name() + "\u201d is shown in \u201c" + scene.name()
                            + "\u201d; take it out there first, or show another scene";
                }
            }
        }
        return "";
    }

    private static ObjectNode ground(ObjectNode added, Scene second, int by, Ids ids) {
        ObjectNode ground = added.objectNode();
        String name = "Behind " + second.name();
        ground.put("kind", "shape").put("id", ids.free("ground"));
        ground.put("name", name.length() > 200 ? name.substring(0, 200) : name);
        ObjectNode span = ground.putObject("span");
        span.set("start", Nodes.time(by));
        span.set("end", Nodes.time(by + second.length()));
        ObjectNode place = ground.putObject("place");
        length(place.putObject("x"), 0);
        length(place.putObject("y"), 0);
        place.put("rotation", 0);
        place.putObject("pivot").put("across", "left").put("down", "top").put("box", "metric");
        ground.put("opacity", 1).put("hidden", false);
        ground.putObject("arrive").putArray("moves");
        ground.putObject("leave").putArray("moves");
        ObjectNode shape = ground.putObject("shape").put("kind", "rectangle");
        length(shape.putObject("width"), 100);
        length(shape.putObject("height"), 100);
        shape.put("radius", 0);
        ground.set(
                "fill",
                added.has("background")
                        ? added.get("background")
                        : ground.objectNode().put("kind", "none"));
        return ground;
    }

    private static void length(ObjectNode length, int hundredths) {
        length.put("value", hundredths).put("unit", "frame");
    }

    private static void formats(ObjectNode joined, ObjectNode added) {
        Nodes.each(
                joined.path("formats"),
                format -> Nodes.find(added.path("formats"), Nodes.id(format))
                        .ifPresent(
                                other -> Nodes.list(format, "overrides").addAll((ArrayNode) other.path("overrides"))));
    }

    private static void cues(ObjectNode joined, ObjectNode added, int by) {
        if (added.path("cues").isEmpty()) {
            return;
        }
        ArrayNode cues = Nodes.list(joined, "cues");
        Ids ids = new Ids(cues.valueStream().map(Nodes::id).toList());
        Nodes.each(added.path("cues"), cue -> {
            cue.put("id", ids.free(Nodes.id(cue)));
            cue.set("at", Nodes.time(Nodes.frames(cue.get("at")) + by));
            cues.add(cue);
        });
    }

    private static void groups(ObjectNode joined, ObjectNode added) {
        if (added.path("groups").isEmpty()) {
            return;
        }
        ArrayNode groups = Nodes.list(joined, "groups");
        Ids ids = new Ids(groups.valueStream().map(Nodes::id).toList());
        Nodes.each(added.path("groups"), group -> groups.add(group.put("id", ids.free(Nodes.id(group)))));
    }

    /** The crossing and what the length follows are those of the second, the hold that of the first or else of the second. */
    private static String handOver(ObjectNode joined, ObjectNode added, int by) {
        List<String> said = new ArrayList<>();
        if (joined.has("crossing")) {
            said.add("they do not cross over any more");
            joined.remove("crossing");
        }
        if (added.has("crossing")) {
            joined.set("crossing", added.get("crossing"));
        }
        joined.remove("ends");
        if (added.has("ends")) {
            joined.set("ends", added.get("ends"));
        }
        if (added.get("hold") instanceof ObjectNode hold) {
            if (joined.has("hold")) {
                said.add("only the hold of the first is kept");
            } else {
                hold.put("from", hold.path("from").asInt() + by)
                        .put("to", hold.path("to").asInt() + by);
                joined.set("hold", hold);
            }
        }
        return said.isEmpty() ? "" : "Joined; " + String.join(", and ", said) + ".";
    }
}
