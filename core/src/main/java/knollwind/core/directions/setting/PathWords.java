package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.directions.controls.Control;
import knollwind.core.directions.controls.Ops;
import knollwind.core.directions.controls.Part;
import knollwind.core.directions.controls.Sentence;
import knollwind.core.directions.controls.Values;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.grammar.Say;
import knollwind.core.document.Operation;
import knollwind.core.scene.Bezier;
import knollwind.core.scene.Setting;
import knollwind.core.scene.TextPath;

/**
 * What words stand on, in words: "on an arc of 900 px", "inside a circle of 300 px around 90°, upright", "on a slope of -8°,
 * 40 px along".
 */
final class PathWords {
    private static final TextPath SLOPE = new TextPath.Slope(-8, 0, false);
    private static final TextPath ARC = new TextPath.Arc(900, 0, false);
    private static final TextPath CIRCLE = new TextPath.Circle(300, 0, false, 0, false);
    private static final TextPath FREE = new TextPath.Free(
            new Bezier(
                    List.of(
                            new Bezier.Knot(0, 120, 0, 0, 160, -160),
                            new Bezier.Knot(480, 120, -160, 160, 160, -160),
                            new Bezier.Knot(960, 120, -160, 160, 0, 0)),
                    false),
            0,
            false);

    private PathWords() {}

    static void print(Sentence.Builder out, Setting setting, String at) {
        TextPath path = setting.path();
        if (path == null) {
            return;
        }
        String own = at + "/path";
        List<Control> controls = new ArrayList<>();
        Said said = path.match(new ByKind(own));
        controls.addAll(said.controls());
        controls.add(Values.number("along", path.offset(), "px", -2000, 2000, 5, own + "/offset", 1));
        controls.add(Values.pair("Letters", "turned with it", "upright", path.upright(), own + "/upright"));
        controls.add(choice(setting, at));
        out.plain(", ").part(say(path), new Part("path", controls, said.note()));
    }

    /** What is said of a kind of path, and the controls that it alone has. */
    private record Said(String text, String note, List<Control> controls) {}

    private record ByKind(String at) implements TextPath.Cases<Said> {
        @Override
        public Said slope(TextPath.Slope slope) {
            return new Said(
                    "on a slope of " + Say.number(slope.angle()) + "\u00b0",
                    "",
                    List.of(Values.number("slope", slope.angle(), "\u00b0", -90, 90, 1, at + "/angle", 1)));
        }

        @Override
        public Said arc(TextPath.Arc arc) {
            return new Said(
                    "on an arc of " + Say.number(arc.radius()) + " px",
                    "Below 0 it sags.",
                    List.of(Values.number("radius", arc.radius(), "px", -6000, 6000, 10, at + "/radius", 1)));
        }

        @Override
        public Said circle(TextPath.Circle circle) {
            return new Said(
                    (circle.inside() ? "inside" : "on") + " a circle of " + Say.number(circle.radius()) + " px around "
                            + Say.number(circle.angle()) + "\u00b0",
                    "",
                    List.of(
                            Values.number("radius", circle.radius(), "px", 10, 3000, 5, at + "/radius", 1),
                            Values.number("around", circle.angle(), "\u00b0", -360, 360, 5, at + "/angle", 1),
                            Values.pair("Side", "outside", "inside", circle.inside(), at + "/inside")));
        }

        @Override
        public Said free(TextPath.Free free) {
            return new Said("on a curve of " + free.curve().knots().size() + " knots", "", List.of());
        }
    }

    private static String say(TextPath path) {
        String name = path.match(new ByKind("")).text();
        String offset = path.offset() == 0 ? "" : " " + Say.number(path.offset()) + " px along";
        return name + offset + (path.upright() ? " upright" : "");
    }

    /** What the words stand on: a straight line or one of the paths. */
    static Control choice(Setting setting, String at) {
        TextPath now = setting.path();
        List<Control.Option> options = new ArrayList<>();
        options.add(new Control.Option(
                "straight lines", now == null, now == null ? List.of() : List.of(new Operation.Clear(at + "/path"))));
        options.add(option("a slope", SLOPE, now, at));
        options.add(option("an arc", ARC, now, at));
        options.add(option("a circle", CIRCLE, now, at));
        options.add(option("a curve", FREE, now, at));
        return new Control.Choice("Words stand on", options);
    }

    private static Control.Option option(String label, TextPath path, TextPath now, String at) {
        boolean chosen = now != null && now.getClass() == path.getClass();
        return new Control.Option(label, chosen, chosen ? List.of() : List.of(Ops.set(at + "/path", path)));
    }

    /** The path that is said here, of the present one where a curve is; nothing when none is said. */
    static Optional<TextPath> read(Lexer words, TextPath now) {
        int start = words.position();
        if (words.phrase("on a slope of")) {
            double angle = number(words);
            words.sign("\u00b0");
            return Optional.of(new TextPath.Slope(angle, along(words), words.phrase("upright")));
        }
        if (words.phrase("on an arc of")) {
            double radius = number(words);
            words.phrase("px");
            return Optional.of(new TextPath.Arc(radius, along(words), words.phrase("upright")));
        }
        boolean inside = words.phrase("inside a circle of");
        if (inside || words.phrase("on a circle of")) {
            double radius = number(words);
            words.phrase("px");
            double angle = words.phrase("around") ? number(words) : 0;
            words.sign("\u00b0");
            return Optional.of(new TextPath.Circle(radius, angle, inside, along(words), words.phrase("upright")));
        }
        if (words.phrase("on a curve")) {
            words.match("of \\d+ knots");
            TextPath.Free free = (TextPath.Free) (now instanceof TextPath.Free ? now : FREE);
            return Optional.of(new TextPath.Free(free.curve(), along(words), words.phrase("upright")));
        }
        words.back(start);
        return Optional.empty();
    }

    private static double along(Lexer words) {
        int start = words.position();
        var number = words.number();
        if (number.isPresent() && words.phrase("px along")) {
            return number.getAsDouble();
        }
        words.back(start);
        return 0;
    }

    private static double number(Lexer words) {
        return words.number()
                .orElseThrow(() -> new DirectionException(
                        "a number is missing here, such as 900 px", words.position(), List.of("900 px")));
    }
}
