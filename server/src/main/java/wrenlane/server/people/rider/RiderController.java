package wrenlane.server.people.rider;

import jakarta.validation.Valid;
import java.util.Arrays;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.rider.Reach;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RiderLimits;
import wrenlane.rider.RidingMethod;
import wrenlane.server.platform.creation.Creations;
import wrenlane.server.platform.http.ArchivedRequest;
import wrenlane.server.platform.http.ExpectedVersion;

/** Riders, and the levels and schools there are. */
@RestController
@RequestMapping("/api")
class RiderController {
    private final RiderService service;
    private final Creations creations;

    /** A level with the limits that go with it: estimates. */
    record LevelOption(RiderLevel level, RiderLimits limits) {}

    /** A school with what it does. */
    record MethodOption(RidingMethod school, String label, String summary) {}

    /** How far feet may come to the ground, as what reaches it. */
    record ReachOption(Reach reach, String label) {}

    /** What a rider may be. */
    record RiderOptions(List<LevelOption> levels, List<MethodOption> schools, List<ReachOption> reaches) {}

    RiderController(RiderService service, Creations creations) {
        this.service = service;
        this.creations = creations;
    }

    /** Levels, riding methods and what else a rider can be described by. */
    @GetMapping("/rider-options")
    RiderOptions listRiderOptions() {
        return new RiderOptions(
                Arrays.stream(RiderLevel.values())
                        .map(l -> new LevelOption(l, l.limits()))
                        .toList(),
                Arrays.stream(RidingMethod.values())
                        .map(s -> new MethodOption(s, s.label(), s.summary()))
                        .toList(),
                Arrays.stream(Reach.values())
                        .map(r -> new ReachOption(r, r.label()))
                        .toList());
    }

    /** Every rider, those no longer taught marked as such. */
    @GetMapping("/riders")
    List<RiderResponse> listRiders() {
        return service.editions().stream().map(RiderResponse::of).toList();
    }

    /** One rider. */
    @GetMapping("/riders/{id}")
    RiderResponse getRider(@PathVariable long id) {
        return response(id);
    }

    /** Stores a new rider. */
    @PostMapping("/riders")
    @ResponseStatus(HttpStatus.CREATED)
    RiderResponse createRider(
            @RequestHeader(name = Creations.HEADER, required = false) @Nullable String key,
            @Valid @RequestBody RiderRequest request) {
        return creations.once(key, "rider", () -> response(service.create(request)), RiderResponse::id, this::response);
    }

    /** Stores a rider anew, as its version says it was read. */
    @PutMapping("/riders/{id}")
    RiderResponse updateRider(
            @PathVariable long id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody RiderRequest request) {
        return RiderResponse.of(service.update(id, ExpectedVersion.of(ifMatch), request));
    }

    /** Archives a rider who is no longer taught, or restores them. */
    @PutMapping("/riders/{id}/archived")
    RiderResponse archiveRider(
            @PathVariable long id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody ArchivedRequest request) {
        return RiderResponse.of(service.archive(id, ExpectedVersion.of(ifMatch), request.archived()));
    }

    /** Takes a rider away of whom nothing is stored; a problem says what is. */
    @DeleteMapping("/riders/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteRider(@PathVariable long id, @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch) {
        service.delete(id, ExpectedVersion.of(ifMatch));
    }

    private RiderResponse response(long id) {
        return RiderResponse.of(service.edition(id));
    }
}
