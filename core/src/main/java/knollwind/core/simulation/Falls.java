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

    private static final ThreadLocal<BooleanSupplier> STALE = new ThreadLocal<>();

    private static final Ahead AHEAD = new Ahead();

    /** Null where falls are kept in no files. */
    private static volatile FallFolder folder;

    private static volatile boolean wholly;

    /**
     * How far a fall has been computed.
     *
     * @param computed frames
     * @param asked the frame that somebody waits for, or will
     * @param ahead whether nobody waits for it yet
     */
    public record Progress(int computed, int asked, boolean ahead) {}

    private Falls() {}

    /**
     * From now on falls are read from files where they are there, and written once all frames that can be asked for are computed.
     *
     * @param whole whether all of them are, before the first is told: for whoever is about to make them all; else those that are looked at
     *     ({@link #unless}) go on by themselves
     */
    public static void keepIn(FallFolder files, boolean whole) {
        folder = files;
        wholly = whole;
    }

    /** @param last frame behind which nobody will ask for any */
    public static Fall of(Setup setup, double last) {
        FallFolder files = folder;
        Fall fall =
                FALLS.get(setup, one -> new Fall(one, Optional.ofNullable(files).flatMap(all -> all.read(one))));
        int until = (int) Math.min(Fall.MOST_FRAMES, Math.ceil(last));
        if (files != null && wholly) {
            fall.at(0, until);
            fall.writeTo(files);
        } else if (STALE.get() != null) {
            AHEAD.wanted(fall, until);
        }
        return fall;
    }

    /**
     * Does something that may need falls, as long as anyone waits for it: what has been computed of them until then is kept. What they need of
     * further frames is computed meanwhile and afterwards.
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
            if (before == null) {
                STALE.remove();
            } else {
                STALE.set(before);
            }
        }
    }

    /** The one that somebody waits for and that has furthest to go; where nobody waits, the one that is computed ahead; empty where none is. */
    public static Optional<Progress> progress() {
        return UNDERWAY.entrySet().stream()
                .map(one -> new Progress(one.getKey().computed(), one.getValue(), false))
                .max(Comparator.comparingInt(one -> one.asked() - one.computed()))
                .or(AHEAD::progress);
    }

    /** Nothing is computed ahead any more, until a fall is looked at that has not been yet. */
    public static void stopAhead() {
        AHEAD.stop();
    }

    static void begin(Fall fall, int asked) {
        UNDERWAY.merge(fall, asked, Math::max);
    }

    static void end(Fall fall) {
        UNDERWAY.remove(fall);
    }

    static Optional<FallFolder> folder() {
        return Optional.ofNullable(folder);
    }

    static void checkAsked() {
        BooleanSupplier stale = STALE.get();
        if (stale != null && stale.getAsBoolean()) {
            throw new CancellationException("nobody waits for this fall");
        }
    }
}
