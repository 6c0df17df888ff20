package wrenlane.server.progress.run;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.TypedText;
import wrenlane.run.BeforeDrop;
import wrenlane.run.Observed;
import wrenlane.run.Technique;

/**
 * What was seen of a run beside its faults.
 *
 * @param technique how it was ridden
 * @param beforeDrop what came last before a drop; missing where there was none, and where nobody saw
 * @param mark name of the cone or line on the plan where it went wrong
 * @param offMetres how far from the cone aimed at
 */
public record ObservedJson(
        @NotNull @Size(max = 11) Set<@NotNull Technique> technique,
        @Nullable BeforeDrop beforeDrop,
        @Nullable @Size(max = 100) String mark,
        @Nullable Double offMetres) {

    Observed observed() {
        return new Observed(
                technique,
                Optional.ofNullable(beforeDrop),
                Optional.ofNullable(mark).map(TypedText::line),
                Optional.ofNullable(offMetres));
    }
}
