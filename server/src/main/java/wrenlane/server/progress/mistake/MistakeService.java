package wrenlane.server.progress.mistake;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import wrenlane.coaching.FaultCause;
import wrenlane.course.CourseKind;
import wrenlane.riding.Ride;
import wrenlane.server.course.NamedKind;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.ProgressService;
import wrenlane.server.progress.history.KindHistory;
import wrenlane.server.progress.history.KindHistoryReader;
import wrenlane.verdict.CourseFit;
import wrenlane.verdict.MistakeCost;
import wrenlane.verdict.MistakeCost.Mistake;
import wrenlane.verdict.SpeedScan;

/** What the mistakes that hold a rider back cost in room, where they last rode. */
@Service
class MistakeService {
    private final KindHistoryReader histories;
    private final Storage storage;
    private final ComputeScheduler scheduler;

    MistakeService(KindHistoryReader histories, Storage storage, ComputeScheduler scheduler) {
        this.histories = histories;
        this.storage = storage;
        this.scheduler = scheduler;
    }

    /** For the machine and the course last ridden, at the setting last ridden; none where nothing holds back. */
    MistakeReport costs(long riderId, String kindId) {
        CourseKind kind = NamedKind.of(kindId);
        KindHistory read = storage.read(() -> histories.read(riderId, Optional.of(kind)));
        Set<Mistake> made = ProgressService.heldBack(read).stream()
                .map(FaultCause::mistake)
                .flatMap(Optional::stream)
                .collect(Collectors.toSet());
        if (made.isEmpty() || read.machine().isEmpty()) {
            return MistakeReport.NONE;
        }
        double settingMetres = read.course().settings().of(kind.ladder());
        Ride ride = Ride.firm(read.machine().get().turn(), read.rider().limits());
        List<MistakeCost> costs = scheduler.whole(
                Priority.ONE,
                "what mistakes cost",
                () -> MistakeCost.of(read.course(), ride, CourseFit.ridden(new SpeedScan(read.course(), ride))));
        return new MistakeReport(
                settingMetres,
                costs.stream().filter(c -> made.contains(c.mistake())).toList());
    }
}
