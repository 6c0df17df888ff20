package wrenlane.server.day.tick;

import jakarta.validation.constraints.Pattern;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Which cones of a course are on the ground on a day. */
@RestController
@RequestMapping("/api/days/{dayId}/courses/{courseId}/ticks")
class TickController {
    /** What the label of a cone can be, as the sheet has it. */
    private static final String LABEL = "[0-9A-Za-z]{1,8}";

    private final TickService service;

    TickController(TickService service) {
        this.service = service;
    }

    /** Labels of the cones that stand. */
    @GetMapping
    List<String> listTicks(@PathVariable long dayId, @PathVariable long courseId) {
        return service.labels(dayId, courseId);
    }

    /** A cone stands. */
    @PutMapping("/{label}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putTick(
            @PathVariable long dayId,
            @PathVariable long courseId,
            @PathVariable @Pattern(regexp = LABEL) String label) {
        service.put(dayId, courseId, label, true);
    }

    /** A cone does not stand any more, or was ticked by mistake. */
    @DeleteMapping("/{label}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteTick(
            @PathVariable long dayId,
            @PathVariable long courseId,
            @PathVariable @Pattern(regexp = LABEL) String label) {
        service.put(dayId, courseId, label, false);
    }
}
