package wrenlane.server.course.evaluation;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.riding.Ride;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.verdict.CourseFit;
import wrenlane.verdict.MistakeCost;
import wrenlane.verdict.SpeedWindow;
import wrenlane.verdict.SwingOutValue;

/**
 * What is looked at beside a course's verdict, each time the course is: kept, since the same question always has the same
 * answer, and the narrowest width with and without a swing takes a dozen searches.
 */
@Service
class CourseAnswers {
    /** Memory for the answers to one sort of question, in bytes. */
    private static final long MOST_BYTES = 2_000_000;

    /** The longest answer, what seven mistakes cost, in bytes: an estimate. */
    private static final int ANSWER_BYTES = 1_000;

    private final BoundedCache<CourseQuery, Optional<SwingOutValue>> swingOuts = kept();
    private final BoundedCache<CourseQuery, List<MistakeCost>> mistakes = kept();
    private final BoundedCache<CourseQuery, Optional<SpeedWindow>> windows = kept();
    private final EvaluationService evaluations;
    private final ComputeScheduler scheduler;

    CourseAnswers(EvaluationService evaluations, ComputeScheduler scheduler) {
        this.evaluations = evaluations;
        this.scheduler = scheduler;
    }

    private static <T> BoundedCache<CourseQuery, T> kept() {
        return BoundedCache.within(MOST_BYTES, of -> of.bytes() + ANSWER_BYTES);
    }

    private <T> T known(BoundedCache<CourseQuery, T> kept, CourseQuery of, String said, Supplier<T> computed) {
        return kept.get(of, () -> scheduler.whole(Priority.ONE, said, computed));
    }

    /** What swinging out buys; empty on kinds without a swing-out. */
    Optional<SwingOutValue> swingOut(Course course, Ride ride) {
        return known(
                swingOuts,
                new CourseQuery(course, ride),
                "what swinging out buys",
                () -> SwingOutValue.of(course, ride));
    }

    /** What mistakes cost at a speed in m/s, or at the one to ride at. */
    List<MistakeCost> mistakes(Course course, Ride ride, @Nullable Double speed) {
        return known(
                mistakes,
                new CourseQuery(course, ride, speed),
                "what mistakes cost",
                () -> MistakeCost.of(
                        course,
                        ride,
                        speed == null
                                ? CourseFit.ridden(evaluations.scan(course, ride))
                                : CourseFit.clearance(course, ride, speed).fit()));
    }

    /** The speeds the course can be ridden at; empty where it fits at none. */
    Optional<SpeedWindow> window(Course course, Ride ride) {
        return known(
                windows,
                new CourseQuery(course, ride),
                "the speeds of this course",
                () -> SpeedWindow.of(evaluations.scan(course, ride)));
    }
}
