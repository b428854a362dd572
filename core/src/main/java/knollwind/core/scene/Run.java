package knollwind.core.scene;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A styled stretch [from, to) of a block's text, in UTF-16 units. Null values follow the block's setting. Edits of the
 * text move runs (see {@link TextEdit}).
 *
 * @param scale of the type size, as a multiple of the block's: 0.05 to 20
 * @param shift of the baseline upwards, em of the run's own size, -5 to 5
 * @param direction of the stretch as a whole, whatever letters it holds
 */
@RecordBuilder
public record Run(
        String id,
        int from,
        int to,
        Face face,
        Double scale,
        Double shift,
        String colour,
        String language,
        Setting.Direction direction)
        implements RunBuilder.With {
    public Run {
        Check.id(id, "a run");
        if (from < 0 || to <= from) {
            throw new IllegalArgumentException(
                    "a run covers at least one character; this one goes from " + from + " to " + to);
        }
        if (scale != null) {
            Check.range(scale, 0.05, 20, "the scale of a run");
        }
        if (shift != null) {
            Check.range(shift, -5, 5, "the baseline shift of a run");
        }
        if (colour != null) {
            Colour.check(colour);
        }
    }

    /** The same style on another stretch. */
    public Run at(int from, int to) {
        return new Run(id, from, to, face, scale, shift, colour, language, direction);
    }
}
