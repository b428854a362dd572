package knollwind.core.type;

import java.util.ArrayList;
import java.util.List;

/**
 * Which characters a font file is there for, in the notation of CSS Fonts 4, section 4.5: {@code U+0590-05FF,U+20AA,U+26??}.
 * It is asked before the file is opened, so that a chain of many files costs nothing.
 */
record Coverage(String text, List<int[]> ranges) {
    /** Covers whatever the file turns out to have. */
    static final Coverage ALL = new Coverage("U+0-10FFFF", List.of(new int[] {0, 0x10FFFF}));

    /** Reads a list of ranges; an empty text covers all characters. */
    static Coverage read(String text) {
        if (text.isBlank()) {
            return ALL;
        }
        List<int[]> ranges = new ArrayList<>();
        for (String range : text.split(",")) {
            String hex = range.strip().substring(2);
            int dash = hex.indexOf('-');
            String from = dash < 0 ? hex.replace('?', '0') : hex.substring(0, dash);
            String to = dash < 0 ? hex.replace('?', 'F') : hex.substring(dash + 1);
            ranges.add(new int[] {Integer.parseInt(from, 16), Integer.parseInt(to, 16)});
        }
        return new Coverage(text, List.copyOf(ranges));
    }

    boolean has(int codePoint) {
        for (int[] range : ranges) {
            if (codePoint >= range[0] && codePoint <= range[1]) {
                return true;
            }
        }
        return false;
    }
}
