package knollwind.core.frame;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/** What was made lately, by what it was made for; the rest is made again when it is asked for. Safe for threads. */
final class Kept<K, V> {
    private final Map<K, V> values;

    Kept(int most) {
        values = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    synchronized V get(K key, Function<K, V> making) {
        V there = values.get(key);
        if (there == null) {
            there = making.apply(key);
            values.put(key, there);
        }
        return there;
    }
}
