package knollwind.core.scene;

/** Mixing of sRGB colours in linear light (transfer function of IEC 61966-2-1). */
public final class LinearLight {
    private LinearLight() {}

    /** The colour at a weight 0…1 from one to the other, 0xAARRGGBB with straight alpha; alpha mixes evenly. */
    public static int mix(int from, int to, double weight) {
        int mixed = (int) Math.round(channel(from, 24) + (channel(to, 24) - channel(from, 24)) * weight) << 24;
        for (int shift = 0; shift <= 16; shift += 8) {
            double a = decode(channel(from, shift) / 255.0);
            double b = decode(channel(to, shift) / 255.0);
            mixed |= (int) Math.round(encode(a + (b - a) * weight) * 255) << shift;
        }
        return mixed;
    }

    /**
     * A colour with others laid over it: each counts with its weight, the colour below with what is left of 1.
     *
     * @param argb 0xAARRGGBB, straight alpha, which stays
     * @param weight sum of the weights of what is laid over; above 1 they share the whole
     * @param sum red, green and blue, linear, each times its weight
     */
    public static int over(int argb, double weight, double[] sum) {
        double own = Math.max(0, 1 - weight);
        double all = Math.max(1, weight);
        int mixed = argb & 0xff000000;
        for (int i = 0; i < 3; i++) {
            int shift = 16 - 8 * i;
            double light = (decode(channel(argb, shift) / 255.0) * own + sum[i]) / all;
            mixed |= (int) Math.round(encode(light) * 255) << shift;
        }
        return mixed;
    }

    /** Red, green and blue of {@code #rrggbb}, linear, 0 to 1. */
    public static double[] of(String colour) {
        int argb = Colour.argb(colour);
        return new double[] {
            decode(channel(argb, 16) / 255.0), decode(channel(argb, 8) / 255.0), decode(channel(argb, 0) / 255.0)
        };
    }

    private static int channel(int argb, int shift) {
        return argb >>> shift & 255;
    }

    private static double decode(double v) {
        return v <= 0.04045 ? v / 12.92 : StrictMath.pow((v + 0.055) / 1.055, 2.4);
    }

    private static double encode(double v) {
        return v <= 0.0031308 ? v * 12.92 : 1.055 * StrictMath.pow(v, 1 / 2.4) - 0.055;
    }
}
