package knollwind.core.filling;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import knollwind.core.scene.Block;
import knollwind.core.scene.CaptionLine;
import knollwind.core.scene.Condition;
import knollwind.core.scene.Filling;
import knollwind.core.scene.Format;
import knollwind.core.scene.Nested;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;

/** Filled values that do not fit what stands at their place: they are kept and passed over, and said. */
public final class Misfits {
    /**
     * A value that does not fit.
     *
     * @param at path of the list it stands in
     * @param where in words: the format, or the block that shows the scene
     * @param reason why it does not fit
     */
    public record Found(String at, String where, Filling filling, String reason) {}

    private Misfits() {}

    public static List<Found> of(Project project) {
        List<Found> found = new ArrayList<>();
        project.scenes().forEach(scene -> found.addAll(of(project, scene)));
        return found;
    }

    /** The values alone. */
    public static Set<Filling> fillings(Project project) {
        return of(project).stream().map(Found::filling).collect(Collectors.toSet());
    }

    public static List<Found> of(Project project, Scene scene) {
        List<Found> found = new ArrayList<>();
        String path = "scenes/" + scene.id();
        for (Format format : scene.formats()) {
            Filler.blocks(
                    scene.blocks(),
                    format.overrides(),
                    misfit -> found.add(new Found(
                            path + "/formats/" + format.id() + "/overrides",
                            format.name(),
                            misfit.filling(),
                            misfit.reason())));
        }
        for (Condition condition : scene.conditions()) {
            Filler.blocks(
                    scene.blocks(),
                    condition.values(),
                    misfit -> found.add(new Found(
                            path + "/conditions/" + condition.id() + "/values",
                            "a condition",
                            misfit.filling(),
                            misfit.reason())));
        }
        List<CaptionLine> lines =
                scene.captions() == null ? List.of() : scene.captions().lines();
        for (CaptionLine line : lines) {
            Filler.blocks(
                    scene.blocks(),
                    line.own(),
                    misfit -> found.add(new Found(
                            path + "/captions/lines/" + line.id() + "/own",
                            "a caption",
                            misfit.filling(),
                            misfit.reason())));
        }
        for (Block block : scene.blocks()) {
            Nested.of(block)
                    .ifPresent(nested -> project.scenes().stream()
                            .filter(inner -> inner.id().equals(nested.scene()))
                            .findFirst()
                            .ifPresent(inner -> Filler.blocks(
                                    inner.blocks(),
                                    nested.changes(),
                                    misfit -> found.add(new Found(
                                            path + "/blocks/" + block.id() + "/" + block.fillPath() + "/changes",
                                            "\u201c" + block.name() + "\u201d",
                                            misfit.filling(),
                                            misfit.reason())))));
        }
        return found;
    }
}
