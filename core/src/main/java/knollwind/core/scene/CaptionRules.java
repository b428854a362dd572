package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.soabase.recordbuilder.core.RecordBuilder;

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
@RecordBuilder
public record CaptionRules(
        int perLine,
        int lines,
        double shortest,
        double longest,
        double gap,
        ReadingSpeed fastest,
        int words,
        Breaks breaks)
        implements CaptionRulesBuilder.With {
    /** What a caption ends at if it can. */
    public enum Breaks {
        /** A sentence; where that is too long, a clause. */
        @JsonProperty("sentences")
        SENTENCES,
        /** A clause, ended by any mark, as soon as there is one. */
        @JsonProperty("clauses")
        CLAUSES
    }

    /** No rule about the number of words. */
    public static final int ANY = 10_000;

    @JsonCreator
    public CaptionRules {
        Check.range(perLine, 1, 200, "the characters of a line");
        Check.range(lines, 1, 4, "the lines of a caption");
        Check.range(shortest, 0.05, 60, "the shortest time of a caption");
        Check.range(longest, shortest, 600, "the longest time of a caption");
        Check.range(gap, 0, 5, "the gap between captions");
        Check.range(words, 1, ANY, "the words of a caption");
        if (breaks == null || fastest == null) {
            throw new IllegalArgumentException("captions need a reading speed and a kind of place to be broken at");
        }
    }

    /** Characters that go into one. */
    public int room() {
        return perLine * lines;
    }
}
