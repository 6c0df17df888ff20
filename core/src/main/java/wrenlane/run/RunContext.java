package wrenlane.run;

import java.util.Optional;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;

/**
 * Who rode, on what machine, on which day, for which drill.
 *
 * @param drill named by whoever logged the run; empty where it names none, and then it counts for every drill of its course
 */
public record RunContext(DayId dayId, RiderId riderId, MachineId machineId, Optional<NamedDrill> drill) {}
