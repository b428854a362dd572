package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import knollwind.core.directions.Script;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.scene.LengthWords;
import knollwind.core.directions.scene.SceneReader;
import knollwind.core.document.Differences;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.filling.CaptionCopies;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.Scene;

/**
 * Sets what a scene says of itself as a typed sentence tells: ground, length, tempo, movement, camera, crossing and hold. Only what the
 * sentence changes is changed; what has no effect now is said.
 *
 * @param format id of the format that is looked at, in whose px it is typed
 */
public record SetSceneBySentence(String scene, String format, String sentence) implements Intent {
    @Override
    public Outcome on(Draft draft) {
        SetBySentence.check(sentence);
        Scene before = draft.scene(scene);
        Set<String> dressing =
                before.captions() == null ? Set.of() : CaptionCopies.designs(before.captions(), before.blocks());
        double lastEnd = draft.times(before).entrySet().stream()
                .filter(one -> !dressing.contains(one.getKey()))
                .mapToDouble(one -> one.getValue().end())
                .max()
                .orElse(0);
        String printed = Script.background(draft.project(), before, lastEnd).text();
        FormatPx px = new FormatPx(FrameFit.of(before, before.format(format)));
        Scene after = SceneReader.read(sentence, before, px, printed);
        String path = "scenes/" + scene;
        List<Operation> operations = new ArrayList<>(Differences.between(
                DocumentJson.tree(before),
                DocumentJson.tree(after),
                Nodes.byId(draft.tree().path("scenes"), scene),
                path));
        LengthWords.following(after, lastEnd).stream()
                .filter(operation -> !operations.contains(operation))
                .forEach(operations::add);
        return Outcome.saying(operations, said(draft, before, after));
    }

    private static String said(Draft draft, Scene before, Scene after) {
        List<Scene> scenes = draft.project().ownScenes();
        boolean last = !scenes.isEmpty() && scenes.get(scenes.size() - 1).id().equals(after.id());
        boolean crosses = after.crossing() != null && !after.crossing().equals(before.crossing());
        return crosses && last
                ? "This is the last scene, so the crossing counts only once another comes after it."
                : "";
    }
}
