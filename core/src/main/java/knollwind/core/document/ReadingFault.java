package knollwind.core.document;

import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Why JSON could not be read, in words for people: never with the name of a class. */
public final class ReadingFault {
    private ReadingFault() {}

    /** The reason of a fault that the reader of JSON found. */
    public static String words(JacksonException fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof IllegalArgumentException) {
                return cause.getMessage();
            }
        }
        if (fault instanceof UnrecognizedPropertyException unknown) {
            return "'" + unknown.getPropertyName() + "' is unknown here; there can be " + names(known(unknown));
        }
        if (fault instanceof InvalidTypeIdException kind) {
            return kind.getTypeId() == null
                    ? "it is not said which kind it is"
                    : "'" + kind.getTypeId() + "' is no kind of what can stand here";
        }
        if (fault instanceof InvalidFormatException format && format.getTargetType() != null) {
            return format.getTargetType().isEnum()
                    ? "'" + format.getValue() + "' is unknown here; it can be " + choices(format.getTargetType())
                    : "'" + format.getValue() + "' is not " + what(format.getTargetType());
        }
        if (fault instanceof MismatchedInputException mismatch && mismatch.getTargetType() != null) {
            return what(mismatch.getTargetType()) + " is expected here";
        }
        return "this is not JSON"
                + (fault.getLocation() == null || fault.getLocation().getLineNr() < 0
                        ? ""
                        : " (line " + fault.getLocation().getLineNr() + ", column "
                                + fault.getLocation().getColumnNr() + ")");
    }

    /** What could stand there, also what is a part of the record by itself. */
    private static List<Object> known(UnrecognizedPropertyException unknown) {
        List<Object> known =
                new ArrayList<>(unknown.getKnownPropertyIds() == null ? List.of() : unknown.getKnownPropertyIds());
        Class<?> type = unknown.getReferringClass();
        if (type != null && type.isRecord()) {
            Arrays.stream(type.getRecordComponents())
                    .filter(part -> part.getAccessor().isAnnotationPresent(JsonUnwrapped.class))
                    .flatMap(part -> Arrays.stream(part.getType().getRecordComponents()))
                    .forEach(member -> known.add(member.getName()));
        }
        return known;
    }

    private static String names(Collection<Object> known) {
        return known == null || known.isEmpty()
                ? "nothing"
                : known.stream().map(Object::toString).sorted().collect(Collectors.joining(", "));
    }

    private static String choices(Class<?> type) {
        return Arrays.stream(type.getFields())
                .filter(java.lang.reflect.Field::isEnumConstant)
                .map(constant -> {
                    JsonProperty written = constant.getAnnotation(JsonProperty.class);
                    return written == null ? constant.getName() : written.value();
                })
                .collect(Collectors.joining(", "));
    }

    private static String what(Class<?> type) {
        if (type == int.class || type == long.class || type == Integer.class || type == Long.class) {
            return "a whole number";
        }
        if (type == double.class || Number.class.isAssignableFrom(type)) {
            return "a number";
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (type == String.class) {
            return "a text";
        }
        return List.class.isAssignableFrom(type) || type.isArray() ? "a list" : "an object of another form";
    }
}
