package knollwind.core.simulation;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

/** Falls that were asked for lately, by all that they depend on: two that begin alike are one. Safe for threads. */
public final class Falls {
    /** Bytes of all poses that may be kept together, each fall counted as if all of its frames had been asked for. */
    private static final long MOST_BYTES = 128_000_000;

    private static final Cache<Setup, Fall> FALLS = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .weigher((Setup setup, Fall fall) -> Fall.mostBytes(setup))
            .build();

    private Falls() {}

    public static Fall of(Setup setup) {
        return FALLS.get(setup, Fall::new);
    }
}
