package wrenlane.server.progress;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Service;
import wrenlane.course.CourseKind;
import wrenlane.machine.Side;
import wrenlane.progress.CleanChance;
import wrenlane.rider.Rider;
import wrenlane.server.course.NamedKind;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.storage.Storage;

/** The chances of riders wherever a course is judged for them. */
@Service
class ChanceService {
    private final RiderSizesService sizesOfRiders;
    private final RiderService riders;
    private final Estimates estimates;
    private final Storage storage;
    private final ComputeScheduler scheduler;

    ChanceService(
            RiderSizesService sizesOfRiders,
            RiderService riders,
            Estimates estimates,
            Storage storage,
            ComputeScheduler scheduler) {
        this.sizesOfRiders = sizesOfRiders;
        this.riders = riders;
        this.estimates = estimates;
        this.storage = storage;
        this.scheduler = scheduler;
    }

    private record ChanceInput(ChancesRequest.ChanceRider on, Rider rider, RiderRuns latest) {}

    /** Of a clean run, to the side where it is less, for each rider in the order asked. */
    List<ChanceJson> chances(ChancesRequest request) {
        CourseKind kind = NamedKind.of(request.kind());
        List<ChanceInput> read = storage.read(() -> request.riders().stream()
                .map(on -> new ChanceInput(on, riders.get(on.riderId()), sizesOfRiders.latest(on.riderId(), kind)))
                .toList());
        return scheduler.whole(
                Priority.ONE,
                "the chances of these riders",
                () -> read.stream().map(this::chance).toList());
    }

    private ChanceJson chance(ChanceInput read) {
        Map<Side, CleanChance> known =
                estimates.of(read.rider().level(), read.latest(), read.latest().runs());
        return read.on().difficulty().entrySet().stream()
                .map(e -> ChanceJson.of(Objects.requireNonNull(known.get(e.getKey())), e.getValue()))
                .min(Comparator.comparingDouble(ChanceJson::chance))
                .orElseThrow();
    }
}
