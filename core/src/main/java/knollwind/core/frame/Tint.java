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
        return weight == 0 ? ink : ink.coloured(colour -> LinearLight.over(colour, weight, sum));
    }
}
