package wrenlane.server.run;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.Set;
import wrenlane.machine.Side;
import wrenlane.run.Fault;

/**
 * A run as logged on the yard. Its id, in the address, is made by the page.
 *
 * @param settingMetres the width ridden at
 * @param faults empty for a clean run
 * @param loggedAt by the page's clock
 */
public record RunRequest(
        @NotNull Long dayId,
        @NotNull Long riderId,
        @NotNull Long machineId,
        @NotNull Long courseId,
        @NotNull Side side,
        @NotNull Double settingMetres,
        @NotNull @Size(max = 7) Set<@NotNull Fault> faults,
        @NotNull Instant loggedAt) {}
