package wrenlane.server.progress.opinion;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.platform.http.ExpectedVersion;

/** What an instructor holds to be behind a rider's faults. */
@RestController
@RequestMapping("/api/riders/{id}/opinions/{kind}")
class OpinionController {
    private final OpinionService service;

    /**
     * What is held.
     *
     * @param words none to take it away
     */
    record OpinionRequest(@NotNull @Size(max = 200) String words) {}

    OpinionController(OpinionService service) {
        this.service = service;
    }

    /** What the instructor holds of a rider on a kind of course, beside the estimate. */
    @GetMapping
    OpinionResponse getOpinion(@PathVariable long id, @PathVariable String kind) {
        return service.get(id, kind);
    }

    /** Sets what the instructor holds. */
    @PutMapping
    OpinionResponse putOpinion(
            @PathVariable long id,
            @PathVariable String kind,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody OpinionRequest request) {
        return service.put(id, kind, ExpectedVersion.of(ifMatch), request.words());
    }
}
