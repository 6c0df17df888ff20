package wrenlane.server.run;

import java.time.Instant;
import java.util.List;
import wrenlane.machine.Side;
import wrenlane.run.Fault;

/**
 * A run as stored.
 *
 * @param kind the kind of course
 * @param limitMetres the machine's own limit as reckoned when it was logged
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
        double limitMetres,
        double tightness,
        List<Fault> faults,
        Instant loggedAt,
        boolean simulated,
        boolean withdrawn) {}
