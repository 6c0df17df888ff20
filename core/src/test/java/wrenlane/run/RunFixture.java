package wrenlane.run;

import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.id.RunId;
import wrenlane.machine.Side;

/** Runs for tests. */
public final class RunFixture {
    private RunFixture() {}

    /** A run on the usual course, of which only its faults are known. */
    public static Run run(Side side, double sizeMetres, Set<Fault> faults, Instant at) {
        return run(Course.standard(CourseKinds.usual()), Optional.of(side), sizeMetres, faults, RunDetail.PLAIN, at);
    }

    /** A run on a course. */
    public static Run run(
            Course course, Optional<Side> side, double sizeMetres, Set<Fault> faults, RunDetail detail, Instant at) {
        return new Run(
                new RunId("run-" + at.toEpochMilli() + "-0000"),
                new RunContext(new DayId(1), new RiderId(1), new MachineId(1), Optional.empty()),
                Optional.of(new CourseRide(new CourseId(1), "Box", sizeMetres, course)),
                side,
                faults,
                detail,
                RunLog.first(at, false, ""));
    }
}
