package knollwind.core.directions.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.grammar.BlockNames;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Everyday;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.tracks.TrackPart;
import knollwind.core.scene.Block;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Length;
import knollwind.core.scene.Pivot;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.Value;

/** Reads typed sentences of shapes. Only what is said changes; the rest stays as the shape has it. */
public final class ShapeReader {
    /** How clauses begin. */
    public static final List<String> OPENINGS = List.of(
            "a rectangle",
            "an ellipse",
            "a line",
            "a plate behind",
            "400 px wide",
            "120 px high",
            "400 px long",
            "3 px thick",
            "corners 12 px",
            "ends round",
            "ends square",
            "padding 24 px",
            "its words wait for it",
            "its words do not wait",
            "in #f0b64a",
            "in no colour",
            "pinned to the frame",
            "in a gradient of #f0b64a at 0 % and #c8472f at 100 % along 90\u00b0",
            "stroked 3 px in #f4ead2",
            "no stroke",
            "opacity 50 %",
            "placed by the centre at 50 % of the frame across and 50 % of the frame down",
            "turned 8\u00b0",
            "scaled to 80 %");

    /** Lengths of a shape that becomes one of another kind, where it had none. */
    private static final Length USUAL_WIDTH = Length.px(400);

    private static final Length USUAL_HEIGHT = Length.px(120);
    private static final double USUAL_THICKNESS = 3;

    private final Lexer words;
    private final List<Block> neighbours;
    private final PlaceReader place;
    private ShapeBlock.Shape shape;
    private ShapeBlock.Stroke stroke;
    private Fill fill;
    private Value<Double> opacity;

    private ShapeReader(String sentence, ShapeBlock block, List<Block> neighbours) {
        words = new Lexer(sentence);
        this.neighbours = neighbours;
        place = new PlaceReader(words, block.place(), neighbours);
        shape = block.shape();
        stroke = block.stroke();
        fill = block.fill();
        opacity = block.opacity();
    }

    /**
     * The block as the sentence tells.
     *
     * @param neighbours all blocks of the scene, which the sentence may name
     * @throws DirectionException with the place when something cannot be read
     */
    public static ShapeBlock read(String sentence, ShapeBlock block, List<Block> neighbours) {
        return read(sentence, block, neighbours, FormatPx.PLAIN);
    }

    /** @param px of the format that the sentence is typed in */
    public static ShapeBlock read(String sentence, ShapeBlock block, List<Block> neighbours, FormatPx px) {
        String printed = px.plain() ? "" : SettingPrinter.text(block, neighbours);
        return Everyday.read(
                sentence,
                one -> px.read(one, printed, kept -> new ShapeReader(kept, block, neighbours).read(block)),
                EverydaySettings::ofShapes);
    }

    private ShapeBlock read(ShapeBlock block) {
        words.clauses(this::clause, OPENINGS);
        return block.withShape(shape)
                .withStroke(stroke)
                .withFill(fill)
                .withPlace(place.place())
                .withOpacity(opacity);
    }

    private boolean clause() {
        return kind() || size() || edge() || plate() || stroked() || filled() || seen() || place.clause();
    }

    private boolean kind() {
        if (words.phrase("a rectangle")) {
            shape = shape instanceof ShapeBlock.Rectangle ? shape : new ShapeBlock.Rectangle(width(), height(), 0);
            return true;
        }
        if (words.phrase("an ellipse")) {
            shape = new ShapeBlock.Ellipse(width(), height());
            return true;
        }
        if (words.phrase("a line")) {
            shape = shape instanceof ShapeBlock.Line ? shape : new ShapeBlock.Line(width(), USUAL_THICKNESS, false);
            return true;
        }
        // What is drawn by points and knots can be told, not typed.
        return shape instanceof ShapeBlock.Polygon
                        && words.match("a shape of \\d+ points").isPresent()
                || shape instanceof ShapeBlock.FreePath
                        && words.match("an? (closed|open) path of \\d+ knots").isPresent();
    }

    private Length width() {
        if (shape instanceof ShapeBlock.Rectangle rectangle) {
            return rectangle.width();
        }
        if (shape instanceof ShapeBlock.Line line) {
            return line.length();
        }
        return shape instanceof ShapeBlock.Ellipse ellipse ? ellipse.width() : USUAL_WIDTH;
    }

    private Length height() {
        if (shape instanceof ShapeBlock.Rectangle rectangle) {
            return rectangle.height();
        }
        return shape instanceof ShapeBlock.Ellipse ellipse ? ellipse.height() : USUAL_HEIGHT;
    }

    private boolean size() {
        int start = words.position();
        Optional<Length> read = words.length();
        if (read.isEmpty()) {
            return false;
        }
        Length length = read.get();
        if (words.phrase("wide")) {
            sized(start, length, height());
        } else if (words.phrase("high")) {
            sized(start, width(), length);
        } else if (words.phrase("long") && shape instanceof ShapeBlock.Line line) {
            shape = new ShapeBlock.Line(length, line.thickness(), line.round());
        } else if (words.phrase("thick") && length.unit() == Length.Unit.PX && shape instanceof ShapeBlock.Line line) {
            shape = new ShapeBlock.Line(line.length(), length.value(), line.round());
        } else {
            words.back(start);
            return false;
        }
        return true;
    }

