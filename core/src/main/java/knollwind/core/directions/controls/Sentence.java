package knollwind.core.directions.controls;

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

    public Sentence numbersOnly() {
        return new Sentence(
                path,
                segments.stream()
                        .map(segment -> segment.part() == null
                                ? segment
                                : new Segment(segment.text(), segment.part().numbersOnly()))
                        .toList());
    }

    /** Collects segments, with separators between clauses. */
    public static final class Builder {
        private final List<Segment> segments = new ArrayList<>();

        public Builder plain(String text) {
            if (!text.isEmpty()) {
                segments.add(new Segment(text, null));
            }
            return this;
        }

        public Builder part(String text, Part part) {
            segments.add(new Segment(text, part));
            return this;
        }

        public Sentence build(String path) {
            return new Sentence(path, List.copyOf(segments));
        }
    }
}
