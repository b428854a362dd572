package knollwind.core.scene;

import java.util.List;

/**
 * A value that may be animated or filled: a literal, a reference to a field of the project, or a track of keys over the
 * block's span. In JSON a literal stands for itself, the others are {@code {"field": id}} and {@code {"track": [keys]}}.
 *
 * @param <T> {@link Double}, {@link String} or {@link Length}
 */
public sealed interface Value<T> {
    /** A fixed value. */
    record Literal<T>(T value) implements Value<T> {
        public Literal {
            Check.present(value, "a value");
            if (value instanceof Double number && !Double.isFinite(number)) {
                throw new IllegalArgumentException("a value must be a finite number");
            }
        }
    }

    /** The value of the project's field with this id. */
    record FieldReference<T>(String field) implements Value<T> {
        public FieldReference {
            Check.id(field, "a field reference");
        }
    }

    /** Keys over the block's span; at least one. */
    record Track<T>(List<TrackKey<T>> track) implements Value<T> {
        public Track {
            track = Check.list(track);
            if (track.isEmpty()) {
                throw new IllegalArgumentException("a track needs at least one key");
            }
            Check.uniqueIds(track, TrackKey::id, "keys");
        }
    }

    static <T> Value<T> of(T value) {
        return new Literal<>(value);
    }
}
