package knollwind.core.simulation;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;

/** Falls that have been asked for: those that begin alike are one. The last ones are kept. Safe for threads. */
public final class Falls {
    /** Bytes of all poses that may be kept together, each fall counted as if all of its frames had been asked for. */
    private static final long MOST_BYTES = 128_000_000;

    private static final Cache<Setup, Fall> FALLS = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .weigher((Setup setup, Fall fall) -> Fall.mostBytes(setup))
            .build();

    /** Those that are being computed, and the frame that is asked for. */
    private static final Map<Fall, Integer> UNDERWAY = new ConcurrentHashMap<>();

    private static final ThreadLocal<BooleanSupplier> STALE = ThreadLocal.withInitial(() -> () -> false);

    /**
     * How far a fall has been computed.
     *
     * @param computed frames
     * @param asked the frame that somebody waits for
     */
    public record Progress(int computed, int asked) {}

    private Falls() {}

    public static Fall of(Setup setup) {
        return FALLS.get(setup, Fall::new);
    }

    /**
     * Does something that may need falls, as long as anyone waits for it: what has been computed of them until then is kept.
     *
     * @param stale asked before each frame of a fall that is computed
     * @throws CancellationException when nobody waits any more
     */
    public static <T> T unless(BooleanSupplier stale, Supplier<T> done) {
        BooleanSupplier before = STALE.get();
        STALE.set(stale);
        try {
            return done.get();
        } finally {
            STALE.set(before);
        }
    }

    /** The one that has furthest to go of all that are being computed; empty where none is. */
    public static Optional<Progress> progress() {
        return UNDERWAY.entrySet().stream()
                .map(one -> new Progress(one.getKey().computed(), one.getValue()))
                .max(Comparator.comparingInt(one -> one.asked() - one.computed()));
    }

    static void begin(Fall fall, int asked) {
        UNDERWAY.merge(fall, asked, Math::max);
    }

    static void end(Fall fall) {
        UNDERWAY.remove(fall);
    }

    static void checkAsked() {
        if (STALE.get().getAsBoolean()) {
            throw new CancellationException("nobody waits for this fall");
        }
    }
}
