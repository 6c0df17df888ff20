package wrenlane.server.lesson.teaching;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.drill.TeachingChange;
import wrenlane.drill.TeachingChoice;
import wrenlane.machine.Transmission;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;
import wrenlane.server.platform.http.ExpectedVersion;

/** Schools, the choices beside them, and what another way of teaching would change. */
@RestController
@RequestMapping("/api")
class TeachingController {
    private final TeachingService service;

    TeachingController(TeachingService service) {
        this.service = service;
    }

    /** A school with what its practitioners say for it and what it asks in return. */
    record MethodText(RidingMethod school, String label, String summary, String forIt, String asks) {}

    /** An answer to a question beside the school. */
    record ChoiceText(TeachingChoice choice, String label, String forIt, String asks) {}

    /** A question beside the school. */
    record QuestionText(TeachingChoice.Question question, String label, List<ChoiceText> answers) {}

    /** All there is to choose from. */
    record TeachingOptions(List<MethodText> schools, List<QuestionText> questions) {}

    /** A way of teaching. */
    record TeachingWay(
            @NotNull RidingMethod school, @NotNull Set<@NotNull TeachingChoice> choices) {}

    /** Two ways to compare, for a machine and a level. */
    record ChangesRequest(
            @NotNull @Valid TeachingWay from,
            @NotNull @Valid TeachingWay to,
            @NotNull Transmission transmission,
            @NotNull RiderLevel level) {}

    /** Riding methods with what speaks for each, and the choices there are. */
    @GetMapping("/teaching-options")
    TeachingOptions listTeachingOptions() {
        return new TeachingOptions(
                Arrays.stream(RidingMethod.values())
                        .map(s -> new MethodText(s, s.label(), s.summary(), s.forIt(), s.asks()))
                        .toList(),
                Arrays.stream(TeachingChoice.Question.values())
                        .map(TeachingController::question)
                        .toList());
    }

    private static QuestionText question(TeachingChoice.Question question) {
        return new QuestionText(
                question,
                question.label(),
                Arrays.stream(TeachingChoice.values())
                        .filter(c -> c.question() == question)
                        .map(c -> new ChoiceText(c, c.label(), c.forIt(), c.asks()))
                        .toList());
    }

    /** How the school teaches: the choices it made. */
    @GetMapping("/teaching")
    TeachingResponse getTeaching() {
        return service.get();
    }

    /** Makes these choices, all at once. */
    @PutMapping("/teaching")
    TeachingResponse putTeaching(
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch, @Valid @RequestBody TeachingJson teaching) {
        return service.put(ExpectedVersion.of(ifMatch), teaching);
    }

    /** What another way of teaching changes, drill by drill. */
    @PostMapping("/calculations/teaching-changes")
    List<TeachingChange> findTeachingChanges(@Valid @RequestBody ChangesRequest request) {
        return service.changes(request);
    }

    /** How warm each school makes a machine's clutch, against a slow ride on the clutch alone: an estimate. */
    @GetMapping("/machines/{id}/clutch-heat")
    List<TeachingService.MethodHeat> getClutchHeat(@PathVariable long id) {
        return service.heat(id);
    }
}
