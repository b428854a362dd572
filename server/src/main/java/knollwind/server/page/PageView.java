package knollwind.server.page;

import java.util.List;
import knollwind.core.directions.BlockScript;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.document.Operation;
import knollwind.core.edit.PoseMove;
import knollwind.core.edit.SoundHandles;
import knollwind.core.edit.TimeHandle;
import knollwind.core.filling.AskedField;
import knollwind.core.filling.BuiltWords;
import knollwind.core.filling.Conditions;
import knollwind.core.frame.Grips;
import knollwind.core.motion.KeyClock;
import knollwind.core.scene.Format;
import knollwind.core.scene.FrameFit;
import knollwind.core.scene.OnwardSounds;
import knollwind.core.sound.Heard;
import tools.jackson.databind.JsonNode;

/**
 * Everything about a scene that is shown beside its picture.
 *
 * @param over what there is to do about blocks that go on after the scene's end; null where none does
 * @param following what makes the scene as long as what it ends with; nothing where it is
 * @param background what lies behind all blocks
 * @param fit how the base format's frame lies in the format that is shown
 * @param safe the areas that are safe in the format, the one for words last
 * @param usualSafe what words keep inside of in a format without a safe area of its own
 * @param heard what is heard with it
 * @param sounds how its sounds are dragged in time
 * @param running those that have run on into it from earlier scenes
 * @param easings what the way from a key of a block to the next can be
 * @param nestable ids of the scenes that may stand in this one
 * @param fields of the whole project, as they stand
 * @param built words that are built by steps, with what each step comes to
 * @param problems what does not fit or cannot be shown, in words
 * @param conditions of the scene
 * @param version the scene with the version and the conditions that are looked at in its blocks; null where it is as it stands
 */
public record PageView(
        int length,
        Control.Option over,
        List<Operation> following,
        FrameFit fit,
        List<Format.Safe> safe,
        Format.Safe usualSafe,
        Sentence background,
        List<BlockView> blocks,
        List<Heard> heard,
        List<SoundHandles> sounds,
        List<OnwardSounds.Running> running,
        List<Control.Named> easings,
        List<String> nestable,
        List<AskedField> fields,
        List<BuiltWords.Shown> built,
        List<Problem> problems,
        List<Conditions.ToldCondition> conditions,
        JsonNode version) {
    /** Something to look at. */
    public record Problem(String block, String message) {}

    /**
     * A block's directions and times.
     *
     * @param called what it is called in sentences
     * @param start frames of the scene, like all times here
     * @param handles how it is dragged in time
     * @param clocks how the times of its keys become frames
     * @param restBox its box at rest in the frame's px
     * @param corners of its box at rest, clockwise from its own top left
     * @param baseline of its first line at rest, px from the frame's top, were the block not turned
     * @param words of a text block, in reading order
     * @param curve the map (a, b, c, d, e, f) from the px of the block's free curve to the frame's; null without one
     * @param tracks of the chosen block alone
     * @param grips what of the chosen block is dragged beside its box; none of others
     * @param pivots where it can be held, and how it is then placed without moving
     */
    public record BlockView(
            String id,
            String called,
            BlockScript script,
            double start,
            double arriveEnd,
            double leaveStart,
            double end,
            double scale,
            TimeHandle.Handles handles,
            KeyClock.Clocks clocks,
            FrameBox restBox,
            List<FramePoint> corners,
            double baseline,
            FramePoint pivot,
            List<PivotView> pivots,
            List<MoveView> moves,
            List<WordView> words,
            double em,
            double lineHeight,
            List<Double> curve,
            TravelView travel,
            List<TrackView> tracks,
            List<Grips.Seen> grips) {}

    /**
     * A keyed value of the chosen block, frame by frame while it is on.
     *
     * @param member its path inside the block
     * @param values px of the base frame, a factor, degrees or a share; empty for a colour
     * @param colours empty for a number
     */
    public record TrackView(String member, int first, List<Double> values, List<String> colours) {}

    /**
     * Where a block is carried while it is on, frame by frame from its first one on.
     *
     * @param away maps from where its boxes lie to where it is, each (a, b, c, d, e, f), and (g, h) in perspective
     * @param dots where its pivot is, carried by its own path alone
     */
    public record TravelView(int first, List<List<Double>> away, List<FramePoint> dots) {}

    /** A word, its stretch of the text and the corners of its box at rest. */
    public record WordView(int from, int to, List<FramePoint> corners) {}

    /**
     * A point that a block can be held by.
     *
     * @param operations what holding it there changes
     */
    public record PivotView(double x, double y, List<Operation> operations) {}

    /**
     * A move's turns.
     *
     * @param phase arrive, dwell or leave
     * @param pose where its pieces are away from rest
     * @param units none for one that is muted
     */
    public record MoveView(String id, String phase, PoseMove.Pose pose, List<UnitView> units) {}

    /**
     * A unit's turn and its box at rest in the frame's px.
     *
     * @param from first UTF-16 unit of the words that it stands for
     * @param to behind its last one
     * @param own whether it goes its own way
     */
    public record UnitView(
            String id, String text, int rank, double start, double end, FrameBox box, int from, int to, boolean own) {}

    /** A box in the frame, px. */
    public record FrameBox(double left, double top, double right, double bottom) {}

    /** A point in the frame, px. */
    public record FramePoint(double x, double y) {}
}
