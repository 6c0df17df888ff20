package wrenlane.server.people.rider;

import java.util.List;
import org.springframework.stereotype.Service;
import wrenlane.id.RiderId;
import wrenlane.rider.Rider;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.reference.Uses;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.platform.version.Edition;

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

    public List<Rider> all() {
        return mapper.all().stream().map(RiderRow::rider).toList();
    }

    List<Edition<Rider>> editions() {
        return mapper.all().stream().map(RiderRow::edition).toList();
    }

    public Rider get(long id) {
        return row(id).rider();
    }

    public Rider get(RiderId id) {
        return get(id.value());
    }

    /** A rider with their version. */
    public Edition<Rider> edition(long id) {
        return row(id).edition();
    }

    private RiderRow row(long id) {
        return mapper.find(id).orElseThrow(() -> new NotFoundException("rider", id));
    }

    /** Whether there is one. */
    public boolean isThere(long id) {
        return mapper.find(id).isPresent();
    }

    /** Stores a rider, and returns the new id. */
    public long create(RiderRequest request) {
        return storage.write(() -> {
            check(request);
            return mapper.insert(RiderRow.of(null, request));
        });
    }

    Edition<Rider> update(long id, ExpectedVersion expected, RiderRequest request) {
        return storage.write(() -> {
            check(id, expected, request);
            check(request);
            mapper.update(RiderRow.of(id, request));
            return edition(id);
        });
    }

    /** Archives a rider who is no longer taught, or brings them back; their records stay. */
    Edition<Rider> archive(long id, ExpectedVersion expected, boolean archived) {
        return storage.write(() -> {
            check(id, expected);
            mapper.archive(id, archived);
            return edition(id);
        });
    }

    void delete(long id, ExpectedVersion expected) {
        storage.change(() -> {
            check(id, expected);
            uses.noneOfRider(id);
            mapper.delete(id);
        });
    }

    /** Refuses to change a rider whom somebody else changed since; call it while the writer is held. */
    public void check(long id, ExpectedVersion expected, Object... wanted) {
        Edition<Rider> stored = edition(id);
        expected.check(stored.version(), () -> RiderResponse.of(stored), wanted);
    }

    private void check(RiderRequest request) {
        Long machineId = request.machineId();
        if (machineId != null && !machines.isThere(machineId)) {
            throw RefusedException.of(
                    "no-such-machine", "machineId", "The machine usually ridden is not there. Choose another.");
        }
    }
}
