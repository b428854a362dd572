package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A recording that is heard while a scene is seen.
 *
 * @param name what its file is called
 * @param sha256 of the file that it came in
 * @param seconds how long the whole recording is
 * @param start scene frame at which its part begins; it may lie before the scene
 * @param from where its part begins, seconds of the recording
 * @param to where its part ends, seconds of the recording; null for its end
 * @param level decibels, -60 to 12; 0 is as it was recorded
 * @param muted whether it is not heard
 * @param alone whether only the sounds that are to be heard alone are heard
 * @param fadeIn seconds over which it comes, 0 to {@value #LONGEST_FADE}; null for at once
 * @param fadeOut seconds over which it goes; null for at once
 * @param under how it is lowered while voices speak; null where it is not
 * @param onward true where it runs on under the scenes that follow; null otherwise
 */
@RecordBuilder
public record Sound(
        String id,
        String name,
        Kind kind,
        String sha256,
        double seconds,
        Rational start,
        double from,
        Double to,
        double level,
        boolean muted,
        boolean alone,
        Double fadeIn,
        Double fadeOut,
        Lowering under,
        Boolean onward)
        implements SoundBuilder.With {
    /** Seconds. */
    public static final double LONGEST_FADE = 60;

    /**
     * How a sound gives way to voices.
     *
     * @param by decibels by which it is lower while one speaks, 0 to {@value #LOWEST}
     * @param over seconds in which it goes down before the voice, and up again after it, {@value #FASTEST} to {@value #SLOWEST}
     */
    public record Lowering(double by, double over) {
        public static final double LOWEST = 60;
        public static final double FASTEST = 0.02;
        public static final double SLOWEST = 10;

        public Lowering {
            Check.range(by, 0, LOWEST, "by how much a sound is lowered");
            Check.range(over, FASTEST, SLOWEST, "how fast a sound is lowered");
        }

        /** The factor of its amplitude while a voice speaks. */
        public double factor() {
            return Math.pow(10, -by / 20);
        }
    }

    /** The recording that a sound plays. */
    public record Source(String sha256, String name, double seconds) {
        public Source {
            // A sound that plays it is a sound.
            whole("source", name, Kind.MUSIC, sha256, seconds);
        }
    }

    /** A sound that neither fades nor gives way. */
    public Sound(
            String id,
            String name,
            Kind kind,
            String sha256,
            double seconds,
            Rational start,
            double from,
            Double to,
            double level,
            boolean muted,
            boolean alone) {
        this(id, name, kind, sha256, seconds, start, from, to, level, muted, alone, null, null, null, null);
    }

    /** The longest recording that is taken in, seconds. */
    public static final double LONGEST = 7200;

    /** What a sound is to the scene. */
    public enum Kind {
        @JsonProperty("voice")
        VOICE,
        @JsonProperty("music")
        MUSIC
    }

    @JsonCreator
    public Sound {
        Check.id(id, "a sound");
        Check.text(name, 200, "the name of a sound");
        Check.present(kind, "what a sound is, voice or music,");
        if (sha256 == null || !sha256.matches("[0-9a-f]{64}")) {
            throw new IllegalArgumentException("a sound names its file by its SHA-256, 64 hexadecimal digits");
        }
        Check.range(seconds, 0, LONGEST, "the seconds of a sound");
        Check.present(start, "the start of a sound");
        Check.range(start.value(), -1_000_000, 1_000_000, "the start of a sound");
        Check.range(from, 0, seconds, "where a sound is taken up");
        if (to != null) {
            Check.range(to, from, seconds, "where a sound breaks off");
        }
        Check.range(level, -60, 12, "the level of a sound");
        fadeIn = fade(fadeIn);
        fadeOut = fade(fadeOut);
        onward = Block.onlyTrue(onward);
    }

    private static Double fade(Double seconds) {
        if (seconds == null || seconds == 0) {
            return null;
        }
        Check.range(seconds, 0, LONGEST_FADE, "the fade of a sound");
        return seconds;
    }

    /** A whole recording from the scene's start on. */
    public static Sound whole(String id, String name, Kind kind, String sha256, double seconds) {
        return new Sound(id, name, kind, sha256, seconds, Rational.ZERO, 0, null, 0, false, false);
    }

    /** The scene's frame at which a second of the recording is heard, whether it lies in its part or not. */
    public double frame(double second, FrameRate rate) {
        return start.value() + (second - from) * rate.perSecond();
    }

    /** Where its part ends, seconds of the recording. */
    public double end() {
        return to == null ? seconds : to;
    }
}
