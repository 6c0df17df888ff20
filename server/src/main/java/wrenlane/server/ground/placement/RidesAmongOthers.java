package wrenlane.server.ground.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import wrenlane.course.Course;
import wrenlane.course.plan.Cone;
import wrenlane.riding.Ride;
import wrenlane.server.course.evaluation.EvaluationService;
import wrenlane.server.course.evaluation.RiddenCourse;
import wrenlane.server.ground.placement.AmongRequest.RidesThere;
import wrenlane.server.ground.placement.AmongResponse.AmongOthers;
import wrenlane.server.ground.placement.AmongResponse.CourseAmong;
import wrenlane.server.ground.placement.AmongResponse.FitAmong;
import wrenlane.server.platform.calculation.Kept;
import wrenlane.server.platform.calculation.Rank;
import wrenlane.server.platform.calculation.Reckoning;
import wrenlane.verdict.CourseFit;

/** Judges courses among the cones of others, for everybody who would ride them. */
@Component
class RidesAmongOthers {
    /** Memory for fits, in bytes: those of the largest day. */
    private static final long MOST_BYTES = 24_000_000;

    /** What a cone of another course takes beside the course's own, in bytes. */
    private static final int CONE_BYTES = 100;

    private final EvaluationService evaluations;
    private final Reckoning reckoning;

    /** A large day is asked for again until all of it is there: what was reckoned then is not reckoned again. */
    private final Kept<RiddenCourse, FitAmong> fits = Kept.within(MOST_BYTES, RidesAmongOthers::bytes);

    RidesAmongOthers(EvaluationService evaluations, Reckoning reckoning) {
        this.evaluations = evaluations;
        this.reckoning = reckoning;
    }

    /** Each course at every setting it stands at, for every machine and level once. */
    AmongResponse ridden(List<AmongOthers> courses, List<RidesThere> rides, long yardId) {
        List<RidesThere> apart = rides.stream().distinct().toList();
        List<Supplier<FitAmong>> asked = new ArrayList<>();
        for (AmongOthers among : courses) {
            for (Course course : among.course().course().courses()) {
                for (RidesThere who : apart) {
                    Ride ride = evaluations.ride(who.machineId(), who.limits(), yardId);
                    Course there = course.among(among.cones());
                    asked.add(() -> fits.get(new RiddenCourse(there, ride), () -> fit(there, who, ride))
                            .riddenBy(who));
                }
            }
        }
        List<Optional<FitAmong>> reckoned = asked.isEmpty() ? List.of() : reckoning.parts(Rank.MANY, asked);
        List<CourseAmong> found = new ArrayList<>();
        int next = 0;
        for (AmongOthers among : courses) {
            int size = among.course().course().courses().size() * apart.size();
            found.add(new CourseAmong(
                    among.course().id().value(),
                    among.course().name(),
                    among.cones().stream().map(Cone::label).toList(),
                    reckoned.subList(next, next + size).stream()
                            .flatMap(Optional::stream)
                            .toList()));
            next += size;
        }
        return new AmongResponse(found, reckoned.stream().anyMatch(Optional::isEmpty));
    }

    private static int bytes(RiddenCourse of) {
        return of.bytes() + CONE_BYTES * of.course().others().size();
    }

    private static FitAmong fit(Course course, RidesThere who, Ride ride) {
        CourseFit fit = CourseFit.roomOnly(course, ride);
        String tightest = fit.roomiest().binding().keep().name();
        return new FitAmong(
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
