package wrenlane.server.exchange.runs;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import wrenlane.drill.Drill;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.RunDetail;
import wrenlane.server.progress.run.RunRequest;
import wrenlane.server.progress.run.RunRow;

/**
 * A run as a line of a table says it.
 *
 * @param id of its own, or made from all it says, so that the same line is the same run
 * @param drill it names; missing only on a course
 * @param course missing where it was ridden on none, as is its size
 * @param detail what it says beside its faults
 * @param simulated whether it comes from a virtual rider, as its file says
 */
record ReadRun(
        String id,
        LocalDate date,
        Instant at,
        long riderId,
        long machineId,
        Optional<Drill> drill,
        Optional<RunLines.Ridden> course,
        Optional<Side> side,
        Optional<Double> settingMetres,
        Set<Fault> faults,
        RunDetail detail,
        boolean simulated) {
    /** As it is stored on a day. */
    RunRow row(long dayId) {
        RunRequest request = new RunRequest(
                dayId,
                riderId,
                machineId,
                drill.map(Drill::id).orElse(null),
                course.map(c -> c.stored().id()).orElse(null),
                side.orElse(null),
                settingMetres.orElse(null),
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
        return course.map(c -> RunRow.of(id, request, drill, c.stored().name(), c.course(), simulated))
                .orElseGet(() -> RunRow.of(id, request, drill.orElseThrow(), simulated));
    }
}
