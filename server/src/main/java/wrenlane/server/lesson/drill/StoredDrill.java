package wrenlane.server.lesson.drill;

import wrenlane.drill.Drill;
import wrenlane.server.platform.http.VersionedResource;

/**
 * A drill as it holds here.
 *
 * @param version for a shipped one that was never changed, the least there is
 * @param hidden whether it is left out wherever drills are chosen
 */
record StoredDrill(Drill drill, Origin origin, boolean hidden, long version) implements VersionedResource {
    /** Where it comes from. */
    enum Origin {
        /** It came with the app. */
        SHIPPED,
        /** It came with the app and was changed here; it can be restored. */
        CHANGED,
        /** It was made here. */
        OWN
    }
}
