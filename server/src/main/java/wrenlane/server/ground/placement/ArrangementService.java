package wrenlane.server.ground.placement;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import wrenlane.course.NamedCourse;
import wrenlane.course.NestedCourse;
import wrenlane.course.plan.Cone;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.id.CourseId;
import wrenlane.server.course.CourseService;
import wrenlane.server.course.CourseSetup;
import wrenlane.server.ground.placement.GroundPlanRequest.PlacedCourse;
import wrenlane.server.ground.placement.GroundPlanResponse.PlacedCone;
import wrenlane.server.ground.placement.GroundPlanResponse.PlacedCourseJson;
import wrenlane.server.ground.placement.GroundPlanResponse.SharedConesJson;
import wrenlane.server.ground.placement.OverlapResponse.CourseWithCones;
import wrenlane.server.ground.yard.YardService;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.yard.Caution;
import wrenlane.yard.CourseGround;
import wrenlane.yard.CoursePlacement;
import wrenlane.yard.GroundPlan;
import wrenlane.yard.PlacedGround;
import wrenlane.yard.SharedCones;
import wrenlane.yard.SharedPlace;
import wrenlane.yard.Yard;
import wrenlane.yard.YardArrangement;

/** Judges and finds places for courses on a yard. */
@Service
public class ArrangementService {
    private final YardService yards;
    private final CourseService courses;
    private final OverlapService rides;
    private final ComputeScheduler scheduler;

    ArrangementService(YardService yards, CourseService courses, OverlapService rides, ComputeScheduler scheduler) {
        this.rides = rides;
        this.yards = yards;
        this.courses = courses;
        this.scheduler = scheduler;
    }

    /** Days whose cautions are kept: every page asks for them, and they change only when somebody moves something. */
    private static final int DAYS_KEPT = 8;

    private record YardInput(
            Yard yard, List<SizedCourse> courses, Map<CourseId, CoursePlacement> placements, boolean novices) {}

    /** A course at all sizes it is set up at. */
    public record SizedCourse(CourseId id, String name, NestedCourse course) {}

    private final Cache<YardInput, List<Caution>> cautions =
            Caffeine.newBuilder().maximumSize(DAYS_KEPT).build();

    /** A stored course on its way to a place. */
    private record PlacementCandidate(SizedCourse course, CourseGround ground, Optional<CoursePlacement> stand) {
        Optional<PlacedGround> standing() {
            return stand.map(ground::at);
        }
    }

    /** The courses that have a place, as they stand. */
    GroundPlanResponse judge(GroundPlanRequest request) {
        Yard yard = yard(request);
        List<PlacementCandidate> placed = placed(request);
        return scheduler.whole(
                Priority.DRAGGED,
                "how safely these courses stand",
                () -> response(yard, placed, request.novices(), List.of(), false));
    }

    /** The same after a place was looked for, for each course without one. */
    GroundPlanResponse find(GroundPlanRequest request) {
        Yard yard = yard(request);
        List<PlacementCandidate> placed = placed(request);
        List<PlacementCandidate> open =
                placed.stream().filter(p -> p.stand().isEmpty()).toList();
        YardArrangement placing = scheduler.whole(
                Priority.ONE,
                "places for these courses",
                () -> YardArrangement.find(
                        yard,
                        standing(placed),
                        open.stream().map(PlacementCandidate::ground).toList()));
        List<PlacementCandidate> all = new ArrayList<>();
        int next = 0;
        for (PlacementCandidate p : placed) {
            all.add(
                    p.stand().isPresent()
                            ? p
                            : new PlacementCandidate(
                                    p.course(), p.ground(), placing.stands().get(next++)));
        }
        return response(yard, all, request.novices(), placing.findings(), placing.unfinished());
    }

    /**
     * What to mind about a day's courses on its yard: those that do not suit it, and what is unsafe about where they stand.
     *
     * @param placements of those that lie there from the start
     */
    public List<Caution> cautions(
            Yard yard, List<SizedCourse> courses, Map<CourseId, CoursePlacement> placements, boolean novices) {
        YardInput asked = new YardInput(yard, List.copyOf(courses), Map.copyOf(placements), novices);
        List<Caution> known = cautions.getIfPresent(asked);
        if (known == null) {
            known = scheduler.whole(Priority.ONE, "how safely the courses stand", () -> cautions(asked));
            cautions.put(asked, known);
        }
        return known;
    }

    private static List<Caution> cautions(YardInput asked) {
        List<Caution> found = new ArrayList<>();
        List<PlacedGround> standing = new ArrayList<>();
        for (SizedCourse c : asked.courses()) {
            asked.yard()
                    .cautionsFor(c.course().plan().area())
                    .forEach(caution ->
                            found.add(new Caution(caution.code(), Sentence.of("%s: %s", c.name(), caution.message()))));
            Optional.ofNullable(asked.placements().get(c.id()))
                    .ifPresent(place ->
                            standing.add(CourseGround.of(c.name(), c.course()).at(place)));
        }
        new GroundPlan(asked.yard(), standing)
                .findings(asked.novices())
                .forEach(f -> found.add(new Caution(f.code(), f.message())));
        return List.copyOf(found);
    }

