package wrenlane.server.platform.calculation;

import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.function.ToIntFunction;

/**
 * What was computed from what is stored, kept until anything is stored, be it by another program. Only for what follows from
 * the question and the stored data alone: who asks for today, say, asks for a date.
 *
 * @param <K> what is asked
 * @param <V> what was computed
 */
public final class StateCache<K, V> {
    private record StateKey<K>(long state, K question) {}

    private final LongSupplier state;
    private final BoundedCache<StateKey<K>, V> kept;
    private final Predicate<V> finished;

    /**
     * Nothing yet.
     *
     * @param state another number after whatever was stored, asked before anything is read
     * @param mostBytes memory for all of it
     * @param bytes what one takes, about
     * @param finished whether it is worth keeping; what is still computed elsewhere, or was given up, is asked anew
     */
    public StateCache(LongSupplier state, long mostBytes, ToIntFunction<V> bytes, Predicate<V> finished) {
        this.state = state;
        this.kept = BoundedCache.within(mostBytes, (asked, value) -> bytes.applyAsInt(value));
        this.finished = finished;
    }

    /** What is kept, or computed now. */
    public V get(K question, Supplier<V> computed) {
        // Asked first: what is stored meanwhile may be in it or not, and then belongs to another state.
        StateKey<K> asked = new StateKey<>(state.getAsLong(), question);
        Optional<V> known = kept.known(asked);
        if (known.isPresent()) {
            return known.get();
        }
        V now = computed.get();
        if (finished.test(now)) {
            kept.put(asked, now);
        }
        return now;
    }
}
