package knollwind.core.filling;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Format;
import knollwind.core.scene.Nested;
import knollwind.core.scene.OnwardSounds;
import knollwind.core.scene.Project;
import knollwind.core.scene.Run;
import knollwind.core.scene.Scene;

/**
 * What scenes use that is kept outside their document.
 *
 * @param families of faces, by name
 * @param pictures names by SHA-256
 * @param films names by SHA-256
 * @param sounds names by SHA-256
 */
public record UsedFiles(
        Set<String> families, Map<String, String> pictures, Map<String, String> films, Map<String, String> sounds) {
    /** What a whole project uses, in all formats and all takes. */
    public static UsedFiles of(Project project) {
        return of(project, project.scenes());
    }

    /** What some scenes use, with those that stand in them, in all formats. */
    public static UsedFiles of(Project project, List<Scene> scenes) {
        Project plain = Filler.plain(project);
        UsedFiles used = new UsedFiles(new TreeSet<>(), new TreeMap<>(), new TreeMap<>(), new TreeMap<>());
        Deque<String> open = new ArrayDeque<>(scenes.stream().map(Scene::id).toList());
        Set<String> seen = new LinkedHashSet<>();
        while (!open.isEmpty()) {
            String id = open.pop();
            plain.scenes().stream()
                    .filter(scene -> scene.id().equals(id) && seen.add(id))
                    .forEach(scene -> used.scene(plain, scene, open));
        }
        return used;
    }

    private void scene(Project project, Scene scene, Deque<String> open) {
        fill(scene.background());
        OnwardSounds.heard(project, scene).forEach(sound -> sounds.put(sound.sha256(), sound.name()));
        for (Format format : scene.formats()) {
            for (Block block : Filler.blocks(scene, format)) {
                block(block);
                Nested.of(block).ifPresent(nested -> {
                    open.add(nested.scene());
                    // Other values may show other pictures and set other faces where a scene stands.
                    project.scenes().stream()
                            .filter(inner -> inner.id().equals(nested.scene()))
                            .forEach(inner -> Filler.blocks(inner.blocks(), nested.changes(), misfit -> {})
                                    .forEach(this::block));
                });
            }
        }
    }

    private void block(Block block) {
        fill(block.fill());
        block.asWords().ifPresent(text -> {
            families.add(text.setting().face().family());
            text.runs().stream()
                    .map(Run::face)
                    .filter(face -> face != null)
                    .forEach(face -> families.add(face.family()));
        });
    }

    private void fill(Fill fill) {
        fill.pictureFile().ifPresent(picture -> pictures.put(picture.sha256(), picture.name()));
        fill.filmFile().map(Fill.Film::picture).ifPresent(film -> films.put(film.sha256(), film.name()));
    }
}
