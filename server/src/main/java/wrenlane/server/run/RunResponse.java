package wrenlane.server.run;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.RunRecord;

/**
 * A run as stored.
 *
 * @param kind the kind of course
 * @param tightness of the setting on the machine; missing where it was not asked for, and on kinds ridden straight on
 * @param simulated whether it comes from a virtual rider
 * @param withdrawn whether it was undone
 */
public record RunResponse(
        String id,
        long dayId,
        long riderId,
        long machineId,
        long courseId,
        String courseName,
        String kind,
        Side side,
        double settingMetres,
        @Nullable Double tightness,
        List<Fault> faults,
        Instant loggedAt,
        boolean simulated,
        boolean withdrawn) {
    /** For the core to reckon with. */
    public RunRecord record(Optional<Double> known) {
        return new RunRecord(side, settingMetres, known, Set.copyOf(faults), loggedAt);
    }

    /** The same with its tightness known. */
    public RunResponse withTightness(@Nullable Double known) {
        return new RunResponse(
                id,
                dayId,
                riderId,
                machineId,
                courseId,
                courseName,
                kind,
                side,
                settingMetres,
                known,
                faults,
                loggedAt,
                simulated,
                withdrawn);
    }
}
