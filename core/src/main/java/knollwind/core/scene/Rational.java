package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.math.BigInteger;

/**
 * An exact fraction, used for times in frames and for frame rates. Always in lowest terms with a positive denominator.
 * Written to JSON a whole value is a number, any other a string such as {@code "7/2"}.
 */
public record Rational(long numerator, long denominator) implements Comparable<Rational> {
    public static final Rational ZERO = new Rational(0, 1);

    private static final long THOUSANDTHS = 1000;

    /** Numbers that are still exact in thousandths. */
    private static final double LARGEST = 1e12;

    public Rational {
        if (denominator == 0) {
            throw new IllegalArgumentException("a fraction cannot have the denominator 0");
        }
        long divisor = divisor(numerator, denominator);
        if (denominator < 0) {
            divisor = -divisor;
        }
        numerator /= divisor;
        denominator /= divisor;
    }

    /** The greatest that both can be divided by. */
    private static long divisor(long one, long other) {
        if (one == Long.MIN_VALUE || other == Long.MIN_VALUE) {
            return BigInteger.valueOf(one).gcd(BigInteger.valueOf(other)).longValueExact();
        }
        long large = Math.abs(one);
        long small = Math.abs(other);
        while (small != 0) {
            long rest = large % small;
            large = small;
            small = rest;
        }
        return large;
    }

    public static Rational of(long whole) {
        return new Rational(whole, 1);
    }

    /** To a thousandth: times that are worked out are kept as exactly as they are shown. */
    public static Rational near(double value) {
        return new Rational(Math.round(value * THOUSANDTHS), THOUSANDTHS);
    }

    /** Reads a number, to a thousandth, or a string "a" or "a/b". */
    @JsonCreator
    public static Rational read(Object value) {
        if (value instanceof Integer || value instanceof Long) {
            return of(((Number) value).longValue());
        }
        if (value instanceof Number number && Math.abs(number.doubleValue()) < LARGEST) {
            return near(number.doubleValue());
        }
        String text = String.valueOf(value).strip();
        if (!text.matches("-?\\d{1,15}(/\\d{1,15})?")) {
            throw new IllegalArgumentException(
                    "a time or rate is a whole number or a fraction like \"7/2\", not " + text);
        }
        int slash = text.indexOf('/');
        return slash < 0
                ? of(Long.parseLong(text))
                : new Rational(Long.parseLong(text.substring(0, slash)), Long.parseLong(text.substring(slash + 1)));
    }

    @JsonValue
    public Object json() {
        return denominator == 1 ? (Object) numerator : numerator + "/" + denominator;
    }

    public Rational plus(Rational other) {
        return new Rational(
                Math.addExact(
                        Math.multiplyExact(numerator, other.denominator),
                        Math.multiplyExact(other.numerator, denominator)),
                Math.multiplyExact(denominator, other.denominator));
    }

    public Rational minus(Rational other) {
        return plus(new Rational(-other.numerator, other.denominator));
    }

    public Rational times(Rational other) {
        return new Rational(
                Math.multiplyExact(numerator, other.numerator), Math.multiplyExact(denominator, other.denominator));
    }

    public double value() {
        return (double) numerator / denominator;
    }

    @Override
    public int compareTo(Rational other) {
        return Long.compare(
                Math.multiplyExact(numerator, other.denominator), Math.multiplyExact(other.numerator, denominator));
    }

    @Override
    public String toString() {
        return String.valueOf(json());
    }
}
