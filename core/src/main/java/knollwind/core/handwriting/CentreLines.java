package knollwind.core.handwriting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Contours;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Raster;

/**
 * The lines along which a pen would write a letter, worked out from its outline: its skeleton, followed as the letter is said
 * to be written, and what that leaves from left to right and straight on at crossings. Safe for threads.
 */
public final class CentreLines {
    /**
     * How a letter is written.
     *
     * @param strokes in the order of writing
     * @param width px of a pen that covers the letter
     */
    public record Written(List<Contours.Contour> strokes, double width) {
        public double length() {
            return strokes.stream().mapToDouble(Contours.Contour::length).sum();
        }
    }

    /** Of the larger side of a letter: a hairline of an italic is two cells then. More take longer by the square. */
    private static final int CELLS = 96;
    /** The pen is a little wider than the widest stroke, so that corners are covered too. */
    private static final double COVERS = 1.3;

    /** To the eight neighbours of a cell, clockwise from above. */
    private static final int[] STEP_X = {0, 1, 1, 1, 0, -1, -1, -1};

    /** To the same neighbours. */
    private static final int[] STEP_Y = {-1, -1, 0, 1, 1, 1, 0, -1};
    /** Cells over which the direction of the pen is taken. */
    private static final int LOOKS_BACK = 6;

    /** Of the skeleton, how near to a pen's way counts as gone over, in depths of the letter. */
    private static final double GONE_OVER = 1.2;

    private record Key(long outline, List<List<Double>> strokes) {}

    /** Shared by all blocks: a letter is worked out once, however often its block is changed. */
    private static final Cache<Key, Written> KEPT =
            Caffeine.newBuilder().maximumSize(5000).build();

    private final Map<Long, List<List<Double>>> strokes;

    /** @param strokes how letters are said to be written, by their outlines' ids, as in {@link Penmanship} */
    public CentreLines(Map<Long, List<List<Double>>> strokes) {
        this.strokes = strokes;
    }

    /** How a letter is written. */
    public Written of(Outline outline) {
        Key key = new Key(outline.id(), strokes.getOrDefault(outline.id(), List.of()));
        return KEPT.get(key, one -> write(outline, one.strokes()));
    }

    private static Written write(Outline outline, List<List<Double>> said) {
        Raster raster = new Raster(outline, CELLS);
        boolean[] left = raster.skeleton();
        double[] depths = raster.depths();
        double deepest = 1;
        for (int i = 0; i < left.length; i++) {
            deepest = left[i] ? Math.max(deepest, depths[i]) : deepest;
        }
        List<List<int[]>> guided = guided(raster, left, said, outline.ink());
        double least = Math.max(2, deepest * 0.9);
        if (!guided.isEmpty()) {
            clear(raster, left, guided, deepest * GONE_OVER);
            least = Math.max(least, deepest);
        }
        List<Contours.Contour> strokes = new ArrayList<>();
        guided.forEach(path -> strokes.add(stroke(raster, path)));
        strokes.addAll(rest(raster, left, least, guided.isEmpty()));
        return new Written(List.copyOf(strokes), 2 * deepest * COVERS * raster.cell());
    }

    private static List<List<int[]>> guided(Raster raster, boolean[] skeleton, List<List<Double>> said, Box ink) {
        GuidedPen pen = new GuidedPen(raster, skeleton);
        List<List<int[]>> ways = new ArrayList<>();
        for (List<Double> stroke : said) {
            double[] points = new double[stroke.size()];
            for (int i = 0; i + 1 < points.length; i += 2) {
                points[i] = raster.column(ink.left() + stroke.get(i) * ink.width());
                points[i + 1] = raster.row(ink.top() + stroke.get(i + 1) * ink.height());
            }
            ways.addAll(pen.stroke(points));
        }
        return pen.toTheTips(ways);
    }

    /** Takes out what the pen has gone over. */
    private static void clear(Raster raster, boolean[] left, List<List<int[]>> ways, double reach) {
        int cells = (int) Math.ceil(reach);
        for (List<int[]> way : ways) {
            for (int[] cell : way) {
                for (int dy = -cells; dy <= cells; dy++) {
                    for (int dx = -cells; dx <= cells; dx++) {
                        int x = cell[0] + dx;
                        int y = cell[1] + dy;
                        if (x >= 0
                                && y >= 0
                                && x < raster.width
                                && y < raster.height
                                && dx * dx + dy * dy <= reach * reach) {
                            left[y * raster.width + x] = false;
                        }
                    }
                }
            }
        }
    }

