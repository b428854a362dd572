package knollwind.core.motion;

/**
 * The mixing function of SplitMix64 (Steele, Lea, Flood: Fast splittable pseudorandom number generators, OOPSLA 2014).
 */
public final class SplitMix64 {
    /** 2⁶⁴ divided by the golden ratio, odd (Steele, Lea, Flood 2014, section 3). */
    private static final long GAMMA = 0x9E3779B97F4A7C15L;

    private SplitMix64() {}

    public static long mix(long z) {
        long a = (z ^ (z >>> 30)) * 0xBF58476D1CE4E5B9L;
        long b = (a ^ (a >>> 27)) * 0x94D049BB133111EBL;
        return b ^ (b >>> 31);
    }

    /** A number for a name under a seed; independent of all other names. */
    static long mix(long seed, String name) {
        long state = mix(seed + GAMMA);
        for (int i = 0; i < name.length(); i++) {
            state = mix(state + GAMMA + name.charAt(i));
        }
        return state;
    }
}
