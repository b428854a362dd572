package knollwind.core.template;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import knollwind.core.check.DocumentCheck;
import knollwind.core.document.DocumentJson;
import knollwind.core.filling.Conditions;
import knollwind.core.scene.About;
import knollwind.core.scene.Field;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Opened;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.scene.Sound;
import knollwind.core.scene.TextBlock;
import knollwind.core.wording.Wording;
import tools.jackson.databind.JsonNode;

/** Makes the document of a template of a project, or of some of its scenes. */
public final class Publication {
    private Publication() {}

    /**
     * The document: the scenes with those that stand in them, the fields that are asked for in them, and what is said and written there;
     * no versions and no other takes.
     *
     * @param scenes ids of the scenes that are published; none for all
     * @param id of the template
     * @param name of the template
     * @throws IllegalArgumentException when a scene is not there, or needs what stays behind
     */
    public static JsonNode of(Project project, List<String> scenes, String id, String name, About about) {
        Set<String> wanted = wanted(project, scenes);
        List<Scene> kept = project.ownScenes().stream()
                .filter(scene -> wanted.contains(scene.id()))
                .map(scene -> scene.withTakeOf(null).withOrigin(null))
                .toList();
        Set<String> heard = kept.stream()
                .flatMap(scene -> scene.sounds().stream())
                .map(Sound::sha256)
                .collect(Collectors.toSet());
        Project published = project.with(made -> made.id(id)
                .name(name)
                .about(about)
                .table(null)
                .scenes(kept)
                .fields(fields(project, kept))
                .voices(project.voices().stream()
                        .filter(voice -> heard.contains(voice.id()))
                        .toList()));
        try {
            DocumentCheck.check(published);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException(
                    "these scenes need others that stay behind (" + e.getMessage() + "); publish the whole project", e);
        }
        return DocumentJson.tree(published);
    }

    private static Set<String> wanted(Project project, List<String> scenes) {
        Deque<String> open = new ArrayDeque<>();
        if (scenes.isEmpty()) {
            project.ownScenes().forEach(scene -> open.add(scene.id()));
        } else {
            scenes.forEach(scene -> open.add(project.scene(scene).id()));
        }
        Set<String> wanted = new LinkedHashSet<>();
        while (!open.isEmpty()) {
            Scene scene = project.scene(open.pop());
            if (wanted.add(scene.id())) {
                scene.blocks().forEach(block -> Nested.of(block).ifPresent(nested -> open.add(nested.scene())));
            }
        }
        return wanted;
    }

    /** Those that open something in the scenes, or of which words there are built. */
    private static List<Field> fields(Project project, List<Scene> scenes) {
        Set<String> asked = Stream.concat(
                        scenes.stream()
                                .flatMap(scene -> scene.blocks().stream())
                                .flatMap(block -> block.asWords().map(TextBlock::says).stream())
                                .map(Wording::read),
                        scenes.stream()
                                .flatMap(scene -> scene.conditions().stream())
                                .map(condition -> Conditions.read(condition.when())))
                .flatMap(wording -> wording.fields().stream())
                .collect(Collectors.toSet());
        List<String> places =
                scenes.stream().map(scene -> "scenes/" + scene.id() + "/").toList();
        List<Field> kept = new ArrayList<>();
        for (Field field : project.fields()) {
            List<Opened> opens = field.opens().stream()
                    .filter(opened -> places.stream().anyMatch(opened.at()::startsWith))
                    .toList();
            if (!opens.isEmpty() || field.value() != null && asked.contains(field.id())) {
                kept.add(field.withOpens(opens));
            }
        }
        return kept;
    }
}
