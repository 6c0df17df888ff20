package wrenlane.course;

import java.util.List;
import java.util.Optional;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.CoursePlan;
import wrenlane.finding.Finding;

/** A kind of course: what it is set by, and the plan that follows. Each kind is one file, named in {@link CourseKinds}. */
public interface CourseKind {
    /** Stable, in kebab case. */
    String id();

    /** As shown. */
    String label();

    /** What it is for, in one sentence. */
    String purpose();

    /** Its dimensions in the order shown; exactly one is the ladder's. */
    List<CourseDimension> dimensions();

    /** Its choices in the order shown. */
    default List<CourseOption> options() {
        return List.of();
    }

    /** The sides it is ridden to. */
    TurnSides turning();

    /** Whether it is ridden straight on: it has no sides, and no widths to work through. */
    default boolean isStraight() {
        return turning() == TurnSides.STRAIGHT;
    }

    /** Whether it can stand at several settings at once, the narrow ones within the wide. */
    default boolean nests() {
        return true;
    }

    /** How far apart the marks along its edges stand at most; empty where it has no edges to mark. */
    default Optional<CourseDimension> edgeSpacing() {
        return Optional.empty();
    }

    /** The choice of swinging out before or after a turn; empty where there is none. */
    default Optional<CourseOption> swingOut() {
        return Optional.empty();
    }

    /** The length that a time by the watch is taken over, so that it makes a speed; empty where none is. */
    default Optional<CourseDimension> timedLength() {
        return Optional.empty();
    }

    /** Whether riding it measures the machine's own circle. */
    default boolean measuresTurn() {
        return false;
    }

    /** What contradicts what, among settings each within its own limits. */
    default List<Finding> contradictions(CourseSettings settings) {
        return List.of();
    }

    /** The plan, its first turn to the left. Settings have been checked. */
    CoursePlan plan(CourseSettings settings);

    /** Which sides a kind is ridden to. */
    enum TurnSides {
        /** Straight on. */
        STRAIGHT,
        /** To one side; the other is its mirror image. */
        ONE_SIDE,
        /** To both sides in one run. */
        BOTH_SIDES
    }

    /** The dimension that the sizes turn. */
    default CourseDimension ladder() {
        return dimensions().stream().filter(CourseDimension::ladder).findFirst().orElseThrow();
    }
}
