package wrenlane.server.drill;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Where riders stand on the stages. */
@RestController
@RequestMapping("/api")
class RiderDrillController {
    private final RiderDrillService service;

    RiderDrillController(RiderDrillService service) {
        this.service = service;
    }

    /** The standing of several riders, each on the machine ridden. */
    @PostMapping("/drill-standings")
    List<RiderDrills> drillStandings(@Valid @RequestBody StandingsRequest request) {
        return service.standings(request);
    }

    /** Notes that a rider has shown a drill on a machine. */
    @PutMapping("/riders/{riderId}/machines/{machineId}/drills/{drillId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void master(@PathVariable long riderId, @PathVariable long machineId, @PathVariable String drillId) {
        service.master(riderId, machineId, drillId);
    }

    /** Takes that back. */
    @DeleteMapping("/riders/{riderId}/machines/{machineId}/drills/{drillId}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void unmaster(@PathVariable long riderId, @PathVariable long machineId, @PathVariable String drillId) {
        service.unmaster(riderId, machineId, drillId);
    }
}
