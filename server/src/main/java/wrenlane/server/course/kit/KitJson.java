package wrenlane.server.course.kit;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.Markers;
import wrenlane.finding.Checks;
import wrenlane.server.platform.problem.RefusedException;

/**
 * What the school owns to set courses out in.
 *
 * @param conesOwned of the usual marker of each sort; a sort that is missing was never counted
 * @param markers of its own; where this is missing they stay as they are
 */
public record KitJson(
        @NotNull Map<@NotNull ConeSort, @NotNull @Min(0) @Max(2000) Integer> conesOwned,
        @Nullable @Size(max = 20) List<@NotNull @Valid KitMarkerJson> markers) {
    /**
     * Looks whether its markers can be.
     *
     * @throws RefusedException with all that is wrong
     */
    public void check() {
        Checks checks = new Checks();
        Set<String> names = new HashSet<>();
        Stream.of(ConeSort.values())
                .map(sort -> Markers.STANDARD.of(sort).name())
                .forEach(names::add);
        for (KitMarkerJson m : Objects.requireNonNullElse(markers, List.<KitMarkerJson>of())) {
            Marker marker = m.marker().marker();
            if (!names.add(marker.name().toLowerCase(Locale.ROOT))) {
                checks.add(
                        "name-taken",
                        "markers",
                        "There is a " + marker.name() + " already: markers are told apart by their names.");
            }
        }
        RefusedException.unlessNone(checks);
    }
}
