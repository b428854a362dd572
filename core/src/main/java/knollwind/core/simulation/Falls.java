package knollwind.core.simulation;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

/** Falls that were asked for lately, by all that they depend on: two that begin alike are one. Safe for threads. */
public final class Falls {
    /** Together some 100 MB at the very most. */
    private static final int KEPT = 24;

    private static final Cache<Setup, Fall> FALLS =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private Falls() {}

    public static Fall of(Setup setup) {
        return FALLS.get(setup, Fall::new);
    }
}
