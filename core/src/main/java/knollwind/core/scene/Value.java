package knollwind.core.scene;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A value that may be animated or filled: a literal, a reference to a field of the project, or a track of keys over the
 * block's span. In JSON a literal stands for itself, the others are {@code {"field": id}} and {@code {"track": [keys]}}.
 *
 * @param <T> {@link Double}, {@link String} or {@link Length}
 */
public sealed interface Value<T> {
    /** What a literal, the id of a field, and keys give. */
    <R> R match(Function<T, R> literal, Function<String, R> field, Function<List<TrackKey<T>>, R> keys);

    /** The value where it is fixed. */
    default Optional<T> literal() {
        return match(Optional::of, field -> Optional.empty(), keys -> Optional.empty());
    }

    /** The keys where it has some. */
    default Optional<List<TrackKey<T>>> keys() {
        return match(literal -> Optional.empty(), field -> Optional.empty(), Optional::of);
    }

    /** A fixed value. */
    record Literal<T>(T value) implements Value<T> {
        public Literal {
            Check.present(value, "a value");
            if (value instanceof Double number && !Double.isFinite(number)) {
                throw new IllegalArgumentException("a value must be a finite number");
            }
        }

        @Override
        public <R> R match(Function<T, R> literal, Function<String, R> field, Function<List<TrackKey<T>>, R> keys) {
            return literal.apply(value);
        }
    }

    /** The value of the project's field with this id. */
    record FieldReference<T>(String field) implements Value<T> {
        public FieldReference {
            Check.id(field, "a field reference");
        }

        @Override
        public <R> R match(Function<T, R> literal, Function<String, R> field, Function<List<TrackKey<T>>, R> keys) {
            return field.apply(this.field);
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

        @Override
        public <R> R match(Function<T, R> literal, Function<String, R> field, Function<List<TrackKey<T>>, R> keys) {
            return keys.apply(track);
        }
    }

    static <T> Value<T> of(T value) {
        return new Literal<>(value);
    }
}
