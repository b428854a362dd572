package knollwind.core.directions.grammar;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import knollwind.core.scene.Beats;
import knollwind.core.scene.FrameRate;

/** Times as they are typed: "36 frames", "1.5 s", "0:01 + 12", "1 + 12", "2 beats", and bare numbers, which are frames. */
public final class TimeWords {
    private static final double SECONDS_IN_A_MINUTE = 60;

    private TimeWords() {}

    /**
     * The time that stands here, in frames, as near as it is written; nothing where none does, and nothing is passed over then.
     *
     * @param beats of the scene; null without a tempo
     * @throws DirectionException for beats where there is no tempo
     */
    public static OptionalDouble read(Lexer words, FrameRate rate, Beats beats) {
        int start = words.position();
        Optional<String> before = words.match("\\d+(?=:\\d\\d)");
        double minutes = before.map(Double::parseDouble).orElse(0.0);
        if (before.isPresent()) {
            words.sign(":");
        }
        OptionalDouble number = words.number();
        if (number.isEmpty()) {
            words.back(start);
            return OptionalDouble.empty();
        }
        double told = number.getAsDouble();
        int here = words.position();
        double seconds = (minutes * SECONDS_IN_A_MINUTE + told) * rate.perSecond();
        if (words.sign("+")) {
            OptionalDouble more = words.number();
            if (more.isPresent()) {
                unit(words, "frames", "frame", "fr");
                return OptionalDouble.of(Math.rint(seconds) + more.getAsDouble());
            }
            words.back(here);
        }
        if (before.isPresent() || unit(words, "seconds", "second", "sec", "s")) {
            return OptionalDouble.of(seconds);
        }
        if (unit(words, "minutes", "minute", "min")) {
            return OptionalDouble.of(seconds * SECONDS_IN_A_MINUTE);
        }
        if (unit(words, "beats", "beat", "b")) {
            if (beats == null) {
                throw new DirectionException("the scene has no tempo to count beats by", here, List.of());
            }
            return OptionalDouble.of(told * beats.frames(rate));
        }
        unit(words, "frames", "frame", "fr");
        return OptionalDouble.of(told);
    }

    private static boolean unit(Lexer words, String... names) {
        return words.match("(" + String.join("|", names) + ")(?![\\p{L}\\d])").isPresent();
    }
}
