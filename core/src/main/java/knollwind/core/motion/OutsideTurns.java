package knollwind.core.motion;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Clock;
import knollwind.core.scene.Moments;
import knollwind.core.scene.Move;
import knollwind.core.scene.UnitKind;

/**
 * The bars of a move whose pieces have their turns at moments from outside: at spoken words, beats or cues. They are never
 * scaled; one that would begin before the block is cut off there.
 *
 * @param starts scene frames at which the bars begin, by piece; NaN for one that takes no turn
 * @param ends scene frames at which they end
 * @param until scene frames at which what the moments stand for is over: a word that has been said; the moment itself otherwise
 * @param lacking how many pieces have no moment of their own
 */
record OutsideTurns(List<Double> starts, List<Double> ends, List<Double> until, int lacking) {
    /** Of a frame: so much before the block a beat or a cue still counts as its first. */
    private static final double TOLERANCE = 0.5;

    /**
     * @param begin scene frame at which the block begins
     * @param shifts frames that each piece is later than its turn, of its own
     */
    static OutsideTurns of(
            Move move, List<Piece> pieces, Ranks ranks, Turns turns, Clock clock, double begin, double[] shifts) {
        Moments rule = move.pace().moments();
        List<Double> starts = new ArrayList<>();
        List<Double> ends = new ArrayList<>();
        List<Double> until = new ArrayList<>();
        int lacking = 0;
        int word = -1;
        int within = 0;
        for (int i = 0; i < pieces.size(); i++) {
            Piece piece = pieces.get(i);
            within = piece.word() == word && move.unit() == UnitKind.CHARACTER ? within + 1 : 0;
            word = piece.word();
            if (!ranks.takesTurn(i)) {
                List.of(starts, ends, until).forEach(list -> list.add(Double.NaN));
                continue;
            }
            Moment turn = switch (rule.by()) {
                case WORDS -> spoken(piece, turns.spoken(), begin);
                case BEATS -> beat(ranks.of().get(i), rule.every(), clock, begin);
                case CUES -> cue(ranks.of().get(i), turns.cues(), begin);
            };
            lacking += turn.own ? 0 : 1;
            double moment = turn.at
                    - rule.early()
                    + move.after()
                    + shifts[i]
                    + (rule.by() == Moments.By.WORDS ? within * move.pace().apart() : 0);
            double each = rule.asLong() ? Math.max(1, turn.until - turn.at) : each(move);
            double start = Math.max(begin, rule.landing() ? moment - each : moment);
            starts.add(start);
            ends.add(Math.max(start, rule.landing() ? moment : moment + each));
            until.add(turn.until + moment - turn.at);
        }
        return new OutsideTurns(starts, ends, until, lacking);
    }

    /** What a bar takes where its word does not say so. */
    static double each(Move move) {
        return PaceRule.of(move.pace(), 1).each();
    }

    /** How long it takes from the first bar's begin to the last one's end. */
    PaceRule rule(Move move) {
        double first = starts.stream()
                .filter(start -> !start.isNaN())
                .min(Double::compare)
                .orElse(0.0);
        double last =
                ends.stream().filter(end -> !end.isNaN()).max(Double::compare).orElse(0.0);
        return new PaceRule(each(move), move.pace().apart(), last - first, false);
    }

    /** The scene frame at which the last bar ends. */
    double last() {
        return ends.stream().filter(end -> !end.isNaN()).max(Double::compare).orElse(Double.NEGATIVE_INFINITY);
    }

    /** @param own whether it is meant for this piece and not borrowed from its neighbour */
    private record Moment(double at, double until, boolean own) {}

    private static Moment spoken(Piece piece, List<TimedText> words, double begin) {
        TimedText first = null;
        TimedText last = null;
        for (TimedText word : words) {
            if (word.to() > piece.from() && word.from() < piece.to()) {
                first = first == null ? word : first;
                last = word;
            }
        }
        if (first != null) {
            return new Moment(first.start(), last.end(), first.said());
        }
        // What is no word, such as a dash that stands alone, goes with the word before it.
        for (TimedText word : words) {
            last = word.to() <= piece.from() || last == null ? word : last;
        }
        return last == null ? new Moment(begin, begin, false) : new Moment(last.start(), last.end(), true);
    }

    private static Moment beat(int rank, double every, Clock clock, double begin) {
        Beats beats = clock.beats();
        double length = every * (beats == null ? clock.rate().perSecond() / 2 : beats.frames(clock.rate()));
        double first = beats == null ? begin : beats.first();
        double step = beats == null ? length : beats.frames(clock.rate());
        double from = first + Math.max(0, Math.ceil((begin - TOLERANCE - first) / step)) * step;
        double at = from + rank * length;
        return new Moment(at, at, true);
    }

    private static Moment cue(int rank, List<Double> cues, double begin) {
        List<Double> left =
                cues.stream().filter(cue -> cue >= begin - TOLERANCE).toList();
        if (left.isEmpty()) {
            return new Moment(begin, begin, false);
        }
        double at = left.get(Math.min(rank, left.size() - 1));
        return new Moment(at, at, rank < left.size());
    }
}
