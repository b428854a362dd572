package knollwind.voice;

import edu.cmu.sphinx.linguist.acoustic.tiedstate.GaussianWeights;
import edu.cmu.sphinx.linguist.acoustic.tiedstate.Sphinx3Loader;
import edu.cmu.sphinx.util.LogMath;
import java.util.Arrays;

/**
 * The model's mixtures of Gaussian densities, in flat arrays: those of one sound are shared by all its states, which weigh them
 * differently. A frame's features fall into streams that are scored apart and added. With the library's own scoring, which works on objects, words take
 * about twice as long to be found; a test holds one to the other. Not safe for threads.
 */
final class Densities {
    /** The likeliest densities of a sound that count. */
    private static final int TOP = 4;

    private static final float LEAST_VARIANCE = 1e-4f;
    private static final float LEAST_WEIGHT = 1e-7f;

    private final int streams;
    private final int densities;
    private final int[] lengths;
    private final int[] soundOf;

    /** By sound and stream: means and precisions, feature after feature, and the constant of each density. */
    private final float[][] means;

    private final float[][] precisions;
    private final float[][] constants;

    /** By stream and state: natural logarithms. */
    private final float[][][] weights;

    private final float[] present;
    private final float[] top;
    private final int[] topIndex;

    Densities(Sphinx3Loader model) {
        this.streams = model.getNumStreams();
        this.densities = model.getNumGaussiansPerState();
        this.lengths = model.getVectorLength();
        this.soundOf = model.getSenone2Ci();
        int books = model.getMeansPool().size() / densities;
        this.means = new float[books][];
        this.precisions = new float[books][];
        this.constants = new float[books][densities];
        for (int book = 0; book < books; book++) {
            fill(model, book);
        }
        GaussianWeights given = model.getMixtureWeights();
        double toNatural = Math.log(LogMath.getLogMath().getLogBase());
        this.weights = new float[streams][given.getStatesNum()][densities];
        for (int stream = 0; stream < streams; stream++) {
            for (int state = 0; state < given.getStatesNum(); state++) {
                for (int i = 0; i < densities; i++) {
                    weights[stream][state][i] =
                            (float) Math.max(Math.log(LEAST_WEIGHT), given.get(state, stream, i) * toNatural);
                }
            }
        }
        this.present = new float[densities];
        this.top = new float[books * TOP];
        this.topIndex = new int[books * TOP];
    }

    private void fill(Sphinx3Loader model, int book) {
        int length = lengths[book % streams];
        means[book] = new float[densities * length];
        precisions[book] = new float[densities * length];
        for (int i = 0; i < densities; i++) {
            float[] mean = model.getMeansPool().get(book * densities + i);
            float[] variance = model.getVariancePool().get(book * densities + i);
            double constant = length * Math.log(2 * Math.PI);
            for (int k = 0; k < length; k++) {
                float own = Math.max(LEAST_VARIANCE, variance[k]);
                means[book][k * densities + i] = mean[k];
                precisions[book][k * densities + i] = 0.5f / own;
                constant += Math.log(own);
            }
            constants[book][i] = (float) (-0.5 * constant);
        }
    }

    int states() {
        return soundOf.length;
    }

    /** Takes in a frame: finds the likeliest densities of every sound. */
    void hear(float[] features) {
        for (int book = 0; book < means.length; book++) {
            int stream = book % streams;
            int length = lengths[stream];
            int first = 0;
            for (int i = 0; i < stream; i++) {
                first += lengths[i];
            }
            System.arraycopy(constants[book], 0, present, 0, densities);
            for (int k = 0; k < length; k++) {
                add(features[first + k], means[book], precisions[book], k * densities);
            }
            int at = book * TOP;
            Arrays.fill(top, at, at + TOP, Float.NEGATIVE_INFINITY);
            for (int i = 0; i < densities; i++) {
                keep(at, present[i], i);
            }
        }
    }

    /** One feature for all densities at once: such a loop the compiler makes parallel. */
    private void add(float feature, float[] mean, float[] precision, int from) {
        float[] scores = present;
        for (int i = 0; i < scores.length; i++) {
            float away = feature - mean[from + i];
            scores[i] -= away * away * precision[from + i];
        }
    }

    private void keep(int at, float score, int density) {
        int place = at + TOP - 1;
        if (score <= top[place]) {
            return;
        }
        while (place > at && top[place - 1] < score) {
            top[place] = top[place - 1];
            topIndex[place] = topIndex[place - 1];
            place--;
        }
        top[place] = score;
        topIndex[place] = density;
    }

    /** Natural logarithm of how likely the present frame is for a state. */
    float score(int state) {
        float score = 0;
        for (int stream = 0; stream < streams; stream++) {
            int at = (soundOf[state] * streams + stream) * TOP;
            float[] weight = weights[stream][state];
            float most = Float.NEGATIVE_INFINITY;
            for (int i = at; i < at + TOP; i++) {
                most = Math.max(most, top[i] + weight[topIndex[i]]);
            }
            double sum = 0;
            for (int i = at; i < at + TOP; i++) {
                sum += Math.exp(top[i] + weight[topIndex[i]] - most);
            }
            score += most + (float) Math.log(sum);
        }
        return score;
    }
}
