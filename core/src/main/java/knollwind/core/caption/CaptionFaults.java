package knollwind.core.caption;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import knollwind.core.scene.CaptionRules;
import knollwind.core.scene.ReadingSpeed;

/** Which of its rules a caption does not keep to. */
public final class CaptionFaults {
    /** Times are kept to a thousandth of a frame: what is over by less than this part is not broken. */
    private static final double EXACT = 1e-3;

    private CaptionFaults() {}

    /**
     * In words, each such as "has to be read at 18.2 characters a second; 16 are allowed"; none for a caption that keeps to all.
     *
     * @param gap seconds to the caption after it; infinite for none, negative where that one is on already
     */
    public static List<String> of(Caption caption, double gap, CaptionRules rules) {
        List<String> faults = new ArrayList<>();
        int most = caption.lines().stream().mapToInt(Caption::characters).max().orElse(0);
        if (most > rules.perLine()) {
            faults.add("has a line of " + most + " characters; " + rules.perLine() + " are allowed");
        }
        if (caption.lines().size() > rules.lines()) {
            faults.add("has " + caption.lines().size() + " lines; " + rules.lines() + " are allowed");
        }
        ReadingSpeed fastest = rules.fastest();
        double speed = speed(caption, fastest);
        if (speed > fastest.most() * (1 + EXACT)) {
            faults.add("has to be read at " + tenths(speed) + " "
                    + fastest.unit().text() + "; " + tenths(fastest.most()) + " are allowed");
        }
        if (caption.length() < rules.shortest() * (1 - EXACT)) {
            faults.add("is on for " + hundredths(caption.length()) + " s; at least " + hundredths(rules.shortest())
                    + " s are asked for");
        }
        if (caption.length() > rules.longest() * (1 + EXACT)) {
            faults.add("is on for " + hundredths(caption.length()) + " s; at most " + hundredths(rules.longest())
                    + " s are allowed");
        }
        if (gap >= 0 && gap < rules.gap() * (1 - EXACT) - EXACT) {
            faults.add("goes " + hundredths(gap) + " s before the next one; " + hundredths(rules.gap())
                    + " s are asked for");
        }
        int words = words(caption);
        if (words > rules.words()) {
            faults.add(
                    "has " + words + " words; " + rules.words() + (rules.words() == 1 ? " is" : " are") + " allowed");
        }
        return faults;
    }

    /** How fast a caption has to be read, as a speed is counted. */
    public static double speed(Caption caption, ReadingSpeed counted) {
        return counted.of(Caption.characters(caption.text()), words(caption), caption.length());
    }

    private static int words(Caption caption) {
        return caption.text().strip().split("\\s+").length;
    }

    private static String tenths(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    private static String hundredths(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }
}
