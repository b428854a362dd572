package knollwind.core.edit;

import java.util.Map;
import java.util.stream.Collectors;
import knollwind.core.frame.BlockScore;
import knollwind.core.frame.SceneScore;
import knollwind.core.motion.BlockTiming;
import knollwind.core.scene.Scene;

/** When the blocks of a scene are really on, in its base format, whatever they hang on. */
final class BlockTimes {
    private final Map<String, BlockTiming> timings;

    private BlockTimes(Map<String, BlockTiming> timings) {
        this.timings = timings;
    }

    static BlockTimes of(Draft draft, Scene scene) {
        return new BlockTimes(
                SceneScore.of(draft.project(), scene, scene.formats().get(0), draft.typesetter()).blocks().stream()
                        .collect(Collectors.toMap(score -> score.block().id(), BlockScore::timing)));
    }

    BlockTiming of(String block) {
        return timings.get(block);
    }
}
