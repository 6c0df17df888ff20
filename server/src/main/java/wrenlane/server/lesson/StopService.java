package wrenlane.server.lesson;

import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import wrenlane.coaching.StopRules;
import wrenlane.coaching.StopRules.CountedRun;
import wrenlane.finding.Finding;
import wrenlane.run.Fault;
import wrenlane.run.Run;
import wrenlane.server.day.DayService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.run.RunRepository;

/** Watches a day: what speaks for stopping, or for a rest. */
@Service
class StopService {
    private final DayService days;
    private final RunRepository runs;
    private final RiderService riders;
    private final LessonReader lessons;
    private final Storage storage;
    private final Clock clock;

    StopService(
            DayService days,
            RunRepository runs,
            RiderService riders,
            LessonReader lessons,
            Storage storage,
            Clock clock) {
        this.days = days;
        this.runs = runs;
        this.riders = riders;
        this.lessons = lessons;
        this.storage = storage;
        this.clock = clock;
    }

    /** Everything that speaks for stopping now, the gravest first. */
    List<Finding> watch(long dayId) {
        return storage.read(() -> {
            days.get(dayId);
            Map<Long, String> names = new HashMap<>();
            List<CountedRun> today = runs.ofDay(dayId).stream()
                    .map(r -> ridden(
                            r,
                            names.computeIfAbsent(
                                    r.riderId().value(), id -> riders.get(id).name())))
                    .toList();
            return StopRules.USUAL.watch(
                    today, lessons.settings(dayId).weather().longestMinutes(), clock.instant());
        });
    }

    private static CountedRun ridden(Run run, String rider) {
        return new CountedRun(rider, run.at(), run.faults().contains(Fault.DROP));
    }
}
