package knollwind.core.geometry;

import java.util.Arrays;

/** An outline as a small grid of cells, inside or outside (non-zero winding at the cells' middles), with a free rim. */
public final class Raster {
    /** Chords of a curve: 12 of a quarter circle stay within 0.2 % of its radius, far below a cell. */
    private static final int PIECES = 12;

    public final int width;
    public final int height;
    public final boolean[] inside;
    private final double left;
    private final double top;
    private final double cell;

    /** @param cells along the longer side of the outline's ink */
    public Raster(Outline outline, int cells) {
        Box ink = outline.ink();
        this.cell = Math.max(ink.width(), ink.height()) / cells;
        this.left = ink.left() - 2 * cell;
        this.top = ink.top() - 2 * cell;
        this.width = (int) Math.ceil(ink.width() / cell) + 4;
        this.height = (int) Math.ceil(ink.height() / cell) + 4;
        this.inside = new boolean[width * height];
        double[] windings = new double[width * height];
        Chords.of(outline, PIECES, (x0, y0, x1, y1) -> edge(x0, y0, x1, y1, windings));
        for (int y = 0; y < height; y++) {
            double winding = 0;
            for (int x = 0; x < width; x++) {
                winding += windings[y * width + x];
                inside[y * width + x] = Math.abs(winding) > 0.5;
            }
        }
    }

    public double x(double column) {
        return left + (column + 0.5) * cell;
    }

    public double y(double row) {
        return top + (row + 0.5) * cell;
    }

    public double column(double x) {
        return (x - left) / cell - 0.5;
    }

    public double row(double y) {
        return (y - top) / cell - 0.5;
    }

    public double cell() {
        return cell;
    }

    /** Notes where an edge crosses the middles of rows: from there on the winding is one more or less. */
    private void edge(double x0, double y0, double x1, double y1, double[] windings) {
        if (y0 == y1) {
            return;
        }
        double direction = y1 > y0 ? 1 : -1;
        double low = (Math.min(y0, y1) - top) / cell - 0.5;
        double high = (Math.max(y0, y1) - top) / cell - 0.5;
        for (int row = Math.max(0, (int) Math.ceil(low)); row < Math.min(height, Math.ceil(high)); row++) {
            double share = (y(row) - y0) / (y1 - y0);
            double x = x0 + (x1 - x0) * share;
            int column = (int) Math.ceil((x - left) / cell - 0.5);
            if (column < width) {
                windings[row * width + Math.max(0, column)] += direction;
            }
        }
    }

    /** By cell how far it is from the nearest one outside, in cells; two passes with steps of 1 and √2. */
    public double[] depths() {
        double[] depths = new double[inside.length];
        Arrays.setAll(depths, i -> inside[i] ? 1e6 : 0);
        double diagonal = StrictMath.sqrt(2);
        for (int y = 1; y < height - 1; y++) {
            for (int x = 1; x < width - 1; x++) {
                int i = y * width + x;
                depths[i] = Math.min(
                        depths[i],
                        Math.min(
                                Math.min(depths[i - 1], depths[i - width]) + 1,
                                Math.min(depths[i - width - 1], depths[i - width + 1]) + diagonal));
            }
        }
        for (int y = height - 2; y > 0; y--) {
            for (int x = width - 2; x > 0; x--) {
                int i = y * width + x;
                depths[i] = Math.min(
                        depths[i],
                        Math.min(
                                Math.min(depths[i + 1], depths[i + width]) + 1,
                                Math.min(depths[i + width + 1], depths[i + width - 1]) + diagonal));
            }
        }
        return depths;
    }

    /** The cells of the skeleton: what is left when the edge is thinned as long as nothing breaks (Zhang and Suen, 1984). */
    public boolean[] skeleton() {
        boolean[] cells = inside.clone();
        boolean changed = true;
        while (changed) {
            changed = thin(cells, true) | thin(cells, false);
        }
        return cells;
    }

    private boolean thin(boolean[] cells, boolean first) {
        boolean[] gone = new boolean[cells.length];
        boolean any = false;
        for (int y = 1; y < height - 1; y++) {
            for (int x = 1; x < width - 1; x++) {
                int i = y * width + x;
                if (cells[i] && removable(cells, i, first)) {
                    gone[i] = true;
                    any = true;
                }
            }
        }
        for (int i = 0; i < cells.length; i++) {
            cells[i] &= !gone[i];
        }
        return any;
    }

    private boolean removable(boolean[] cells, int i, boolean first) {
        boolean[] around = around(cells, i);
        int count = 0;
        int changes = 0;
        for (int k = 0; k < 8; k++) {
            count += around[k] ? 1 : 0;
            changes += !around[k] && around[(k + 1) % 8] ? 1 : 0;
        }
        if (count < 2 || count > 6 || changes != 1) {
            return false;
        }
        return first
                ? !(around[0] && around[2] && around[4]) && !(around[2] && around[4] && around[6])
                : !(around[0] && around[2] && around[6]) && !(around[0] && around[4] && around[6]);
    }

    /** The eight cells around one, clockwise from the one above. */
    public boolean[] around(boolean[] cells, int i) {
        return new boolean[] {
            cells[i - width],
            cells[i - width + 1],
            cells[i + 1],
            cells[i + width + 1],
            cells[i + width],
            cells[i + width - 1],
            cells[i - 1],
            cells[i - width - 1]
        };
    }
}
