package knollwind.core.frame;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.display.DisplayList;
import knollwind.core.display.Ink;
import knollwind.core.geometry.Box;
import knollwind.core.layout.ValuesInTime;
import knollwind.core.scene.Colour;
import knollwind.core.scene.Fill;
import knollwind.core.scene.LinearLight;

/** Fills of the document as inks over a box. */
public final class Inks {
    /** Stops put between two of the document's, so that mixing encoded values follows the linear mix within 1/255. */
    private static final int BETWEEN = 16;

    private Inks() {}

    static Ink plain(Fill.Solid solid) {
        return new Ink.Plain(Colour.argb(ValuesInTime.colour(solid.colour())));
    }

    static Ink radial(Fill.Radial radial, Box box) {
        Ramp ramp = Ramp.of(radial.stops());
        return new Ink.Radial(
                (float) (box.left() + box.width() * radial.x()),
                (float) (box.top() + box.height() * radial.y()),
                (float) radius(radial, box),
                ramp.positions(),
                ramp.colours());
    }

    /** Where a round gradient reaches its last colour, px. */
    static double radius(Fill.Radial radial, Box box) {
        double half = StrictMath.sqrt(box.width() * box.width() + box.height() * box.height()) / 2;
        return Math.max(half * radial.reach(), 1e-3);
    }

    static Ink conic(Fill.Conic conic, Box box) {
        Ramp ramp = Ramp.of(conic.stops());
        return new Ink.Conic(
                (float) (box.left() + box.width() * conic.x()),
                (float) (box.top() + box.height() * conic.y()),
                (float) conic.angle(),
                ramp.positions(),
                ramp.colours());
    }

    /** @param id of what is painted: the picture itself, or a frame of a film */
    static Ink picture(Fill.Picture picture, String id, Box box) {
        float[] map = meeting(picture.mode(), picture.width(), picture.height(), picture.x(), picture.y(), box);
        return new Ink.Picture(id, map[0], map[1], map[2], map[3]);
    }

    /** The paints of a scene of this size, seen in a box. */
    static Ink nested(DisplayList list, Fill.Picture.Mode mode, int width, int height, Box box) {
        float[] map = meeting(mode, width, height, 0.5, 0.5, box);
        return new Ink.Nested(list, map[0], map[1], map[2], map[3]);
    }

    /** How what has this size meets a box: a, d, e and f of the map onto it. */
    private static float[] meeting(Fill.Picture.Mode mode, double width, double height, double x, double y, Box box) {
        double across = box.width() / width;
        double down = box.height() / height;
        double scale = mode == Fill.Picture.Mode.COVER ? Math.max(across, down) : Math.min(across, down);
        boolean stretch = mode == Fill.Picture.Mode.STRETCH;
        double a = stretch ? across : scale;
        double d = stretch ? down : scale;
        return new float[] {
            (float) a,
            (float) d,
            (float) (box.left() + (box.width() - a * width) * x),
            (float) (box.top() + (box.height() - d * height) * y)
        };
    }

    /**
     * The gradient's line runs through the centre of the box, just long enough that its ends reach the corners, as in CSS
     * Images 3, section 3.1. Colours are mixed in linear light.
     */
    public static Ink gradient(Fill.Gradient gradient, Box box) {
        double[] line = line(gradient, box);
        Ramp ramp = Ramp.of(gradient.stops());
        return new Ink.Gradient(
                (float) line[0], (float) line[1], (float) line[2], (float) line[3], ramp.positions(), ramp.colours());
    }

    /** The line of a gradient: x and y of its first colour and of its last. */
    static double[] line(Fill.Gradient gradient, Box box) {
        double radians = StrictMath.toRadians(gradient.angle());
        double dx = StrictMath.cos(radians);
        double dy = StrictMath.sin(radians);
        double half = (Math.abs(dx) * box.width() + Math.abs(dy) * box.height()) / 2;
        double x = (box.left() + box.right()) / 2;
        double y = (box.top() + box.bottom()) / 2;
        return new double[] {x - dx * half, y - dy * half, x + dx * half, y + dy * half};
    }

    /** Stops with those between them. */
    private record Ramp(float[] positions, int[] colours) {
        static Ramp of(List<Fill.Stop> stops) {
            List<Float> positions = new ArrayList<>();
            List<Integer> colours = new ArrayList<>();
            for (int i = 0; i < stops.size(); i++) {
                Fill.Stop stop = stops.get(i);
                positions.add((float) stop.at());
                colours.add(Colour.argb(stop.colour()));
                if (i + 1 < stops.size() && stops.get(i + 1).at() > stop.at()) {
                    Fill.Stop next = stops.get(i + 1);
                    for (int k = 1; k < BETWEEN; k++) {
                        double weight = (double) k / BETWEEN;
                        positions.add((float) (stop.at() + (next.at() - stop.at()) * weight));
                        colours.add(LinearLight.mix(Colour.argb(stop.colour()), Colour.argb(next.colour()), weight));
                    }
                }
            }
            float[] at = new float[positions.size()];
            int[] argb = new int[positions.size()];
            for (int i = 0; i < at.length; i++) {
                at[i] = positions.get(i);
                argb[i] = colours.get(i);
            }
            return new Ramp(at, argb);
        }
    }
}