    /**
     * What is left of the skeleton, from left to right.
     *
     * @param all whether something is written even if all of it is short
     */
    private static List<Contours.Contour> rest(Raster raster, boolean[] left, double least, boolean all) {
        List<List<int[]>> paths = new ArrayList<>();
        boolean[] ends = ends(raster, left);
        while (true) {
            int start = start(raster, left, ends);
            if (start < 0) {
                break;
            }
            paths.add(follow(raster, left, start));
        }
        List<List<int[]>> written =
                paths.stream().filter(path -> path.size() >= least).toList();
        if (written.isEmpty() && all) {
            written = paths.subList(0, Math.min(1, paths.size()));
        }
        List<Contours.Contour> strokes = new ArrayList<>();
        for (List<int[]> path : written) {
            strokes.add(stroke(raster, path));
        }
        strokes.sort(Comparator.comparingDouble(stroke ->
                stroke.outline().ink().left() + 0.35 * stroke.outline().ink().top()));
        return strokes;
    }

    private static boolean[] ends(Raster raster, boolean[] cells) {
        boolean[] ends = new boolean[cells.length];
        for (int i = raster.width; i < cells.length - raster.width; i++) {
            int x = i % raster.width;
            if (cells[i] && x > 0 && x < raster.width - 1) {
                int count = 0;
                for (boolean there : raster.around(cells, i)) {
                    count += there ? 1 : 0;
                }
                ends[i] = count <= 1;
            }
        }
        return ends;
    }

    /** Where the pen is set down next: at a loose end as far left and up as any, else anywhere as far left and up. */
    private static int start(Raster raster, boolean[] left, boolean[] ends) {
        int best = -1;
        double least = Double.MAX_VALUE;
        for (int i = 0; i < left.length; i++) {
            if (left[i]) {
                double key = i % raster.width + 0.5 * (i / raster.width) + (ends[i] ? 0 : 1000);
                if (key < least) {
                    least = key;
                    best = i;
                }
            }
        }
        return best;
    }

    /** Goes on along the skeleton, as straight as it can, until nothing is left; the cells gone over are taken out. */
    private static List<int[]> follow(Raster raster, boolean[] left, int start) {
        List<int[]> path = new ArrayList<>();
        int at = start;
        while (at >= 0) {
            int x = at % raster.width;
            int y = at / raster.width;
            path.add(new int[] {x, y});
            left[at] = false;
            int[] back = path.get(Math.max(0, path.size() - 1 - LOOKS_BACK));
            int best = -1;
            double most = -2;
            for (int k = 0; k < 8; k++) {
                int next = at + STEP_Y[k] * raster.width + STEP_X[k];
                if (left[next]) {
                    double dx = x - back[0];
                    double dy = y - back[1];
                    double length = Math.max(1e-9, StrictMath.sqrt(dx * dx + dy * dy));
                    double step = StrictMath.sqrt(STEP_X[k] * STEP_X[k] + STEP_Y[k] * STEP_Y[k]);
                    double along = (dx * STEP_X[k] + dy * STEP_Y[k]) / length / step;
                    if (along > most) {
                        most = along;
                        best = next;
                    }
                }
            }
            at = best;
        }
        return path;
    }

    /** The cells as a smooth open line in the outline's px. */
    private static Contours.Contour stroke(Raster raster, List<int[]> path) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < path.size(); i += i + 2 < path.size() ? 2 : Math.max(1, path.size() - 1 - i)) {
            double x = 0;
            double y = 0;
            int count = 0;
            int reach = Math.min(3, Math.min(i, path.size() - 1 - i));
            for (int k = i - reach; k <= i + reach; k++) {
                x += path.get(k)[0];
                y += path.get(k)[1];
                count++;
            }
            points.add(new double[] {raster.x(x / count), raster.y(y / count)});
        }
        if (points.size() == 1) {
            points.add(new double[] {points.get(0)[0] + raster.cell(), points.get(0)[1]});
        }
        byte[] verbs = new byte[points.size()];
        float[] flat = new float[2 * points.size()];
        double length = 0;
        Box box = Box.EMPTY;
        for (int i = 0; i < verbs.length; i++) {
            double[] point = points.get(i);
            verbs[i] = i == 0 ? Outline.MOVE : Outline.LINE;
            flat[2 * i] = (float) point[0];
            flat[2 * i + 1] = (float) point[1];
            double[] before = points.get(Math.max(0, i - 1));
            length += StrictMath.sqrt(
                    (point[0] - before[0]) * (point[0] - before[0]) + (point[1] - before[1]) * (point[1] - before[1]));
            box = box.union(new Box(point[0], point[1], point[0] + 1e-6, point[1] + 1e-6));
        }
        return new Contours.Contour(Outline.of(verbs, flat, box), length);
    }
}
