package knollwind.core.speech;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * Finds where the words of a script are said: the likeliest way through their states, in order, frame by frame (Viterbi, with a beam).
 * Between words there may be silence, or something that the script does not have; a word may be passed over. Both cost so much that
 * they are only taken where script and recording differ.
 */
public final class AlignmentSearch {
    /** Natural logarithms of likelihood that a way may be behind the best before it is given up. */
    private static final float BEAM = 800;

    /** For one silence. */
    private static final float SILENCE = -2.3f;

    /** For one stretch that is not in the script, and for each of its frames. */
    private static final float OTHER = -60;

    private static final float OTHER_FRAME = -6;

    /** For words in a row that are not said: for the first, and for each more. */
    private static final float PASSED = -60;

    private static final float PASSED_MORE = -15;

    /** States of one sound. */
    private static final int SOUND = 3;

    private static final float NEVER = Float.NEGATIVE_INFINITY;

    /**
     * A word where it was found.
     *
     * @param from first frame; −1 for a word that is not said
     * @param second frame at which its second sound begins, or its end where it has one alone
     * @param to the frame after its last one
     * @param score natural logarithm of the likelihood of its frames, on average
     * @param best the same for the likeliest sounds of any kind
     */
    public record Found(int from, int second, int to, double score, double best) {
        public boolean said() {
            return from >= 0;
        }
    }

    /** Frames in which something is said that the script does not have. */
    public record Stretch(int from, int to) {}

    /** What was found: a place for each word, and what lies between. */
    public record Result(List<Found> words, List<Stretch> others) {}

    /** What a way has been through: the part it is in, the frame and the score at which that was begun, and the one before. */
    private record Step(int word, int from, int second, float begun, Step before) {
        Step(int word, int from, float begun, Step before) {
            this(word, from, 0, begun, before);
        }
    }

    /** Kinds of parts that are no words. */
    private static final int QUIET = -1;

    private static final int STRANGE = -2;

    private final List<List<StateRow>> words;
    private final StateRow silence;
    private final Acoustics sound;
    private final int[] offsets;
    private final float[] scores;
    private final Step[] steps;

    /** The likeliest sounds of any kind, added up. */
    private final double[] heard;

    private AlignmentSearch(List<List<StateRow>> words, StateRow silence, Acoustics sound) {
        this.words = words;
        this.silence = silence;
        this.sound = sound;
        // Each place between words has a silence and a state for anything else; then come the word's variants.
        this.offsets = new int[words.size() + 2];
        for (int i = 0; i <= words.size(); i++) {
            int length = silence.length() + 1;
            if (i < words.size()) {
                length += words.get(i).stream().mapToInt(StateRow::length).sum();
            }
            offsets[i + 1] = offsets[i] + length;
        }
        this.scores = new float[offsets[words.size() + 1]];
        this.steps = new Step[scores.length];
        Arrays.fill(scores, NEVER);
        this.heard = new double[sound.frames() + 1];
    }

    /**
     * @param words for each word the ways it can be said
     * @param silence the states of silence
     */
    public static Result find(List<List<StateRow>> words, StateRow silence, Acoustics sound) {
        return new AlignmentSearch(words, silence, sound).run();
    }

    private Result run() {
        int count = words.size();
        float[] arrived = new float[count + 1];
        Step[] ways = new Step[count + 1];
        Arrays.fill(arrived, NEVER);
        arrived[0] = 0;
        int low = 0;
        int high = passable(arrived, ways, 0, 0, -BEAM);
        for (int frame = 0; frame < sound.frames(); frame++) {
            Stopped.check();
            float best = NEVER;
            heard[frame + 1] = heard[frame] + sound.best(frame);
            float[] left = new float[high - low + 2];
            Step[] leaving = new Step[high - low + 2];
            Arrays.fill(left, NEVER);
            for (int place = low; place <= high; place++) {
                int at = offsets[place];
                float here = arrived[place];
                Step way = ways[place];
                float out = row(silence, at, here, SILENCE, QUIET, frame, way);
                offer(left, leaving, place - low, out, at + silence.length() - 1);
                at += silence.length();
                float strange = Math.max(scores[at], here + OTHER);
                if (strange > NEVER) {
                    steps[at] = scores[at] >= here + OTHER ? steps[at] : new Step(STRANGE, frame, here, way);
                    scores[at] = strange + sound.best(frame) + OTHER_FRAME;
                    offer(left, leaving, place - low, scores[at], at);
                }
                at++;
                if (place < count) {
                    for (StateRow row : words.get(place)) {
                        float said = row(row, at, here, 0, place, frame, way);
                        offer(left, leaving, place - low + 1, said, at + row.length() - 1);
                        at += row.length();
                    }
                }
            }
            for (int i = offsets[low]; i < offsets[high + 1]; i++) {
                best = Math.max(best, scores[i]);
            }
            float least = best - BEAM;
            Arrays.fill(arrived, low, high + 1, NEVER);
            Arrays.fill(ways, low, high + 1, null);
            for (int i = 0; i < left.length && low + i <= count; i++) {
                if (left[i] > least) {
                    arrived[low + i] = left[i];
                    ways[low + i] = leaving[i];
                }
            }
            high = passable(arrived, ways, low, Math.min(count, high + 1), least);
            low = lowest(low, high, least, arrived);
        }
        return result(arrived[count], ways[count]);
    }

