package wrenlane.server.platform.calculation;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.ToIntBiFunction;
import java.util.function.ToIntFunction;

/** What was computed, kept as long as there is memory for it; the longest unused goes first. */
public final class BoundedCache<K, V> {
    private final Cache<K, V> cache;

    private BoundedCache(Cache<K, V> cache) {
        this.cache = cache;
    }

    /**
     * Nothing yet.
     *
     * @param mostBytes memory for all of it
     * @param bytes what a key and what is kept for it take, about
     */
    public static <K, V> BoundedCache<K, V> within(long mostBytes, ToIntFunction<K> bytes) {
        return within(mostBytes, (key, value) -> bytes.applyAsInt(key));
    }

    /** The same where what is kept says itself how much it takes. */
    public static <K, V> BoundedCache<K, V> within(long mostBytes, ToIntBiFunction<K, V> bytes) {
        return new BoundedCache<>(Caffeine.newBuilder()
                .maximumWeight(mostBytes)
                .weigher(bytes::applyAsInt)
                .build());
    }

    /** What is kept, or computed now; not within the cache itself, whose lock others would wait for. */
    public V get(K key, Supplier<V> computed) {
        V known = cache.getIfPresent(key);
        if (known == null) {
            known = computed.get();
            put(key, known);
        }
        return known;
    }

    /** Keeps what was computed. */
    public void put(K key, V value) {
        cache.put(key, value);
    }

    /** What is kept, if it is. */
    public Optional<V> known(K key) {
        return Optional.ofNullable(cache.getIfPresent(key));
    }
}
