package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * In which sequence units take their turn.
 *
 * @param scope whether ranks start anew in each line or run over the whole block
 * @param seed of {@code random}; 0 for the others
 * @param angle of {@code angle} in degrees, clockwise from "left to right"; 0 for the others
 */
public record Order(Kind kind, Scope scope, long seed, double angle) {
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
        ANGLE;

        /** The scope that goes without saying. */
        public Scope usualScope() {
            return this == CENTRE_OUT || this == ENDS_IN ? Scope.LINE : Scope.WHOLE;
        }
    }

    /** Over how many units one sequence runs. */
    public enum Scope {
        @JsonProperty("line")
        LINE,
        @JsonProperty("whole")
        WHOLE
    }

    public static final Order READING = new Order(Kind.READING, Scope.WHOLE, 0, 0);

    public Order {
        Check.present(kind, "the kind of an order");
        scope = scope == null ? kind.usualScope() : scope;
        if (seed < 0 || seed > 999_999) {
            throw new IllegalArgumentException("a seed lies between 0 and 999999, not " + seed);
        }
        Check.range(angle, -360, 360, "the angle of an order");
        seed = kind == Kind.RANDOM ? seed : 0;
        angle = kind == Kind.ANGLE ? angle : 0;
    }

    public static Order of(Kind kind) {
        return new Order(kind, kind.usualScope(), 0, 0);
    }
}
