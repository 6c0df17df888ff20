package wrenlane.server.kit;

import java.util.Map;
import wrenlane.course.plan.ConeSort;
import wrenlane.server.http.Versioned;

/** The kit as stored; a sort that is missing was never counted. */
public record KitResponse(long version, Map<ConeSort, Integer> conesOwned) implements Versioned {
    /** As it would be asked for again. */
    public KitJson request() {
        return new KitJson(conesOwned);
    }
}
