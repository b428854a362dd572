package knollwind.core.frame;

/** Mixing of sRGB colours in linear light (transfer function of IEC 61966-2-1). */
final class LinearLight {
    private LinearLight() {}

    /** The colour at a weight 0…1 from one to the other, 0xAARRGGBB with straight alpha; alpha mixes evenly. */
    static int mix(int from, int to, double weight) {
        int mixed = (int) Math.round(channel(from, 24) + (channel(to, 24) - channel(from, 24)) * weight) << 24;
        for (int shift = 0; shift <= 16; shift += 8) {
            double a = decode(channel(from, shift) / 255.0);
            double b = decode(channel(to, shift) / 255.0);
            mixed |= (int) Math.round(encode(a + (b - a) * weight) * 255) << shift;
        }
        return mixed;
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
