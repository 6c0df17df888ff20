package wrenlane.course;

import java.util.List;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.Markers;
import wrenlane.finding.Finding;
import wrenlane.machine.Side;
import wrenlane.units.HandyLengths;
import wrenlane.units.LengthSystem;

/**
 * One exercise: a kind, its settings, and the side of the first turn.
 *
 * @param kind what it is
 * @param settings a value for every dimension and option
 * @param firstTurn the side first turned to; without meaning where the kind is ridden straight on
 * @param others cones of other courses that stand where it is ridden, in its own axes; ridden by on either side
 */
public record Course(CourseKind kind, CourseSettings settings, Side firstTurn, List<Cone> others) {
    public Course {
        others = List.copyOf(others);
        List<Finding> findings = settings.check(kind);
        if (!findings.isEmpty()) {
            throw new IllegalArgumentException(findings.get(0).message() + " Check with CourseSettings.check first.");
        }
    }

    /** One with its ground to itself. */
    public Course(CourseKind kind, CourseSettings settings, Side firstTurn) {
        this(kind, settings, firstTurn, List.of());
    }

    /** What a new course of a kind begins as: usual, with no more marks along its edges than show a rider the line. */
    public static Course fresh(CourseKind kind) {
        return EdgeMarks.few(standard(kind));
    }

    /** A course of a kind as it is usual, first turn to the left. */
    public static Course standard(CourseKind kind) {
        return new Course(kind, CourseSettings.standard(kind), Side.LEFT);
    }

    /** The same with another value for a dimension. */
    public Course with(CourseDimension dimension, double value) {
        return with(settings.with(dimension, value));
    }

    /** The same with every length as if laid by tape: what the verdict without its ± hangs on. */
    public Course taped() {
        return with(settings.taped());
    }

    /** The same with another choice. */
    public Course with(CourseOption option, String value) {
        return with(settings.with(option, value));
    }

    /** The same set out in other markers. */
    public Course with(Markers markers) {
        return with(settings.with(markers));
    }

    private Course with(CourseSettings other) {
        return new Course(kind, other, firstTurn, others);
    }

    /** The same among cones of other courses, in its own axes. */
    public Course among(List<Cone> cones) {
        return new Course(kind, settings, firstTurn, cones);
    }

    /** The same in tall cones, whatever stands there: cleared by the whole machine. */
    public Course inTallCones() {
        return kind.options().stream()
                .filter(option -> option.name().equals(CourseOption.MARKING)
                        && option.check(CourseOption.TALL).isEmpty())
                .findFirst()
                .map(option -> with(option, CourseOption.TALL))
                .orElse(this);
    }

    /** The same, first turned the other way. */
    public Course mirrored() {
        return new Course(
                kind,
                settings,
                firstTurn.opposite(),
                others.stream().map(Cone::mirrored).toList());
    }

    /** The course on the ground. */
    public CoursePlan plan() {
        CoursePlan plan = kind.plan(settings);
        CoursePlan turned = firstTurn == Side.LEFT ? plan : plan.mirrored();
        return others.isEmpty() ? turned : turned.among(others);
    }

    /** Lengths that people lay out where this course is set as it is: half bays where it is set in bays. */
    public HandyLengths handy(LengthSystem system) {
        return HandyLengths.like(settings.length(kind.ladder()), system);
    }

    /** The value of the dimension that the sizes turn, in metres. */
    public double settingMetres() {
        return settings.of(kind.ladder());
    }
}
