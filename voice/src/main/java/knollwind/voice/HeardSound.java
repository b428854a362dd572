package knollwind.voice;

import edu.cmu.sphinx.frontend.Data;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.Senone;
import java.util.Arrays;
import java.util.List;
import knollwind.core.speech.Acoustics;

/** The frames of a recording, scored by an acoustic model. Not safe for threads. */
final class HeardSound implements Acoustics {
    private final Data[] frames;
    private final Senone[] states;
    private final int[] plain;
    private final double toNatural;
    private final float[] known;
    private final int[] knownAt;
    private int bestAt = -1;
    private float best;

    /**
     * @param states all of the model, by their numbers
     * @param plain those of sounds without regard to their neighbours
     * @param toNatural natural logarithm of the base that the model counts in
     */
    HeardSound(List<Data> frames, Senone[] states, int[] plain, double toNatural) {
        this.frames = frames.toArray(Data[]::new);
        this.states = states;
        this.plain = plain;
        this.toNatural = toNatural;
        this.known = new float[states.length];
        this.knownAt = new int[states.length];
        Arrays.fill(knownAt, -1);
    }

    @Override
    public int frames() {
        return frames.length;
    }

    @Override
    public float score(int state, int frame) {
        if (knownAt[state] != frame) {
            known[state] = (float) (states[state].getScore(frames[frame]) * toNatural);
            knownAt[state] = frame;
        }
        return known[state];
    }

    @Override
    public float best(int frame) {
        if (bestAt != frame) {
            best = Float.NEGATIVE_INFINITY;
            for (int state : plain) {
                best = Math.max(best, score(state, frame));
            }
            bestAt = frame;
        }
        return best;
    }
}
