package knollwind.core.directions.move;

import java.util.List;
import java.util.Set;
import knollwind.core.motion.MoveTiming;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.Sound;

/**
 * What a printer needs to know about a move beside the move itself.
 *
 * @param path of the move in the document
 * @param timing as worked out for the block's present words
 */
public record MoveContext(String path, MoveTiming timing, Stage stage) {
    /**
     * What all moves of a phase have in common.
     *
     * @param words that are moved
     * @param axes tags of the axes that their face has
     * @param shapes of the scene, other than the block itself
     * @param sounds of the scene
     * @param ids of the phase's moves
     * @param splits false where the block has only its whole to move
     * @param em type size in px
     * @param lineHeight px
     */
    public record Stage(
            String words,
            Set<String> axes,
            List<ShapeBlock> shapes,
            List<Sound> sounds,
            List<String> ids,
            boolean splits,
            double em,
            double lineHeight,
            double frameWidth,
            double frameHeight) {}

    boolean splits() {
        return stage.splits;
    }

    /** The list of moves that this one is in. */
    String list() {
        return path.substring(0, path.lastIndexOf('/'));
    }

    Move move() {
        return timing.move();
    }

    PhaseKind phase() {
        return timing.phase();
    }

    /** The same with other channels. */
    MoveContext changing(List<Channel> channels) {
        MoveTiming other = timing.of(move().withChannels(channels));
        return new MoveContext(path, other, stage);
    }

    /** The same distance in another unit, to two decimals. */
    double convert(double value, Length.Unit from, Length.Unit to, boolean across) {
        double frame = across ? stage.frameWidth : stage.frameHeight;
        double px = new Length(value, from).pixels(stage.em, stage.lineHeight, frame);
        double one = new Length(1, to).pixels(stage.em, stage.lineHeight, frame);
        return Math.rint(px / one * 100) / 100 + 0.0;
    }
}
