package knollwind.core.type;

import io.github.humbleui.skija.Typeface;
import java.util.List;
import java.util.Map;

/**
 * The font files to try for a face, in order, at its axis values: its own ones, which are asked for all they have, then those
 * of the fallback chain, which are opened only for the characters they are there for.
 */
record FaceChain(List<FontFile> own, List<FontFile> fallback, Map<String, Double> axes) {
    /** The face itself: what lines without any character, and characters that no face has, are measured by. */
    Typeface first() {
        return (own.isEmpty() ? fallback : own).get(0).at(axes);
    }

    /** The first typeface that has all these characters, or null when none has. */
    Typeface covering(int[] codePoints) {
        for (FontFile file : own) {
            Typeface typeface = file.at(axes);
            if (has(typeface, codePoints)) {
                return typeface;
            }
        }
        for (FontFile file : fallback) {
            if (mayHave(file, codePoints) && has(file.at(axes), codePoints)) {
                return file.at(axes);
            }
        }
        return null;
    }

    private static boolean mayHave(FontFile file, int[] codePoints) {
        for (int codePoint : codePoints) {
            if (!file.coverage().has(codePoint)) {
                return false;
            }
        }
        return true;
    }

    private static boolean has(Typeface typeface, int[] codePoints) {
        for (int codePoint : codePoints) {
            if (typeface.getUTF32Glyph(codePoint) == 0) {
                return false;
            }
        }
        return true;
    }
}
