package knollwind.core.scene;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Scenes that stand in other scenes. */
public final class Nested {
    private Nested() {}

    /** The scene that a block shows, if it shows one. */
    public static Optional<Fill.Nested> of(Block block) {
        return Optional.of(block.fill()).filter(Fill.Nested.class::isInstance).map(Fill.Nested.class::cast);
    }

    /** All scenes that are seen in a block, those that stand in others included; none that is gone. */
    public static List<Scene> in(Project project, Block block) {
        Set<Scene> found = new LinkedHashSet<>();
        of(block).ifPresent(nested -> gather(project, nested.scene(), found));
        return List.copyOf(found);
    }

    private static void gather(Project project, String id, Set<Scene> found) {
        project.scenes().stream()
                .filter(scene -> scene.id().equals(id))
                .filter(found::add)
                .flatMap(scene -> scene.blocks().stream())
                .forEach(block -> of(block).ifPresent(nested -> gather(project, nested.scene(), found)));
    }

    /** The scenes that may stand in another one: neither that scene itself nor any in which it stands. */
    public static List<Scene> standable(Project project, Scene outer) {
        return project.ownScenes().stream()
                .filter(scene -> {
                    Set<Scene> inside = new LinkedHashSet<>();
                    gather(project, scene.id(), inside);
                    return inside.stream().noneMatch(one -> one.id().equals(outer.id()));
                })
                .toList();
    }

    /**
     * Refuses scenes that stand in themselves.
     *
     * @throws IllegalArgumentException with the names of the scenes on the way round
     */
    static void check(List<Scene> scenes) {
        Map<String, Scene> byId = new LinkedHashMap<>();
        scenes.forEach(scene -> byId.put(scene.id(), scene));
        Set<String> sound = new LinkedHashSet<>();
        scenes.forEach(scene -> walk(scene, byId, new ArrayList<>(), sound));
    }

    private static void walk(Scene scene, Map<String, Scene> byId, List<String> way, Set<String> sound) {
        if (sound.contains(scene.id())) {
            return;
        }
        int first = way.indexOf(scene.id());
        if (first >= 0) {
            StringBuilder names = new StringBuilder();
            for (String id : way.subList(first, way.size())) {
                names.append('\u201c').append(byId.get(id).name()).append("\u201d, in which stands ");
            }
            throw new IllegalArgumentException(
                    "a scene cannot stand in itself: " + names + '\u201c' + scene.name() + '\u201d');
        }
        way.add(scene.id());
        for (Block block : scene.blocks()) {
            of(block).map(nested -> byId.get(nested.scene())).ifPresent(inner -> walk(inner, byId, way, sound));
        }
        way.remove(way.size() - 1);
        sound.add(scene.id());
    }

    /**
     * The scene as it is seen where it stands: as long as what shows it. A scene that marks a hold is
     * stretched there: what is on throughout the hold's end lengthens, what starts at or after it shifts, what lies inside
     * keeps its distance from the hold's start. Where it is shortened, what starts inside and reaches beyond stays one frame at
     * least. Without a hold it stays as long as it is.
     *
     * @param length frames of the scene
     */
    public static Scene seen(Scene scene, int length) {
        Hold hold = scene.hold();
        if (hold == null) {
            return scene;
        }
        int by = Math.max(length - scene.length(), hold.from() - hold.to());
        return by == 0 ? scene : stretched(scene, hold.to(), by);
    }

    private static Scene stretched(Scene scene, int end, int by) {
        List<Block> blocks = scene.blocks().stream()
                .map(block -> block.during(stretched(block.span(), end, by)))
                .toList();
        List<Cue> cues = scene.cues().stream()
                .map(cue -> new Cue(cue.id(), cue.name(), later(cue.at(), end, by), cue.sound()))
                .toList();
        return scene.with(seen -> seen.blocks(blocks)
                .length(Math.max(1, scene.length() + by))
                .cues(cues)
                .camera(stretched(scene.camera(), end, by)));
    }

    private static Span stretched(Span span, int end, int by) {
        Rational start = later(span.start(), end, by);
        Rational least = start.plus(Rational.of(1));
        Rational to = later(span.end(), end, by);
        return span.at(start, to.compareTo(least) < 0 ? least : to);
    }

    /** Null for none. Keys that would go back in time are passed over. */
    private static Camera stretched(Camera camera, int end, int by) {
        if (camera == null) {
            return null;
        }
        List<Camera.Key> keys = new ArrayList<>();
        for (Camera.Key key : camera.keys()) {
            double at = key.at() < end ? key.at() : key.at() + by;
            if (keys.isEmpty() || at > keys.get(keys.size() - 1).at()) {
                keys.add(new Camera.Key(key.id(), at, key.x(), key.y(), key.zoom(), key.turn(), key.easing()));
            }
        }
        return new Camera(keys);
    }

    private static Rational later(Rational at, int end, int by) {
        return at.value() < end ? at : at.plus(Rational.of(by));
    }
}
