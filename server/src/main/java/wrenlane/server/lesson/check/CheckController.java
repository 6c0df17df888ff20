package wrenlane.server.lesson.check;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The briefing and safety check of a day. */
@RestController
@RequestMapping("/api/days/{dayId}/range-check")
class CheckController {
    private final CheckService service;

    CheckController(CheckService service) {
        this.service = service;
    }

    /** The briefing and safety check: what applies to this day, and what was seen to. */
    @GetMapping
    CheckResponse getRangeCheck(@PathVariable long dayId) {
        return service.get(dayId);
    }

    /** Notes items as seen to, or as passed over with a reason. */
    @PostMapping
    CheckResponse tickRangeCheck(@PathVariable long dayId, @Valid @RequestBody CheckJson check) {
        return service.tick(dayId, check);
    }

    /** Opens an item again. */
    @DeleteMapping("/{item}")
    CheckResponse untickRangeCheck(@PathVariable long dayId, @PathVariable String item) {
        return service.untick(dayId, item);
    }
}
