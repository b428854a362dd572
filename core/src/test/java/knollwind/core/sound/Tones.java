package knollwind.core.sound;

/** Made recordings, the same on both channels. */
public final class Tones {
    private Tones() {}

    /** How loud something is at a second, 0 to 1. */
    public interface Amplitude {
        double at(double second);
    }

    /** A sine of so many Hz. */
    public static Recording of(double hertz, Amplitude amplitude) {
        return (from, into, frames) -> {
            for (int i = 0; i < frames; i++) {
                double second = (double) (from + i) / Recording.RATE;
                double value = second < 0 ? 0 : amplitude.at(second) * Math.sin(2 * Math.PI * hertz * second);
                into[2 * i] = (short) Math.round(32767 * value);
                into[2 * i + 1] = into[2 * i];
            }
        };
    }
}
