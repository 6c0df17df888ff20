package wrenlane.server.lesson.size;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.units.LengthSystem;

/** The sizes a day's courses are set up at, and the cones they share. */
@RestController
@RequestMapping("/api/days/{id}")
class DaySizeController {
    private final DaySizeService service;

    DaySizeController(DaySizeService service) {
        this.service = service;
    }

    /** Cones of the day's courses that are another's, too, where they stand: laid once for both. */
    @GetMapping("/shared-cones")
    List<SharedConeName> listSharedCones(@PathVariable long id) {
        return service.also(id);
    }

    /** What a course stands at, who rides which of it, and what would serve most; or the same for other settings. */
    @GetMapping("/courses/{courseId}/sizes")
    DaySizeResponse getActiveSizes(
            @PathVariable long id,
            @PathVariable long courseId,
            @RequestParam(required = false) @Nullable List<@NotNull Double> at,
            @RequestParam(defaultValue = "METRIC") LengthSystem system) {
        return service.riderSizes(id, courseId, at, system);
    }
}
