package knollwind.core.scene;

import java.util.List;

/**
 * The whole document.
 *
 * @param documentVersion schema of the document; older ones are upgraded when read, newer ones refused
 * @param engineVersion the rules by which it was made to look as it does
 */
public record Project(
        int documentVersion,
        String engineVersion,
        String id,
        String name,
        List<Field> fields,
        List<Asset> assets,
        List<Scene> scenes) {
    /** The schema this code writes. */
    public static final int DOCUMENT_VERSION = 1;

    /** The rules this code computes by; part of every cache key. */
    public static final String ENGINE_VERSION = "1";

    public Project {
        if (documentVersion != DOCUMENT_VERSION) {
            throw new IllegalArgumentException("the document has version " + documentVersion + "; this Knollwind reads "
                    + DOCUMENT_VERSION + " (upgrade Knollwind to open newer documents)");
        }
        Check.present(engineVersion, "the engine version");
        if (!engineVersion.equals(ENGINE_VERSION)) {
            throw new IllegalArgumentException(
                    "the document was made for engine " + engineVersion + "; this one computes by " + ENGINE_VERSION);
        }
        Check.id(id, "a project");
        Check.text(name, 200, "the name of a project");
        fields = Check.list(fields);
        Check.uniqueIds(fields, Field::id, "fields");
        assets = Check.list(assets);
        Check.uniqueIds(assets, Asset::id, "assets");
        scenes = Check.list(scenes);
        Check.uniqueIds(scenes, Scene::id, "scenes");
    }

    public Project withScenes(List<Scene> others) {
        return new Project(documentVersion, engineVersion, id, name, fields, assets, others);
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
