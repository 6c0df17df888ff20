package wrenlane.server.lesson.group;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.platform.http.VisibleText;
import wrenlane.units.LengthSystem;

/** A day's riders side by side. */
@RestController
@RequestMapping("/api/days/{dayId}")
class GroupController {
    private final GroupService service;

    /** The day to be planned. */
    record NextDayRequest(
            @NotNull LocalDate date,
            @VisibleText @Size(max = 80) String title) {}

    GroupController(GroupService service) {
        this.service = service;
    }

    /** Everybody of the day side by side: estimates, weak side and what comes next. */
    @GetMapping("/group")
    GroupResponse getGroup(@PathVariable long dayId, @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return service.group(dayId, system);
    }

    /** The day that was made. */
    record NextDayResponse(long id) {}

    /** Makes the day after: the same yard, courses and riders, standing at the settings proposed. */
    @PostMapping("/next-day")
    @ResponseStatus(HttpStatus.CREATED)
    NextDayResponse createNextDay(
            @PathVariable long dayId,
            @RequestParam(defaultValue = "METRIC") LengthSystem system,
            @Valid @RequestBody NextDayRequest request) {
        return new NextDayResponse(service.next(dayId, request, system));
    }
}
