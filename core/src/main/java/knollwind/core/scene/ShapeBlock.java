package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A block that shows a shape; its moves act on the whole.
 *
 * @param stroke null for none
 */
@RecordBuilder
public record ShapeBlock(
        String id,
        String name,
        Span span,
        Place place,
        Value<Double> opacity,
        boolean hidden,
        Phase arrive,
        Phase leave,
        Shape shape,
        Fill fill,
        Stroke stroke,
        Phase dwell,
        Boolean locked,
        List<Dressing> dress)
        implements Block, ShapeBlockBuilder.With {

    /** The outline of a shape block, its box with the top left corner at the origin. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Rectangle.class, name = "rectangle"),
        @JsonSubTypes.Type(value = Ellipse.class, name = "ellipse"),
        @JsonSubTypes.Type(value = Line.class, name = "line"),
        @JsonSubTypes.Type(value = Polygon.class, name = "polygon"),
        @JsonSubTypes.Type(value = FreePath.class, name = "path"),
        @JsonSubTypes.Type(value = Plate.class, name = "plate")
    })
    public sealed interface Shape {
        <R> R match(ShapeCases<R> cases);
    }

    /** One method for each kind of shape. */
    public interface ShapeCases<R> {
        R rectangle(Rectangle rectangle);

        R ellipse(Ellipse ellipse);

        R line(Line line);

        R polygon(Polygon polygon);

        R freePath(FreePath path);

        R plate(Plate plate);
    }

    /** A rectangle, its corners rounded by {@code radius} px (clamped to half the shorter side). */
    public record Rectangle(Length width, Length height, double radius) implements Shape {
        public Rectangle {
            Check.present(width, "the width of a rectangle");
            Check.present(height, "the height of a rectangle");
            if (width.value() <= 0 || height.value() <= 0) {
                throw new IllegalArgumentException("a rectangle must be wider and higher than 0");
            }
            Check.range(radius, 0, 10_000, "the corner radius");
        }

        @Override
        public <R> R match(ShapeCases<R> cases) {
            return cases.rectangle(this);
        }
    }

    /** An ellipse that touches all sides of its box. */
    public record Ellipse(Length width, Length height) implements Shape {
        public Ellipse {
            Check.present(width, "the width of an ellipse");
            Check.present(height, "the height of an ellipse");
            if (width.value() <= 0 || height.value() <= 0) {
                throw new IllegalArgumentException("an ellipse must be wider and higher than 0");
            }
        }

        @Override
        public <R> R match(ShapeCases<R> cases) {
            return cases.ellipse(this);
        }
    }

    /** A free outline, filled by non-zero winding; an open one is filled as if it were closed. */
    public record FreePath(Bezier curve) implements Shape {
        public FreePath {
            Check.present(curve, "the curve of a path");
        }

        @Override
        public <R> R match(ShapeCases<R> cases) {
            return cases.freePath(this);
        }
    }

    /**
     * A straight line from the left to the right of its box.
     *
     * @param thickness px, above 0
     * @param round whether its ends are half circles inside its length
     */
    public record Line(Length length, double thickness, boolean round) implements Shape {
        public Line {
            Check.present(length, "the length of a line");
            if (length.value() <= 0 || !(thickness > 0 && thickness <= 10_000)) {
                throw new IllegalArgumentException("a line must be longer than 0, and above 0 up to 10000 px thick");
            }
        }

        @Override
        public <R> R match(ShapeCases<R> cases) {
            return cases.line(this);
        }
    }

    /**
     * A rectangle that fits itself to the words it lies behind.
     *
     * @param behind ids of the blocks; ids of no block are passed over, and a plate behind nothing is not seen
     * @param padding px around the words' box on each side; negative lets the words stand over
     * @param radius px, clamped to half the shorter side
     * @param box whether it fits the type or its ink
     * @param waits whether the words wait until the plate has arrived, and are gone before it leaves
     * @param spoken true where it stands behind the word that is said alone, and jumps from one to the next; null otherwise
     */
    public record Plate(
            List<String> behind, Padding padding, double radius, Pivot.Box box, boolean waits, Boolean spoken)
            implements Shape {
        /** Behind all words. */
        public Plate(List<String> behind, Padding padding, double radius, Pivot.Box box, boolean waits) {
            this(behind, padding, radius, box, waits, null);
        }

        @JsonCreator
        public Plate {
            spoken = Block.onlyTrue(spoken);
            behind = Check.list(behind);
            Check.present(padding, "the padding of a plate");
            Check.range(radius, 0, 10_000, "the corner radius");
            box = box == null ? Pivot.Box.METRIC : box;
        }

        /** The same behind other blocks. */
        public Plate behind(String block) {
            return new Plate(List.of(block), padding, radius, box, waits, spoken);
        }

        @Override
        public <R> R match(ShapeCases<R> cases) {
            return cases.plate(this);
        }
    }

    /** Room around a box in px. */
    public record Padding(double left, double top, double right, double bottom) {
        /** To each side, px; wider than the widest frame, so that a plate can be a bar across it. */
        public static final double MOST = 10_000;

        public Padding {
            Check.range(left, -MOST, MOST, "the padding on the left");
            Check.range(top, -MOST, MOST, "the padding at the top");
            Check.range(right, -MOST, MOST, "the padding on the right");
            Check.range(bottom, -MOST, MOST, "the padding at the bottom");
        }

        /** As much on each side. */
        public static Padding all(double side) {
            return new Padding(side, side, side, side);
        }
    }

    /**
     * A line along the outline, half of it inside.
     *
     * @param width px, above 0
     */
    public record Stroke(Value<String> colour, double width) {
        public Stroke {
            Check.present(colour, "the colour of a stroke");
            if (colour instanceof Value.Literal<String> literal) {
                Colour.check(literal.value());
            }
            if (!(width > 0 && width <= 1000)) {
                throw new IllegalArgumentException(
                        "the width of a stroke must lie above 0 and up to 1000 px, not " + width);
            }
        }
    }

    /** Straight lines through points in px, closed. */
    public record Polygon(List<Point> points) implements Shape {
        public Polygon {
            points = Check.list(points);
            if (points.size() < 3 || points.size() > 10_000) {
                throw new IllegalArgumentException("a polygon needs 3 to 10000 points, not " + points.size());
            }
        }

        @Override
        public <R> R match(ShapeCases<R> cases) {
            return cases.polygon(this);
        }
    }

    /** A point in px. */
    public record Point(double x, double y) {
        public Point {
            Check.range(x, -100_000, 100_000, "x");
            Check.range(y, -100_000, 100_000, "y");
        }
    }

    @JsonCreator
    public ShapeBlock {
        Check.id(id, "a block");
        Check.text(name, 200, "the name of a block");
        Check.present(span, "the span of a block");
        Check.present(place, "the place of a block");
        opacity = opacity == null ? Value.of(1.0) : opacity;
        arrive = arrive == null ? Phase.CUT : arrive;
        leave = leave == null ? Phase.CUT : leave;
        dwell = Phase.dwelling(dwell);
        locked = Block.onlyTrue(locked);
        dress = Block.worn(dress);
        Check.present(shape, "the shape of a block");
        Check.present(fill, "the fill of a block");
        for (Phase phase : List.of(arrive, dwell, leave)) {
            for (Move move : phase.moves()) {
                if (move.unit() != UnitKind.WHOLE) {
                    throw new IllegalArgumentException(
                            "a shape moves as a whole; it has no " + move.unit().text());
                }
            }
        }
    }

    @Override
    public ShapeBlock during(Span other) {
        return withSpan(other);
    }

    @Override
    public <R> R match(Cases<R> cases) {
        return cases.shape(this);
    }

    @Override
    public Optional<ShapeBlock> asShape() {
        return Optional.of(this);
    }

    @Override
    public Bezier curve() {
        return shape instanceof FreePath path ? path.curve() : null;
    }

    @Override
    public Map<String, Value<String>> stillColours() {
        Map<String, Value<String>> colours = Block.super.stillColours();
        if (stroke != null) {
            colours.put("stroke/colour", stroke.colour());
        }
        return colours;
    }
}
