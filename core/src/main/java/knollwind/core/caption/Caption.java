package knollwind.core.caption;

import com.fasterxml.jackson.annotation.JsonCreator;
import java.util.List;

/**
 * Words on screen for a time.
 *
 * @param start seconds
 * @param end seconds, after its start
 * @param lines at least one
 * @param look how it looks other than the others; null where it does not, or nothing is known of it
 */
public record Caption(double start, double end, List<String> lines, CaptionLook look) {
    /** One that looks as the others do. */
    public Caption(double start, double end, List<String> lines) {
        this(start, end, lines, null);
    }

    @JsonCreator
    public Caption {
        lines = List.copyOf(lines);
        if (lines.isEmpty()) {
            throw new IllegalArgumentException("a caption has at least one line");
        }
        if (!(start >= 0 && end > start && end < Double.POSITIVE_INFINITY)) {
            throw new IllegalArgumentException(
                    "a caption must end after it starts, not be on from " + start + " s to " + end + " s");
        }
    }

    /** Its lines in one. */
    public String text() {
        return String.join(" ", lines);
    }

    public double length() {
        return end - start;
    }

    /** What somebody reads a second: characters, spaces among them, a line break as one of those. */
    public double speed() {
        return characters(text()) / length();
    }

    static int characters(String text) {
        return text.codePointCount(0, text.length());
    }
}
