package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;

/**
 * A frame shape that a scene is delivered in, with its own sparse overrides.
 *
 * @param width px, 16 to 8192
 * @param height px, 16 to 8192
 * @param guides lines to set things against
 */
public record Format(String id, String name, int width, int height, List<Filling> overrides, List<Guide> guides) {
    /** A line across or down the whole frame, never exported. */
    public record Guide(String id, Axis axis, double at) {
        /** Which coordinate a guide fixes. */
        public enum Axis {
            @JsonProperty("x")
            X,
            @JsonProperty("y")
            Y
        }

        /** @param at px of the format */
        public Guide {
            Check.id(id, "a guide");
            Check.present(axis, "the axis of a guide");
            Check.range(at, -10_000, 20_000, "the place of a guide");
        }
    }

    /** A format without guides. */
    public Format(String id, String name, int width, int height, List<Filling> overrides) {
        this(id, name, width, height, overrides, null);
    }

    public Format {
        Check.id(id, "a format");
        Check.text(name, 60, "the name of a format");
        Check.range(width, 16, 8192, "the width of a format");
        Check.range(height, 16, 8192, "the height of a format");
        overrides = Check.list(overrides);
        Check.uniqueIds(overrides, Filling::id, "overrides");
        if (overrides.stream().anyMatch(Filling::isOfWords)) {
            throw new IllegalArgumentException(
                    "a format has no words of its own: words and what lies over stretches of them stay shared");
        }
        guides = Check.list(guides);
        Check.uniqueIds(guides, Guide::id, "guides");
    }
}
