package wrenlane.server.exchange.runs;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import wrenlane.course.NamedCourse;
import wrenlane.drill.Drill;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.id.RunId;
import wrenlane.machine.Side;
import wrenlane.run.CourseRide;
import wrenlane.run.Fault;
import wrenlane.run.NamedDrill;
import wrenlane.run.Run;
import wrenlane.run.RunContext;
import wrenlane.run.RunDetail;
import wrenlane.run.RunLog;

/**
 * A run as a line of a table says it.
 *
 * @param id of its own, or made from all it says, so that the same line is the same run
 * @param drill it names; missing only on a course
 * @param course missing where it was ridden on none, as is its size
 * @param detail what it says beside its faults
 * @param simulated whether it comes from a virtual rider, as its file says
 */
record ParsedRun(
        String id,
        LocalDate date,
        Instant at,
        long riderId,
        long machineId,
        Optional<Drill> drill,
        Optional<NamedCourse> course,
        Optional<Side> side,
        Optional<Double> settingMetres,
        Set<Fault> faults,
        RunDetail detail,
        boolean simulated) {
    /** As it is stored on a day. */
    Run run(long dayId) {
        return new Run(
                new RunId(id),
                new RunContext(
                        new DayId(dayId),
                        new RiderId(riderId),
                        new MachineId(machineId),
                        drill.map(d -> new NamedDrill(d.id(), d.name()))),
                course.map(this::ride),
                side,
                faults,
                detail,
                RunLog.first(at, simulated, "file"));
    }

    private CourseRide ride(NamedCourse on) {
        return CourseRide.of(on.id(), on.name(), settingMetres.orElseThrow(), on.course(), side);
    }
}
