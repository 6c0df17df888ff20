package wrenlane.server.course.kit;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.MarkerColour;
import wrenlane.course.plan.Markers;
import wrenlane.finding.Checks;
import wrenlane.finding.TypedText;
import wrenlane.server.platform.http.VisibleText;
import wrenlane.server.platform.problem.RefusedException;

/**
 * A marker as a person describes it.
 *
 * @param name what one of them is called
 * @param baseMetres width of what stands on the ground
 */
public record MarkerJson(
        @VisibleText @Size(max = 40) String name,
        @NotNull ConeSort sort,
        @NotNull Double baseMetres,
        @NotNull Double heightMetres,
        @NotNull MarkerColour colour) {
    public static MarkerJson of(Marker marker) {
        return new MarkerJson(
                marker.name(), marker.sort(), marker.baseMetres(), marker.heightMetres(), marker.colour());
    }

    /** To the core, or refused with everything that is wrong. */
    public Marker marker() {
        Marker marker = new Marker(TypedText.line(name), sort, baseMetres, heightMetres, colour);
        RefusedException.unlessNone(new Checks().addAll(marker.check()));
        return marker;
    }

    /**
     * What a course stands in that says so of some sorts, once of each: the usual of the others.
     *
     * @param within flat ones of the settings within the widest
     */
    public static Markers standing(List<MarkerJson> said, List<MarkerJson> within) {
        Markers markers = Markers.STANDARD;
        Set<ConeSort> sorts = EnumSet.noneOf(ConeSort.class);
        for (MarkerJson one : said) {
            if (!sorts.add(one.sort())) {
                throw RefusedException.of(
                        "sort-twice", "markers", "A course stands in one marker of a sort: choose one of them.");
            }
            markers = markers.with(one.marker());
        }
        List<Marker> flat = within.stream().map(MarkerJson::marker).toList();
        if (flat.stream().anyMatch(m -> m.sort() != ConeSort.FLAT)) {
            throw RefusedException.of(
                    "not-flat", "within", "What lies within another setting is ridden over: choose a flat marker.");
        }
        return markers.within(flat);
    }
}