    /** Moves one row of states on by a frame; answers with the score at which it is left. */
    private float row(StateRow row, int at, float here, float cost, int word, int frame, Step way) {
        int last = row.length() - 1;
        for (int state = last; state >= 0; state--) {
            int i = at + state;
            float stays = scores[i] + row.stay()[state];
            float comes = state == 0 ? here + cost : scores[i - 1] + row.on()[state - 1];
            if (stays == NEVER && comes == NEVER) {
                scores[i] = NEVER;
                continue;
            }
            if (comes > stays) {
                Step step = state == 0 ? new Step(word, frame, here, way) : steps[i - 1];
                steps[i] = state == SOUND ? new Step(step.word, step.from, frame, step.begun, step.before) : step;
                stays = comes;
            }
            scores[i] = stays + sound.score(row.states()[state], frame);
        }
        return scores[at + last] + row.on()[last];
    }

    private void offer(float[] left, Step[] leaving, int place, float score, int state) {
        if (score > left[place]) {
            left[place] = score;
            leaving[place] = steps[state];
        }
    }

    /** Words may be passed over: the last place that is reached so. */
    private static int passable(float[] arrived, Step[] ways, int low, int high, float least) {
        float passing = NEVER;
        Step way = null;
        int reached = high;
        for (int place = low; place < arrived.length - 1; place++) {
            passing += PASSED_MORE;
            if (arrived[place] + PASSED > passing) {
                passing = arrived[place] + PASSED;
                way = ways[place];
            }
            if (passing <= least && place >= high) {
                break;
            }
            if (passing > least && passing > arrived[place + 1]) {
                arrived[place + 1] = passing;
                ways[place + 1] = way;
                reached = Math.max(reached, place + 1);
            }
        }
        return reached;
    }

    /** What it costs to pass over so many words in a row. */
    private static float passed(int words) {
        return words == 0 ? 0 : PASSED + PASSED_MORE * (words - 1);
    }

    /** The first place at which some way is still open; what lies before it is cleared. */
    private int lowest(int low, int high, float least, float[] arrived) {
        for (int place = low; place < high; place++) {
            boolean open = arrived[place] > NEVER;
            for (int i = offsets[place]; i < offsets[place + 1]; i++) {
                if (scores[i] > least) {
                    open = true;
                    break;
                }
            }
            if (open) {
                return place;
            }
            Arrays.fill(scores, offsets[place], offsets[place + 1], NEVER);
            Arrays.fill(steps, offsets[place], offsets[place + 1], null);
        }
        return high;
    }

    private Result result(float score, Step last) {
        List<Found> found = new ArrayList<>(Collections.nCopies(words.size(), new Found(-1, -1, -1, 0, 0)));
        List<Stretch> others = new ArrayList<>();
        if (score == NEVER) {
            return new Result(found, List.of(new Stretch(0, sound.frames())));
        }
        int end = sound.frames();
        float ended = score;
        int after = words.size();
        for (Step step = last; step != null; step = step.before()) {
            if (step.word() >= 0) {
                // Words that were passed over since have cost something that is not this one's.
                float own = ended - step.begun() - passed(after - step.word() - 1);
                int frames = end - step.from();
                found.set(
                        step.word(),
                        new Found(
                                step.from(),
                                step.second() == 0 ? end : step.second(),
                                end,
                                own / frames,
                                (heard[end] - heard[step.from()]) / frames));
                after = step.word();
            } else if (step.word() == STRANGE) {
                others.add(new Stretch(step.from(), end));
            }
            end = step.from();
            ended = step.begun();
        }
        Collections.reverse(others);
        return new Result(found, others);
    }
}
