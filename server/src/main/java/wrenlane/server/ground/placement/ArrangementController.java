package wrenlane.server.ground.placement;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Courses on a yard. Stores nothing: the day keeps where they stand. */
@RestController
@RequestMapping("/api")
class ArrangementController {
    private final ArrangementService service;

    ArrangementController(ArrangementService service) {
        this.service = service;
    }

    /** Courses as they stand, and what is unsafe about it. */
    @PostMapping("/calculations/ground-plans")
    GroundPlanResponse judgeGroundPlan(@Valid @RequestBody GroundPlanRequest request) {
        return service.judge(request);
    }

    /** Places for one course of them where it shares cones with others that stand: the most shared first. */
    @PostMapping("/calculations/shared-places")
    List<SharedPlaceJson> findSharedPlaces(@RequestParam long courseId, @Valid @RequestBody GroundPlanRequest request) {
        return service.share(courseId, request);
    }

    /** Courses that stand in one another, each ridden among the tall cones of the others. */
    @PostMapping("/calculations/overlapping-courses")
    OverlapResponse rideAmongOthers(@Valid @RequestBody OverlapRequest request) {
        return service.among(request);
    }

    /** The same after a place was looked for, for each course that has none. */
    @PostMapping("/calculations/placings")
    GroundPlanResponse findPlaces(@Valid @RequestBody GroundPlanRequest request) {
        return service.find(request);
    }
}
