package knollwind.core.caption;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.CaptionRules;
import knollwind.core.speech.SpokenWord;

/** The words of one caption in lines. */
public final class BrokenLines {
    private BrokenLines() {}

    /** Words as they were typed where they have lines already; else in as few lines as their rules allow, lines parted by {@code \n}. */
    public static String of(String typed, CaptionRules rules) {
        List<String> lines = CaptionText.lines(typed.replace("\r", ""));
        if (lines.size() != 1) {
            return String.join("\n", lines);
        }
        List<String> texts = List.of(lines.get(0).split("\\s+"));
        List<SpokenWord> words = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            // One right after the other: there are no pauses to break at.
            words.add(new SpokenWord(texts.get(i), i, i + 1.0, null));
        }
        return String.join(
                "\n",
                Lines.of(texts, new WordBreaks(words, rules.breaks()), 0, rules).lines());
    }
}
