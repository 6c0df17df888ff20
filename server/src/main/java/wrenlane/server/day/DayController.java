package wrenlane.server.day;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.creation.Creations;
import wrenlane.server.http.Expected;
import wrenlane.units.LengthSystem;

/** Days, and the briefing of each. */
@RestController
@RequestMapping("/api/days")
class DayController {
    private final DayService service;
    private final BriefingService briefings;
    private final StandingService standing;
    private final Creations creations;

    DayController(DayService service, BriefingService briefings, StandingService standing, Creations creations) {
        this.service = service;
        this.briefings = briefings;
        this.standing = standing;
        this.creations = creations;
    }

    /** Every day. */
    @GetMapping
    List<DayResponse> listDays() {
        return service.all();
    }

    /** One day. */
    @GetMapping("/{id}")
    DayResponse getDay(@PathVariable long id) {
        return service.get(id);
    }

    /** The day on one page: what to bring, what is not ready, who rides what. */
    @GetMapping("/{id}/briefing")
    BriefingResponse getBriefing(@PathVariable long id, @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return briefings.briefing(id, system);
    }

    /** Cones of the day's courses that are another's, too, where they stand: laid once for both. */
    @GetMapping("/{id}/shared-cones")
    List<AlsoCone> listSharedCones(@PathVariable long id) {
        return standing.also(id);
    }

    /** What a course stands at, who rides which of it, and what would serve most; or the same for other settings. */
    @GetMapping("/{id}/courses/{courseId}/standing")
    StandingResponse getStanding(
            @PathVariable long id,
            @PathVariable long courseId,
            @RequestParam(required = false) @Nullable List<@NotNull Double> at,
            @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return standing.standing(id, courseId, at, system);
    }

    /** Stores a new day. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    DayResponse createDay(
            @RequestHeader(name = Creations.HEADER, required = false) @Nullable String key,
            @Valid @RequestBody DayRequest request) {
        return creations.once(key, "day", () -> service.create(request), DayResponse::id, service::get);
    }

    /** Stores a day anew, as its version says it was read. */
    @PutMapping("/{id}")
    DayResponse updateDay(
            @PathVariable long id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody DayRequest request) {
        return service.update(id, Expected.of(ifMatch), request);
    }

    /** Takes a day away; a problem says what of it is in use. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteDay(@PathVariable long id, @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch) {
        service.delete(id, Expected.of(ifMatch));
    }
}
