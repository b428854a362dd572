package knollwind.core.directions.dress;

import java.util.List;
import java.util.Map;
import knollwind.core.scene.Block;
import knollwind.core.scene.Sound;

/**
 * What is known of a block beside its dress.
 *
 * @param path of the block in the document
 * @param neighbours all blocks of its scene
 * @param costs ms a frame by the ids of dressings; of those that are missing nothing is said
 * @param sounds of its scene
 * @param letters of its words, UTF-16 units; 0 for a shape
 * @param em type size, px of the base format
 * @param spoken whether some of its words are said
 * @param cued whether its scene has cues, where something of it goes by them
 */
public record DressContext(
        String path,
        List<Block> neighbours,
        Map<String, Double> costs,
        List<Sound> sounds,
        int letters,
        double em,
        boolean spoken,
        boolean cued) {
    /** Where only the words of the sentence matter. */
    static DressContext bare(List<Block> neighbours) {
        return new DressContext("", neighbours, Map.of(), List.of(), 1, 100, true, true);
    }
}
