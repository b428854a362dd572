package knollwind.core.speech;

/**
 * States that a sound passes through one after the other, each for one frame at least.
 *
 * @param states by which {@link Acoustics} scores them
 * @param stay natural logarithm of the probability of one frame more in a state
 * @param on the same of going on to the next, or of leaving the row
 */
public record StateRow(int[] states, float[] stay, float[] on) {
    public StateRow {
        if (states.length == 0 || stay.length != states.length || on.length != states.length) {
            throw new IllegalArgumentException("a row needs a state, and as many ways on as states");
        }
    }

    int length() {
        return states.length;
    }
}