    private Yard yard(GroundPlanRequest request) {
        return yards.get(request.yardId()).yard();
    }

    private List<PlacementCandidate> placed(GroundPlanRequest request) {
        return placed(request.courses());
    }

    private List<PlacementCandidate> placed(List<PlacedCourse> asked) {
        Checks checks = new Checks();
        for (PlacedCourse c : asked) {
            if (c.stand() != null) {
                checks.addAll(c.stand().check("courses." + c.courseId()));
            }
        }
        RefusedException.unlessNone(checks);
        return asked.stream()
                .map(c -> {
                    NamedCourse course = courses.get(c.courseId());
                    NestedCourse nested = CourseSetup.nested(course.course(), c.activeSizes());
                    return new PlacementCandidate(
                            new SizedCourse(course.id(), course.name(), nested),
                            CourseGround.of(course.name(), nested),
                            Optional.ofNullable(c.stand()).map(PlacementJson::stand));
                })
                .toList();
    }

    private static List<PlacedGround> standing(List<PlacementCandidate> placed) {
        return placed.stream().flatMap(p -> p.standing().stream()).toList();
    }

    private static GroundPlanResponse response(
            Yard yard, List<PlacementCandidate> placed, boolean novices, List<Finding> more, boolean unfinished) {
        GroundPlan plan = new GroundPlan(yard, standing(placed));
        List<Finding> findings = new ArrayList<>(more);
        findings.addAll(plan.findings(novices));
        return new GroundPlanResponse(
                placed.stream()
                        .flatMap(p -> p.standing().stream().map(s -> json(p, s)))
                        .toList(),
                plan.courses().isEmpty() ? null : plan.waiting().orElse(null),
                shared(placed),
                SharedCones.markers(plan.courses()),
                findings,
                unfinished);
    }

    private static List<SharedConesJson> shared(List<PlacementCandidate> placed) {
        List<SharedConesJson> shared = new ArrayList<>();
        List<PlacementCandidate> standing =
                placed.stream().filter(p -> p.stand().isPresent()).toList();
        for (int i = 0; i < standing.size(); i++) {
            for (PlacementCandidate other : standing.subList(i + 1, standing.size())) {
                PlacementCandidate one = standing.get(i);
                List<SharedCones.SharedCone> cones = SharedCones.between(
                        one.standing().orElseThrow(), other.standing().orElseThrow());
                if (!cones.isEmpty()) {
                    shared.add(new SharedConesJson(
                            one.course().id().value(), other.course().id().value(), cones));
                }
            }
        }
        return shared;
    }

    /** Places for one of the courses where it shares cones with others that stand. */
    List<SharedPlaceJson> share(long courseId, GroundPlanRequest request) {
        Yard yard = yard(request);
        List<PlacementCandidate> placed = placed(request);
        PlacementCandidate course = placed.stream()
                .filter(p -> p.course().id().value() == courseId)
                .findFirst()
                .orElseThrow(() -> RefusedException.of(
                        "no-such-course", "courseId", "That course is not among those on this yard."));
        List<PlacementCandidate> others = placed.stream()
                .filter(p -> p != course && p.stand().isPresent())
                .toList();
        return scheduler
                .whole(
                        Priority.ONE,
                        "places with shared cones",
                        () -> SharedPlace.find(
                                yard,
                                standing(others),
                                course.ground(),
                                course.stand().orElse(NOWHERE)))
                .stream()
                .map(place -> new SharedPlaceJson(
                        others.get(place.with()).course().id().value(), place.cones(), PlacementJson.of(place.stand())))
                .toList();
    }

    /** Where a course is taken to be that stands nowhere. */
    private static final CoursePlacement NOWHERE = new CoursePlacement(0, 0, 0);

    /** Each course with tall cones of others on its ground, ridden among them. */
    OverlapResponse among(OverlapRequest request) {
        List<PlacementCandidate> standing = placed(request.courses()).stream()
                .filter(p -> p.stand().isPresent())
                .toList();
        List<PlacedGround> all = standing(standing);
        List<CourseWithCones> asked = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            List<Cone> others = SharedCones.amongWhich(all.get(i), all);
            if (!others.isEmpty()) {
                asked.add(new CourseWithCones(standing.get(i).course(), others));
            }
        }
        return rides.ridden(asked, request.rides(), request.yardId());
    }

    private static PlacedCourseJson json(PlacementCandidate p, PlacedGround s) {
        return new PlacedCourseJson(
                p.course().id().value(),
                s.name(),
                PlacementJson.of(s.stand()),
                s.area(),
                s.runOut(),
                s.way(),
                p.course().course().plan().cones().stream()
                        .map(c ->
                                new PlacedCone(c.label(), c.marker(), s.stand().toYard(c.centre())))
                        .toList());
    }
}
