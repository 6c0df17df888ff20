package wrenlane.server.kit;

import java.util.EnumMap;
import java.util.Map;
import org.springframework.stereotype.Service;
import wrenlane.course.plan.ConeSort;
import wrenlane.server.http.Expected;
import wrenlane.server.storage.Storage;

/** The kit as stored. */
@Service
public class KitService {
    private final KitMapper mapper;
    private final Storage storage;

    KitService(KitMapper mapper, Storage storage) {
        this.mapper = mapper;
        this.storage = storage;
    }

    public KitResponse get() {
        return storage.read(() -> {
            Map<ConeSort, Integer> owned = new EnumMap<>(ConeSort.class);
            mapper.all().forEach(row -> owned.put(ConeSort.valueOf(row.sort()), row.owned()));
            return new KitResponse(mapper.version(), owned);
        });
    }

    KitResponse put(Expected expected, KitJson kit) {
        return storage.write(() -> {
            expected.check(mapper.version(), this::get, kit);
            return put(kit);
        });
    }

    /** Counts it anew, whatever was counted before: as a file says that is brought in. */
    public KitResponse put(KitJson kit) {
        return storage.write(() -> {
            mapper.countUp();
            mapper.clear();
            kit.conesOwned().forEach((sort, owned) -> mapper.insert(new KitRow(sort.name(), owned)));
            return get();
        });
    }
}
