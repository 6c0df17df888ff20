package wrenlane.server.people.aim;

import org.springframework.stereotype.Service;
import wrenlane.coaching.Aim;
import wrenlane.server.people.aim.AimController.AimRequest;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.storage.Storage;

/** What is aimed at, as stored. */
@Service
public class AimService {
    private static final double PERCENT = 100;

    private final AimMapper mapper;
    private final Storage storage;

    AimService(AimMapper mapper, Storage storage) {
        this.mapper = mapper;
        this.storage = storage;
    }

    AimResponse get() {
        return mapper.get();
    }

    /** For the core to propose sizes by. */
    public Aim aim() {
        return new Aim(get().cleanPercent() / PERCENT);
    }

    AimResponse put(ExpectedVersion expected, AimRequest request) {
        return storage.write(() -> {
            expected.check(get().version(), this::get, request);
            mapper.put(request.cleanPercent());
            return get();
        });
    }
}
