package wrenlane.server.course;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.course.CourseKind.Turning;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingPoint;
import wrenlane.server.reckoning.Weights;
import wrenlane.verdict.Ladder;
import wrenlane.verdict.TightestSetting;

/**
 * What each machine can do on each course, kept: it takes a dozen searches to find, and does not change while the
 * ladder's own dimension is dragged.
 */
@Service
public class CourseLimits {
    /** Memory for each of the two, in bytes. */
    private static final long MOST_BYTES = 6_000_000;

    /** A course but for its ladder's dimension, which is put at its standard. */
    private record LimitOf(Course course, MachineTurn turn) {}

    private record NeedOf(Course course, Ride ride) {}

    private final Cache<LimitOf, Optional<TightestSetting>> limits = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .weigher((LimitOf of, Optional<TightestSetting> limit) -> Weights.of(of.course()))
            .build();
    private final Cache<NeedOf, Optional<TightestSetting>> needs = Caffeine.newBuilder()
            .maximumWeight(MOST_BYTES)
            .weigher((NeedOf of, Optional<TightestSetting> need) -> Weights.of(of.course()))
            .build();

    /**
     * The machine's own limit on a course to a side, in metres: tightness 1.00. Where the machine can't do the course at
     * any setting, the largest setting there is.
     */
    public double limitMetres(Course course, MachineTurn turn, Side side) {
        boolean alike = RidingPoint.machineLimit(turn, Side.LEFT).curvatureLimit()
                == RidingPoint.machineLimit(turn, Side.RIGHT).curvatureLimit();
        boolean otherSide = course.kind().turning() == Turning.ONE_SIDE && course.firstTurn() != side && !alike;
        Course here = otherSide ? course.mirrored() : course;
        return limits.get(new LimitOf(standard(here), turn), of -> TightestSetting.ofMachine(of.course(), of.turn()))
                .map(TightestSetting::metres)
                .orElse(course.kind().ladder().max());
    }

    /** The limit to both sides together, in metres. */
    public double limitMetres(Course course, MachineTurn turn) {
        return Math.max(limitMetres(course, turn, Side.LEFT), limitMetres(course, turn, Side.RIGHT));
    }

    /** The rungs of a machine on a course, both sides together. */
    public Ladder ladder(Course course, MachineTurn turn) {
        return Ladder.of(limitMetres(course, turn), course.kind().ladder());
    }

    /** The tightest setting for a rider at their lowest speed, as the course is set; empty where none fits. */
    Optional<TightestSetting> need(Course course, Ride ride) {
        return needs.get(
                new NeedOf(standard(course), ride),
                of -> TightestSetting.of(of.course(), of.course().kind().ladder(), of.ride()));
    }

    /** The same course for every setting of its ladder, unless the others contradict the standard one. */
    private static Course standard(Course course) {
        double standard = course.kind().ladder().standard();
        return course.settings()
                        .with(course.kind().ladder(), standard)
                        .check(course.kind())
                        .isEmpty()
                ? course.with(course.kind().ladder(), standard)
                : course;
    }
}
