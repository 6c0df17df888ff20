package wrenlane.server.ground.yard;

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
import wrenlane.units.LengthSystem;

/** Yards. */
@RestController
@RequestMapping("/api")
class YardController {
    private final YardService service;
    private final Creations creations;

    YardController(YardService service, Creations creations) {
        this.service = service;
        this.creations = creations;
    }

    /** Every stored yard, its outline adjusted to what was measured, in metres. */
    @GetMapping("/yards")
    List<YardResponse> listYards() {
        return service.all();
    }

    /** One yard. */
    @GetMapping("/yards/{id}")
    YardResponse getYard(@PathVariable long id) {
        return service.response(id);
    }

    /** Stores a new yard. */
    @PostMapping("/yards")
    @ResponseStatus(HttpStatus.CREATED)
    YardResponse createYard(
            @RequestHeader(name = Creations.HEADER, required = false) @Nullable String key,
            @Valid @RequestBody YardRequest request) {
        return creations.once(key, "yard", () -> service.create(request), YardResponse::id, service::response);
    }

    /** Stores a yard anew, as its version says it was read. */
    @PutMapping("/yards/{id}")
    YardResponse updateYard(
            @PathVariable long id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody YardRequest request) {
        return service.update(id, ExpectedVersion.of(ifMatch), request);
    }

    /** Takes a yard away; a problem says what it is in use by. */
    @DeleteMapping("/yards/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteYard(@PathVariable long id, @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch) {
        service.delete(id, ExpectedVersion.of(ifMatch));
    }

    /** What the measurements of a ground come to that is not stored yet. */
    @PostMapping("/calculations/yard-surveys")
    SurveyResponse surveyYard(@Valid @RequestBody GroundJson ground) {
        return SurveyResponse.of(ground);
    }

    /** What an outline comes to that is drawn by eye: its lengths to begin with, and the diagonals that hold it. */
    @PostMapping("/calculations/yard-sketches")
    SketchJson.SketchOutline sketchYard(
            @RequestParam(defaultValue = "METRIC") LengthSystem system, @Valid @RequestBody SketchJson sketch) {
        return sketch.drawn(system);
    }

    /** What obstacles and painted bays measure as a rule, to begin with. */
    @GetMapping("/yards/usual")
    UsualGround getUsualGround() {
        return UsualGround.get();
    }
}
