package wrenlane.server.platform.version;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/**
 * Reads stamps. Ask within the same {@link wrenlane.server.platform.storage.Storage#read} as for the thing itself, so that both are
 * of one state of the data.
 */
@Service
public class Stamps {
    /** What has stamps. */
    public enum Aggregate {
        /** All runs of a rider, by the rider's number. */
        RUNS_OF_RIDER,

        /** A machine with its figures and circles. */
        MACHINE,

        /** A course with its dimensions, counts and options. */
        COURSE
    }

    private final StampMapper mapper;

    Stamps(StampMapper mapper) {
        this.mapper = mapper;
    }

    /** What one thing is now. */
    public Stamp of(Aggregate what, long id) {
        return of(what, List.of(id)).getOrDefault(id, new Stamp(id, ""));
    }

    /** What several things are now, by their ids; those that never were are left out. */
    public Map<Long, Stamp> of(Aggregate what, Collection<Long> ids) {
        return ids.isEmpty()
                ? Map.of()
                : mapper.find(what.name(), ids).stream()
                        .collect(Collectors.toMap(StampRow::id, row -> new Stamp(row.id(), row.stamp())));
    }
}
