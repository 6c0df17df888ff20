package wrenlane.server.progress.cause;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.coaching.Causes;
import wrenlane.server.platform.http.ExpectedVersion;

/** What faults come from. */
@RestController
@RequestMapping("/api/causes")
class CauseController {
    private final CauseService service;

    /** The whole table as it is to hold. */
    record CausesRequest(
            @NotNull @Size(max = Causes.MOST_ROWS) List<@NotNull @Valid CauseJson> rows) {}

    CauseController(CauseService service) {
        this.service = service;
    }

    /** Faults with the causes to look for, as this school words them. */
    @GetMapping
    CausesResponse getCauses() {
        return service.get();
    }

    /** Words them anew, all at once. */
    @PutMapping
    CausesResponse putCauses(
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch, @Valid @RequestBody CausesRequest request) {
        return service.put(ExpectedVersion.of(ifMatch), request.rows());
    }

    /** Puts the table back as it came. */
    @DeleteMapping
    CausesResponse restoreCauses(@RequestHeader(HttpHeaders.IF_MATCH) String ifMatch) {
        return service.restore(ExpectedVersion.of(ifMatch));
    }
}
