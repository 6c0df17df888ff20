package wrenlane.server.progress.practice;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What riders practised alone. */
@RestController
@RequestMapping("/api/riders/{id}/practice")
class PracticeController {
    private final PracticeService service;

    PracticeController(PracticeService service) {
        this.service = service;
    }

    /** On a kind, the latest first. */
    @GetMapping
    List<PracticeResponse> listPractice(@PathVariable long id, @RequestParam String kind) {
        return service.all(id, kind);
    }

    /** Logs what a rider practised alone, in minutes and runs. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PracticeResponse logPractice(@PathVariable long id, @Valid @RequestBody PracticeJson request) {
        return service.log(id, request);
    }

    /** Takes practice away that was logged. */
    @DeleteMapping("/{practiceId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deletePractice(@PathVariable long id, @PathVariable long practiceId) {
        service.delete(id, practiceId);
    }
}
