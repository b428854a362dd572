package knollwind.core.directions.grammar;

import java.math.BigDecimal;
import knollwind.core.scene.Block;
import knollwind.core.scene.Length;
import knollwind.core.scene.Numbers;
import knollwind.core.scene.TextBlock;

/** Numbers as sentences print them. */
public final class Say {
    /** Characters: as much as a sentence can quote without breaking its line. */
    private static final int LONGEST = 24;

    private Say() {}

    public static String number(double value) {
        return Numbers.text(value);
    }

    /** 0.6 as "60 %"; the decimal point is moved, so that nothing is rounded. */
    public static String percent(double fraction) {
        return decimal(fraction, 2) + " %";
    }

    public static double shownPercent(double fraction) {
        return Double.parseDouble(decimal(fraction, 2));
    }

    public static String length(double value, Length.Unit unit) {
        return number(value) + " " + unit.text();
    }

    public static String frames(double frames) {
        return number(frames) + (frames == 1 ? " frame" : " frames");
    }

    /** What stands for a value that a field fills. */
    public static String field(String id) {
        return "field(" + id + ")";
    }

    /** What a block is called in a sentence, in quotation marks. */
    public static String block(Block block) {
        return "\u201c" + called(block) + "\u201d";
    }

    /** What a block is called: the beginning of its words, or its name. */
    public static String called(Block block) {
        String plain = whole(block);
        int end = plain.length() <= LONGEST
                ? plain.length()
                : plain.offsetByCodePoints(0, Math.min(LONGEST, plain.codePointCount(0, plain.length())));
        return end < plain.length() ? plain.substring(0, end).strip() + "\u2026" : plain;
    }

    /** All of its words, or its name, without quotation marks and line breaks. */
    static String whole(Block block) {
        String name = block.asWords()
                .map(TextBlock::text)
                .filter(words -> !words.isBlank())
                .orElse(block.name());
        return name.replaceAll("[\u201c\u201d\"]", "'").replaceAll("\\s+", " ").strip();
    }

    private static String decimal(double value, int places) {
        if (value == 0) {
            return "0";
        }
        return new BigDecimal(Double.toString(value))
                .movePointRight(places)
                .stripTrailingZeros()
                .toPlainString();
    }
}
