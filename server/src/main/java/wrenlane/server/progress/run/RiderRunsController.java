package wrenlane.server.progress.run;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.people.rider.RiderService;

/** What a rider rode in all lessons. */
@RestController
@RequestMapping("/api/riders/{id}/ridden")
class RiderRunsController {
    private final RunRepository service;
    private final RiderService riders;

    RiderRunsController(RunRepository service, RiderService riders) {
        this.service = service;
        this.riders = riders;
    }

    /** On each machine, the one last ridden first. */
    @GetMapping
    List<MachineRuns> listMachinesRidden(@PathVariable long id) {
        riders.get(id);
        return service.byMachine(id);
    }
}
