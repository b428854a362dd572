package knollwind.core.edit;

import com.fasterxml.jackson.annotation.JsonProperty;
import knollwind.core.scene.Check;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Length;
import knollwind.core.scene.Scene;
import knollwind.core.scene.ShapeBlock;
import knollwind.core.scene.Value;

/**
 * A shape in one colour.
 *
 * @param frame at which the playhead stands
 */
public record AddShape(String scene, double frame, Kind shape) implements Intent {
    /** The lamp's colour, that of the project's own pages: it stands out on a dark ground and on a light one. */
    private static final Fill COLOUR = new Fill.Solid(Value.of("#f0b64a"));

    /** Shapes to begin with; lengths are px of the base format, a quarter of a wide frame. */
    public enum Kind {
        @JsonProperty("rectangle")
        RECTANGLE("Rectangle", new ShapeBlock.Rectangle(Length.px(480), Length.px(270), 0)),
        @JsonProperty("ellipse")
        ELLIPSE("Ellipse", new ShapeBlock.Ellipse(Length.px(300), Length.px(300))),
        @JsonProperty("line")
        LINE("Line", new ShapeBlock.Line(Length.px(480), 4, true));

        private final String name;
        private final ShapeBlock.Shape shape;

        Kind(String name, ShapeBlock.Shape shape) {
            this.name = name;
            this.shape = shape;
        }
    }

    public AddShape {
        Check.present(shape, "the kind of a shape");
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        String kind = shape.name.toLowerCase(java.util.Locale.ROOT);
        return NewBlock.inFront(
                open, NewBlock.of(draft, open, kind, shape.name, frame).shape(shape.shape, COLOUR));
    }
}
