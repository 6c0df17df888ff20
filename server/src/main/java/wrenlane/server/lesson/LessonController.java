package wrenlane.server.lesson;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.finding.Finding;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.units.LengthSystem;

/** The lesson plan of a day. */
@RestController
@RequestMapping("/api/days/{dayId}")
class LessonController {
    private final LessonService service;
    private final StopService stops;
    private final MoveService moves;

    LessonController(LessonService service, StopService stops, MoveService moves) {
        this.moves = moves;
        this.service = service;
        this.stops = stops;
    }

    /** The lesson plan of the day. */
    @GetMapping("/lesson")
    LessonResponse getLesson(@PathVariable long dayId, @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return service.get(dayId, system);
    }

    /** Lessons to begin from; none where nobody takes part. */
    @GetMapping("/lesson-templates")
    List<TemplateJson> listLessonTemplates(@PathVariable long dayId) {
        return service.templates(dayId);
    }

    /** Says what the lesson is planned from. */
    @PutMapping("/lesson")
    LessonResponse putLesson(
            @PathVariable long dayId,
            @RequestParam(defaultValue = "METRIC") LengthSystem system,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody LessonSettings settings) {
        return service.put(dayId, ExpectedVersion.of(ifMatch), settings, system);
    }

    /** What it takes to have a course stand at other settings for one rider, and when it is best done. */
    @GetMapping("/courses/{courseId}/changeover-moment")
    MoveCost getMoveCost(
            @PathVariable long dayId,
            @PathVariable long courseId,
            @RequestParam long riderId,
            @RequestParam List<@NotNull Double> to,
            @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return moves.cost(dayId, courseId, riderId, to, system);
    }

    /** What speaks for stopping now, or for a rest: drops, and riding too long in this weather. */
    @GetMapping("/stop-rules")
    List<Finding> checkStopRules(@PathVariable long dayId) {
        return stops.watch(dayId);
    }
}
