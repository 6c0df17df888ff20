package wrenlane.server.imports;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wrenlane.server.http.RefusedException;

/** What the keys of one sort of thing in a file were stored as. */
final class Keys {
    private final String sort;
    private final Map<String, Long> ids = new HashMap<>();
    private final Set<String> refused = new HashSet<>();

    /** A key of something that was refused itself. */
    static final class Unusable extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    Keys(String sort) {
        this.sort = sort;
    }

    void put(String key, long id) {
        if (ids.putIfAbsent(key, id) != null) {
            throw RefusedException.of("key-twice", key, "The key “" + key + "” stands twice among the " + sort + "s.");
        }
    }

    void refuse(String key) {
        refused.add(key);
    }

    long get(String key) {
        Long id = ids.get(key);
        if (id != null) {
            return id;
        }
        if (refused.contains(key)) {
            throw new Unusable();
        }
        throw RefusedException.of(
                "key-unknown", key, "There is no " + sort + " with the key “" + key + "” in the file.");
    }

    @Nullable
    Long getOrNull(@Nullable String key) {
        return key == null ? null : Long.valueOf(get(key));
    }
}
