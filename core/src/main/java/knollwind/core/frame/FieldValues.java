package knollwind.core.frame;

import java.util.List;
import knollwind.core.motion.BlockTiming;
import knollwind.core.motion.TrackCurve;
import knollwind.core.scene.DocumentJson;
import knollwind.core.scene.Field;
import knollwind.core.scene.Length;
import knollwind.core.scene.Value;

/** Looks values up: literals as they are, fields by the project's fields, tracks at a time. */
record FieldValues(List<Field> fields) {
    double number(Value<Double> value) {
        return still(value, Double.class);
    }

    String colour(Value<String> value) {
        return still(value, String.class);
    }

    double number(Value<Double> value, BlockTiming timing, double time) {
        return value instanceof Value.Track<Double> track ? TrackCurve.at(track, timing, time) : number(value);
    }

    Length length(Value<Length> value, BlockTiming timing, double time) {
        return value instanceof Value.Track<Length> track
                ? TrackCurve.at(track, timing, time)
                : still(value, Length.class);
    }

    /** True when the value changes while its block lasts. */
    static boolean moves(Value<?> value) {
        return value instanceof Value.Track<?> track && track.track().size() > 1;
    }

    private <T> T still(Value<T> value, Class<T> type) {
        if (value instanceof Value.Literal<T> literal) {
            return literal.value();
        }
        if (value instanceof Value.FieldReference<T> reference) {
            Field field = fields.stream()
                    .filter(candidate -> candidate.id().equals(reference.field()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("a value refers to the field '" + reference.field()
                            + "', which the project does not have"));
            return DocumentJson.read(field.value(), type);
        }
        throw new IllegalArgumentException("a value that must stand still carries keys");
    }
}
