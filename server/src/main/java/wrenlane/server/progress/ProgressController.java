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
import wrenlane.server.progress.comparison.CompareService;
import wrenlane.server.progress.comparison.DaysCompared;
import wrenlane.server.progress.mistake.MistakeService;
import wrenlane.server.progress.mistake.MistakesMade;
import wrenlane.server.progress.range.RangeResponse;
import wrenlane.server.progress.range.RangeService;
import wrenlane.units.LengthSystem;

/** A rider's progress over all days, and standing on one. */
@RestController
@RequestMapping("/api")
class ProgressController {
    private final ProgressService service;
    private final RangeService range;
    private final CompareService comparing;
    private final ChanceService chances;
    private final MistakeService mistakes;

    ProgressController(
            ProgressService service,
            RangeService range,
            CompareService comparing,
            ChanceService chances,
            MistakeService mistakes) {
        this.mistakes = mistakes;
        this.chances = chances;
        this.comparing = comparing;
        this.service = service;
        this.range = range;
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
    @PostMapping("/clean-chances")
    List<ChanceJson> cleanChances(@Valid @RequestBody ChancesRequest request) {
        return chances.chances(request);
    }

    /** What the mistakes that hold a rider back cost in room, at the setting last ridden. */
    @GetMapping("/riders/{id}/progress/mistakes")
    MistakesMade getMistakesMade(@PathVariable long id, @RequestParam String kind) {
        return mistakes.costs(id, kind);
    }

    /** Two days with runs on a kind, side by side. */
    @GetMapping("/riders/{id}/progress/days")
    DaysCompared compareDays(
            @PathVariable long id, @RequestParam String kind, @RequestParam long from, @RequestParam long to) {
        return comparing.compare(id, kind, from, to);
    }

    /** What the range asks of one rider on one course: runs of the day, chances in 100 and the next step. */
    @GetMapping("/days/{dayId}/riders/{riderId}/range")
    RangeResponse getRange(
            @PathVariable long dayId,
            @PathVariable long riderId,
            @RequestParam long courseId,
            @RequestParam long machineId,
            @RequestParam(required = false) @Nullable Double settingMetres,
            @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return range.range(dayId, riderId, courseId, machineId, settingMetres, system);
    }
}
