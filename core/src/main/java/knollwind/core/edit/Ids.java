package knollwind.core.edit;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import tools.jackson.databind.node.ObjectNode;

/** Ids and names that are not taken yet. */
final class Ids {
    /** Ids have at most 64 characters; so many leave room for a number behind them. */
    private static final int STEM = 58;

    private final Set<String> taken;
    /** Of each stem the number up to which all are taken. */
    private final Map<String, Integer> reached = new HashMap<>();

    Ids(Collection<String> taken) {
        this.taken = new HashSet<>(taken);
    }

    /** Of all blocks of some scenes. */
    static Ids ofBlocks(List<ObjectNode> scenes) {
        return new Ids(scenes.stream()
                .flatMap(scene -> scene.path("blocks").valueStream())
                .map(Nodes::id)
                .collect(Collectors.toSet()));
    }

    static Ids ofScenes(List<ObjectNode> scenes) {
        return new Ids(scenes.stream().map(Nodes::id).toList());
    }

    /** The id itself while nothing has it, else with the first number that is free; it is taken from now on. */
    String free(String id) {
        return free(id, "-");
    }

    /** The same with something else before the number. */
    String free(String id, String before) {
        String free = id;
        String stem = id.length() > STEM ? id.substring(0, STEM) : id;
        for (int number = 2; taken.contains(free); number++) {
            free = stem + before + number;
        }
        taken.add(free);
        return free;
    }

    /** The stem with the first number from 1 on that is free; it is taken from now on. */
    String first(String stem) {
        int number = reached.getOrDefault(stem, 0) + 1;
        while (taken.contains(stem + number)) {
            number++;
        }
        reached.put(stem, number);
        taken.add(stem + number);
        return stem + number;
    }

    /** An id made of a name. */
    String ofName(String name) {
        String stem =
                name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        stem = stem.length() > 50 ? stem.substring(0, 50) : stem;
        return free(stem.isEmpty() ? "scene" : stem);
    }

    /** A name that no scene has yet: "Opening 2". */
    static String name(List<ObjectNode> scenes, String name) {
        return numbered(scenes, name.replaceAll(" \\d+$", "") + " ");
    }

    /** The stem with the first number from 2 on that makes a name that no scene has; names have at most 200 characters. */
    static String numbered(List<ObjectNode> scenes, String stem) {
        Set<String> names =
                scenes.stream().map(scene -> scene.path("name").asString("")).collect(Collectors.toSet());
        String start = stem.length() > 190 ? stem.substring(0, 190) : stem;
        int number = 2;
        while (names.contains(start + number)) {
            number++;
        }
        return start + number;
    }
}
