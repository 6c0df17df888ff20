package wrenlane.server.people.rider;

import java.util.List;
import org.springframework.stereotype.Service;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.platform.http.Expected;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.reference.Uses;
import wrenlane.server.platform.storage.Storage;

/** Riders as stored. */
@Service
public class RiderService {
    private final RiderMapper mapper;
    private final MachineService machines;
    private final Uses uses;
    private final Storage storage;

    RiderService(RiderMapper mapper, MachineService machines, Uses uses, Storage storage) {
        this.mapper = mapper;
        this.machines = machines;
        this.uses = uses;
        this.storage = storage;
    }

    public List<RiderResponse> all() {
        return mapper.all().stream().map(RiderRow::response).toList();
    }

    public RiderResponse get(long id) {
        return mapper.find(id).map(RiderRow::response).orElseThrow(() -> new NotFoundException("rider", id));
    }

    /** Whether there is one. */
    public boolean isThere(long id) {
        return mapper.find(id).isPresent();
    }

    public RiderResponse create(RiderRequest request) {
        return storage.write(() -> {
            check(request);
            return get(mapper.insert(RiderRow.of(null, request)));
        });
    }

    RiderResponse update(long id, Expected expected, RiderRequest request) {
        return storage.write(() -> {
            RiderResponse stored = get(id);
            expected.check(stored.version(), () -> stored, request);
            check(request);
            mapper.update(RiderRow.of(id, request));
            return get(id);
        });
    }

    /** Puts somebody away who comes no more, or brings them back; all that is kept of them stays. */
    RiderResponse archive(long id, Expected expected, boolean archived) {
        return storage.write(() -> {
            RiderResponse stored = get(id);
            expected.check(stored.version(), () -> stored);
            mapper.archive(id, archived);
            return get(id);
        });
    }

    void delete(long id, Expected expected) {
        storage.change(() -> {
            RiderResponse stored = get(id);
            expected.check(stored.version(), () -> stored);
            uses.noneOfRider(id);
            mapper.delete(id);
        });
    }

    private void check(RiderRequest request) {
        Long machineId = request.machineId();
        if (machineId != null && !machines.isThere(machineId)) {
            throw RefusedException.of(
                    "no-such-machine", "machineId", "The machine usually ridden is not there. Choose another.");
        }
    }
}
