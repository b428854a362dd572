package knollwind.paint.backdrop;

/** Numbers that look random but are the same each time. */
final class Noise {
    private Noise() {}

    /** A number from 0 up to 1 for a pair of whole numbers. */
    static double hash(int a, int b) {
        int h = a * 0x27d4eb2d ^ b * 0x165667b1;
        h = (h ^ h >>> 15) * 0x85ebca6b;
        h = (h ^ h >>> 13) * 0xc2b2ae35;
        h ^= h >>> 16;
        return (h >>> 1) / (double) (1L << 31);
    }

    /** Smooth noise of 0 to 1 that repeats every {@code period} across. */
    static double smooth(double x, double y, int period, int seed) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        double u = ease(x - left);
        double v = ease(y - top);
        double above = mix(at(left, top, period, seed), at(left + 1, top, period, seed), u);
        double below = mix(at(left, top + 1, period, seed), at(left + 1, top + 1, period, seed), u);
        return mix(above, below, v);
    }

    /** Several layers of smooth noise, each twice as fine and half as strong; 0 to 1. */
    static double layered(double x, double y, int period, int layers, int seed) {
        double sum = 0;
        double weight = 0.5;
        for (int i = 0; i < layers; i++) {
            sum += weight * smooth(x * (1 << i), y * (1 << i), period << i, seed + i);
            weight /= 2;
        }
        return sum / (1 - 2 * weight);
    }

    static double mix(double a, double b, double weight) {
        return a + (b - a) * weight;
    }

    /** 0 up to an edge, 1 from another on, smooth between. */
    static double step(double from, double to, double value) {
        return ease(Math.max(0, Math.min(1, (value - from) / (to - from))));
    }

    private static double at(int x, int y, int period, int seed) {
        return hash(Math.floorMod(x, period) + 57 * seed, y);
    }

    private static double ease(double t) {
        return t * t * (3 - 2 * t);
    }
}
