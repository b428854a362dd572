package knollwind.voice;

import java.util.Arrays;
import java.util.List;
import knollwind.core.speech.Acoustics;

/** The frames of a recording, scored by the densities of an acoustic model. Not safe for threads. */
final class HeardSound implements Acoustics {
    private final float[][] frames;
    private final Densities densities;
    private final int[] plain;
    private final float[] known;
    private final int[] knownAt;
    private final float[] best;
    private int present = -1;

    /** @param plain the states of sounds without regard to their neighbours */
    HeardSound(List<float[]> frames, Densities densities, int[] plain) {
        this.frames = frames.toArray(float[][]::new);
        this.densities = densities;
        this.plain = plain;
        this.known = new float[densities.states()];
        this.knownAt = new int[known.length];
        this.best = new float[this.frames.length];
        Arrays.fill(knownAt, -1);
        Arrays.fill(best, Float.NaN);
    }

    @Override
    public int frames() {
        return frames.length;
    }

    @Override
    public float score(int state, int frame) {
        if (present != frame) {
            densities.hear(frames[frame]);
            present = frame;
            Arrays.fill(knownAt, -1);
        }
        if (knownAt[state] != frame) {
            known[state] = densities.score(state);
            knownAt[state] = frame;
        }
        return known[state];
    }

    @Override
    public float best(int frame) {
        if (Float.isNaN(best[frame])) {
            float likeliest = Float.NEGATIVE_INFINITY;
            for (int state : plain) {
                likeliest = Math.max(likeliest, score(state, frame));
            }
            best[frame] = likeliest;
        }
        return best[frame];
    }
}
