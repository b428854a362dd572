package knollwind.core.frame;

import knollwind.core.display.Ink;
import knollwind.core.scene.LinearLight;

/**
 * Colours that moves lay over a unit's own, mixed in linear light.
 *
 * @param weight sum of their weights
 * @param sum red, green and blue, linear, each times its weight
 */
record Tint(double weight, double[] sum) {
    static final Tint NOTHING = new Tint(0, new double[3]);

    /** With more colours over it. */
    Tint and(double more, double[] colours) {
        double[] all = sum.clone();
        for (int i = 0; i < 3; i++) {
            all[i] += colours[i];
        }
        return new Tint(weight + more, all);
    }

    /** The ink with the colours over it; a picture keeps its own. */
    Ink on(Ink ink) {
        if (weight == 0) {
            return ink;
        }
        if (ink instanceof Ink.Plain plain) {
            return new Ink.Plain(LinearLight.over(plain.argb(), weight, sum));
        }
        if (ink instanceof Ink.Gradient g) {
            return new Ink.Gradient(g.x0(), g.y0(), g.x1(), g.y1(), g.positions(), on(g.colours()));
        }
        if (ink instanceof Ink.Radial r) {
            return new Ink.Radial(r.x(), r.y(), r.radius(), r.positions(), on(r.colours()));
        }
        return ink;
    }

    private int[] on(int[] colours) {
        int[] mixed = new int[colours.length];
        for (int i = 0; i < mixed.length; i++) {
            mixed[i] = LinearLight.over(colours[i], weight, sum);
        }
        return mixed;
    }
}
