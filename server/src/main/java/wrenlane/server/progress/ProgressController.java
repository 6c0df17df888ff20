package wrenlane.server.progress;

import jakarta.validation.Valid;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.units.LengthSystem;

/** A rider's progress over all days, and chances on a course. */
@RestController
@RequestMapping("/api")
class ProgressController {
    private final ProgressService service;
    private final ChanceService chances;

    ProgressController(ProgressService service, ChanceService chances) {
        this.chances = chances;
        this.service = service;
    }

    /** A rider's progress on one kind of course; where none is named, on the usual one or the first ridden. */
    @GetMapping("/riders/{id}/progress")
    ProgressResponse getProgress(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable String kind,
            @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return service.progress(id, kind, system);
    }

    /** Chances of a clean run on a course as it is set, in the order of the riders asked about. */
    @PostMapping("/calculations/clean-chances")
    List<ChanceJson> findCleanChances(@Valid @RequestBody ChancesRequest request) {
        return chances.chances(request);
    }
}
