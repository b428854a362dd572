package knollwind.core.directions.controls;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A printed direction.
 *
 * @param path of the thing it speaks of, in the document
 * @param more what it does not say yet and could; null where there is nothing
 */
public record Sentence(String path, List<Segment> segments, Part more) {
    public String text() {
        return segments.stream().map(Segment::text).collect(Collectors.joining());
    }

    public Sentence numbersOnly() {
        return new Sentence(
                path,
                segments.stream()
                        .map(segment -> segment.part() == null
                                ? segment
                                : new Segment(segment.text(), segment.part().numbersOnly(), segment.look()))
                        .toList(),
                null);
    }

    /** Collects segments, with separators between clauses. */
    public static final class Builder {
        private final List<Segment> segments = new ArrayList<>();
        private Part more;

        public Builder plain(String text) {
            return plain(text, null);
        }

        public Builder plain(String text, Look look) {
            if (!text.isEmpty()) {
                segments.add(new Segment(text, null, look));
            }
            return this;
        }

        public Builder part(String text, Part part) {
            return part(text, part, null);
        }

        /** @param look null for the text itself */
        public Builder part(String text, Part part, Look look) {
            segments.add(new Segment(text, part, look));
            return this;
        }

        /** What can be added to the sentence. */
        public Builder more(List<Control> controls) {
            more = controls.isEmpty() ? null : new Part("more", List.copyOf(controls), "");
            return this;
        }

        public Sentence build(String path) {
            return new Sentence(path, List.copyOf(segments), more);
        }
    }
}
