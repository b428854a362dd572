package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;

/** A block that shows a filled shape; its moves act on the whole. */
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
        Fill fill)
        implements Block {

    /** The outline of a shape block, its box with the top left corner at the origin. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Rectangle.class, name = "rectangle"),
        @JsonSubTypes.Type(value = Polygon.class, name = "polygon")
    })
    public sealed interface Shape {}

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
    }

    /** Straight lines through points in px, closed. */
    public record Polygon(List<Point> points) implements Shape {
        public Polygon {
            points = Check.list(points);
            if (points.size() < 3 || points.size() > 10_000) {
                throw new IllegalArgumentException("a polygon needs 3 to 10000 points, not " + points.size());
            }
        }
    }

    /** A point in px. */
    public record Point(double x, double y) {
        public Point {
            Check.range(x, -100_000, 100_000, "x");
            Check.range(y, -100_000, 100_000, "y");
        }
    }

    public ShapeBlock {
        Check.id(id, "a block");
        Check.text(name, 200, "the name of a block");
        Check.present(span, "the span of a block");
        Check.present(place, "the place of a block");
        opacity = opacity == null ? Value.of(1.0) : opacity;
        arrive = arrive == null ? Phase.CUT : arrive;
        leave = leave == null ? Phase.CUT : leave;
        Check.present(shape, "the shape of a block");
        Check.present(fill, "the fill of a block");
        for (Phase phase : List.of(arrive, leave)) {
            for (Move move : phase.moves()) {
                if (move.unit() != UnitKind.WHOLE) {
                    throw new IllegalArgumentException(
                            "a shape moves as a whole; it has no " + move.unit().text());
                }
            }
        }
    }
}
