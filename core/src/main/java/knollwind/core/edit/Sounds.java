package knollwind.core.edit;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
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

    /** Gives the sounds of a scene ids that another has not, and whatever names them the new ones. */
    static void rename(ObjectNode scene, ObjectNode other) {
        Ids ids = new Ids(other.path("sounds").valueStream().map(Nodes::id).toList());
        Map<String, String> names = new HashMap<>();
        Nodes.each(scene.path("sounds"), sound -> {
            names.put(Nodes.id(sound), ids.free(Nodes.id(sound)));
            sound.put("id", names.get(Nodes.id(sound)));
        });
        Nodes.each(scene.path("cues"), cue -> named(cue, names));
        Nodes.each(
                scene.path("blocks"),
                block -> Nodes.each(block.path("dwell").path("moves"), move -> {
                    if (move.path("cycle").get("loudness") instanceof ObjectNode loudness) {
                        named(loudness, names);
                    }
                }));
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
