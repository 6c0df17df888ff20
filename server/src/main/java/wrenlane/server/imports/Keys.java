package wrenlane.server.imports;

import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import wrenlane.server.http.RefusedException;

/** What the keys of one sort of thing in a file were stored as. */
final class Keys {
    private final String sort;
    private final Map<String, Long> ids = new HashMap<>();

    Keys(String sort) {
        this.sort = sort;
    }

    void put(String key, long id) {
        if (ids.putIfAbsent(key, id) != null) {
            throw RefusedException.of("key-twice", key, "The key “" + key + "” stands twice among the " + sort + "s.");
        }
    }

    long get(String key) {
        Long id = ids.get(key);
        if (id == null) {
            throw RefusedException.of(
                    "key-unknown", key, "There is no " + sort + " with the key “" + key + "” in the file.");
        }
        return id;
    }

    @Nullable
    Long getOrNull(@Nullable String key) {
        return key == null ? null : Long.valueOf(get(key));
    }

    int size() {
        return ids.size();
    }
}
