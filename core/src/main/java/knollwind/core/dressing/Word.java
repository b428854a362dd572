package knollwind.core.dressing;

import java.util.List;

/** A word of how a dressing is said: itself, or one of the values that the dressing has. */
public sealed interface Word {
    /** By which a document knows its value; empty for one that has none. */
    String name();

    /** What is said as it is. */
    record Said(String text) implements Word {
        @Override
        public String name() {
            return "";
        }
    }

    /** What a number is kept and said in. */
    enum Unit {
        PX("px", 1),
        EM("em", 1),
        SHARE("%", 0.01),
        DEGREES("\u00b0", 1),
        FRAMES("frames", 1),
        COUNT("", 1);

        private final String text;
        private final double factor;

        Unit(String text, double factor) {
            this.text = text;
            this.factor = factor;
        }

        public String text() {
            return text;
        }

        /** What a said number is multiplied by before it is kept. */
        public double factor() {
            return factor;
        }
    }

    /**
     * A number, as it is kept.
     *
     * @param name by which a document knows it
     * @param label what it is called where it is changed
     * @param step by which it is changed, as it is said
     * @param whole whether it is a count that nothing lies between
     */
    record Amount(
            String name, String label, Unit unit, double usual, double least, double most, double step, boolean whole)
            implements Word {
        public static Amount px(String name, String label, double usual, double least, double most) {
            return new Amount(name, label, Unit.PX, usual, least, most, 1, false);
        }

        public static Amount em(String name, String label, double usual, double least, double most) {
            return new Amount(name, label, Unit.EM, usual, least, most, 0.1, false);
        }

        /** @param usual 0 to 1 */
        public static Amount share(String name, String label, double usual) {
            return share(name, label, usual, 0, 1);
        }

        public static Amount share(String name, String label, double usual, double least, double most) {
            return new Amount(name, label, Unit.SHARE, usual, least, most, 1, false);
        }

        /** Clockwise from "to the right". */
        public static Amount angle(String name, String label, double usual) {
            return new Amount(name, label, Unit.DEGREES, usual, -360, 360, 5, false);
        }

        public static Amount frames(String name, String label, double usual, double least, double most) {
            return new Amount(name, label, Unit.FRAMES, usual, least, most, 1, false);
        }

        public static Amount count(String name, String label, int usual, int least, int most) {
            return new Amount(name, label, Unit.COUNT, usual, least, most, 1, true);
        }
    }

    /** Another block of the scene; of one dressing at most one. */
    record Other(String label) implements Word {
        @Override
        public String name() {
            return "block";
        }
    }

    /** A colour. */
    record Tint(String name, String label, String usual) implements Word {}

    /**
     * One of several.
     *
     * @param options as they are said and kept; the first is the usual one
     */
    record Pick(String name, String label, List<String> options) implements Word {
        String usual() {
            return options.get(0);
        }
    }
}
