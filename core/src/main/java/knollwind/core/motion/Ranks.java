package knollwind.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.ToLongFunction;
import knollwind.core.scene.Order;

/**
 * The rank that an order gives every piece: 0 goes first. Geometric keys are rounded to 1/64 px.
 *
 * @param of rank by piece, in the pieces' order
 * @param count number of ranks
 */
public record Ranks(List<Integer> of, int count) {
    /** Ranks of pieces given in reading order; no pieces give no ranks. */
    public static Ranks of(Order order, List<Piece> pieces) {
        Map<Integer, List<Integer>> groups = new LinkedHashMap<>();
        for (int i = 0; i < pieces.size(); i++) {
            int group = order.scope() == Order.Scope.LINE ? pieces.get(i).line() : 0;
            groups.computeIfAbsent(group, key -> new ArrayList<>()).add(i);
        }
        Integer[] ranks = new Integer[pieces.size()];
        int count = 0;
        for (List<Integer> group : groups.values()) {
            count = Math.max(count, rank(order, pieces, group, ranks));
        }
        return new Ranks(List.of(ranks), count);
    }

    private static int rank(Order order, List<Piece> pieces, List<Integer> group, Integer[] ranks) {
        return switch (order.kind()) {
            case READING -> inTurn(group, ranks);
            case REVERSE -> {
                List<Integer> reversed = new ArrayList<>(group);
                java.util.Collections.reverse(reversed);
                yield inTurn(reversed, ranks);
            }
            case CENTRE_OUT -> inTurn(sorted(group, fromCentre(pieces, group)), ranks);
            case ENDS_IN -> {
                ToLongFunction<Integer> distance = fromCentre(pieces, group);
                yield inTurn(sorted(group, i -> -distance.applyAsLong(i)), ranks);
            }
            case RANDOM ->
                inTurn(
                        sorted(
                                group,
                                i -> SplitMix64.mix(order.seed(), pieces.get(i).id()) >>> 1),
                        ranks);
            case ANGLE -> sharing(group, along(pieces, order.angle()), ranks);
        };
    }

    /** Distance from the middle of the group's extent; a sort by it is stable, so ties go by reading order. */
    private static ToLongFunction<Integer> fromCentre(List<Piece> pieces, List<Integer> group) {
        double left = group.stream().mapToDouble(i -> pieces.get(i).x()).min().orElse(0);
        double right = group.stream().mapToDouble(i -> pieces.get(i).x()).max().orElse(0);
        double middle = (left + right) / 2;
        return i -> round(Math.abs(pieces.get(i).x() - middle));
    }

    private static ToLongFunction<Integer> along(List<Piece> pieces, double degrees) {
        double cos = StrictMath.cos(StrictMath.toRadians(degrees));
        double sin = StrictMath.sin(StrictMath.toRadians(degrees));
        return i -> round(pieces.get(i).x() * cos + pieces.get(i).y() * sin);
    }

    private static long round(double px) {
        return Math.round(px * 64);
    }

    private static List<Integer> sorted(List<Integer> group, ToLongFunction<Integer> key) {
        return group.stream().sorted(Comparator.comparingLong(key)).toList();
    }

    private static int inTurn(List<Integer> sequence, Integer[] ranks) {
        for (int rank = 0; rank < sequence.size(); rank++) {
            ranks[sequence.get(rank)] = rank;
        }
        return sequence.size();
    }

    /** Equal keys share a rank. */
    private static int sharing(List<Integer> group, ToLongFunction<Integer> key, Integer[] ranks) {
        TreeSet<Long> keys = new TreeSet<>();
        group.forEach(i -> keys.add(key.applyAsLong(i)));
        List<Long> places = new ArrayList<>(keys);
        for (int i : group) {
            ranks[i] = java.util.Collections.binarySearch(places, key.applyAsLong(i));
        }
        return places.size();
    }
}
