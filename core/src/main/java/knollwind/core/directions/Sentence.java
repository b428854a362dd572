package knollwind.core.directions;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A printed direction.
 *
 * @param path of the thing it speaks of, in the document
 */
public record Sentence(String path, List<Segment> segments) {
    public String text() {
        return segments.stream().map(Segment::text).collect(Collectors.joining());
    }

    Sentence numbersOnly() {
        return new Sentence(
                path,
                segments.stream()
                        .map(segment -> segment.part() == null
                                ? segment
                                : new Segment(segment.text(), segment.part().numbersOnly()))
                        .toList());
    }

    /** Collects segments, with separators between clauses. */
    static final class Builder {
        private final List<Segment> segments = new ArrayList<>();

        Builder plain(String text) {
            if (!text.isEmpty()) {
                segments.add(new Segment(text, null));
            }
            return this;
        }

        Builder part(String text, Part part) {
            segments.add(new Segment(text, part));
            return this;
        }

        Sentence build(String path) {
            return new Sentence(path, List.copyOf(segments));
        }
    }
}
