package knollwind.core.handwriting;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import knollwind.core.geometry.Raster;

/**
 * Follows a letter's skeleton along points that were drawn over it roughly: each is drawn to the skeleton's nearest cell, and
 * between two the pen takes the shortest way along the skeleton that keeps near to the straight line (Dijkstra, 1959).
 */
final class GuidedPen {
    /** How much dearer a step is for every length of the letter that it lies aside. */
    private static final double ASIDE = 14;
    /** Letters lean: across, points are taken less exactly than down. */
    private static final double ACROSS = 0.7;

    /** Of the letter, how far a way is led on at most. */
    private static final double MOST_LED = 0.6;
    /** The cosine of the sharpest turn that is still straight on. */
    private static final double STRAIGHT = -0.2;
    /** Cells over which the direction of the pen is taken. */
    private static final int LOOKS_BACK = 5;

    private final Raster raster;
    private final boolean[] skeleton;
    private final List<Integer> cells = new ArrayList<>();
    private final double size;

    GuidedPen(Raster raster, boolean[] skeleton) {
        this.raster = raster;
        this.skeleton = skeleton;
        for (int i = 0; i < skeleton.length; i++) {
            if (skeleton[i]) {
                cells.add(i);
            }
        }
        this.size = Math.max(raster.width, raster.height);
    }

    /**
     * The pen's ways over one stroke, as cells (x, y): one, or several where the letter has gaps between its points.
     *
     * @param points x, y, x, y, … in cells
     */
    List<List<int[]>> stroke(double[] points) {
        List<List<int[]>> ways = new ArrayList<>();
        if (cells.isEmpty()) {
            return ways;
        }
        List<int[]> way = new ArrayList<>();
        int at = nearest(points[0], points[1]);
        way.add(cell(at));
        for (int i = 2; i + 1 < points.length; i += 2) {
            int next = nearest(points[i], points[i + 1]);
            List<Integer> steps = shortest(at, next, points[i - 2], points[i - 1], points[i], points[i + 1]);
            if (steps == null) {
                ways.add(way);
                way = new ArrayList<>();
                way.add(cell(next));
            } else {
                for (int step : steps) {
                    way.add(cell(step));
                }
            }
            at = next;
        }
        ways.add(way);
        return ways;
    }

    /**
     * Leads ways on at both ends to where the skeleton ends, as straight as it goes, over what none of them has gone over:
     * points that were drawn roughly stop short of a letter's tips. Where strokes meet, a way ends.
     */
    List<List<int[]>> toTheTips(List<List<int[]>> ways) {
        boolean[] free = skeleton.clone();
        ways.forEach(way -> way.forEach(cell -> free[cell[1] * raster.width + cell[0]] = false));
        List<List<int[]>> led = new ArrayList<>();
        for (List<int[]> way : ways) {
            List<int[]> whole = new ArrayList<>(way);
            leadOn(whole, free);
            Collections.reverse(whole);
            leadOn(whole, free);
            Collections.reverse(whole);
            led.add(whole);
        }
        return led;
    }

    private void leadOn(List<int[]> way, boolean[] free) {
        for (int steps = 0; steps < MOST_LED * size; steps++) {
            int[] at = way.get(way.size() - 1);
            if (way.size() < 2 || meeting(at)) {
                return;
            }
            int[] back = way.get(Math.max(0, way.size() - 1 - LOOKS_BACK));
            int[] best = null;
            double most = STRAIGHT;
            for (int dy = -1; dy <= 1; dy++) {
                for (int dx = -1; dx <= 1; dx++) {
                    if (free[(at[1] + dy) * raster.width + at[0] + dx]) {
                        double x = at[0] - back[0];
                        double y = at[1] - back[1];
                        double along = (x * dx + y * dy)
                                / Math.max(1e-9, StrictMath.sqrt((x * x + y * y) * (dx * dx + dy * dy)));
                        if (along > most) {
                            most = along;
                            best = new int[] {at[0] + dx, at[1] + dy};
                        }
                    }
                }
            }
            if (best == null) {
                return;
            }
            free[best[1] * raster.width + best[0]] = false;
            way.add(best);
        }
    }

    /** Whether strokes meet near a cell: some cell about it has three branches. */
    private boolean meeting(int[] near) {
        for (int y = Math.max(1, near[1] - 2); y <= Math.min(raster.height - 2, near[1] + 2); y++) {
            for (int x = Math.max(1, near[0] - 2); x <= Math.min(raster.width - 2, near[0] + 2); x++) {
                int i = y * raster.width + x;
                if (skeleton[i]) {
                    boolean[] around = raster.around(skeleton, i);
                    int branches = 0;
                    for (int k = 0; k < 8; k++) {
                        branches += !around[k] && around[(k + 1) % 8] ? 1 : 0;
                    }
                    if (branches >= 3) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private int[] cell(int i) {
        return new int[] {i % raster.width, i / raster.width};
    }

    private int nearest(double x, double y) {
        return Collections.min(cells, Comparator.comparingDouble(i -> {
            double dx = ACROSS * (i % raster.width - x);
            double dy = i / raster.width - y;
            return dx * dx + dy * dy;
        }));
    }

    /** The cells after the first up to the last; null when there is no way. */
    private List<Integer> shortest(int from, int to, double x0, double y0, double x1, double y1) {
        double[] costs = new double[skeleton.length];
        int[] before = new int[skeleton.length];
        Arrays.fill(costs, Double.MAX_VALUE);
        PriorityQueue<double[]> open = new PriorityQueue<>(
                Comparator.<double[]>comparingDouble(one -> one[0]).thenComparingDouble(one -> one[1]));
        costs[from] = 0;
        open.add(new double[] {0, from});
        while (!open.isEmpty()) {
            double[] one = open.poll();
            int at = (int) one[1];
            if (at == to) {
                break;
            }
            if (one[0] > costs[at]) {
                continue;
            }
            for (int dy = -1; dy <= 1; dy++) {
                for (int dx = -1; dx <= 1; dx++) {
                    int next = at + dy * raster.width + dx;
                    if (next == at || !skeleton[next]) {
                        continue;
                    }
                    double aside = aside(next % raster.width, next / raster.width, x0, y0, x1, y1) / size;
                    double step = (dx != 0 && dy != 0 ? StrictMath.sqrt(2) : 1) * (1 + ASIDE * aside);
                    if (costs[at] + step < costs[next]) {
                        costs[next] = costs[at] + step;
                        before[next] = at;
                        open.add(new double[] {costs[next], next});
                    }
                }
            }
        }
        if (costs[to] == Double.MAX_VALUE) {
            return null;
        }
        List<Integer> way = new ArrayList<>();
        for (int at = to; at != from; at = before[at]) {
            way.add(at);
        }
        Collections.reverse(way);
        return way;
    }

    /** The distance of a point from a straight stretch. */
    private static double aside(double x, double y, double x0, double y0, double x1, double y1) {
        double dx = x1 - x0;
        double dy = y1 - y0;
        double square = dx * dx + dy * dy;
        double along = square == 0 ? 0 : Math.max(0, Math.min(1, ((x - x0) * dx + (y - y0) * dy) / square));
        double ax = x - x0 - along * dx;
        double ay = y - y0 - along * dy;
        return StrictMath.sqrt(ax * ax + ay * ay);
    }
}
