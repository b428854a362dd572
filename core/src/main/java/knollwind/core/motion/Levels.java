package knollwind.core.motion;

import java.util.Objects;

/** How loud what a move follows is at a scene's frames, 0 to 1. Two are equal that come of the same. */
public final class Levels {
    /** Where nothing is heard. */
    public static final Levels NONE = new Levels("", false, new double[0]);

    private final Object source;
    private final boolean heard;
    private final double[] levels;

    /**
     * @param source all that the levels depend on
     * @param heard whether there is anything that could be heard
     * @param levels 0 to 1, of the scene's frames from 0 on; it is not copied
     */
    public Levels(Object source, boolean heard, double[] levels) {
        this.source = source;
        this.heard = heard;
        this.levels = levels;
    }

    /** False where no sound is there that is meant. */
    boolean heard() {
        return heard;
    }

    /** The level at a time in scene frames; straight from one frame to the next. */
    double at(double time) {
        if (levels.length == 0 || time <= 0) {
            return levels.length == 0 ? 0 : levels[0];
        }
        int frame = (int) Math.min(levels.length - 1, Math.floor(time));
        double next = levels[Math.min(levels.length - 1, frame + 1)];
        return levels[frame] + (next - levels[frame]) * Math.min(1, time - frame);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Levels levels && levels.source.equals(source);
    }

    @Override
    public int hashCode() {
        return Objects.hash(source);
    }
}
