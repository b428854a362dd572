package knollwind.core.scene;

import java.math.BigDecimal;

/** Numbers as people write them: the shortest decimal that reads back as the same double, without an exponent. */
public final class Numbers {
    private Numbers() {}

    /** 3.0 becomes "3", 0.1 becomes "0.1". The value must be finite. */
    public static String text(double value) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("not a finite number: " + value);
        }
        if (value == 0) {
            return "0";
        }
        String plain =
                new BigDecimal(Double.toString(value)).stripTrailingZeros().toPlainString();
        return plain;
    }
}
