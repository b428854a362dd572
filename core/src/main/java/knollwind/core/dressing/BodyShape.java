package knollwind.core.dressing;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Chords;
import knollwind.core.geometry.Matrix;
import knollwind.core.geometry.Outline;
import knollwind.core.geometry.Outlines;
import knollwind.core.geometry.Point;
import knollwind.core.geometry.Union;
import knollwind.core.simulation.Solid;

/**
 * What a unit is as a body, where it is set; px of the block.
 *
 * @param x of its middle
 * @param y of its middle
 * @param round of the shorter half: how far its corners are rounded; only for a box
 * @param outlines of its letters; only for a body that is bounded by them
 */
record BodyShape(
        double x, double y, double width, double height, String form, double round, List<Union.Placed> outlines) {
    /** Chords of a curve: a letter's edge stays within 2 % of it. */
    private static final int CHORDS = 6;

    /** Points of a star, and where its sides meet, of how far it reaches. */
    private static final int POINTS = 8;

    private static final double WAIST = 0.72;

    /** A star reaches so much further than a circle around the words. */
    private static final double STAR = 1.25;

    static BodyShape of(Wearer unit, Worn worn) {
        Box box = unit.box();
        double pad = worn.get(BodyWords.PAD) * unit.em();
        double width = (box.isEmpty() ? 0 : box.width()) + 2 * pad;
        double height = (box.isEmpty() ? 0 : box.height()) + 2 * pad;
        String form = worn.pick(BodyWords.FORM);
        switch (form) {
            case BodyWords.CIRCLES, BodyWords.STARS -> {
                width = Math.hypot(width, height) * (form.equals(BodyWords.STARS) ? STAR : 1);
                height = width;
            }
            // Its round ends lie beyond the words.
            case BodyWords.CAPSULES -> width += Math.min(width, height) / 2;
            default -> {}
        }
        return new BodyShape(
                box.isEmpty() ? 0 : (box.left() + box.right()) / 2,
                box.isEmpty() ? 0 : (box.top() + box.bottom()) / 2,
                width,
                height,
                form,
                worn.get(BodyWords.ROUND),
                form.equals(BodyWords.OUTLINES) ? unit.outlines() : List.of());
    }

    /** @param scale px of the solid that are one of the block */
    Solid solid(double scale) {
        double wide = width * scale;
        double high = height * scale;
        return switch (form) {
            case BodyWords.BOXES ->
                round == 0
                        ? Solid.of(Solid.Form.BOX, wide, high)
                        : Solid.outline(wide, high, List.of(rounded(wide / 2, high / 2, round)));
            case BodyWords.CAPSULES -> Solid.of(Solid.Form.CAPSULE, wide, high);
            case BodyWords.CIRCLES -> Solid.of(Solid.Form.CIRCLE, wide, high);
            case BodyWords.STARS -> Solid.outline(wide, high, List.of(star(wide / 2)));
            default -> {
                Matrix about = Matrix.scale(scale, scale).times(Matrix.translate(-x, -y));
                List<List<Point>> contours = new ArrayList<>();
                outlines.forEach(one -> contours.addAll(outer(one, about)));
                yield Solid.outline(wide, high, contours);
            }
        };
    }

    /** Around its middle, corner by corner. */
    private static List<Point> rounded(double halfWide, double halfHigh, double round) {
        double radius = round * Math.min(halfWide, halfHigh);
        List<Point> corners = new ArrayList<>();
        for (int quarter = 0; quarter < 4; quarter++) {
            double right = quarter == 0 || quarter == 3 ? 1 : -1;
            double below = quarter < 2 ? 1 : -1;
            for (int i = 0; i <= CHORDS; i++) {
                double angle = Math.PI / 2 * (quarter + i / (double) CHORDS);
                corners.add(new Point(
                        right * (halfWide - radius) + radius * StrictMath.cos(angle),
                        below * (halfHigh - radius) + radius * StrictMath.sin(angle)));
            }
        }
        return corners;
    }

    private static List<Point> star(double reach) {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < 2 * POINTS; i++) {
            double angle = Math.PI * i / POINTS - Math.PI / 2;
            double far = i % 2 == 0 ? reach : WAIST * reach;
            corners.add(new Point(far * StrictMath.cos(angle), far * StrictMath.sin(angle)));
        }
        return corners;
    }

    /** What it is bounded by. */
    Outline plate() {
        Box box = new Box(x - width / 2, y - height / 2, x + width / 2, y + height / 2);
        return switch (form) {
            case BodyWords.CIRCLES -> Outlines.ellipse(box);
            case BodyWords.CAPSULES -> Outlines.rounded(box, Math.min(width, height) / 2);
            case BodyWords.BOXES ->
                round == 0 ? Outline.rectangle(box) : Outlines.rounded(box, round * Math.min(width, height) / 2);
            default -> lines(solid(1).contours());
        };
    }

    private Outline lines(List<List<Point>> contours) {
        int corners = contours.stream().mapToInt(List::size).sum();
        byte[] verbs = new byte[corners + contours.size()];
        float[] points = new float[2 * corners];
        int verb = 0;
        int at = 0;
        Box ink = Box.EMPTY;
        for (List<Point> contour : contours) {
            for (int i = 0; i < contour.size(); i++) {
                double px = x + contour.get(i).x();
                double py = y + contour.get(i).y();
                points[at++] = (float) px;
                points[at++] = (float) py;
                verbs[verb++] = i == 0 ? Outline.MOVE : Outline.LINE;
                ink = ink.union(new Box(px, py, px, py));
            }
            verbs[verb++] = Outline.CLOSE;
        }
        return Outline.of(verbs, points, ink);
    }

    /** Its contours but for those of holes, which run the other way round than the largest. */
    static List<List<Point>> outer(Union.Placed one, Matrix about) {
        Matrix onto = about.times(one.onto());
        List<List<Point>> contours = new ArrayList<>();
        Chords.of(one.outline(), CHORDS, (x0, y0, x1, y1) -> {
            Point from = onto.map(new double[] {x0, y0});
            List<Point> open = contours.isEmpty() ? List.of() : contours.get(contours.size() - 1);
            Point to = onto.map(new double[] {x1, y1});
            if (open.isEmpty() || !open.get(open.size() - 1).equals(from)) {
                contours.add(new ArrayList<>(List.of(from)));
            }
            contours.get(contours.size() - 1).add(to);
        });
        double largest = 0;
        for (List<Point> contour : contours) {
            double area = area(contour);
            largest = Math.abs(area) > Math.abs(largest) ? area : largest;
            // It closes on itself.
            contour.remove(contour.size() - 1);
        }
        double way = Math.signum(largest);
        contours.removeIf(contour -> Math.signum(area(contour)) != way);
        return contours;
    }

    private static double area(List<Point> contour) {
        double twice = 0;
        for (int i = 0; i < contour.size(); i++) {
            Point from = contour.get(i);
            Point to = contour.get((i + 1) % contour.size());
            twice += from.x() * to.y() - to.x() * from.y();
        }
        return twice / 2;
    }
}
