package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The whole document.
 *
 * @param documentVersion schema of the document; older ones are upgraded when read, newer ones refused
 * @param engineVersion the rules by which it was made to look as it does
 * @param lettering how letters are written where that was drawn by hand
 * @param voices what is said in recordings that scenes play
 * @param table its versions; null for none
 * @param about what is said of it where it is a template; null for nothing
 */
@RecordBuilder
public record Project(
        int documentVersion,
        String engineVersion,
        String id,
        String name,
        List<Field> fields,
        List<Scene> scenes,
        List<WrittenLetter> lettering,
        List<Voice> voices,
        Table table,
        About about)
        implements ProjectBuilder.With {
    /** The schema this code writes. */
    public static final int DOCUMENT_VERSION = 3;

    /** The newest rules of looks. Documents of earlier ones keep to theirs; part of every cache key. */
    public static final String ENGINE_VERSION = "2";

    private static final List<String> ENGINE_VERSIONS = List.of("1", ENGINE_VERSION);

    @JsonCreator
    public Project {
        if (documentVersion != DOCUMENT_VERSION) {
            throw new IllegalArgumentException("the document has version " + documentVersion + "; this Knollwind reads "
                    + DOCUMENT_VERSION + " (upgrade Knollwind to open newer documents)");
        }
        Check.present(engineVersion, "the engine version");
        if (!ENGINE_VERSIONS.contains(engineVersion)) {
            throw new IllegalArgumentException("the document was made for engine " + engineVersion
                    + "; this one computes by " + String.join(" or ", ENGINE_VERSIONS));
        }
        Check.id(id, "a project");
        Check.text(name, 200, "the name of a project");
        fields = Check.list(fields);
        Check.uniqueIds(fields, Field::id, "fields");
        scenes = Check.list(scenes);
        Check.uniqueIds(scenes, Scene::id, "scenes");
        ownBlocks(scenes);
        Nested.check(scenes);
        lettering = Check.list(lettering);
        Check.uniqueIds(lettering, WrittenLetter::id, "written letters");
        voices = Check.list(voices);
        Check.uniqueIds(voices, Voice::id, "voices");
    }

    /** A project of the present version and the newest rules, called as its id says. */
    public static Project of(String id, List<Scene> scenes) {
        return new Project(
                DOCUMENT_VERSION, ENGINE_VERSION, id, id, List.of(), scenes, List.of(), List.of(), null, null);
    }

    /** Whether it keeps to a rule. */
    public boolean follows(EngineRule rule) {
        return rule.holdsFor(engineVersion);
    }

    /** Its versions; an empty table where it has none. */
    public Table versions() {
        return table == null ? Table.empty() : table;
    }

    /** Without one of its scenes. */
    public Project without(Scene scene) {
        return withScenes(scenes.stream().filter(other -> other != scene).toList());
    }

    /** A block is told apart from those of other scenes by its id; only a take has those of the scene it is a take of. */
    private static void ownBlocks(List<Scene> scenes) {
        Map<String, Scene> owners = new HashMap<>();
        for (Scene scene : scenes) {
            if (scenes.stream().anyMatch(other -> other.id().equals(scene.takeOf()))) {
                continue;
            }
            for (Block block : scene.blocks()) {
                Scene other = owners.put(block.id(), scene);
                if (other != null) {
                    throw new IllegalArgumentException("the scenes \u201c" + other.name() + "\u201d and \u201c"
                            + scene.name() + "\u201d both have a block with the id '" + block.id() + "'");
                }
            }
        }
    }

    /** The scenes without the other takes of scenes that are there. */
    public List<Scene> ownScenes() {
        return scenes.stream()
                .filter(scene -> scenes.stream().noneMatch(other -> other.id().equals(scene.takeOf())))
                .toList();
    }

    /** The scene with this id or name; unknown ones are refused with the list of those there are. */
    public Scene scene(String idOrName) {
        return scenes.stream()
                .filter(scene -> scene.id().equals(idOrName) || scene.name().equals(idOrName))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the project has no scene '" + idOrName + "'; it has "
                        + scenes.stream().map(Scene::name).toList()));
    }
}
