package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * In which sequence units take their turn.
 *
 * @param scope whether ranks start anew in each word or line or run over the whole block
 * @param seed of {@code random}; 0 for the others
 * @param angle of {@code angle} in degrees, clockwise from "left to right"; 0 for the others
 * @param point of {@code distance}; null for the others
 * @param hand of {@code byHand}: ids of units in turn, all others after them; empty for the others
 * @param group so many ranks that follow one another become one
 * @param pairs whether units at the same distance from the centre go together, in {@code centreOut} and {@code endsIn}
 * @param turns whether words or lines, where ranks start anew, take turns; otherwise all start together
 * @param spaces whether a space counts as a rank, in {@code reading} and {@code reverse}
 */
@RecordBuilder
public record Order(
        Kind kind,
        Scope scope,
        long seed,
        double angle,
        Point point,
        List<String> hand,
        Integer group,
        Boolean pairs,
        Boolean turns,
        Boolean spaces)
        implements OrderBuilder.With {
    /** The sequences there are. */
    public enum Kind {
        @JsonProperty("reading")
        READING,
        @JsonProperty("reverse")
        REVERSE,
        @JsonProperty("centreOut")
        CENTRE_OUT,
        @JsonProperty("endsIn")
        ENDS_IN,
        @JsonProperty("random")
        RANDOM,
        @JsonProperty("angle")
        ANGLE,
        @JsonProperty("distance")
        DISTANCE,
        @JsonProperty("byHand")
        BY_HAND;

        /** The scope that goes without saying. */
        public Scope usualScope() {
            return this == CENTRE_OUT || this == ENDS_IN ? Scope.LINE : Scope.WHOLE;
        }
    }

    /** Over how many units one sequence runs. */
    public enum Scope {
        @JsonProperty("word")
        WORD,
        @JsonProperty("line")
        LINE,
        @JsonProperty("whole")
        WHOLE
    }

    /** A place in the box around all units, 0 to 1 across and down; it may lie outside. */
    public record Point(double x, double y) {
        public Point {
            Check.range(x, -10, 10, "the x of an order's point");
            Check.range(y, -10, 10, "the y of an order's point");
        }
    }

    public static final Order READING = of(Kind.READING);

    /** More than a block that can be laid out has lines, and more than anybody clicks. */
    private static final int MOST_BY_HAND = 5000;

    @JsonCreator
    public Order {
        Check.present(kind, "the kind of an order");
        scope = scope == null ? kind.usualScope() : scope;
        if (seed < 0 || seed > 999_999) {
            throw new IllegalArgumentException("a seed lies between 0 and 999999, not " + seed);
        }
        Check.range(angle, -360, 360, "the angle of an order");
        seed = kind == Kind.RANDOM ? seed : 0;
        angle = kind == Kind.ANGLE ? angle : 0;
        point = kind != Kind.DISTANCE ? null : point == null ? new Point(0.5, 0.5) : point;
        hand = kind == Kind.BY_HAND ? Check.list(hand) : List.of();
        if (hand.size() > MOST_BY_HAND) {
            throw new IllegalArgumentException("an order by hand names at most " + MOST_BY_HAND + " units");
        }
        group = group == null ? 1 : group;
        Check.range(group, 1, 5000, "the group of an order");
        pairs = Boolean.TRUE.equals(pairs) && (kind == Kind.CENTRE_OUT || kind == Kind.ENDS_IN);
        turns = Boolean.TRUE.equals(turns) && scope != Scope.WHOLE;
        spaces = Boolean.TRUE.equals(spaces) && (kind == Kind.READING || kind == Kind.REVERSE);
    }

    public static Order of(Kind kind) {
        return OrderBuilder.builder()
                .kind(kind)
                .scope(kind.usualScope())
                .group(1)
                .build();
    }
}