    private void sized(int start, Length width, Length height) {
        if (shape instanceof ShapeBlock.Rectangle rectangle) {
            shape = new ShapeBlock.Rectangle(width, height, rectangle.radius());
        } else if (shape instanceof ShapeBlock.Ellipse) {
            shape = new ShapeBlock.Ellipse(width, height);
        } else {
            throw new DirectionException(
                    shape instanceof ShapeBlock.Line
                            ? "a line is so long and so thick"
                            : "what it is made of says how large this shape is; scale it",
                    start,
                    List.of("400 px long", "3 px thick", "scaled to 80 %"));
        }
    }

    private boolean edge() {
        if (words.phrase("corners")) {
            double radius = px("a number such as 12 px");
            if (shape instanceof ShapeBlock.Rectangle rectangle) {
                shape = new ShapeBlock.Rectangle(rectangle.width(), rectangle.height(), radius);
            } else if (shape instanceof ShapeBlock.Plate plate) {
                shape = new ShapeBlock.Plate(
                        plate.behind(), plate.padding(), radius, plate.box(), plate.waits(), plate.spoken());
            } else {
                throw new DirectionException("only rectangles and plates have corners", words.position(), List.of());
            }
            return true;
        }
        if (shape instanceof ShapeBlock.Line line && words.phrase("ends")) {
            boolean round = words.phrase("round");
            if (!round && !words.phrase("square")) {
                throw DirectionException.missing(words, "round or square");
            }
            shape = new ShapeBlock.Line(line.length(), line.thickness(), round);
            return true;
        }
        return false;
    }

    private boolean plate() {
        if (words.phrase("a plate behind")) {
            Pivot.Box box = words.phrase("the ink of") ? Pivot.Box.INK : Pivot.Box.METRIC;
            ShapeBlock.Plate now = shape instanceof ShapeBlock.Plate plate
                    ? plate
                    : new ShapeBlock.Plate(List.of(), ShapeBlock.Padding.all(24), 0, box, false);
            shape = new ShapeBlock.Plate(
                    words.phrase("nothing yet") ? List.of() : names(now.behind()),
                    now.padding(),
                    now.radius(),
                    box,
                    now.waits(),
                    now.spoken());
            return true;
        }
        if (!(shape instanceof ShapeBlock.Plate plate)) {
            return false;
        }
        if (words.phrase("padding")) {
            shape = new ShapeBlock.Plate(
                    plate.behind(), padding(), plate.radius(), plate.box(), plate.waits(), plate.spoken());
            return true;
        }
        boolean said = words.phrase("word by word as they are said");
        if (said || words.phrase("behind all of its words")) {
            shape = new ShapeBlock.Plate(
                    plate.behind(), plate.padding(), plate.radius(), plate.box(), plate.waits(), said ? true : null);
            return true;
        }
        boolean waits = words.phrase("its words wait for it");
        if (waits || words.phrase("its words do not wait")) {
            shape = new ShapeBlock.Plate(
                    plate.behind(), plate.padding(), plate.radius(), plate.box(), waits, plate.spoken());
            return true;
        }
        return false;
    }

    private List<String> names(List<String> now) {
        List<String> ids = new ArrayList<>();
        int here;
        do {
            ids.add(BlockNames.read(words, neighbours, now));
            here = words.position();
            words.separators();
        } while (words.rest().startsWith("\u201c") || words.rest().startsWith("\""));
        words.back(here);
        return ids;
    }

    /** One number for all sides, two for left and right, top and bottom, or four: left, top, right and bottom. */
    private ShapeBlock.Padding padding() {
        List<Double> sides = new ArrayList<>();
        int here = words.position();
        OptionalDouble side = words.number();
        while (side.isPresent()) {
            sides.add(side.getAsDouble());
            here = words.position();
            words.separators();
            side = words.number();
        }
        words.back(here);
        words.phrase("px");
        return switch (sides.size()) {
            case 1 -> ShapeBlock.Padding.all(sides.get(0));
            case 2 -> new ShapeBlock.Padding(sides.get(0), sides.get(1), sides.get(0), sides.get(1));
            case 4 -> new ShapeBlock.Padding(sides.get(0), sides.get(1), sides.get(2), sides.get(3));
            default ->
                throw DirectionException.missing(words, "a padding such as 24 px, or left, top, right and bottom");
        };
    }

    private boolean stroked() {
        if (words.phrase("no stroke")) {
            stroke = null;
            return true;
        }
        if (!words.phrase("stroked")) {
            return false;
        }
        double width = px("a width such as 3 px");
        Value<String> colour = stroke == null ? Value.of("#f4ead2") : stroke.colour();
        if (words.phrase("in") && !words.phrase("a field's colour")) {
            colour = Value.of(FillWords.readColour(words)
                    .orElseThrow(() -> DirectionException.missing(words, "a colour such as #f4ead2")));
        }
        stroke = new ShapeBlock.Stroke(colour, width);
        return true;
    }

    private double px(String what) {
        double number = words.number().orElseThrow(() -> DirectionException.missing(words, what));
        words.phrase("px");
        return number;
    }

    private boolean filled() {
        Optional<Fill> read =
                FillWords.readIn(words, fill, AreaWords.SHAPE).or(() -> AreaWords.alone(words, fill, AreaWords.SHAPE));
        read.ifPresent(found -> fill = found);
        return read.isPresent();
    }

    private boolean seen() {
        Optional<Value<Double>> read = TrackPart.readOpacity(words, opacity);
        read.ifPresent(found -> opacity = found);
        return read.isPresent();
    }
}
