package wrenlane.server.imports;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.ToLongFunction;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import wrenlane.finding.Finding;
import wrenlane.server.day.DayResponse;
import wrenlane.server.http.RefusedException;
import wrenlane.server.imports.ImportDocument.VirtualRiderItem;

/** One file on its way in: what was added, under which ids, and everything that went wrong, each with its place. */
final class Bringing {
    private final KeptFields kept;
    private final Map<String, Keys> keys = new HashMap<>();
    private final List<Added> added = new ArrayList<>();
    private final List<Finding> problems = new ArrayList<>();
    private final List<DayResponse> days = new ArrayList<>();

    /**
     * Something a file adds.
     *
     * @param sort such as yard or rider
     * @param name as it will be shown
     */
    public record Added(String sort, String name) {}

    Bringing(KeptFields kept) {
        this.kept = kept;
    }

    /** The keys of one sort of thing. */
    Keys keys(String sort) {
        return keys.computeIfAbsent(sort, Keys::new);
    }

    /** Stores things one after another; what is wrong with one is written down, and the next is tried. */
    <T> void each(
            String sort,
            List<T> items,
            Function<T, Added> named,
            Function<T, String> key,
            Function<T, @Nullable Map<String, JsonNode>> more,
            ToLongFunction<T> store) {
        for (int i = 0; i < items.size(); i++) {
            T item = items.get(i);
            String where = "/" + sort + "s/" + i;
            try {
                long id = store.applyAsLong(item);
                if (!key.apply(item).isEmpty()) {
                    keys(sort).put(key.apply(item), id);
                }
                kept.keep(sort, id, more.apply(item));
                added.add(named.apply(item));
            } catch (Keys.Unusable e) {
                // What it refers to was refused, and is told already.
                keys(sort).refuse(key.apply(item));
            } catch (RefusedException e) {
                keys(sort).refuse(key.apply(item));
                e.findings()
                        .forEach(f -> problems.add(new Finding(
                                f.code(), where, named.apply(item).name() + ", " + f.where() + ": " + f.message())));
            }
        }
    }

    /** Notes a day that came in; gives its id. */
    long day(DayResponse day) {
        days.add(day);
        return day.id();
    }

    Map<Long, VirtualRiderItem> virtualRiders(ImportDocument file) {
        Map<Long, VirtualRiderItem> byRider = new HashMap<>();
        ItemReader.orNone(file.virtualRiders())
                .forEach(v -> byRider.put(keys("rider").get(v.rider()), v));
        return byRider;
    }

    List<DayResponse> days() {
        return List.copyOf(days);
    }

    List<Added> added() {
        return List.copyOf(added);
    }

    List<Finding> problems() {
        return List.copyOf(problems);
    }
}
