package wrenlane.server.lesson;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.finding.Finding;
import wrenlane.server.lesson.check.CheckJson;
import wrenlane.server.lesson.check.CheckResponse;
import wrenlane.server.lesson.check.CheckService;
import wrenlane.server.lesson.live.RunningAct;
import wrenlane.server.lesson.live.RunningResponse;
import wrenlane.server.lesson.live.RunningService;
import wrenlane.server.platform.http.Expected;
import wrenlane.units.LengthSystem;

/** The running order of a day. */
@RestController
@RequestMapping("/api/days/{dayId}")
class LessonController {
    private final LessonService service;
    private final CheckService checks;
    private final StopService stops;
    private final RunningService running;
    private final MoveService moves;

    LessonController(
            LessonService service, CheckService checks, StopService stops, RunningService running, MoveService moves) {
        this.moves = moves;
        this.running = running;
        this.service = service;
        this.checks = checks;
        this.stops = stops;
    }

    /** The running order of the day. */
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
        return service.put(dayId, Expected.of(ifMatch), settings, system);
    }

    /** Where the lesson is while it is given. */
    @GetMapping("/running")
    RunningResponse getRunningLesson(@PathVariable long dayId) {
        return running.get(dayId);
    }

    /** Begins the lesson, goes on to the next step, pauses, lets a rider skip, leave or come. */
    @PostMapping("/running")
    RunningResponse runLesson(
            @PathVariable long dayId,
            @RequestParam(defaultValue = "METRIC") LengthSystem system,
            @Valid @RequestBody RunningAct act) {
        return running.act(dayId, act, system);
    }

    /** What it takes to have a course stand at other settings for one rider, and when it is best done. */
    @GetMapping("/courses/{courseId}/move")
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
    List<Finding> watchStopRules(@PathVariable long dayId) {
        return stops.watch(dayId);
    }

    /** The briefing and range check: what applies to this day, and what was seen to. */
    @GetMapping("/range-check")
    CheckResponse getRangeCheck(@PathVariable long dayId) {
        return checks.get(dayId);
    }

    /** Notes items as seen to, or as passed over with a reason. */
    @PostMapping("/range-check")
    CheckResponse tickRangeCheck(@PathVariable long dayId, @Valid @RequestBody CheckJson check) {
        return checks.tick(dayId, check);
    }

    /** Opens an item again. */
    @DeleteMapping("/range-check/{item}")
    CheckResponse untickRangeCheck(@PathVariable long dayId, @PathVariable String item) {
        return checks.untick(dayId, item);
    }
}
