package knollwind.core.dressing;

/**
 * Smooth noise in space, dealt by a seed: K. Perlin, "Improving Noise" (2002), its gradients chosen by a hash of the place instead of a
 * table. The same numbers on every machine.
 */
final class Noise {
    private final int seed;

    Noise(int seed) {
        this.seed = seed;
    }

    /** −1 to 1, 0 at whole places; it changes over a distance of about one. */
    double at(double x, double y, double z) {
        int i = (int) Math.floor(x);
        int j = (int) Math.floor(y);
        int k = (int) Math.floor(z);
        double u = x - i;
        double v = y - j;
        double w = z - k;
        double a = eased(u);
        double b = eased(v);
        double c = eased(w);
        double near = mixed(
                mixed(slope(i, j, k, u, v, w), slope(i + 1, j, k, u - 1, v, w), a),
                mixed(slope(i, j + 1, k, u, v - 1, w), slope(i + 1, j + 1, k, u - 1, v - 1, w), a),
                b);
        double far = mixed(
                mixed(slope(i, j, k + 1, u, v, w - 1), slope(i + 1, j, k + 1, u - 1, v, w - 1), a),
                mixed(slope(i, j + 1, k + 1, u, v - 1, w - 1), slope(i + 1, j + 1, k + 1, u - 1, v - 1, w - 1), a),
                b);
        return mixed(near, far, c);
    }

    /** A number of its own for a place, 0 to below 1. */
    double dealt(int i, int j) {
        return (hash(i, j, 0) >>> 8) / (double) (1 << 24);
    }

    private static double eased(double t) {
        return t * t * t * (t * (t * 6 - 15) + 10);
    }

    private static double mixed(double one, double other, double share) {
        return one + (other - one) * share;
    }

    /** The twelve directions to the middles of a cube's edges, four of them twice. */
    private double slope(int i, int j, int k, double x, double y, double z) {
        int h = hash(i, j, k) & 15;
        double one = h < 8 ? x : y;
        double other = h < 4 ? y : h == 12 || h == 14 ? x : z;
        return ((h & 1) == 0 ? one : -one) + ((h & 2) == 0 ? other : -other);
    }

    /** Mixed as MurmurHash3 ends. */
    private int hash(int i, int j, int k) {
        int h = seed * 0x9e3779b9 + i * 0x85ebca6b + j * 0xc2b2ae35 + k * 0x27d4eb2f;
        h ^= h >>> 16;
        h *= 0x85ebca6b;
        h ^= h >>> 13;
        h *= 0xc2b2ae35;
        return h ^ h >>> 16;
    }
}
