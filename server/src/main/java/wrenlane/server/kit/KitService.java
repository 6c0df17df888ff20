package wrenlane.server.kit;

import java.util.EnumMap;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wrenlane.course.ConeSort;

/** The kit as stored. */
@Service
public class KitService {
    private final KitMapper mapper;

    KitService(KitMapper mapper) {
        this.mapper = mapper;
    }

    public KitJson get() {
        Map<ConeSort, Integer> owned = new EnumMap<>(ConeSort.class);
        mapper.all().forEach(row -> owned.put(ConeSort.valueOf(row.sort()), row.owned()));
        return new KitJson(owned);
    }

    @Transactional
    public KitJson put(KitJson kit) {
        mapper.clear();
        kit.conesOwned().forEach((sort, owned) -> mapper.insert(new KitRow(sort.name(), owned)));
        return get();
    }
}
