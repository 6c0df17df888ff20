package wrenlane.server.progress;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.coaching.FaultCause;
import wrenlane.coaching.Standstill;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.NamedMachine;
import wrenlane.machine.Side;
import wrenlane.progress.Change;
import wrenlane.progress.CleanChance;
import wrenlane.progress.Tally;
import wrenlane.run.Run;
import wrenlane.server.course.NamedKind;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.day.DayHeading;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.ProgressResponse.FaultCount;
import wrenlane.server.progress.ProgressResponse.ProgressDay;
import wrenlane.server.progress.ProgressResponse.RiddenKind;
import wrenlane.server.progress.ProgressResponse.ShownRun;
import wrenlane.server.progress.ProgressResponse.SideChange;
import wrenlane.server.progress.ProgressResponse.SideTally;
import wrenlane.server.progress.history.KindHistory;
import wrenlane.server.progress.history.KindHistoryReader;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.Difficulty;

/** What all of a rider's runs on a kind say, day by day. */
@Service
public class ProgressService {
    private final KindHistoryReader reader;
    private final RiderSizesService sizesOfRiders;
    private final CourseDifficulty difficulty;
    private final Estimates estimates;
    private final Storage storage;
    private final ComputeScheduler scheduler;

    ProgressService(
            KindHistoryReader reader,
            RiderSizesService sizesOfRiders,
            CourseDifficulty difficulty,
            Estimates estimates,
            Storage storage,
            ComputeScheduler scheduler) {
        this.reader = reader;
        this.sizesOfRiders = sizesOfRiders;
        this.difficulty = difficulty;
        this.estimates = estimates;
        this.storage = storage;
        this.scheduler = scheduler;
    }

    /**
     * A rider's progress on one kind over all days, computed for the machine last ridden, else the usual one.
     *
     * @param kindId where none is named, {@link CourseKinds#usual}, or the first the rider has ridden where not that
     */
    public ProgressResponse progress(long riderId, @Nullable String kindId, LengthSystem system) {
        Optional<CourseKind> named = Optional.ofNullable(kindId).map(NamedKind::of);
        KindHistory read = storage.read(() -> reader.read(riderId, named));
        return scheduler.whole(Priority.ONE, "the sizes of this kind", () -> computed(read, system));
    }

    /** What is said of it. */
    private ProgressResponse computed(KindHistory read, LengthSystem system) {
        return computed(read, histories(read), system);
    }

    /** The same where the histories are computed already. */
    ProgressResponse computed(KindHistory read, SideHistories histories, LengthSystem system) {
        List<Run> scored = read.ofKind().runs().stream().filter(Run::isScored).toList();
        Optional<MachineTurn> turn = read.machine().map(NamedMachine::turn);
        RiderSizes riderSizes = turn.map(
                        t -> sizesOfRiders.riderSizes(read.rider(), t, read.course(), read.ofKind(), system))
                .orElse(null);
        return new ProgressResponse(
                ProgressResponse.Subject.of(read),
                read.kinds().stream()
                        .map(k -> new RiddenKind(k.id(), k.label()))
                        .toList(),
                riderSizes,
                turn.map(t -> byDay(read, histories, t)).orElse(List.of()),
                changes(histories),
                read.kind().isStraight() ? tally(Side.LEFT, scored) : tally(scored, Side.LEFT),
                tally(read.kind().isStraight() ? List.of() : scored, Side.RIGHT),
                riderSizes == null ? null : GapJson.of(riderSizes),
                standstill(histories),
                Measurements.of(read.ofKind().runs()),
                heldBack(read).stream().map(FaultCauseJson::of).toList());
    }

    private static @Nullable String standstill(SideHistories histories) {
        Set<Side> level =
                Arrays.stream(Side.values()).filter(histories::isLevel).collect(Collectors.toSet());
        return level.isEmpty() ? null : Standstill.of(level);
    }

    public static List<FaultCause> heldBack(KindHistory read) {
        return FaultCause.from(Estimates.latest(read.ofKind().runs()), read.causes());
    }

    /** Computes what was known at the end of each day. Asks nothing of the tables, so that it can be computed in turn. */
    public SideHistories histories(KindHistory read) {
        List<Run> sofar = new ArrayList<>();
        List<SideHistories.DayChances> days = new ArrayList<>();
        grouped(read).forEach((dayId, ridden) -> {
            sofar.addAll(ridden);
            days.add(new SideHistories.DayChances(
                    dayId, estimates.of(read.rider().level(), read.ofKind(), sofar)));
        });
        return new SideHistories(CleanChance.ofLevel(read.rider().level()), days);
    }

    private static Map<Long, List<Run>> grouped(KindHistory read) {
        Map<Long, List<Run>> grouped = new LinkedHashMap<>();
        read.ofKind()
                .runs()
                .forEach(r -> grouped.computeIfAbsent(r.dayId().value(), d -> new ArrayList<>())
                        .add(r));
        return grouped;
    }

    private List<ProgressDay> byDay(KindHistory read, SideHistories histories, MachineTurn turn) {
        Difficulty overLeft = difficulty.of(read.course(), turn, Side.LEFT);
        Difficulty overRight = difficulty.of(read.course(), turn, Side.RIGHT);
        Map<Long, List<Run>> grouped = grouped(read);
        List<ProgressDay> result = new ArrayList<>();
        RunAssessor assessor = estimates.assessor(read.ofKind());
        for (SideHistories.DayChances day : histories.days()) {
            CleanChance ofLeft = day.of(Side.LEFT);
            CleanChance ofRight = day.of(Side.RIGHT);
            DayHeading heading = Objects.requireNonNull(read.headings().get(day.dayId()));
            result.add(new ProgressDay(
                    day.dayId(),
                    heading.date(),
                    heading.title(),
                    Objects.requireNonNull(grouped.get(day.dayId())).stream()
                            .map(assessor::assess)
                            .map(ShownRun::of)
                            .toList(),
                    EstimateJson.of(ofLeft, overLeft),
                    EstimateJson.of(ofRight, overRight)));
        }
        return List.copyOf(result);
    }

    /** What has changed by the last day; since the start only where that is another day than the one before. */
    private static List<SideChange> changes(SideHistories histories) {
        int days = histories.days().size();
        if (days == 0) {
            return List.of();
        }
        long last = histories.days().get(days - 1).dayId();
        List<SideChange> said = new ArrayList<>();
        for (Side side : Side.values()) {
            histories.sinceLast(side, last).ifPresent(c -> said.add(said(side, "the last day", c)));
        }
        for (Side side : Side.values()) {
            histories.sinceStart(side, last).filter(c -> days > 2).ifPresent(c -> said.add(said(side, "the start", c)));
        }
        return List.copyOf(said);
    }

    private static SideChange said(Side side, String since, Change change) {
        return new SideChange((side == Side.LEFT ? "Left" : "Right") + ", since " + since, change.words());
    }

    private static SideTally tally(List<Run> all, Side side) {
        return tally(side, all.stream().filter(r -> r.isTo(side)).toList());
    }

    private static SideTally tally(Side side, List<Run> counted) {
        Tally tally = Tally.of(counted);
        List<FaultCount> faults = tally.faults().entrySet().stream()
                .map(e -> new FaultCount(e.getKey(), e.getKey().label(), e.getValue()))
                .sorted(Comparator.comparingInt(FaultCount::count).reversed().thenComparing(FaultCount::fault))
                .toList();
        return new SideTally(side, tally.runs(), tally.clean(), faults);
    }
}
