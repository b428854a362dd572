package knollwind.core.caption;

/**
 * What captions have to keep to.
 *
 * @param perLine the most characters of a line, 1 to 200
 * @param lines the most lines, 1 to 4
 * @param shortest the least time that one is on, seconds, above 0
 * @param longest the most time that one is on, seconds, at least the shortest
 * @param gap seconds between one and the next, 0 to 5
 * @param fastest that they may have to be read
 * @param words the most words of one, at least 1
 * @param breaks where they end if they can
 */
public record CaptionRules(
        int perLine,
        int lines,
        double shortest,
        double longest,
        double gap,
        ReadingSpeed fastest,
        int words,
        Breaks breaks) {
    /** What a caption ends at if it can. */
    public enum Breaks {
        /** A sentence; where that is too long, a clause. */
        SENTENCES,
        /** A clause, ended by any mark, as soon as there is one. */
        CLAUSES
    }

    /** No rule about the number of words. */
    public static final int ANY = 10_000;

    public CaptionRules {
        range(perLine, 1, 200, "the characters of a line");
        range(lines, 1, 4, "the lines of a caption");
        range(shortest, 0.05, 60, "the shortest time of a caption");
        range(longest, shortest, 600, "the longest time of a caption");
        range(gap, 0, 5, "the gap between captions");
        range(words, 1, ANY, "the words of a caption");
        if (breaks == null || fastest == null) {
            throw new IllegalArgumentException("captions need a reading speed and a kind of place to be broken at");
        }
    }

    private static void range(double value, double least, double most, String what) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(
                    what + " must lie between " + least + " and " + most + ", not at " + value);
        }
    }

    /** Characters that go into one. */
    int room() {
        return perLine * lines;
    }
}
