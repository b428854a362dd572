package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * How fast captions may have to be read.
 *
 * @param most above 0
 */
public record ReadingSpeed(double most, Unit unit) {
    /** What is counted, in what time. */
    public enum Unit {
        /** Characters a second, spaces among them. */
        @JsonProperty("characters")
        CHARACTERS("characters a second"),
        /** Words a minute. */
        @JsonProperty("words")
        WORDS("words a minute");

        private final String text;

        Unit(String text) {
            this.text = text;
        }

        /** As a sentence says it. */
        public String text() {
            return text;
        }
    }

    private static final double MINUTE = 60;

    public ReadingSpeed {
        if (!(most > 0 && most <= 2000)) {
            throw new IllegalArgumentException("the reading speed must lie above 0 and up to 2000, not at " + most);
        }
        if (unit == null) {
            throw new IllegalArgumentException("a reading speed counts characters or words");
        }
    }

    /** What so much comes to in this time, in seconds. */
    public double of(int characters, int words, double seconds) {
        return unit == Unit.CHARACTERS ? characters / seconds : words / seconds * MINUTE;
    }

    /** Seconds that it takes at the most. */
    public double seconds(int characters, int words) {
        return unit == Unit.CHARACTERS ? characters / most : words / most * MINUTE;
    }
}
