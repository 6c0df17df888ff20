package wrenlane.server.progress.run;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was logged on a day. */
@RestController
@RequestMapping("/api/days/{dayId}/runs")
class DayRunsController {
    private final RunService service;

    DayRunsController(RunService service) {
        this.service = service;
    }

    /** All that was logged on a day, the newest first, with what was corrected and undone, when, and on which device. */
    @GetMapping
    List<RunHistoryResponse> listRunsOfDay(@PathVariable long dayId) {
        return service.historiesOfDay(dayId).stream()
                .map(RunHistoryResponse::of)
                .toList();
    }
}
