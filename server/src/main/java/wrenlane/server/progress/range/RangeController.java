package wrenlane.server.progress.range;

import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.units.LengthSystem;

/** One rider on one course of a day. */
@RestController
@RequestMapping("/api/days/{dayId}/riders/{riderId}/range")
class RangeController {
    private final RangeService service;

    RangeController(RangeService service) {
        this.service = service;
    }

    /** What the range asks of one rider on one course: runs of the day, chances in 100 and the next step. */
    @GetMapping
    RangeResponse getRange(
            @PathVariable long dayId,
            @PathVariable long riderId,
            @RequestParam long courseId,
            @RequestParam long machineId,
            @RequestParam(required = false) @Nullable Double settingMetres,
            @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return service.range(dayId, riderId, courseId, machineId, settingMetres, system);
    }
}
