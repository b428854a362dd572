package knollwind.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import knollwind.core.document.Operation;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The sounds of scenes that are cut and joined. */
final class Sounds {
    private Sounds() {}

    /** @throws IllegalArgumentException where the scene has no such sound */
    static Sound of(Scene scene, String id) {
        return scene.sounds().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("there is no sound '" + id + "' in this scene"));
    }

    /** Leaves what is heard from a frame on, with times from there. */
    static void from(ObjectNode part, Scene whole, int at) {
        Set<String> heard = new HashSet<>();
        for (Sound sound : whole.sounds()) {
            double end = sound.frame(sound.end(), whole.rate());
            if (end > at) {
                heard.add(sound.id());
            }
        }
        if (part.get("sounds") instanceof ArrayNode sounds) {
            ArrayNode left = part.arrayNode();
            Nodes.each(sounds, sound -> {
                if (heard.contains(Nodes.id(sound))) {
                    left.add(later(sound, -at));
                }
            });
            part.set("sounds", left);
        }
    }

    /** Leaves a copy of a scene only the sounds that do not run on into it anyway. */
    static void own(ObjectNode copy) {
        remove(copy, sound -> sound.path("onward").asBoolean(false));
    }

    /**
     * Of a scene that is split, sounds that run on stay in the part in which they begin; what names them in the second part does so by their
     * ids there. Blocks have let go of them by then.
     *
     * @param second with its new id
     * @return what names the others where they run on, by what names them now
     */
    static Map<String, String> onward(ObjectNode first, ObjectNode second, Scene whole, int at) {
        Map<String, String> names = new HashMap<>();
        Set<String> later = new HashSet<>();
        for (Sound sound : whole.sounds()) {
            if (sound.onward() != null && sound.start().value() < at) {
                names.put(sound.id(), running(whole.id(), sound.id()));
            } else if (sound.onward() != null) {
                later.add(sound.id());
            }
        }
        remove(first, sound -> later.contains(Nodes.id(sound)));
        remove(second, sound -> names.containsKey(Nodes.id(sound)));
        rename(second, names);
        return later.stream()
                .collect(Collectors.toMap(id -> running(whole.id(), id), id -> running(Nodes.id(second), id)));
    }

    private static String running(String scene, String sound) {
        return scene + "." + sound;
    }

    private static void remove(ObjectNode scene, Predicate<ObjectNode> which) {
        if (scene.get("sounds") instanceof ArrayNode sounds) {
            ArrayNode left = scene.arrayNode();
            Nodes.each(sounds, sound -> {
                if (!which.test(sound)) {
                    left.add(sound);
                }
            });
            scene.set("sounds", left);
        }
    }

    /**
     * Gives the sounds of a scene ids that the one before it has not, and whatever names them the new ones; what has run on into it is named
     * as there.
     *
     * @return what names its sounds where they run on, by what names them now
     */
    static Map<String, String> join(ObjectNode scene, ObjectNode before) {
        Ids ids = new Ids(before.path("sounds").valueStream().map(Nodes::id).toList());
        Map<String, String> names = new HashMap<>();
        Map<String, String> elsewhere = new HashMap<>();
        Nodes.each(scene.path("sounds"), sound -> {
            String id = ids.free(Nodes.id(sound));
            names.put(Nodes.id(sound), id);
            elsewhere.put(running(Nodes.id(scene), Nodes.id(sound)), running(Nodes.id(before), id));
            sound.put("id", id);
        });
        before.path("sounds").forEach(sound -> names.put(running(Nodes.id(before), Nodes.id(sound)), Nodes.id(sound)));
        rename(scene, names);
        return elsewhere;
    }

    /** What names sounds that have run on into other scenes names them by other ids. */
    static List<Operation> elsewhere(Draft draft, List<String> but, Map<String, String> names) {
        List<Operation> operations = new ArrayList<>();
        for (ObjectNode scene : draft.scenes()) {
            if (!but.contains(Nodes.id(scene))) {
                ObjectNode renamed = scene.deepCopy();
                rename(renamed, names);
                if (!renamed.equals(scene)) {
                    operations.add(new Operation.Set("scenes/" + Nodes.id(scene), renamed));
                }
            }
        }
        return operations;
    }

    /** What names sounds and their words names them by other ids. */
    private static void rename(ObjectNode scene, Map<String, String> names) {
        Nodes.each(scene.path("cues"), cue -> named(cue, names));
        if (scene.get("captions") instanceof ObjectNode captions) {
            named(captions, names);
            Nodes.each(captions.path("lines"), line -> linked(line.path("span"), names));
        }
        Nodes.each(scene.path("blocks"), block -> {
            linked(block.path("span"), names);
            Nodes.each(block.path("dwell").path("moves"), move -> {
                if (move.path("cycle").get("loudness") instanceof ObjectNode loudness) {
                    named(loudness, names);
                }
            });
        });
    }

    /** A word's id is that of its sound, a dot, and its own. */
    private static void linked(JsonNode span, Map<String, String> names) {
        for (String moment : List.of("startsAt", "landsAt", "leavesAt", "endsAt")) {
            if (span.get(moment) instanceof ObjectNode link) {
                String cue = link.path("cue").asString("");
                int dot = cue.lastIndexOf('.');
                String name = dot < 0 ? null : names.get(cue.substring(0, dot));
                if (name != null) {
                    link.put("cue", name + cue.substring(dot));
                }
            }
        }
    }

    private static void named(ObjectNode owner, Map<String, String> names) {
        String sound = owner.path("sound").asString("");
        if (names.containsKey(sound)) {
            owner.put("sound", names.get(sound));
        }
    }

    /** Adds the sounds of a scene as they are heard so many frames later. */
    static void after(ObjectNode scene, ObjectNode next, int by) {
        if (!next.path("sounds").isEmpty()) {
            ArrayNode all = Nodes.list(scene, "sounds");
            Nodes.each(next.path("sounds"), sound -> all.add(later(sound, by)));
        }
    }

    private static ObjectNode later(ObjectNode sound, int by) {
        sound.set("start", Nodes.time(Nodes.frames(sound.get("start")) + by));
        return sound;
    }
}
