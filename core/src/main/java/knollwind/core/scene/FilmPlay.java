package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.OptionalInt;

/**
 * How a film runs.
 *
 * @param first frame of the film that is shown, from 0
 * @param last frame of the film that is shown, not before the first
 * @param start scene frames after its block, or its scene, at which it begins to run; until then its first frame stands
 * @param speed multiple of its own speed, 0.05 to 20
 * @param after what is seen after the last frame
 * @param freeze scene frames after its block, or its scene, from which on it stands still; null lets it run
 */
public record FilmPlay(int first, int last, double start, double speed, After after, Double freeze) {
    /** What is seen after the last frame. */
    public enum After {
        /** The last frame stands. */
        @JsonProperty("hold")
        HOLD,
        /** The first frame again, and so on. */
        @JsonProperty("repeat")
        REPEAT,
        /** The frames backwards, then forwards, and so on; neither end is shown twice. */
        @JsonProperty("turn")
        TURN,
        /** Nothing. */
        @JsonProperty("gone")
        GONE
    }

    /** Far below a frame of any film: a time that should fall on a frame's start may be off by rounding. */
    private static final double ROUNDING = 1e-6;

    public FilmPlay {
        Check.range(first, 0, Fill.Film.MOST_FRAMES - 1, "the first frame of a film");
        Check.range(last, first, Fill.Film.MOST_FRAMES - 1, "the last frame of a film");
        Check.range(start, -1_000_000, 1_000_000, "the start of a film");
        Check.range(speed, 0.05, 20, "the speed of a film");
        after = after == null ? After.REPEAT : after;
        if (freeze != null) {
            Check.range(freeze, -1_000_000, 1_000_000, "the time from which a film stands still");
        }
    }

    /** All of a film's frames, over and over. */
    public static FilmPlay whole(int frames) {
        return new FilmPlay(0, frames - 1, 0, 1, After.REPEAT, null);
    }

    OptionalInt frame(double time, FrameRate scene, FrameRate own) {
        double until = freeze == null ? time : Math.min(time, freeze);
        double passed = scene.seconds(Math.max(0, until - start)) * speed;
        long shown = (long) Math.floor(passed * own.numerator() / own.denominator() + ROUNDING);
        int count = last - first + 1;
        if (shown < count) {
            return OptionalInt.of(first + (int) shown);
        }
        return switch (after) {
            case HOLD -> OptionalInt.of(last);
            case GONE -> OptionalInt.empty();
            case REPEAT -> OptionalInt.of(first + (int) (shown % count));
            case TURN -> {
                int way = Math.max(1, 2 * (count - 1));
                int at = (int) (shown % way);
                yield OptionalInt.of(first + Math.min(at, way - at) % count);
            }
        };
    }
}
