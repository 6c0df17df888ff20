package wrenlane.server.day;

import jakarta.validation.Valid;
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
import wrenlane.server.platform.creation.Creations;
import wrenlane.server.platform.http.ExpectedVersion;

/** Days. */
@RestController
@RequestMapping("/api/days")
class DayController {
    private final DayService service;
    private final Creations creations;

    DayController(DayService service, Creations creations) {
        this.service = service;
        this.creations = creations;
    }

    /**
     * Days, the newest first, a hundred at once.
     *
     * @param before id of a day: those before it
     */
    @GetMapping
    List<DayResponse> listDays(@RequestParam(required = false) @Nullable Long before) {
        return service.page(before).stream().map(DayResponse::of).toList();
    }

    /** One day. */
    @GetMapping("/{id}")
    DayResponse getDay(@PathVariable long id) {
        return response(id);
    }

    /** Stores a new day. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    DayResponse createDay(
            @RequestHeader(name = Creations.HEADER, required = false) @Nullable String key,
            @Valid @RequestBody DayRequest request) {
        return creations.once(key, "day", () -> response(service.create(request)), DayResponse::id, this::response);
    }

    /** Stores a day anew, as its version says it was read. */
    @PutMapping("/{id}")
    DayResponse updateDay(
            @PathVariable long id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody DayRequest request) {
        return DayResponse.of(service.update(id, ExpectedVersion.of(ifMatch), request));
    }

    /** Takes a day away; a problem says what of it is in use. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteDay(@PathVariable long id, @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch) {
        service.delete(id, ExpectedVersion.of(ifMatch));
    }

    private DayResponse response(long id) {
        return DayResponse.of(service.edition(id));
    }
}
