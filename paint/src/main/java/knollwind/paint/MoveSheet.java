package knollwind.paint;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.frame.SceneScore;
import knollwind.core.library.ReadyMove;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Phase;
import knollwind.core.type.FontLibrary;

/** Pictures of ready-made moves in sequence, to judge their rhythm by. */
public final class MoveSheet {
    private final FontLibrary fonts;
    private final SheetScenes scenes;

    public MoveSheet(FontLibrary fonts) {
        this.fonts = fonts;
        this.scenes = new SheetScenes(fonts);
    }

    /** The words with the move, ready to be seen. */
    public SceneScore score(ReadyMove ready, PhaseKind phase, String words) {
        Phase own = new Phase(ready.moves(phase));
        return scenes.of(
                words,
                SheetScenes.NIGHT,
                block -> block.withArrive(phase == PhaseKind.ARRIVE ? own : Phase.CUT)
                        .withLeave(phase == PhaseKind.LEAVE ? own : Phase.CUT)
                        .withDwell(phase == PhaseKind.DWELL ? own : Phase.CUT));
    }

    /** Times spread evenly over the phase, its ends included. */
    public static double[] times(SceneScore score, PhaseKind phase, int count) {
        BlockTiming timing = score.blocks().get(0).timing();
        double from = phase == PhaseKind.ARRIVE ? timing.start() : phase == PhaseKind.LEAVE ? timing.leaveStart() : 60;
        double to =
                phase == PhaseKind.ARRIVE ? timing.arriveEnd() : phase == PhaseKind.LEAVE ? timing.end() - 0.01 : 156;
        double[] times = new double[count];
        for (int i = 0; i < count; i++) {
            times[i] = from + (to - from) * i / (count - 1);
        }
        return times;
    }

    /**
     * A sheet as a PNG file: a row for every move, so many pictures of it from left to right.
     *
     * @param words one text for every row, or one for all of them
     */
    public byte[] png(List<ReadyMove> moves, PhaseKind phase, List<String> words, int columns) {
        List<SceneScore> rows = new ArrayList<>();
        for (ReadyMove move : moves) {
            for (String text : words) {
                rows.add(score(move, phase, text));
            }
        }
        return SheetScenes.png(
                fonts,
                columns,
                rows.size(),
                (row, column) -> rows.get(row).at(times(rows.get(row), phase, columns)[column]));
    }
}
