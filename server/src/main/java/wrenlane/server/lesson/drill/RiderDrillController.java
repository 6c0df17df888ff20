package wrenlane.server.lesson.drill;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Where riders stand on the stages. */
@RestController
@RequestMapping("/api")
class RiderDrillController {
    private final RiderDrillService service;
    private final MasteredDrills mastered;
    private final DrillsOfDayService ofDay;

    RiderDrillController(RiderDrillService service, MasteredDrills mastered, DrillsOfDayService ofDay) {
        this.service = service;
        this.mastered = mastered;
        this.ofDay = ofDay;
    }

    /** The standing of several riders, each on the machine ridden. */
    @PostMapping("/calculations/drill-mastery")
    List<RiderDrills> findDrillMastery(@Valid @RequestBody MasteryRequest request) {
        return service.masteryOfDrills(request);
    }

    /** Drills that each rider of a day can ride, on its courses and on none. */
    @GetMapping("/days/{dayId}/drills")
    List<DrillsOfRider> listDrillsOfDay(@PathVariable long dayId) {
        return ofDay.of(dayId);
    }

    /** What the range asks of one rider on a drill without a course: its runs of the day, and how far it is mastered. */
    @GetMapping("/days/{dayId}/riders/{riderId}/drills/{drillId}/range")
    DrillRange getDrillRange(
            @PathVariable long dayId,
            @PathVariable long riderId,
            @PathVariable String drillId,
            @RequestParam long machineId) {
        return service.onRange(dayId, riderId, machineId, drillId);
    }

    /** Notes that a rider has shown a drill on a machine. */
    @PutMapping("/riders/{riderId}/machines/{machineId}/drills/{drillId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void markMastered(@PathVariable long riderId, @PathVariable long machineId, @PathVariable String drillId) {
        mastered.master(riderId, machineId, drillId);
    }

    /** Takes that back. */
    @DeleteMapping("/riders/{riderId}/machines/{machineId}/drills/{drillId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unmarkMastered(@PathVariable long riderId, @PathVariable long machineId, @PathVariable String drillId) {
        mastered.unmaster(riderId, machineId, drillId);
    }
}
