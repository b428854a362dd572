package knollwind.cli;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.motion.MoveTiming;
import knollwind.core.scene.Project;
import knollwind.core.scene.Scene;
import knollwind.core.type.Unit;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** Prints when every unit of every move has its turn. */
@Command(
        name = "timing",
        mixinStandardHelpOptions = true,
        description =
                "Print start and end, in frames of the scene, of every unit of every move, one JSON object a line. "
                        + "Without --scene all scenes are taken.")
final class TimingCommand implements Callable<Integer> {
    @Mixin
    private SceneChoice choice;

    @Override
    public Integer call() throws Exception {
        Project project = choice.project();
        List<Scene> scenes = choice.scene == null ? project.scenes() : List.of(choice.scene(project));
        for (Scene scene : scenes) {
            SceneScore score = choice.score(project, scene);
            for (BlockScore block : score.blocks()) {
                for (MoveTiming move : block.timing().moves()) {
                    print(score, block, move);
                }
            }
        }
        Texts.OUT.flush();
        return 0;
    }

    private static void print(SceneScore score, BlockScore block, MoveTiming move) {
        List<Unit> units = block.set().units(move.move().unit());
        for (int i = 0; i < units.size(); i++) {
            if (!move.ranks().takesTurn(i)) {
                continue;
            }
            Map<String, Object> result = new LinkedHashMap<>();
            result.put("scene", score.scene().name());
            result.put("format", score.format().name());
            result.put("block", block.block().id());
            result.put("phase", move.phase().name().toLowerCase(Locale.ROOT));
            result.put("move", move.move().id());
            result.put("unit", units.get(i).id());
            result.put("text", units.get(i).text());
            result.put("rank", move.ranks().of().get(i));
            result.put("start", move.starts().get(i));
            result.put("end", move.ends().get(i));
            Texts.print(result);
        }
    }
}
