package wrenlane.server.exchange.days;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What the items of one sort are called in a file: by their place, so that the same day always has the same file. */
final class ItemKeys {
    private final Map<Long, String> keys = new LinkedHashMap<>();

    private ItemKeys() {}

    /**
     * Names items.
     *
     * @param sort such as "rider"
     * @param ids of what is stored; one that comes again keeps its first place
     */
    static ItemKeys of(String sort, Collection<Long> ids) {
        ItemKeys named = new ItemKeys();
        ids.forEach(id -> named.keys.putIfAbsent(id, sort + "-" + (named.keys.size() + 1)));
        return named;
    }

    boolean has(long id) {
        return keys.containsKey(id);
    }

    /** The key of an item that has one. */
    String of(long id) {
        String key = keys.get(id);
        if (key == null) {
            throw new IllegalStateException("there is no key for " + id);
        }
        return key;
    }

    /** Writes every item, in order. */
    <T> List<T> each(Writer<T> writer) {
        List<T> items = new ArrayList<>();
        keys.forEach((id, key) -> items.add(writer.write(key, id)));
        return items;
    }

    /** Writes one item. */
    interface Writer<T> {
        T write(String key, long id);
    }
}
