package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Look;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Fill.Stop;
import knollwind.core.scene.Value;

/**
 * Fills in words: "in #f4ead2", "in a gradient of #f0b64a at 0 % and #c8472f at 100 % along 90°", "in a round gradient of …
 * around 50 % and 50 % as far as 100 %", "in no colour"; and what they are stretched over.
 */
public final class FillWords {
    private static final String COLOUR = "#([0-9a-f]{8}|[0-9a-f]{6})";

    private static final String ANOTHER_SCENE = "another scene";

    private static final String A_FIELD = "a field's colour";

    private FillWords() {}

    /**
     * @param areas over which it can be stretched
     * @param more controls that go with the fill, in its drawer
     */
    static void print(Sentence.Builder out, Fill fill, String at, List<Fill.Area> areas, List<Control> more) {
        List<Control> all = new ArrayList<>(AreaWords.choice(fill, areas, at));
        all.addAll(more);
        print(out, ", in ", fill, at, all);
    }

    /** What lies behind all blocks of a scene, always over the whole frame. */
    public static void ground(Sentence.Builder out, Fill fill, String at) {
        print(out, "", fill, at, List.of());
    }

    private static void print(Sentence.Builder out, String lead, Fill fill, String at, List<Control> more) {
        out.plain(lead);
        Runnable print = fill.match(new Printing(out, at, more, AreaWords.said(fill)));
        print.run();
    }

    /** What each kind of fill is printed as. */
    private record Printing(Sentence.Builder out, String at, List<Control> more, String area)
            implements Fill.Cases<Runnable> {
        @Override
        public Runnable none(Fill.None none) {
            return () -> colour(
                    null,
                    "no colour",
                    and(more, choice(none, at), new Control.PictureFile("A picture or film", at)),
                    "");
        }

        @Override
        public Runnable solid(Fill.Solid solid) {
            Optional<String> colour = solid.colour().literal();
            return colour.isEmpty()
                    ? () -> out.plain(A_FIELD)
                    : () -> colour(
                            Look.swatch(colour.get()),
                            colour.get(),
                            and(
                                    more,
                                    new Control.Tint("Colour", colour.get(), at + "/colour"),
                                    choice(solid, at),
                                    new Control.PictureFile("A picture or film", at)),
                            "");
        }

        @Override
        public Runnable gradient(Fill.Gradient gradient) {
            List<Control> controls = new ArrayList<>(stops(gradient.stops(), at));
            controls.add(Values.number("along", gradient.angle(), "\u00b0", -360, 360, 5, at + "/angle", 1));
            controls.add(choice(gradient, at));
            controls.addAll(more);
            return () -> colour(
                    strip("a gradient along " + Say.number(gradient.angle()) + "\u00b0" + area, gradient.stops()),
                    "a gradient of " + say(gradient.stops()) + " along " + Say.number(gradient.angle()) + "\u00b0"
                            + area,
                    controls,
                    "90\u00b0 runs downwards.");
        }

        @Override
        public Runnable radial(Fill.Radial radial) {
            List<Control> controls = new ArrayList<>(stops(radial.stops(), at));
            controls.add(Values.percent("across", radial.x(), -100, 200, at + "/x"));
            controls.add(Values.percent("down", radial.y(), -100, 200, at + "/y"));
            controls.add(Values.percent("as far as", radial.reach(), 1, 400, at + "/reach"));
            controls.add(choice(radial, at));
            controls.addAll(more);
            return () -> colour(
                    strip(
                            "a round gradient around " + Say.percent(radial.x()) + " and " + Say.percent(radial.y())
                                    + " as far as " + Say.percent(radial.reach()) + area,
                            radial.stops()),
                    "a round gradient of " + say(radial.stops()) + " around " + Say.percent(radial.x()) + " and "
                            + Say.percent(radial.y()) + " as far as " + Say.percent(radial.reach()) + area,
                    controls,
                    "");
        }

        @Override
        public Runnable conic(Fill.Conic conic) {
            List<Control> controls = new ArrayList<>(stops(conic.stops(), at));
            controls.add(Values.percent("across", conic.x(), -100, 200, at + "/x"));
            controls.add(Values.percent("down", conic.y(), -100, 200, at + "/y"));
            controls.add(Values.number("from", conic.angle(), "\u00b0", -360, 360, 5, at + "/angle", 1));
            controls.add(choice(conic, at));
            controls.addAll(more);
            String where = " around " + Say.percent(conic.x()) + " and " + Say.percent(conic.y()) + " from "
                    + Say.number(conic.angle()) + "\u00b0" + area;
            return () -> colour(
                    strip("a conic gradient" + where, conic.stops()),
                    "a conic gradient of " + say(conic.stops()) + where,
                    controls,
                    "Its colours go once round; where the last meets the first is an edge unless they are the same.");
        }

        @Override
        public Runnable picture(Fill.Picture picture) {
            return () -> PictureWords.print(out, "picture", picture, at, and(more, choice(picture, at)), at, area);
        }

        @Override
        public Runnable film(Fill.Film film) {
            return () -> {
                PictureWords.print(out, "film", film.picture(), at + "/picture", and(more, choice(film, at)), at, area);
                FilmWords.print(out, film, at + "/play");
            };
        }

        @Override
        public Runnable nested(Fill.Nested nested) {
            return () -> colour(null, ANOTHER_SCENE + area, and(more, choice(nested, at)), "");
        }

        private void colour(Look look, String text, List<Control> controls, String note) {
            out.part(text, new Part("colour", controls, note), look);
        }

        private static Look strip(String words, List<Stop> stops) {
            return Look.strip(
                    words,
                    stops.stream()
                            .map(stop -> new Look.Stop(stop.colour(), stop.at()))
                            .toList());
        }
    }

