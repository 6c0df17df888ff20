package wrenlane.server.progress.run;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;
import wrenlane.run.DropCause;
import wrenlane.run.Observation;
import wrenlane.run.Technique;

/**
 * What was seen of a run beside its faults.
 *
 * @param technique how it was ridden
 * @param beforeDrop what came last before a drop; missing where there was none, and where nobody saw
 * @param mark name of the cone or line on the plan where it went wrong
 * @param offMetres how far from the cone aimed at
 */
public record ObservationJson(
        @NotNull @Size(max = 11) Set<@NotNull Technique> technique,
        @Nullable DropCause beforeDrop,
        @Nullable @Size(max = 100) String mark,
        @Nullable Double offMetres) {

    /** Missing where nobody said anything. */
    static @Nullable ObservationJson of(Observation observed) {
        return observed.equals(Observation.NOTHING)
                ? null
                : new ObservationJson(
                        new TreeSet<>(observed.technique()),
                        observed.beforeDrop().orElse(null),
                        observed.mark().orElse(null),
                        observed.offMetres().orElse(null));
    }

    static Observation observed(@Nullable ObservationJson said) {
        return said == null
                ? Observation.NOTHING
                : new Observation(
                        said.technique,
                        Optional.ofNullable(said.beforeDrop),
                        Optional.ofNullable(said.mark).map(TypedText::line),
                        Optional.ofNullable(said.offMetres));
    }
}
