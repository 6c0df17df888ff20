package wrenlane.server.course.kit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.Markers;
import wrenlane.server.platform.http.VersionedResource;

/**
 * The kit as stored; a sort that is missing was never counted.
 *
 * @param usualFlat what lies where nothing else is chosen
 */
public record KitResponse(
        long version, Map<ConeSort, Integer> conesOwned, List<KitMarkerJson> markers, MarkerJson usualFlat)
        implements VersionedResource {
    /** How many of each marker there are that was ever counted, by its name. */
    public Map<String, Integer> ownedByName() {
        Map<String, Integer> owned = new HashMap<>();
        conesOwned.forEach((sort, n) -> owned.put(Markers.STANDARD.of(sort).name(), n));
        for (KitMarkerJson own : markers) {
            if (own.owned() != null) {
                owned.put(own.marker().name(), own.owned());
            }
        }
        return owned;
    }

    /** As it would be asked for again. */
    public KitJson request() {
        return new KitJson(conesOwned, markers);
    }
}
