package wrenlane.server.progress.opinion;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Service;
import wrenlane.finding.TypedText;
import wrenlane.server.course.NamedKind;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.storage.Storage;

/** Opinions as stored. */
@Service
public class OpinionService {
    private final OpinionMapper mapper;
    private final RiderService riders;
    private final Storage storage;
    private final Clock clock;

    OpinionService(OpinionMapper mapper, RiderService riders, Storage storage, Clock clock) {
        this.mapper = mapper;
        this.riders = riders;
        this.storage = storage;
        this.clock = clock;
    }

    /** What is held of a rider on a kind, in somebody's own words. */
    public Optional<String> words(long riderId, String kind) {
        return mapper.find(riderId, kind).map(OpinionRow::words).filter(words -> !words.isEmpty());
    }

    OpinionResponse get(long riderId, String kindId) {
        String kind = NamedKind.of(kindId).id();
        return storage.read(() -> {
            riders.get(riderId);
            return stored(riderId, kind);
        });
    }

    private OpinionResponse stored(long riderId, String kind) {
        return mapper.find(riderId, kind)
                .map(OpinionResponse::of)
                .orElseGet(() -> OpinionResponse.none(storage.leastVersion()));
    }

    OpinionResponse put(long riderId, String kindId, ExpectedVersion expected, String words) {
        String kind = NamedKind.of(kindId).id();
        return storage.write(() -> {
            riders.get(riderId);
            OpinionResponse there = stored(riderId, kind);
            expected.check(there.version(), () -> there, words);
            mapper.put(new OpinionRow(riderId, kind, there.version() + 1, TypedText.line(words), LocalDate.now(clock)));
            return stored(riderId, kind);
        });
    }
}
