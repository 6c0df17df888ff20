package wrenlane.server.ground.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import wrenlane.course.Course;
import wrenlane.course.plan.Cone;
import wrenlane.riding.Ride;
import wrenlane.server.course.evaluation.CourseQuery;
import wrenlane.server.course.evaluation.EvaluationService;
import wrenlane.server.ground.placement.OverlapRequest.OverlapRider;
import wrenlane.server.ground.placement.OverlapResponse.CourseWithCones;
import wrenlane.server.ground.placement.OverlapResponse.OverlapCourse;
import wrenlane.server.ground.placement.OverlapResponse.OverlapFit;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.verdict.CourseFit;

/** Judges courses among the cones of others, for everybody who would ride them. */
@Component
class OverlapService {
    /** Memory for fits, in bytes: those of the largest day. */
    private static final long MOST_BYTES = 24_000_000;

    /** What a cone of another course takes beside the course's own, in bytes. */
    private static final int CONE_BYTES = 100;

    private final EvaluationService evaluations;
    private final ComputeScheduler scheduler;

    /** A large day is asked for again until all of it is there: what was computed then is not computed again. */
    private final BoundedCache<CourseQuery, OverlapFit> fits = BoundedCache.within(MOST_BYTES, OverlapService::bytes);

    OverlapService(EvaluationService evaluations, ComputeScheduler scheduler) {
        this.evaluations = evaluations;
        this.scheduler = scheduler;
    }

    /** Each course at every setting it stands at, for every machine and level once. */
    OverlapResponse ridden(List<CourseWithCones> courses, List<OverlapRider> rides, long yardId) {
        List<OverlapRider> apart = rides.stream().distinct().toList();
        List<Supplier<OverlapFit>> asked = new ArrayList<>();
        for (CourseWithCones among : courses) {
            for (Course course : among.course().course().courses()) {
                for (OverlapRider who : apart) {
                    Ride ride = evaluations.ride(who.machineId(), who.limits(), yardId);
                    Course there = course.among(among.cones());
                    asked.add(() -> fits.get(new CourseQuery(there, ride), () -> fit(there, who, ride))
                            .riddenBy(who));
                }
            }
        }
        List<Optional<OverlapFit>> computed = asked.isEmpty() ? List.of() : scheduler.parts(Priority.MANY, asked);
        List<OverlapCourse> found = new ArrayList<>();
        int next = 0;
        for (CourseWithCones among : courses) {
            int size = among.course().course().courses().size() * apart.size();
            found.add(new OverlapCourse(
                    among.course().id().value(),
                    among.course().name(),
                    among.cones().stream().map(Cone::label).toList(),
                    computed.subList(next, next + size).stream()
                            .flatMap(Optional::stream)
                            .toList()));
            next += size;
        }
        return new OverlapResponse(found, computed.stream().anyMatch(Optional::isEmpty));
    }

    private static int bytes(CourseQuery of) {
        return of.bytes() + CONE_BYTES * of.course().others().size();
    }

    private static OverlapFit fit(Course course, OverlapRider who, Ride ride) {
        CourseFit fit = CourseFit.clearanceOnly(course, ride);
        String tightest = fit.roomiest().binding().keep().name();
        return new OverlapFit(
                who.machineId(),
                who.level(),
                who.mostLeanRadians(),
                course.settingMetres(),
                fit.answer(),
                fit.spare().metres(),
                fit.spareCapped(),
                fit.left().rollingSpeed().orElse(null),
                tightest,
                course.others().stream().anyMatch(cone -> cone.label().equals(tightest)));
    }
}