    private static List<Control> and(List<Control> more, Control... controls) {
        List<Control> all = new ArrayList<>(List.of(controls));
        all.addAll(more);
        return all;
    }

    private static List<Control> stops(List<Stop> stops, String at) {
        List<Control> controls = new ArrayList<>();
        for (int i = 0; i < stops.size(); i++) {
            Stop stop = stops.get(i);
            String own = at + "/stops/" + stop.id();
            controls.add(new Control.Tint("Stop " + (i + 1), stop.colour(), own + "/colour"));
            controls.add(Values.percent("at", stop.at(), 0, 100, own + "/at"));
        }
        return controls;
    }

    private static String say(List<Stop> stops) {
        List<String> texts = stops.stream()
                .map(stop -> stop.colour() + " at " + Say.percent(stop.at()))
                .toList();
        return texts.stream().limit(texts.size() - 1).collect(Collectors.joining(", ")) + " and "
                + texts.get(texts.size() - 1);
    }

    /** One colour, three kinds of gradient, or nothing; going from one to another keeps the colours there are. */
    private static Control choice(Fill fill, String at) {
        List<Stop> stops = stopsOf(fill);
        Fill solid = new Fill.Solid(Value.of(stops.get(0).colour()));
        Fill straight = new Fill.Gradient(90, stops).over(fill.area());
        Fill round = new Fill.Radial(0.5, 0.5, 1, stops).over(fill.area());
        Fill conic = new Fill.Conic(0.5, 0.5, 0, stops).over(fill.area());
        return new Control.Choice(
                "Fill",
                List.of(
                        option("one colour", fill instanceof Fill.Solid, solid, at),
                        option("a gradient", fill instanceof Fill.Gradient, straight, at),
                        option("a round gradient", fill instanceof Fill.Radial, round, at),
                        option("a conic gradient", fill instanceof Fill.Conic, conic, at),
                        option("none", fill instanceof Fill.None, new Fill.None(), at)));
    }

    private static Control.Option option(String label, boolean now, Fill fill, String at) {
        return new Control.Option(label, now, now ? List.of() : List.of(Ops.set(at, fill)));
    }

    private static List<Stop> stopsOf(Fill fill) {
        if (!fill.colourStops().isEmpty()) {
            return fill.colourStops();
        }
        String colour = fill.oneColour().flatMap(Value::literal).orElse("#f4ead2");
        return List.of(new Stop("s1", 0, colour), new Stop("s2", 1, colour.equals("#f0b64a") ? "#c8472f" : "#f0b64a"));
    }

