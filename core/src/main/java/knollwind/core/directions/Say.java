package knollwind.core.directions;

import java.math.BigDecimal;
import knollwind.core.scene.Length;
import knollwind.core.scene.Numbers;

/** Numbers as sentences print them. */
final class Say {
    private Say() {}

    static String number(double value) {
        return Numbers.text(value);
    }

    /** 0.6 as "60 %"; the decimal point is moved, so that nothing is rounded. */
    static String percent(double fraction) {
        return decimal(fraction, 2) + " %";
    }

    static double shownPercent(double fraction) {
        return Double.parseDouble(decimal(fraction, 2));
    }

    static String length(double value, Length.Unit unit) {
        return number(value) + " " + unit.text();
    }

    static String frames(double frames) {
        return number(frames) + (frames == 1 ? " frame" : " frames");
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
