package wrenlane.server.progress.run;

import jakarta.validation.Valid;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Runs. */
@RestController
@RequestMapping("/api/runs")
class RunController {
    private final RunService service;

    RunController(RunService service) {
        this.service = service;
    }

    /** Stores a run under the id the page made; sending it again changes nothing. */
    @PutMapping("/{id}")
    RunResponse putRun(@PathVariable String id, @Valid @RequestBody RunRequest request) {
        return RunResponse.of(service.put(id, request));
    }

    /**
     * Undoes a run.
     *
     * @param device the name of the device it is undone on
     */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void withdrawRun(@PathVariable String id, @RequestParam(defaultValue = "") String device) {
        service.withdraw(id, device);
    }
}
