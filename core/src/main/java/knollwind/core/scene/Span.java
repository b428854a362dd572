package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonCreator;

/**
 * The half-open stretch of time [start, end) of a block, in frames of its scene; at least one frame long. Its moments may
 * hang on cues and other blocks; start and end then only count where what they hang on is gone. A block whose start or
 * landing hangs keeps its length; one whose leaving or end hangs keeps its start, and its hold gives way.
 *
 * @param startsAt what the start hangs on; null for nothing
 * @param landsAt what the landing of the last arriving unit hangs on instead; null for nothing
 * @param leavesAt what the setting out of the first leaving unit hangs on; null for nothing
 * @param endsAt what the end hangs on instead; null for nothing
 */
public record Span(
        Rational start, Rational end, TimeLink startsAt, TimeLink landsAt, TimeLink leavesAt, TimeLink endsAt) {
    @JsonCreator
    public Span {
        Check.present(start, "the start of a span");
        Check.present(end, "the end of a span");
        if (end.minus(start).compareTo(Rational.of(1)) < 0) {
            throw new IllegalArgumentException(
                    "a block must last at least one frame; it starts at " + start + " and ends at " + end);
        }
        if (startsAt != null && landsAt != null) {
            throw new IllegalArgumentException("either the start of a block hangs on something or its landing");
        }
        if (leavesAt != null && endsAt != null) {
            throw new IllegalArgumentException("either the leaving of a block hangs on something or its end");
        }
    }

    /** A span that hangs on nothing. */
    public Span(Rational start, Rational end) {
        this(start, end, null, null, null, null);
    }

    public static Span of(long start, long end) {
        return new Span(Rational.of(start), Rational.of(end));
    }

    public double length() {
        return end.minus(start).value();
    }

    public boolean hangs() {
        return startsAt != null || landsAt != null || leavesAt != null || endsAt != null;
    }

    /** The same links with other times. */
    public Span at(Rational otherStart, Rational otherEnd) {
        return new Span(otherStart, otherEnd, startsAt, landsAt, leavesAt, endsAt);
    }

    /** What one of the moments hangs on; null for nothing. */
    public TimeLink hang(BlockEdge edge) {
        return switch (edge) {
            case START -> startsAt;
            case LANDED -> landsAt;
            case LEAVING -> leavesAt;
            case END -> endsAt;
        };
    }
}
