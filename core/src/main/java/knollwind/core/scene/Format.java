package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;

/**
 * A frame shape that a scene is delivered in, with its own sparse overrides.
 *
 * @param width px, {@value #LEAST} to {@value #MOST}
 * @param height px, {@value #LEAST} to {@value #MOST}
 * @param guides lines to set things against
 * @param safe what words keep inside of; null for what broadcast keeps
 * @param captions id of the column of captions that it shows; null for the one that the scene shows
 */
public record Format(
        String id,
        String name,
        int width,
        int height,
        List<Filling> overrides,
        List<Guide> guides,
        Safe safe,
        String captions) {
    static final int LEAST = 16;
    static final int MOST = 8192;

    /** How much of the frame is left free on each side, hundredths of its width or height. */
    public record Safe(double left, double top, double right, double bottom) {
        /** Inside of which broadcast keeps what happens (EBU R 95): 93 % of the frame. */
        public static final Safe ACTION = new Safe(3.5, 3.5, 3.5, 3.5);

        /** Inside of which broadcast keeps words (EBU R 95): 90 % of the frame. */
        public static final Safe TITLE = new Safe(5, 5, 5, 5);

        /** So that something is left between two sides. */
        private static final double MOST = 45;

        public Safe {
            Check.range(left, 0, MOST, "the safe area's left");
            Check.range(top, 0, MOST, "the safe area's top");
            Check.range(right, 0, MOST, "the safe area's right");
            Check.range(bottom, 0, MOST, "the safe area's bottom");
        }
    }

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

    /** The areas that are safe in it, the one for words last. */
    public List<Safe> safeAreas() {
        return safe == null ? List.of(Safe.ACTION, Safe.TITLE) : List.of(safe);
    }

    /** What words keep inside of. */
    public Safe safeForWords() {
        return safe == null ? Safe.TITLE : safe;
    }

    /** A format without guides. */
    public Format(String id, String name, int width, int height, List<Filling> overrides) {
        this(id, name, width, height, overrides, null, null, null);
    }

    @JsonCreator
    public Format {
        Check.id(id, "a format");
        Check.text(name, 60, "the name of a format");
        size(width, height, "a format");
        overrides = Check.list(overrides);
        Check.uniqueIds(overrides, Filling::id, "overrides");
        if (overrides.stream().anyMatch(Filling::isOfWords)) {
            throw new IllegalArgumentException(
                    "a format has no words of its own: words and what lies over stretches of them stay shared");
        }
        guides = Check.list(guides);
        Check.uniqueIds(guides, Guide::id, "guides");
        if (captions != null) {
            Check.id(captions, "the captions that a format shows");
        }
    }

    /** Refuses the size of no frame. */
    static void size(int width, int height, String what) {
        Check.range(width, LEAST, MOST, "the width of " + what);
        Check.range(height, LEAST, MOST, "the height of " + what);
    }
}
