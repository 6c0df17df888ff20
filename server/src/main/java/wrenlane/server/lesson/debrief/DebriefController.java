package wrenlane.server.lesson.debrief;

import jakarta.validation.Valid;
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

/** The debrief of a day. */
@RestController
@RequestMapping("/api/days/{dayId}/debrief")
class DebriefController {
    private final DebriefService service;
    private final DebriefTexts texts;

    DebriefController(DebriefService service, DebriefTexts texts) {
        this.service = service;
        this.texts = texts;
    }

    /** What each rider of the day is told, computed from the runs. */
    @GetMapping
    DebriefResponse getDebrief(@PathVariable long dayId, @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return service.get(dayId, system);
    }

    /** Puts what a rider is told in the instructor's own words; empty, what is computed holds again. */
    @PutMapping("/{riderId}")
    DebriefText putDebrief(
            @PathVariable long dayId,
            @PathVariable long riderId,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody DebriefText.DebriefTextRequest said) {
        return texts.put(dayId, riderId, ExpectedVersion.of(ifMatch), said);
    }
}
