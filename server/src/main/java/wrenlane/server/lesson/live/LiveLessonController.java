package wrenlane.server.lesson.live;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.units.LengthSystem;

/** The lesson while it is given. */
@RestController
@RequestMapping("/api/days/{dayId}/running")
class LiveLessonController {
    private final LiveLessonService service;

    LiveLessonController(LiveLessonService service) {
        this.service = service;
    }

    /** Where the lesson is while it is given. */
    @GetMapping
    LiveLessonResponse getRunningLesson(@PathVariable long dayId) {
        return service.get(dayId);
    }

    /** Begins the lesson, goes on to the next step, pauses, lets a rider skip, leave or come. */
    @PostMapping
    LiveLessonResponse changeLesson(
            @PathVariable long dayId,
            @RequestParam(defaultValue = "METRIC") LengthSystem system,
            @Valid @RequestBody LiveAction act) {
        return service.act(dayId, act, system);
    }
}
