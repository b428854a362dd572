package knollwind.core.frame;

import java.util.Map;
import knollwind.core.display.Ink;
import knollwind.core.geometry.Box;
import knollwind.core.geometry.Outline;
import knollwind.core.motion.Pose;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Edge;
import knollwind.core.scene.Property;
import knollwind.core.scene.RevealBar;
import knollwind.core.scene.Wipe;
import knollwind.core.type.SetLine;
import knollwind.core.type.Unit;

/**
 * How a unit is uncovered, in its parent's rest frame: by a clip with sharp edges, or by a mask.
 *
 * @param clip what it is seen in; null where a mask says so
 * @param mask opaque where it is seen, over {@code masked}; null for a clip
 * @param masked what the mask is painted on
 * @param bar what leads the wipe; null for nothing
 * @param barColour 0xAARRGGBB
 */
record Reveal(Outline clip, Ink mask, Outline masked, Outline bar, int barColour) {
    /** px: what lies there is never seen. */
    private static final double FAR = Level.FAR;

    /** ARGB; a mask counts by its alpha. */
    private static final int WHITE = 0xffffffff;

    /** ARGB: the same white, seen through, so that no dark fringe comes between. */
    private static final int CLEAR = 0x00ffffff;
    /** A soft edge has so many stops, eased at both ends. */
    private static final int STOPS = 9;

    /**
     * Null for a unit that is seen whole.
     *
     * @param em type size in px
     * @param edges clips that were made before
     */
    static Reveal of(
            Pose pose, Unit unit, double shift, SetLine line, Box lineInk, double em, Map<Box, Outline> edges) {
        double part = pose.get(Property.REVEAL);
        Box box = unit.advance().union(unit.ink()).shift(shift, 0);
        if (part < 1) {
            RevealBar lead = pose.lead();
            Bars bars = lead == null || lead.kind() != RevealBar.Kind.BAR || part <= 0
                    ? null
                    : new Bars(box, part, lead.thickness() * em);
            int colour = bars == null ? 0 : Colour.argb(lead.colour());
            if (pose.wipe() != null) {
                return soft(pose.wipe(), part, box, bars, colour);
            }
            Edge edge = pose.edge() == null ? Edge.LEFT : pose.edge();
            return new Reveal(uncovered(edge, part, box), null, null, bars == null ? null : bars.along(edge), colour);
        }
        return pose.edge() == null
                ? null
                : new Reveal(
                        edges.computeIfAbsent(clip(pose.edge(), box, line, lineInk), Outline::rectangle),
                        null,
                        null,
                        null,
                        0);
    }

    /** The part of the unit's box that is uncovered, from an edge on. */
    private static Outline uncovered(Edge edge, double part, Box box) {
        double across = box.width() * part;
        double down = box.height() * part;
        double middle = (box.left() + box.right()) / 2;
        return Outline.rectangle(
                switch (edge) {
                    case LEFT -> new Box(box.left(), -FAR, box.left() + across, FAR);
                    case RIGHT -> new Box(box.right() - across, -FAR, box.right(), FAR);
                    case CAP_LINE -> new Box(-FAR, box.top(), FAR, box.top() + down);
                    case BASELINE -> new Box(-FAR, box.bottom() - down, FAR, box.bottom());
                    // From the middle to both sides.
                    case BOX, LINE -> new Box(middle - across / 2, -FAR, middle + across / 2, FAR);
                });
    }

    /**
     * The side of the edge on which the unit is seen. The edge lies outside what is painted at rest, so that nothing pops
     * when the clip goes: below the baseline it takes in the ink of descenders.
     */
    private static Box clip(Edge edge, Box box, SetLine line, Box lineInk) {
        double baseline = line.baseline();
        return switch (edge) {
            case BASELINE ->
                new Box(-FAR, -FAR, FAR, lineInk.isEmpty() ? baseline : Math.max(baseline, lineInk.bottom()));
            case CAP_LINE -> new Box(-FAR, lineInk.isEmpty() ? baseline - FAR : lineInk.top(), FAR, FAR);
            case LEFT -> new Box(box.left(), -FAR, FAR, FAR);
            case RIGHT -> new Box(-FAR, -FAR, box.right(), FAR);
            case BOX -> box;
            case LINE -> line.box().union(lineInk);
        };
    }

    /** A front that passes the box along an angle, half covered over its softness. */
    private static Reveal soft(Wipe wipe, double part, Box box, Bars bars, int colour) {
        double radians = StrictMath.toRadians(wipe.angle());
        double dx = StrictMath.cos(radians);
        double dy = StrictMath.sin(radians);
        double half = (Math.abs(dx) * box.width() + Math.abs(dy) * box.height()) / 2;
        double x = (box.left() + box.right()) / 2;
        double y = (box.top() + box.bottom()) / 2;
        double soft = Math.max(0.002, wipe.softness()) * 2 * half;
        // The front's begin, from −half to half, its soft part ahead of it.
        double front = -half - soft + part * (2 * half + soft);
        float[] positions = new float[STOPS];
        int[] colours = new int[STOPS];
        for (int i = 0; i < STOPS; i++) {
            double at = (double) i / (STOPS - 1);
            double alpha = 1 - at * at * (3 - 2 * at);
            positions[i] = (float) at;
            colours[i] = (int) Math.round(alpha * 255) << 24 | CLEAR & 0xffffff;
        }
        colours[0] = WHITE;
        colours[STOPS - 1] = CLEAR;
        Ink ink = new Ink.Gradient(
                (float) (x + dx * front),
                (float) (y + dy * front),
                (float) (x + dx * (front + soft)),
                (float) (y + dy * (front + soft)),
                positions,
                colours);
        double room = box.height() + box.width();
        Box around = new Box(box.left() - room, box.top() - room, box.right() + room, box.bottom() + room);
        Outline bar =
                bars == null ? null : bars.across(x + dx * (front + soft / 2), y + dy * (front + soft / 2), dx, dy);
        return new Reveal(null, ink, Outline.rectangle(around), bar, colour);
    }
}
