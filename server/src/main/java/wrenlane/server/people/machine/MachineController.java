package wrenlane.server.people.machine;

import jakarta.validation.Valid;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.machine.MachineClass;
import wrenlane.server.platform.creation.Creations;
import wrenlane.server.platform.http.ExpectedVersion;

/** Machines, and what they can do. */
@RestController
@RequestMapping("/api")
class MachineController {
    private final MachineService service;
    private final Creations creations;

    MachineController(MachineService service, Creations creations) {
        this.service = service;
        this.creations = creations;
    }

    /** Classes of machine with their typical figures, in metres and radians. */
    @GetMapping("/machine-classes")
    List<MachineClassResponse> listMachineClasses() {
        return MachineClass.all().stream().map(MachineClassResponse::of).toList();
    }

    /** Every stored machine, with how tightly it turns. */
    @GetMapping("/machines")
    List<MachineResponse> listMachines() {
        return service.responses();
    }

    /** One machine. */
    @GetMapping("/machines/{id}")
    MachineResponse getMachine(@PathVariable long id) {
        return service.response(id);
    }

    /** Stores a new machine. */
    @PostMapping("/machines")
    @ResponseStatus(HttpStatus.CREATED)
    MachineResponse createMachine(
            @RequestHeader(name = Creations.HEADER, required = false) @Nullable String key,
            @Valid @RequestBody MachineRequest request) {
        return creations.once(key, "machine", () -> service.create(request), MachineResponse::id, service::response);
    }

    /** Stores a machine anew, as its version says it was read. */
    @PutMapping("/machines/{id}")
    MachineResponse updateMachine(
            @PathVariable long id,
            @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch,
            @Valid @RequestBody MachineRequest request) {
        return service.update(id, ExpectedVersion.of(ifMatch), request);
    }

    /** Takes a machine away; a problem says what it is in use by. */
    @DeleteMapping("/machines/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteMachine(@PathVariable long id, @RequestHeader(HttpHeaders.IF_MATCH) String ifMatch) {
        service.delete(id, ExpectedVersion.of(ifMatch));
    }

    /** What a machine could do, without storing it. */
    @PostMapping("/calculations/machine-evaluations")
    TurnReport evaluateMachine(@Valid @RequestBody MachineRequest request) {
        return TurnReport.of(request.turn());
    }
}
