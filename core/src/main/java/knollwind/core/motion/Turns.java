package knollwind.core.motion;

import java.util.List;
import java.util.stream.Stream;
import knollwind.core.scene.Block;
import knollwind.core.scene.Moments;
import knollwind.core.scene.Move;

/**
 * Moments of a scene at which pieces of a block may have their turns.
 *
 * @param spoken the words of the block, in reading order; empty where nothing is said
 * @param cues scene frames, rising
 */
public record Turns(List<TimedText> spoken, List<Double> cues) {
    /** Of a block that goes by its own pace alone. */
    public static final Turns NONE = new Turns(List.of(), List.of());

    /** Whether some move of the block has its turns from there. */
    public static boolean counted(Block block, Moments.By by) {
        return Stream.of(block.arrive(), block.dwell())
                .flatMap(phase -> phase.moves().stream())
                .map(Move::pace)
                .anyMatch(pace -> pace.moments() != null && pace.moments().by() == by);
    }
}