    /** What lies behind all blocks of a scene; nothing when no fill is said. */
    public static Optional<Fill> readGround(Lexer words, Fill now) {
        return read(words, now, List.of());
    }

    /** The fill said after "in"; nothing when none is. Fields and unreadable kinds keep the present one. */
    private static Optional<Fill> read(Lexer words, Fill now, List<Fill.Area> areas) {
        return kind(words, now)
                .map(fill -> AreaWords.read(words, fill, areas))
                .map(fill -> fill instanceof Fill.Film film ? run(words, film) : fill);
    }

    private static Fill run(Lexer words, Fill.Film over) {
        return new Fill.Film(over.picture(), over.frames(), over.rate(), FilmWords.read(words, over));
    }

    private static Optional<Fill> kind(Lexer words, Fill now) {
        if (words.phrase("no colour")) {
            return Optional.of(new Fill.None());
        }
        Optional<Fill> picture = PictureWords.read(words, now);
        if (picture.isPresent()) {
            return picture;
        }
        if (words.phrase(A_FIELD) || now instanceof Fill.Nested && words.phrase(ANOTHER_SCENE)) {
            return Optional.of(now);
        }
        if (words.phrase("a gradient of")) {
            List<Stop> stops = readStops(words);
            double angle = words.phrase("along") ? words.number().orElse(90) : 90;
            words.sign("\u00b0");
            return Optional.of(new Fill.Gradient(angle, stops));
        }
        if (words.phrase("a round gradient of")) {
            List<Stop> stops = readStops(words);
            double x = words.phrase("around") ? words.percent().orElse(0.5) : 0.5;
            double y = words.phrase("and") ? words.percent().orElse(0.5) : 0.5;
            double reach = words.phrase("as far as") ? words.percent().orElse(1) : 1;
            return Optional.of(new Fill.Radial(x, y, reach, stops));
        }
        if (words.phrase("a conic gradient of")) {
            List<Stop> stops = readStops(words);
            double x = words.phrase("around") ? words.percent().orElse(0.5) : 0.5;
            double y = words.phrase("and") ? words.percent().orElse(0.5) : 0.5;
            double angle = words.phrase("from") ? words.number().orElse(0) : 0;
            words.sign("\u00b0");
            return Optional.of(new Fill.Conic(x, y, angle, stops));
        }
        return readColour(words).map(colour -> new Fill.Solid(Value.of(colour)));
    }

    /**
     * The fill of "in …"; nothing, and nothing passed over, where none is said.
     *
     * @param areas over which it can be stretched
     */
    static Optional<Fill> readIn(Lexer words, Fill now, List<Fill.Area> areas) {
        int start = words.position();
        Optional<Fill> read = words.phrase("in") ? read(words, now, areas) : Optional.empty();
        if (read.isEmpty()) {
            words.back(start);
        }
        return read;
    }

    /** One colour, as {@code #rrggbb}. */
    static Optional<String> readColour(Lexer words) {
        return words.match(COLOUR).map(colour -> colour.toLowerCase(Locale.ROOT));
    }

    private static List<Stop> readStops(Lexer words) {
        List<Stop> stops = new ArrayList<>();
        int here = words.position();
        Optional<String> colour = words.match(COLOUR);
        while (colour.isPresent()) {
            double at = words.phrase("at") ? words.percent().orElse(0) : stops.isEmpty() ? 0 : 1;
            stops.add(new Stop("s" + (stops.size() + 1), at, colour.get().toLowerCase(Locale.ROOT)));
            here = words.position();
            words.separators();
            colour = words.match(COLOUR);
        }
        words.back(here);
        if (stops.size() < 2) {
            throw new DirectionException(
                    "a gradient needs two colours or more, such as \"#f0b64a at 0 % and #c8472f at 100 %\"",
                    words.position(), List.of("#f0b64a at 0 %", "#c8472f at 100 %"));
        }
        return stops;
    }
}
