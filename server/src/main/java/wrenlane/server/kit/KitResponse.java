package wrenlane.server.kit;

import java.util.Map;
import java.util.stream.Collectors;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.Markers;
import wrenlane.server.http.Versioned;

/** The kit as stored; a sort that is missing was never counted. */
public record KitResponse(long version, Map<ConeSort, Integer> conesOwned) implements Versioned {
    /** How many of each marker there are, by its name. */
    public Map<String, Integer> ownedByName() {
        return conesOwned.entrySet().stream()
                .collect(Collectors.toMap(e -> Markers.STANDARD.of(e.getKey()).name(), Map.Entry::getValue));
    }

    /** As it would be asked for again. */
    public KitJson request() {
        return new KitJson(conesOwned);
    }
}
