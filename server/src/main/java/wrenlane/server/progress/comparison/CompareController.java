package wrenlane.server.progress.comparison;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Two days of a rider. */
@RestController
@RequestMapping("/api/riders/{id}/progress/days")
class CompareController {
    private final CompareService service;

    CompareController(CompareService service) {
        this.service = service;
    }

    /** Two days with runs on a kind, side by side. */
    @GetMapping
    DayComparison compareDays(
            @PathVariable long id, @RequestParam String kind, @RequestParam long from, @RequestParam long to) {
        return service.compare(id, kind, from, to);
    }
}
