package knollwind.core.type;

import io.github.humbleui.skija.Typeface;
import java.util.List;
import java.util.Map;

/** The font files to try for a face, in order, at its axis values. Files are opened only when a character may need them. */
record FaceChain(List<FontFile> files, Map<String, Double> axes) {
    /** The face itself: what lines without any character, and characters that no face has, are measured by. */
    Typeface first() {
        return files.get(0).at(axes);
    }

    /** The first typeface that has all these characters, or null when none has. */
    Typeface covering(int[] codePoints) {
        for (FontFile file : files) {
            if (mayHave(file, codePoints)) {
                Typeface typeface = file.at(axes);
                if (has(typeface, codePoints)) {
                    return typeface;
                }
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
