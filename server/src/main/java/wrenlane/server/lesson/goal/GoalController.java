package wrenlane.server.lesson.goal;

import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.units.LengthSystem;

/** What a rider wants to be able to ride. */
@RestController
@RequestMapping("/api/riders/{id}/goal")
class GoalController {
    private final GoalService service;

    /**
     * What is asked for.
     *
     * @param goal missing to take it away
     */
    record GoalRequest(@Nullable @Valid GoalJson goal) {}

    GoalController(GoalService service) {
        this.service = service;
    }

    /** What a rider wants to reach, how far they are, and a programme of lessons where a day is set. */
    @GetMapping
    GoalResponse getGoal(@PathVariable long id, @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return service.get(id, system);
    }

    /** Sets what a rider wants to reach. */
    @PutMapping
    GoalResponse putGoal(
            @PathVariable long id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @RequestParam(defaultValue = "METRIC") LengthSystem system,
            @Valid @RequestBody GoalRequest request) {
        return service.put(id, ExpectedVersion.of(ifMatch), request.goal(), system);
    }
}
