package wrenlane.server.course;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.EdgeMarks;
import wrenlane.course.kind.CourseKinds;
import wrenlane.server.course.evaluation.PlanJson;
import wrenlane.server.platform.creation.Creations;
import wrenlane.server.platform.http.ArchivedRequest;
import wrenlane.server.platform.http.ExpectedVersion;

/** Courses as saved, and the kinds there are. */
@RestController
@RequestMapping("/api")
class CourseController {
    private final CourseService service;
    private final Creations creations;

    CourseController(CourseService service, Creations creations) {
        this.service = service;
        this.creations = creations;
    }

    /**
     * A kind of course.
     *
     * @param usual whether it is taken where none is chosen
     * @param measuresTurn whether riding it measures the machine's own circle
     * @param swingsOut whether swinging out can be chosen
     * @param dimensions with limits and standards, in metres or counts
     * @param options choices besides
     * @param start what a new course starts from
     */
    record CourseKindJson(
            String kind,
            String label,
            String purpose,
            boolean usual,
            boolean measuresTurn,
            boolean swingsOut,
            CourseKind.TurnSides turning,
            List<CourseDimension> dimensions,
            List<CourseOption> options,
            CourseRequest start) {
        static CourseKindJson of(CourseKind kind) {
            return new CourseKindJson(
                    kind.id(),
                    kind.label(),
                    kind.purpose(),
                    kind.equals(CourseKinds.usual()),
                    kind.measuresTurn(),
                    kind.swingOut().isPresent(),
                    kind.turning(),
                    kind.dimensions(),
                    kind.options(),
                    CourseRequest.fresh(kind));
        }
    }

    /** Every kind of course, with its dimensions in metres and a course to start from. */
    @GetMapping("/course-kinds")
    List<CourseKindJson> listCourseKinds() {
        return CourseKinds.all().stream().map(CourseKindJson::of).toList();
    }

    /**
     * A kind of course on the ground.
     *
     * @param kind which
     * @param plan what a new course starts from, to draw
     */
    record KindPlan(String kind, PlanJson plan) {
        static KindPlan of(CourseKind kind) {
            return new KindPlan(kind.id(), PlanJson.of(Course.fresh(kind)));
        }
    }

    /** Every kind of course on the ground, five times as long to read as what else there is to know of them. */
    @GetMapping("/course-kinds/plans")
    List<KindPlan> listKindPlans() {
        return CourseKinds.all().stream().map(KindPlan::of).toList();
    }

    /**
     * A course whose edges are to be marked.
     *
     * @param markers there are, if that is asked about
     */
    record EdgeMarkingRequest(
            @NotNull @Valid CourseRequest course,
            @Nullable @Min(0) @Max(2000) Integer markers) {}

    /**
     * How densely the edges of a course can be marked.
     *
     * @param dimension that is set for it; missing on a kind without edges
     * @param densities the densest first
     * @param withThem what the markers there are allow
     */
    record EdgeMarkingResponse(
            @Nullable String dimension, List<EdgeMarks> densities, EdgeMarks.@Nullable ReducedMarks withThem) {}

    /** How many markers a course takes with its edges marked fully, with few, or with as many as there are. */
    @PostMapping("/calculations/edge-markings")
    EdgeMarkingResponse findEdgeMarkings(@Valid @RequestBody EdgeMarkingRequest request) {
        Course course = request.course().course();
        Integer markers = request.markers();
        return new EdgeMarkingResponse(
                course.kind().edgeSpacing().map(CourseDimension::name).orElse(null),
                EdgeMarks.of(course),
                markers == null ? null : EdgeMarks.within(course, markers).orElse(null));
    }

    /** Every stored course, the archived ones too. */
    @GetMapping("/courses")
    List<CourseResponse> listCourses() {
        return service.responses();
    }

    /** One course. */
    @GetMapping("/courses/{id}")
    CourseResponse getCourse(@PathVariable long id) {
        return service.response(id);
    }

    /** Stores a new course. */
    @PostMapping("/courses")
    @ResponseStatus(HttpStatus.CREATED)
    CourseResponse createCourse(
            @RequestHeader(name = Creations.HEADER, required = false) @Nullable String key,
            @Valid @RequestBody CourseRequest request) {
        return creations.once(key, "course", () -> service.create(request), CourseResponse::id, service::response);
    }

    /** Stores a course anew, as its version says it was read. */
    @PutMapping("/courses/{id}")
    CourseResponse updateCourse(
            @PathVariable long id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody CourseRequest request) {
        return service.update(id, ExpectedVersion.of(ifMatch), request);
    }

    /** Archives a course that is no longer used, or restores it. */
    @PutMapping("/courses/{id}/archived")
    CourseResponse archiveCourse(
            @PathVariable long id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody ArchivedRequest request) {
        return service.archive(id, ExpectedVersion.of(ifMatch), request.archived());
    }

    /** Deletes a course; a problem says what uses it. */
    @DeleteMapping("/courses/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteCourse(@PathVariable long id, @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch) {
        service.delete(id, ExpectedVersion.of(ifMatch));
    }
}
