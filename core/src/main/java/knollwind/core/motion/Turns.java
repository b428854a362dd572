package knollwind.core.motion;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import knollwind.core.scene.Block;
import knollwind.core.scene.Dressing;
import knollwind.core.scene.Drive;
import knollwind.core.scene.Loudness;
import knollwind.core.scene.Moments;
import knollwind.core.scene.Move;

/**
 * Moments of a scene at which pieces of a block may have their turns.
 *
 * @param spoken the words of the block, in reading order; empty where nothing is said
 * @param cues scene frames, rising
 * @param levels what moves follow that go as loud as something is
 */
public record Turns(List<TimedText> spoken, List<Double> cues, Map<Loudness, Levels> levels) {
    /** Of a block that goes by its own pace alone. */
    public static final Turns NONE = new Turns(List.of(), List.of());

    /** Where nothing is as loud as something else. */
    public Turns(List<TimedText> spoken, List<Double> cues) {
        this(spoken, cues, Map.of());
    }

    /** What the moves and the dress of a block follow that go as loud as something is. */
    public static List<Loudness> followed(Block block) {
        return Stream.concat(
                        block.dwell().moves().stream()
                                .map(move -> move.cycle().loudness())
                                .filter(loudness -> loudness != null),
                        block.dressings().stream().flatMap(dressing -> dressing.followed().stream()))
                .distinct()
                .toList();
    }

    Levels of(Loudness loudness) {
        return levels.getOrDefault(loudness, Levels.NONE);
    }

    /** Whether some move of the block has its turns from there, or some dressing goes by it. */
    public static boolean counted(Block block, Moments.By by) {
        return dressed(block, by) || moved(block, by);
    }

    private static boolean dressed(Block block, Moments.By by) {
        return block.dressings().stream().anyMatch(dressing -> switch (by) {
            case WORDS -> dressing.goesBy(Drive.By.WORDS);
            case CUES -> dressing.choices().containsValue(Dressing.ON_CUES);
            case BEATS -> false;
        });
    }

    private static boolean moved(Block block, Moments.By by) {
        return Stream.of(block.arrive(), block.dwell())
                .flatMap(phase -> phase.moves().stream())
                .map(Move::pace)
                .anyMatch(pace -> pace.moments() != null && pace.moments().by() == by);
    }
}
