package knollwind.core.scene;

/** The half-open stretch of time [start, end) of a block, in frames of its scene; at least one frame long. */
public record Span(Rational start, Rational end) {
    public Span {
        Check.present(start, "the start of a span");
        Check.present(end, "the end of a span");
        if (end.minus(start).compareTo(Rational.of(1)) < 0) {
            throw new IllegalArgumentException(
                    "a block must last at least one frame; it starts at " + start + " and ends at " + end);
        }
    }

    public static Span of(long start, long end) {
        return new Span(Rational.of(start), Rational.of(end));
    }

    public double length() {
        return end.minus(start).value();
    }
}
