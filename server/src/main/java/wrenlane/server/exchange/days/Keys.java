package wrenlane.server.exchange.days;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;
import wrenlane.server.platform.problem.RefusedException;

/** What the keys of one sort of thing in a file stand for. */
final class Keys<T> {
    private final String sort;
    private final Map<String, T> things = new HashMap<>();
    private final Set<String> refused = new HashSet<>();

    /** A key of something that was refused itself. */
    static final class UnusableKeyException extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    Keys(String sort) {
        this.sort = sort;
    }

    void put(String key, T thing) {
        if (things.putIfAbsent(key, thing) != null) {
            throw RefusedException.of(
                    "key-twice", key, "The key " + TypedText.quoted(key) + " stands twice among the " + sort + "s.");
        }
    }

    void refuse(String key) {
        refused.add(key);
    }

    T get(String key) {
        T thing = things.get(key);
        if (thing != null) {
            return thing;
        }
        if (refused.contains(key)) {
            throw new UnusableKeyException();
        }
        throw RefusedException.of(
                "key-unknown", key, "There is no " + sort + " with the key " + TypedText.quoted(key) + " in the file.");
    }

    @Nullable
    T getOrNull(@Nullable String key) {
        return key == null ? null : get(key);
    }
}
