package knollwind.core.scene;

import java.util.Optional;

/**
 * One edit of a text: {@code removed} UTF-16 units from {@code from} on give way to {@code inserted}. Ranges over the text
 * follow the edit instead of being guessed anew from the result.
 */
public record TextEdit(int from, int removed, String inserted) {
    public TextEdit {
        if (from < 0 || removed < 0) {
            throw new IllegalArgumentException("a text edit cannot begin or reach before the text");
        }
        Check.text(inserted, TextBlock.LONGEST_TEXT, "the inserted text");
    }

    /** The edit that turns a text into another: what lies between their common beginning and end, whole characters. */
    public static TextEdit between(String before, String after) {
        int shortest = Math.min(before.length(), after.length());
        int start = 0;
        while (start < shortest && before.charAt(start) == after.charAt(start)) {
            start++;
        }
        int end = 0;
        while (end < shortest - start
                && before.charAt(before.length() - 1 - end) == after.charAt(after.length() - 1 - end)) {
            end++;
        }
        if (splits(before, start) || splits(after, start)) {
            start--;
        }
        if (end > 0 && (splits(before, before.length() - end) || splits(after, after.length() - end))) {
            end--;
        }
        return new TextEdit(start, before.length() - start - end, after.substring(start, after.length() - end));
    }

    /** Text from elsewhere as a block may hold it: line breaks of one kind, tabs, no other control characters. */
    public static String fitting(String text) {
        return text.replaceAll("\r\n?|[\u2028\u2029]", "\n").replaceAll("[\\p{Cntrl}&&[^\n\t]]", "");
    }

    private static boolean splits(String text, int at) {
        return at < text.length() && Character.isLowSurrogate(text.charAt(at));
    }

    /** The text after the edit; an edit that reaches past the end is refused. */
    public String apply(String text) {
        long end = (long) from + removed;
        if (end > text.length()) {
            throw new IllegalArgumentException("the edit reaches to " + end + " but the text ends at " + text.length());
        }
        return text.substring(0, from) + inserted + text.substring(from + removed);
    }

    /** The edit that takes this one back, given the text it was made on. */
    public TextEdit inverse(String before) {
        return new TextEdit(from, inserted.length(), before.substring(from, from + removed));
    }

    /**
     * Where the range [start, end) lies after the edit, or nothing when all of it was removed. Text typed at a range's end
     * belongs to the range, text typed at its start does not.
     */
    public Optional<int[]> move(int start, int end) {
        return move(start, end, true);
    }

    /** @param grows whether text typed at a range's end belongs to it */
    public Optional<int[]> move(int start, int end, boolean grows) {
        int shift = inserted.length() - removed;
        int editEnd = from + removed;
        int newStart;
        if (start < from) {
            newStart = start;
        } else if (start >= editEnd) {
            newStart = start + shift;
        } else {
            newStart = from + inserted.length();
        }
        int newEnd;
        if (grows ? end < from : end <= from) {
            newEnd = end;
        } else if (end >= editEnd) {
            newEnd = end + shift;
        } else {
            newEnd = from;
        }
        return newEnd > newStart ? Optional.of(new int[] {newStart, newEnd}) : Optional.empty();
    }

    /** Index of the first control character that words may not hold, or -1. Line breaks are allowed, and tabs, which part lines into pairs. */
    static int firstControl(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c != '\n' && c != '\t' && (Character.isISOControl(c) || isLoneSurrogate(text, i))) {
                return i;
            }
        }
        return -1;
    }

    public static boolean isLoneSurrogate(String text, int i) {
        char c = text.charAt(i);
        if (Character.isHighSurrogate(c)) {
            return i + 1 >= text.length() || !Character.isLowSurrogate(text.charAt(i + 1));
        }
        return Character.isLowSurrogate(c) && (i == 0 || !Character.isHighSurrogate(text.charAt(i - 1)));
    }
}
