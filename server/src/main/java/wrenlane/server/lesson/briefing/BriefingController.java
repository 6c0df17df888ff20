package wrenlane.server.lesson.briefing;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.units.LengthSystem;

/** The briefing of a day. */
@RestController
class BriefingController {
    private final BriefingService service;

    BriefingController(BriefingService service) {
        this.service = service;
    }

    /** The day on one page: what to bring, what is not ready, who rides what. */
    @GetMapping("/api/days/{id}/briefing")
    BriefingResponse getBriefing(@PathVariable long id, @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return service.briefing(id, system);
    }
}
