package wrenlane.server.runfile;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Set;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.RunDetail;
import wrenlane.server.run.RunRequest;
import wrenlane.server.run.RunRow;

/**
 * A run as a line of a table says it.
 *
 * @param id of its own, or made from all it says, so that the same line is the same run
 * @param detail what it says beside its faults
 * @param simulated whether it comes from a virtual rider, as its file says
 */
record ReadRun(
        String id,
        LocalDate date,
        Instant at,
        long riderId,
        long machineId,
        RunLines.Ridden course,
        Side side,
        double settingMetres,
        Set<Fault> faults,
        RunDetail detail,
        boolean simulated) {
    /** As it is stored on a day. */
    RunRow row(long dayId) {
        RunRequest request = new RunRequest(
                dayId,
                riderId,
                machineId,
                course.stored().id(),
                side,
                settingMetres,
                faults,
                at,
                detail.sort(),
                detail.seconds().orElse(null),
                detail.minutes().orElse(null),
                detail.laps().orElse(null),
                detail.faultCounts(),
                detail.note(),
                null,
                null,
                null,
                "file");
        return RunRow.of(id, request, course.stored().name(), course.course(), simulated);
    }
}
