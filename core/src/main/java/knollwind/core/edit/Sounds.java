package knollwind.core.edit;

import java.util.HashSet;
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

    /** Adds the sounds of a scene as they are heard so many frames later. */
    static void after(ObjectNode scene, ObjectNode next, int by) {
        if (next.path("sounds").isEmpty()) {
            return;
        }
        ArrayNode all = Nodes.list(scene, "sounds");
        Ids ids = new Ids(all.valueStream().map(Nodes::id).toList());
        Nodes.each(next.path("sounds"), sound -> all.add(later(sound, by).put("id", ids.free(Nodes.id(sound)))));
    }

    private static ObjectNode later(ObjectNode sound, int by) {
        sound.set("start", Nodes.time(Nodes.frames(sound.get("start")) + by));
        return sound;
    }
}
