package knollwind.paint;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToLongFunction;

/**
 * Things outside the heap that are kept ready, up to a size; those not used for longest are let go. The one that was asked for last is
 * always kept. Not safe for threads.
 */
final class Shelf<K, V extends AutoCloseable> implements AutoCloseable {
    private final long most;
    private final ToLongFunction<V> size;
    private final Map<K, V> things = new LinkedHashMap<>(64, 0.75f, true);
    private long filled;

    /**
     * @param most of all sizes together
     * @param size of one
     */
    Shelf(long most, ToLongFunction<V> size) {
        this.most = most;
        this.size = size;
    }

    boolean holds(K key) {
        return things.containsKey(key);
    }

    /** All sizes together. */
    long filled() {
        return filled;
    }

    /** What is kept, or else made. */
    V get(K key, Function<K, V> make) {
        V kept = things.get(key);
        if (kept != null) {
            return kept;
        }
        V made = make.apply(key);
        things.put(key, made);
        filled += size.applyAsLong(made);
        var oldest = things.values().iterator();
        while (filled > most) {
            V gone = oldest.next();
            if (gone == made) {
                break;
            }
            filled -= size.applyAsLong(gone);
            letGo(gone);
            oldest.remove();
        }
        return made;
    }

    private static void letGo(AutoCloseable thing) {
        try {
            thing.close();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        things.values().forEach(Shelf::letGo);
        things.clear();
        filled = 0;
    }
}
