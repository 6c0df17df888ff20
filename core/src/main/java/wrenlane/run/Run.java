package wrenlane.run;

import java.time.Instant;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import wrenlane.course.CourseKind;
import wrenlane.course.Sizes;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.id.RunId;
import wrenlane.machine.Side;

/**
 * One entry of the log: who rode what, how it went, and what became of the entry.
 *
 * @param ride the course and size; empty where it was ridden on no course
 * @param side turned to first; empty on a course ridden straight on, and without a course where the drill has no side
 * @param faults in the order of their kinds; empty for a clean run
 * @param detail what the entry says beside its faults
 */
public record Run(
        RunId id,
        RunContext context,
        Optional<CourseRide> ride,
        Optional<Side> side,
        Set<Fault> faults,
        RunDetail detail,
        RunLog log) {
    public Run {
        side = ride.filter(r -> r.course().kind().isStraight()).isPresent() ? Optional.empty() : side;
        if (ride.isEmpty() && context.drill().isEmpty()) {
            throw new IllegalArgumentException("run " + id + " names neither a course nor a drill");
        }
        faults = faults.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(faults));
    }

    public DayId dayId() {
        return context.dayId();
    }

    public RiderId riderId() {
        return context.riderId();
    }

    public MachineId machineId() {
        return context.machineId();
    }

    /** The id of the drill it names. */
    public Optional<String> drillId() {
        return context.drill().map(NamedDrill::id);
    }

    public Optional<CourseId> courseId() {
        return ride.map(CourseRide::courseId);
    }

    public Optional<CourseKind> kind() {
        return ride.map(r -> r.course().kind());
    }

    /** The size ridden, in metres. */
    public Optional<Double> sizeMetres() {
        return ride.map(CourseRide::sizeMetres);
    }

    /** When it was ridden. */
    public Instant at() {
        return log.at();
    }

    /** Whether nothing went wrong. */
    public boolean isClean() {
        return faults.isEmpty();
    }

    /** Whether it says by itself if the rider can do it. */
    public boolean isScored() {
        return detail.sort().scored();
    }

    /** Whether it was undone or corrected. */
    public boolean isWithdrawn() {
        return log.withdrawal().isPresent();
    }

    public boolean isOn(CourseId course) {
        return ride.filter(r -> r.courseId().equals(course)).isPresent();
    }

    public boolean isOfDay(DayId day) {
        return dayId().equals(day);
    }

    /** Whether it was ridden at a size, in metres, as people lay sizes out. */
    public boolean isAt(double sizeMetres) {
        return ride.filter(r -> Sizes.areSame(r.sizeMetres(), sizeMetres)).isPresent();
    }

    public boolean isOfKind(CourseKind kind) {
        return kind().filter(kind::equals).isPresent();
    }

    /** Whether both were ridden on one course at one size. */
    public boolean isLike(Run other) {
        return courseId().isPresent()
                && courseId().equals(other.courseId())
                && isAt(other.ride.orElseThrow().sizeMetres());
    }

    /** Whether it counts to a side; runs on a course ridden straight on count to its first. */
    public boolean isTo(Side side) {
        return sideOfCourse().filter(s -> s == side).isPresent();
    }

    /** The side turned to; where the course is ridden straight on, its first, so that every run on a course has one. */
    public Optional<Side> sideOfCourse() {
        return side.or(() -> ride.map(r -> r.course().firstTurn()));
    }

    /** Over a course of known length that is ridden straight on, in m/s; empty where no time was taken. */
    public Optional<Double> speedMetresPerSecond() {
        return ride.map(CourseRide::course)
                .flatMap(course -> course.kind().timedLength().map(course.settings()::of))
                .flatMap(length -> detail.seconds().map(seconds -> length / seconds));
    }
}
