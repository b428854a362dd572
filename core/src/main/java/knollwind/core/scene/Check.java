package knollwind.core.scene;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/** Argument checks shared by the records of the document; each failure says what is wrong and what is allowed. */
public final class Check {
    private Check() {}

    public static String id(String id, String what) {
        if (id == null || !id.matches("[A-Za-z0-9_.-]{1,64}")) {
            throw new IllegalArgumentException(what + " needs an id of 1 to 64 letters, digits, dots, dashes or "
                    + "underscores, not " + (id == null ? "nothing" : "'" + id + "'"));
        }
        return id;
    }

    public static double range(double value, double low, double high, String what) {
        if (!(value >= low && value <= high)) {
            throw new IllegalArgumentException(what + " must lie between " + Numbers.text(low) + " and "
                    + Numbers.text(high) + ", not " + (Double.isFinite(value) ? Numbers.text(value) : "" + value));
        }
        return value;
    }

    public static int range(int value, int low, int high, String what) {
        range((double) value, low, high, what);
        return value;
    }

    public static String text(String text, int longest, String what) {
        if (text == null) {
            throw new IllegalArgumentException(what + " is missing");
        }
        if (text.length() > longest) {
            throw new IllegalArgumentException(
                    what + " may have at most " + longest + " characters, not " + text.length());
        }
        return text;
    }

    public static <T> T present(T value, String what) {
        if (value == null) {
            throw new IllegalArgumentException(what + " is missing");
        }
        return value;
    }

    /** Null becomes the empty list; the copy is immutable. */
    public static <T> List<T> list(List<T> items) {
        if (items == null) {
            return List.of();
        }
        for (int i = 0; i < items.size(); i++) {
            if (items.get(i) == null) {
                throw new IllegalArgumentException("a list holds nothing at its place " + (i + 1));
            }
        }
        return List.copyOf(items);
    }

    static <T> void uniqueIds(Collection<T> items, Function<T, String> id, String what) {
        Set<String> seen = new HashSet<>();
        for (T item : items) {
            if (!seen.add(id.apply(item))) {
                throw new IllegalArgumentException("two " + what + " share the id '" + id.apply(item) + "'");
            }
        }
    }
}
