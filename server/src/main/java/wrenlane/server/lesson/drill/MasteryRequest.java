package wrenlane.server.lesson.drill;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * Riders whose standing is asked for, each on the machine ridden.
 *
 * @param pairs at most as many as are on a day
 */
record MasteryRequest(@NotNull @Size(max = 60) List<@NotNull @Valid RiderOnMachine> pairs) {
    /** A rider on a machine. */
    record RiderOnMachine(@NotNull Long riderId, @NotNull Long machineId) {}
}
