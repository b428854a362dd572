package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;

/** What covers an area: nothing, one colour, or colours along a line. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = Fill.None.class, name = "none"),
    @JsonSubTypes.Type(value = Fill.Solid.class, name = "solid"),
    @JsonSubTypes.Type(value = Fill.Gradient.class, name = "gradient")
})
public sealed interface Fill {
    /** Nothing is painted. */
    record None() implements Fill {}

    /** One colour. */
    record Solid(Value<String> colour) implements Fill {
        public Solid {
            Check.present(colour, "the colour of a fill");
            if (colour instanceof Value.Literal<String> literal) {
                Colour.check(literal.value());
            }
        }
    }

    /**
     * Colours along a straight line through the centre of the area.
     *
     * @param angle degrees clockwise from "to the right"; 90 runs downwards
     */
    record Gradient(double angle, List<Stop> stops) implements Fill {
        public Gradient {
            Check.range(angle, -360, 360, "the angle of a gradient");
            stops = Check.list(stops);
            if (stops.size() < 2 || stops.size() > 16) {
                throw new IllegalArgumentException("a gradient needs 2 to 16 stops, not " + stops.size());
            }
        }
    }

    /** A colour at a place 0…1 along a gradient. */
    record Stop(double at, String colour) {
        public Stop {
            Check.range(at, 0, 1, "the place of a gradient stop");
            Colour.check(colour);
        }
    }
}
