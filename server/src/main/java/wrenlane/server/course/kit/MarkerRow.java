package wrenlane.server.course.kit;

import org.jspecify.annotations.Nullable;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.MarkerColour;

/** A row of the marker table. */
record MarkerRow(
        @Nullable Long id,
        String name,
        String sort,
        Double baseM,
        Double heightM,
        String colour,
        @Nullable Integer owned) {
    static MarkerRow of(@Nullable Long id, Marker marker, @Nullable Integer owned) {
        return new MarkerRow(
                id,
                marker.name(),
                marker.sort().name(),
                marker.baseMetres(),
                marker.heightMetres(),
                marker.colour().name(),
                owned);
    }

    /** In the place of one of a course's: the usual flat one, which is in no table. */
    boolean isUsual() {
        return id != null && id == 0;
    }

    MarkerJson marker() {
        return new MarkerJson(name, ConeSort.valueOf(sort), baseM, heightM, MarkerColour.valueOf(colour));
    }

    KitMarkerJson json() {
        return new KitMarkerJson(id, marker(), owned);
    }
}
