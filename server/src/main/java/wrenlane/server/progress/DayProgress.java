package wrenlane.server.progress;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import wrenlane.coaching.Debrief;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.id.DayId;
import wrenlane.machine.Side;
import wrenlane.machine.Transmission;
import wrenlane.progress.Tally;
import wrenlane.progress.Trend;
import wrenlane.rider.Rider;
import wrenlane.server.progress.ProgressResponse.ProgressDay;
import wrenlane.server.progress.ProgressResponse.ShownRun;
import wrenlane.server.progress.history.KindHistory;
import wrenlane.server.progress.history.KindHistoryReader;
import wrenlane.server.progress.run.RunRepository;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.SizeLadder;

/** What is known of a rider's day, for whoever tells them of it. */
@Service
public class DayProgress {
    private final RunRepository runs;
    private final KindHistoryReader histories;
    private final ProgressService progress;

    DayProgress(RunRepository runs, KindHistoryReader histories, ProgressService progress) {
        this.runs = runs;
        this.histories = histories;
        this.progress = progress;
    }

    /**
     * What is read of a rider's day.
     *
     * @param kind of course ridden most that day
     */
    public record DayHistory(long dayId, CourseKind kind, KindHistory progress) {}

    /** A rider's day on the kind of course ridden most; empty where no run of theirs counts. */
    public Optional<DayHistory> readDay(Rider rider, long dayId) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        runs.ofRider(rider.id().value()).stream()
                .filter(r -> r.isOfDay(new DayId(dayId)) && r.isScored())
                .flatMap(r -> r.kind().stream())
                .forEach(kind -> counts.merge(kind.id(), 1, Integer::sum));
        return counts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .flatMap(e -> CourseKinds.find(e.getKey()))
                .map(kind -> new DayHistory(dayId, kind, histories.read(rider, kind)));
    }

    /**
     * What is known of a rider's day.
     *
     * @param machineName missing where the rider has none
     */
    public record DayFacts(
            Optional<String> machineName, Optional<Transmission> transmission, String kindLabel, Debrief.Facts facts) {}

    /** Computes what is known of a rider's day. Asks nothing of the tables, so that it can be computed in turn. */
    public DayFacts facts(DayHistory read, LengthSystem system) {
        SideHistories histories = progress.histories(read.progress());
        ProgressResponse all = progress.computed(read.progress(), histories, system);
        Optional<ProgressDay> day =
                all.days().stream().filter(d -> d.dayId() == read.dayId()).findFirst();
        List<ShownRun> shown = day.map(ProgressDay::runs).orElse(List.of());
        Map<Side, Trend> trends = new EnumMap<>(Side.class);
        for (Side side : Side.values()) {
            histories.sinceLast(side, read.dayId()).ifPresent(c -> trends.put(side, c.trend()));
        }
        Tally tally = Tally.of(read.progress().ofKind().runs().stream()
                .filter(r -> r.isOfDay(new DayId(read.dayId())) && r.isScored())
                .toList());
        Optional<RiderSizes> riderSizes = Optional.ofNullable(all.riderSizes());
        return new DayFacts(
                Optional.ofNullable(all.subject().machineName()),
                read.progress().machine().map(m -> m.turn().machine().transmission()),
                read.kind().label(),
                new Debrief.Facts(
                        tally.runs(),
                        tally.clean(),
                        trends,
                        ProgressService.heldBack(read.progress()),
                        tally.faults(),
                        shown.stream()
                                .filter(r -> r.sort().scored() && r.faults().isEmpty() && r.difficulty() != null)
                                .max(Comparator.comparingDouble(r -> Objects.requireNonNull(r.difficulty())))
                                .map(ShownRun::settingMetres),
                        riderSizes.map(RiderSizes::size).map(SizeLadder.SizeStep::settingMetres),
                        read.kind().isStraight(),
                        riderSizes.map(RiderSizes::weakSide),
                        read.progress().opinion()));
    }
}
