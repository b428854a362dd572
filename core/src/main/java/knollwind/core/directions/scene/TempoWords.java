package knollwind.core.directions.scene;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.Beats;

/** A scene's tempo in words: "at 96 beats a minute, 4 in a bar, the first at frame 6". */
public final class TempoWords {
    private static final Beats USUAL = new Beats(96, 0, 4);

    private TempoWords() {}

    /** @param at path of the beats in the document */
    public static void print(Sentence.Builder out, Beats beats, String at) {
        List<Control> controls = new ArrayList<>();
        controls.add(Values.pair("Tempo", "none", "beats", beats != null, at, null, beats == null ? USUAL : beats));
        if (beats != null) {
            controls.add(Values.number(
                    "a minute", beats.perMinute(), "", Beats.SLOWEST, Beats.FASTEST, 1, at + "/perMinute", 1));
            controls.add(counted(beats.perMinute(), at));
            controls.add(new Control.Taps("By ear", Beats.SLOWEST, Beats.FASTEST, at + "/perMinute"));
            controls.add(Values.number("in a bar", beats.perBar(), "", 1, 16, 1, at + "/perBar", 1));
            controls.add(
                    Values.number("the first at", beats.first(), "fr", -1_000_000, 1_000_000, 1, at + "/first", 1));
        }
        String said = beats == null
                ? "without a tempo"
                : "at " + Say.number(beats.perMinute()) + " beats a minute, " + beats.perBar()
                        + " in a bar, the first at frame " + Say.number(beats.first());
        out.plain(", ")
                .part(said, new Part("tempo", controls, "Times can be typed in beats, as 2b, and are drawn to them."));
    }

    /** Half or double: what is heard can be counted either way. */
    private static Control counted(double perMinute, String at) {
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option("as it is", true, List.of()));
        Map.of("half as fast", 0.5, "twice as fast", 2.0).entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .filter(one ->
                        perMinute * one.getValue() >= Beats.SLOWEST && perMinute * one.getValue() <= Beats.FASTEST)
                .map(one -> new Control.Option(
                        one.getKey(), false, List.of(Ops.set(at + "/perMinute", perMinute * one.getValue()))))
                .forEach(options::add);
        return new Control.Choice("counted", options);
    }

    /** What of a tempo is said here, with the rest as it is; null where nothing is. */
    static Beats read(Lexer words, Beats now) {
        int start = words.position();
        Beats known = now == null ? USUAL : now;
        if (words.phrase("the first at frame")) {
            double first = words.number().orElseThrow(() -> DirectionException.missing(words, "a frame"));
            return new Beats(known.perMinute(), first, known.perBar());
        }
        words.phrase("at");
        OptionalDouble number = words.number();
        if (number.isPresent() && words.phrase("beats a minute")) {
            return new Beats(number.getAsDouble(), known.first(), known.perBar());
        }
        if (number.isPresent() && words.phrase("in a bar")) {
            return new Beats(known.perMinute(), known.first(), (int) Math.rint(number.getAsDouble()));
        }
        words.back(start);
        return null;
    }
}
