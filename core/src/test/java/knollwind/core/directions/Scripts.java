package knollwind.core.directions;

import java.util.function.Predicate;
import knollwind.core.Samples;
import knollwind.core.filling.Filler;
import knollwind.core.frame.SceneScore;
import knollwind.core.layout.SceneLayout;
import knollwind.core.scene.Block;
import knollwind.core.scene.Format;
import knollwind.core.scene.NamedTimes;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;

/** The sentences of single blocks. */
public final class Scripts {
    private Scripts() {}

    public static BlockScript script(Project project, String sceneId, String blockId) {
        return script(project, sceneId, blockId, family -> true);
    }

    /** @param offered the families that the drawers list: to read the sentences alone those that are set suffice */
    public static BlockScript script(Project project, String sceneId, String blockId, Predicate<String> offered) {
        Scene scene = project.scene(sceneId);
        Format format = scene.formats().get(0);
        // The block alone is scored, in the scene as it is laid out: a scene has many, and a walk many changes.
        SceneLayout layout = new SceneLayout(project, scene, format, Filler.blocks(scene, format), Samples.MATERIALS);
        Block block = layout.blocks().stream()
                .filter(one -> one.id().equals(blockId))
                .findFirst()
                .orElseThrow();
        return Script.of(
                SceneScore.block(project, block, layout.around(block), Samples.MATERIALS),
                "scenes/" + sceneId + "/blocks/" + blockId,
                Samples.FONTS.families().stream()
                        .filter(family -> offered.test(family.name()))
                        .toList(),
                scene.blocks(),
                NamedTimes.of(project, scene).offered(block.span()),
                scene.sounds(),
                format.safeForWords(),
                1);
    }
}
