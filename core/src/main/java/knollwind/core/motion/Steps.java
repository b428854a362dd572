package knollwind.core.motion;

/** {@code steps(n, position)} of CSS Easing Functions Level 2, section 2.3. */
public record Steps(int count, Position position) implements Easing {
    /** Where the jumps sit. */
    public enum Position {
        JUMP_START,
        JUMP_END,
        JUMP_NONE,
        JUMP_BOTH
    }

    public Steps {
        if (count < 1 || (position == Position.JUMP_NONE && count < 2)) {
            throw new IllegalArgumentException("steps() needs at least 1 step, jump-none at least 2");
        }
    }

    @Override
    public double at(double x) {
        return value(Math.floor(Easing.clamp(x) * count));
    }

    /** The value just before the jump at x, if there is one: what {@link #reversed()} shows. */
    private double before(double x) {
        return value(Math.ceil(Easing.clamp(x) * count) - 1);
    }

    /** The output after so many jumps, as section 2.3 counts them. */
    private double value(double passed) {
        boolean early = position == Position.JUMP_START || position == Position.JUMP_BOTH;
        int jumps = switch (position) {
            case JUMP_START, JUMP_END -> count;
            case JUMP_NONE -> count - 1;
            case JUMP_BOTH -> count + 1;
        };
        return Math.max(0, Math.min(early ? passed + 1 : passed, jumps)) / jumps;
    }

    @Override
    public Easing reversed() {
        return x -> 1 - before(1 - x);
    }
}
