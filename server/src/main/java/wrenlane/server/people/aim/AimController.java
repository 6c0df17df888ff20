package wrenlane.server.people.aim;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.platform.http.ExpectedVersion;

/** How often a run should be clean. */
@RestController
@RequestMapping("/api/aim")
class AimController {
    private final AimService service;

    /** What is aimed at, as it is asked for. */
    record AimRequest(@NotNull @Min(50) @Max(95) Integer cleanPercent) {}

    AimController(AimService service) {
        this.service = service;
    }

    /** How often a run should be clean, in percent. */
    @GetMapping
    AimResponse getAim() {
        return service.get();
    }

    /** Sets how often a run should be clean. */
    @PutMapping
    AimResponse putAim(@RequestHeader(HttpHeaders.IF_MATCH) String ifMatch, @Valid @RequestBody AimRequest request) {
        return service.put(ExpectedVersion.of(ifMatch), request);
    }
}
