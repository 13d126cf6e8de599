package app.drachen.core.math;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * What was computed last, by what it was computed from: for answers that cost milliseconds and are asked for again and again.
 *
 * <p>Safe for use by several threads; one computes while the others wait.
 *
 * @param <K> what it depends on, with equality by value
 * @param <V> the answer, not changed by anybody
 */
public final class Memory<K, V> {
    private final Map<K, V> kept;
    private final Function<K, V> compute;

    /**
     * A memory.
     *
     * @param size answers kept, 1 or more
     * @param compute finds an answer that is not kept
     */
    public Memory(int size, Function<K, V> compute) {
        this.compute = compute;
        kept = new LinkedHashMap<>(2 * size, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > size;
            }
        };
    }

    /** The answer, kept or computed now. */
    public V of(K key) {
        synchronized (kept) {
            V known = kept.get(key);
            if (known == null) {
                known = compute.apply(key);
                kept.put(key, known);
            }
            return known;
        }
    }
}
