package knollwind.core.type;

/**
 * How much larger than their size lines are set.
 *
 * @param all of lines that have no factor of their own
 * @param lines by line; may be empty
 * @param flush whether every line's ink begins at the block's left edge
 */
record Scale(double all, double[] lines, boolean flush) {
    static final Scale NONE = even(1);

    static Scale even(double all) {
        return new Scale(all, new double[0], false);
    }

    double of(int line) {
        return line < lines.length ? lines[line] : all;
    }

    /** The largest factor among so many lines. */
    double most(int count) {
        double most = of(0);
        for (int i = 1; i < count; i++) {
            most = Math.max(most, of(i));
        }
        return most;
    }
}
