package wrenlane.server.course;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.course.CourseDimension;
import wrenlane.course.UTurnBox;

/** Courses, and their evaluation. */
@RestController
@RequestMapping("/api")
class CourseController {
    private final CourseService service;
    private final EvaluationService evaluations;

    /**
     * A kind of course.
     *
     * @param dimensions with limits and defaults, in metres
     */
    record CourseKind(String kind, String label, List<CourseDimension> dimensions) {}

    CourseController(CourseService service, EvaluationService evaluations) {
        this.service = service;
        this.evaluations = evaluations;
    }

    @GetMapping("/course-kinds")
    List<CourseKind> listCourseKinds() {
        return List.of(new CourseKind(CourseRow.U_TURN_BOX, "U-turn box", UTurnBox.dimensions()));
    }

    @GetMapping("/courses")
    List<CourseResponse> listCourses() {
        return service.all();
    }

    @GetMapping("/courses/{id}")
    CourseResponse getCourse(@PathVariable long id) {
        return service.get(id);
    }

    @PostMapping("/courses")
    @ResponseStatus(HttpStatus.CREATED)
    CourseResponse createCourse(@Valid @RequestBody CourseRequest request) {
        return service.create(request);
    }

    @PutMapping("/courses/{id}")
    CourseResponse updateCourse(@PathVariable long id, @Valid @RequestBody CourseRequest request) {
        return service.update(id, request);
    }

    @DeleteMapping("/courses/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteCourse(@PathVariable long id) {
        service.delete(id);
    }

    /** Whether a course fits the machines and riders named, and by how much. Stores nothing. */
    @PostMapping("/course-evaluations")
    EvaluationResponse evaluateCourse(@Valid @RequestBody EvaluationRequest request) {
        return evaluations.evaluate(request);
    }
}
