package knollwind.core.frame;

import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import knollwind.core.scene.Edge;

/**
 * Bars that lead a wipe over a box. They grow to their length as the wipe begins and go as it ends.
 *
 * @param part how much of the box is uncovered, 0 to 1
 * @param thickness px
 */
record Bars(Box box, double part, double thickness) {
    /** A bar grows to its length and back in this share of the wipe. */
    private static final double GROWS = 0.18;

    /** The bar along an edge that goes over the box, or two for one that opens from the middle. */
    Outline along(Edge edge) {
        double middleX = (box.left() + box.right()) / 2;
        double middleY = (box.top() + box.bottom()) / 2;
        return switch (edge) {
            case LEFT -> across(box.left() + box.width() * part, middleY, 1, 0);
            case RIGHT -> across(box.right() - box.width() * part, middleY, 1, 0);
            case CAP_LINE -> across(middleX, box.top() + box.height() * part, 0, 1);
            case BASELINE -> across(middleX, box.bottom() - box.height() * part, 0, 1);
            case BOX, LINE ->
                bars(new double[][] {
                    {middleX - box.width() * part / 2, middleY, 1, 0}, {middleX + box.width() * part / 2, middleY, 1, 0}
                });
        };
    }

    /** The bar through a point, across the way (dx, dy), a direction of length 1. */
    Outline across(double x, double y, double dx, double dy) {
        return bars(new double[][] {{x, y, dx, dy}});
    }

    private Outline bars(double[][] each) {
        double grown = Math.min(1, Math.min(part, 1 - part) / GROWS);
        double size = 1 - (1 - grown) * (1 - grown) * (1 - grown);
        byte[] verbs = new byte[5 * each.length];
        float[] points = new float[8 * each.length];
        Box ink = Box.EMPTY;
        for (int i = 0; i < each.length; i++) {
            double dx = each[i][2] * thickness / 2;
            double dy = each[i][3] * thickness / 2;
            // As long as the box is across the way.
            double half = size * (Math.abs(each[i][3]) * box.width() + Math.abs(each[i][2]) * box.height()) / 2;
            double alongX = -each[i][3] * half;
            double alongY = each[i][2] * half;
            double[] corners = {
                -dx - alongX,
                -dy - alongY,
                dx - alongX,
                dy - alongY,
                dx + alongX,
                dy + alongY,
                -dx + alongX,
                -dy + alongY
            };
            for (int k = 0; k < 8; k += 2) {
                double x = each[i][0] + corners[k];
                double y = each[i][1] + corners[k + 1];
                points[8 * i + k] = (float) x;
                points[8 * i + k + 1] = (float) y;
                ink = ink.union(new Box(x - 1e-6, y - 1e-6, x + 1e-6, y + 1e-6));
            }
            System.arraycopy(
                    new byte[] {Outline.MOVE, Outline.LINE, Outline.LINE, Outline.LINE, Outline.CLOSE},
                    0,
                    verbs,
                    5 * i,
                    5);
        }
        return Outline.of(verbs, points, ink);
    }
}
