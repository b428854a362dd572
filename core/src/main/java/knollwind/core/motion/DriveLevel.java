package knollwind.core.motion;

import java.util.List;
import knollwind.core.scene.Drive;

/** How far what a number of a dressing goes by has happened. */
public final class DriveLevel {
    /** Seconds before a word is said in which it comes, and after it in which it goes. */
    private static final double RISE = 0.08;

    private static final double FALL = 0.25;

    private DriveLevel() {}

    /**
     * 0 to 1: smooth over a phase, and 1 from its end on; 1 while a word is said.
     *
     * @param words those that are meant
     * @param perSecond frames
     */
    public static double at(
            Drive drive, BlockTiming timing, Turns turns, List<TimedText> words, double perSecond, double time) {
        return switch (drive.by()) {
            case ARRIVING -> passed(time, timing.start(), timing.arriveEnd());
            case LEAVING -> passed(time, timing.leaveStart(), timing.end());
            case WORDS ->
                words.stream()
                        .mapToDouble(word -> said(word, time, perSecond))
                        .max()
                        .orElse(0);
            case LOUDNESS -> {
                double level = turns.of(drive.loudness()).at(time);
                yield drive.loudness().quiet() == null ? level : 1 - level;
            }
        };
    }

    private static double said(TimedText word, double time, double perSecond) {
        return passed(time, word.start() - RISE * perSecond, word.start())
                * (1 - passed(time, word.end(), word.end() + FALL * perSecond));
    }

    /** 3 p² − 2 p³ of the way. */
    private static double passed(double time, double from, double to) {
        double part = to <= from ? (time < from ? 0 : 1) : Math.max(0, Math.min(1, (time - from) / (to - from)));
        return part * part * (3 - 2 * part);
    }
}
