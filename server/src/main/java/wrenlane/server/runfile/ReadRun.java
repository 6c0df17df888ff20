package wrenlane.server.runfile;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.server.run.RunRequest;
import wrenlane.server.run.RunRow;

/**
 * A run as a line of a table says it.
 *
 * @param id of its own, or made from all it says, so that the same line is the same run
 * @param seconds missing where no time was taken
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
        @Nullable Double seconds,
        String note) {
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
                null,
                seconds,
                null,
                null,
                null,
                note,
                null,
                null,
                null,
                "file");
        return RunRow.of(id, request, course.stored().name(), course.course(), false);
    }
}
