package knollwind.core.motion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.ToLongFunction;
import java.util.stream.Stream;
import knollwind.core.scene.Only;
import knollwind.core.scene.Order;

/**
 * The rank that an order gives every piece: 0 goes first. Geometric keys are rounded to 1/64 px.
 *
 * @param of rank by piece, in the pieces' order; −1 for a piece that takes no turn
 * @param count number of ranks
 */
public record Ranks(List<Integer> of, int count) {
    private static final int NONE = -1;

    /** The same of those pieces alone that the move is for. */
    static Ranks of(Order order, Only only, List<Piece> pieces) {
        if (only == null) {
            return of(order, pieces);
        }
        List<Piece> taken = new ArrayList<>();
        Integer[] places = new Integer[pieces.size()];
        for (int i = 0; i < places.length; i++) {
            Piece piece = pieces.get(i);
            boolean takes = only.takes(i, piece.word(), piece.line(), piece.from(), piece.to());
            places[i] = takes ? taken.size() : NONE;
            if (takes) {
                taken.add(piece);
            }
        }
        Ranks among = of(order, taken);
        return new Ranks(
                Stream.of(places)
                        .map(place -> place == NONE ? place : among.of.get(place))
                        .toList(),
                among.count);
    }

    /** True when a piece moves. */
    public boolean takesTurn(int piece) {
        return of.get(piece) != NONE;
    }

    /** True when all pieces move. */
    boolean all() {
        return !of.contains(NONE);
    }

    /** Ranks of pieces given in reading order; no pieces give no ranks. */
    public static Ranks of(Order order, List<Piece> pieces) {
        Map<Integer, List<Integer>> groups = new LinkedHashMap<>();
        for (int i = 0; i < pieces.size(); i++) {
            int group = switch (order.scope()) {
                case WORD -> pieces.get(i).word();
                case LINE -> pieces.get(i).line();
                case WHOLE -> 0;
            };
            groups.computeIfAbsent(group, key -> new ArrayList<>()).add(i);
        }
        Integer[] ranks = new Integer[pieces.size()];
        int count = 0;
        for (List<Integer> group : groups.values()) {
            int own = grouped(rank(order, pieces, group, ranks), order.group(), group, ranks);
            if (order.turns()) {
                for (int i : group) {
                    ranks[i] += count;
                }
                count += own;
            } else {
                count = Math.max(count, own);
            }
        }
        return new Ranks(List.of(ranks), count);
    }

    /** Joins so many ranks that follow one another; returns how many are left. */
    private static int grouped(int count, int by, List<Integer> group, Integer[] ranks) {
        if (by > 1) {
            for (int i : group) {
                ranks[i] /= by;
            }
        }
        return (count + by - 1) / by;
    }

    private static int rank(Order order, List<Piece> pieces, List<Integer> group, Integer[] ranks) {
        return switch (order.kind()) {
            case READING -> order.spaces() ? spaced(pieces, group, ranks) : inTurn(group, ranks);
            case REVERSE -> {
                int count = order.spaces() ? spaced(pieces, group, ranks) : inTurn(group, ranks);
                for (int i : group) {
                    ranks[i] = count - 1 - ranks[i];
                }
                yield count;
            }
            case CENTRE_OUT -> paired(order, group, fromCentre(pieces, group), ranks);
            case ENDS_IN -> {
                ToLongFunction<Integer> distance = fromCentre(pieces, group);
                yield paired(order, group, i -> -distance.applyAsLong(i), ranks);
            }
            case RANDOM ->
                inTurn(
                        sorted(
                                group,
                                i -> SplitMix64.mix(order.seed(), pieces.get(i).id()) >>> 1),
                        ranks);
            case ANGLE -> sharing(group, along(pieces, order.angle()), ranks);
            case DISTANCE -> sharing(group, fromPoint(pieces, order.point()), ranks);
            case BY_HAND -> {
                Map<String, Integer> places = new HashMap<>();
                order.hand().forEach(id -> places.putIfAbsent(id, places.size()));
                int last = places.size();
                yield inTurn(
                        sorted(group, i -> places.getOrDefault(pieces.get(i).id(), last)), ranks);
            }
        };
    }

    /** Reading order in which a space has a turn too; the first piece does not wait. */
    private static int spaced(List<Piece> pieces, List<Integer> group, Integer[] ranks) {
        int rank = -1;
        for (int i : group) {
            rank += rank < 0 ? 1 : 1 + pieces.get(i).spaces();
            ranks[i] = rank;
        }
        return rank + 1;
    }

    private static int paired(Order order, List<Integer> group, ToLongFunction<Integer> key, Integer[] ranks) {
        return order.pairs() ? sharing(group, key, ranks) : inTurn(sorted(group, key), ranks);
    }

    /** Distance from a place in the box around all pieces' middles. */
    private static ToLongFunction<Integer> fromPoint(List<Piece> pieces, Order.Point point) {
        DoubleSummaryStatistics across = pieces.stream().mapToDouble(Piece::x).summaryStatistics();
        DoubleSummaryStatistics down = pieces.stream().mapToDouble(Piece::y).summaryStatistics();
        double x = across.getMin() + (across.getMax() - across.getMin()) * point.x();
        double y = down.getMin() + (down.getMax() - down.getMin()) * point.y();
        return i -> round(Math.hypot(pieces.get(i).x() - x, pieces.get(i).y() - y));
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
