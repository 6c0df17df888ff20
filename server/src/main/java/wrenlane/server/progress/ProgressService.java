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
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.coaching.Causes;
import wrenlane.coaching.HoldsBack;
import wrenlane.coaching.Standstill;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.id.MachineId;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.NamedMachine;
import wrenlane.machine.Side;
import wrenlane.progress.Change;
import wrenlane.progress.CleanChance;
import wrenlane.progress.Tally;
import wrenlane.rider.Rider;
import wrenlane.run.Run;
import wrenlane.server.course.NamedKind;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.day.DayHeading;
import wrenlane.server.day.DayService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.calculation.Rank;
import wrenlane.server.platform.calculation.Reckoning;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.ProgressResponse.ChangeSaid;
import wrenlane.server.progress.ProgressResponse.FaultCount;
import wrenlane.server.progress.ProgressResponse.KindRidden;
import wrenlane.server.progress.ProgressResponse.ProgressDay;
import wrenlane.server.progress.ProgressResponse.ShownRun;
import wrenlane.server.progress.ProgressResponse.SideTally;
import wrenlane.server.progress.cause.CauseService;
import wrenlane.server.progress.opinion.OpinionService;
import wrenlane.server.progress.run.RunRepository;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.Difficulty;

/** What all of a rider's runs on a kind say, day by day. */
@Service
public class ProgressService {
    private final Standings standings;
    private final RunRepository runs;
    private final RiderService riders;
    private final MachineService machines;
    private final CourseDifficulty difficulty;
    private final Estimates estimates;
    private final DayService days;
    private final CauseService causes;
    private final OpinionService opinions;
    private final Storage storage;
    private final Reckoning reckoning;

    ProgressService(
            Standings standings,
            RunRepository runs,
            RiderService riders,
            MachineService machines,
            CourseDifficulty difficulty,
            Estimates estimates,
            DayService days,
            CauseService causes,
            OpinionService opinions,
            Storage storage,
            Reckoning reckoning) {
        this.standings = standings;
        this.runs = runs;
        this.riders = riders;
        this.machines = machines;
        this.difficulty = difficulty;
        this.estimates = estimates;
        this.days = days;
        this.causes = causes;
        this.opinions = opinions;
        this.storage = storage;
        this.reckoning = reckoning;
    }

    /**
     * What is read for a rider's progress on a kind.
     *
     * @param kinds ridden at all, in the order they are taught
     * @param causes what faults come from
     * @param opinion what the instructor holds to be behind the faults
     */
    public record ReadProgress(
            Rider rider,
            CourseKind kind,
            ReadRuns ofKind,
            Map<Long, DayHeading> headings,
            List<CourseKind> kinds,
            Optional<NamedMachine> machine,
            Course course,
            Causes causes,
            Optional<String> opinion) {}

    /**
     * A rider's progress on one kind over all days, reckoned for the machine last ridden, else the usual one.
     *
     * @param kindId where none is named, {@link CourseKinds#usual}, or the first the rider has ridden where not that
     */
    public ProgressResponse progress(long riderId, @Nullable String kindId, LengthSystem system) {
        Optional<CourseKind> named = Optional.ofNullable(kindId).map(NamedKind::of);
        ReadProgress read = storage.read(() -> read(riders.get(riderId), named));
        return reckoning.whole(Rank.ONE, "the rungs of this kind", () -> reckoned(read, system));
    }

    private ReadProgress read(Rider rider, Optional<CourseKind> named) {
        List<Run> ridden = runs.ofRider(rider.id().value());
        return read(rider, named.orElseGet(() -> usual(ridden)), ridden);
    }

    private static CourseKind usual(List<Run> ridden) {
        List<CourseKind> kinds = kinds(ridden);
        return kinds.isEmpty() || kinds.contains(CourseKinds.usual()) ? CourseKinds.usual() : kinds.get(0);
    }

    /** What a rider's progress on a kind is reckoned from. */
    public ReadProgress read(Rider rider, CourseKind kind) {
        return read(rider, kind, runs.ofRider(rider.id().value()));
    }

    private ReadProgress read(Rider rider, CourseKind kind, List<Run> ridden) {
        List<Run> all = ridden.stream().filter(r -> r.isOfKind(kind)).toList();
        Optional<MachineId> machineId = all.isEmpty()
                ? rider.machineId()
                : Optional.of(all.get(all.size() - 1).machineId());
        Map<Long, DayHeading> headings = new LinkedHashMap<>();
        all.forEach(r -> headings.computeIfAbsent(r.dayId().value(), days::heading));
        return new ReadProgress(
                rider,
                kind,
                standings.read(rider.id().value(), kind, all, elsewhere(ridden, kind)),
                headings,
                kinds(ridden),
                machineId.map(machines::get),
                lastRidden(all, kind),
                causes.causes(),
                opinions.words(rider.id().value(), kind.id()));
    }

    /** Runs on every other kind, by kind; estimates look at the latest of them, whether more are read or not. */
    private static Map<String, List<Run>> elsewhere(List<Run> ridden, CourseKind kind) {
        Map<String, List<Run>> byKind = new TreeMap<>();
        ridden.stream()
                .filter(r -> !r.isOfKind(kind))
                .forEach(r -> byKind.computeIfAbsent(r.kind().orElseThrow().id(), k -> new ArrayList<>())
                        .add(r));
        return byKind;
    }

    /** What is said of it. */
    private ProgressResponse reckoned(ReadProgress read, LengthSystem system) {
        return reckoned(read, histories(read), system);
    }

    /** The same where the histories are reckoned already. */
    ProgressResponse reckoned(ReadProgress read, SideHistories histories, LengthSystem system) {
        List<Run> scored = read.ofKind().runs().stream().filter(Run::isScored).toList();
        Optional<MachineTurn> turn = read.machine().map(NamedMachine::turn);
        Standing standing = turn.map(t -> standings.standing(read.rider(), t, read.course(), read.ofKind(), system))
                .orElse(null);
        return new ProgressResponse(
                read.rider().id().value(),
                read.machine().map(NamedMachine::name).orElse(null),
                read.kind().id(),
                read.kind().ladder().label(),
                read.kind().isStraight(),
                read.kinds().stream()
                        .map(k -> new KindRidden(k.id(), k.label()))
                        .toList(),
                standing,
                turn.map(t -> byDay(read, histories, t)).orElse(List.of()),
                changes(histories),
                read.kind().isStraight() ? tally(Side.LEFT, scored) : tally(scored, Side.LEFT),
                tally(read.kind().isStraight() ? List.of() : scored, Side.RIGHT),
                standing == null ? null : GapJson.of(standing),
                standstill(histories),
                Measurements.of(read.ofKind().runs()),
                heldBack(read).stream().map(HeldBackJson::of).toList());
    }

    private static @Nullable String standstill(SideHistories histories) {
        Set<Side> level =
                Arrays.stream(Side.values()).filter(histories::isLevel).collect(Collectors.toSet());
        return level.isEmpty() ? null : Standstill.of(level);
    }

    public static List<HoldsBack> heldBack(ReadProgress read) {
        return HoldsBack.from(Estimates.latest(read.ofKind().runs()), read.causes());
    }

    /** The course last ridden of a kind, for its other dimensions; a new one where there is none. */
    private static Course lastRidden(List<Run> all, CourseKind kind) {
        return all.isEmpty()
                ? Course.standard(kind)
                : all.get(all.size() - 1).ride().orElseThrow().course();
    }

    /** The kinds ridden, in the order they are taught. */
    private static List<CourseKind> kinds(List<Run> ridden) {
        Set<String> ids = ridden.stream()
                .flatMap(r -> r.kind().stream())
                .map(CourseKind::id)
                .collect(Collectors.toSet());
        return CourseKinds.all().stream().filter(k -> ids.contains(k.id())).toList();
    }

    /** Reckons what was known at the end of each day. Asks nothing of the tables, so that it can be reckoned in turn. */
    public SideHistories histories(ReadProgress read) {
        List<Run> sofar = new ArrayList<>();
        List<SideHistories.DayChances> days = new ArrayList<>();
        grouped(read).forEach((dayId, ridden) -> {
            sofar.addAll(ridden);
            days.add(new SideHistories.DayChances(
                    dayId, estimates.of(read.rider().level(), read.ofKind(), sofar)));
        });
        return new SideHistories(CleanChance.ofLevel(read.rider().level()), days);
    }

    private static Map<Long, List<Run>> grouped(ReadProgress read) {
        Map<Long, List<Run>> grouped = new LinkedHashMap<>();
        read.ofKind()
                .runs()
                .forEach(r -> grouped.computeIfAbsent(r.dayId().value(), d -> new ArrayList<>())
                        .add(r));
        return grouped;
    }

    private List<ProgressDay> byDay(ReadProgress read, SideHistories histories, MachineTurn turn) {
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
    private static List<ChangeSaid> changes(SideHistories histories) {
        int days = histories.days().size();
        if (days == 0) {
            return List.of();
        }
        long last = histories.days().get(days - 1).dayId();
        List<ChangeSaid> said = new ArrayList<>();
        for (Side side : Side.values()) {
            histories.sinceLast(side, last).ifPresent(c -> said.add(said(side, "the last day", c)));
        }
        for (Side side : Side.values()) {
            histories.sinceStart(side, last).filter(c -> days > 2).ifPresent(c -> said.add(said(side, "the start", c)));
        }
        return List.copyOf(said);
    }

    private static ChangeSaid said(Side side, String since, Change change) {
        return new ChangeSaid((side == Side.LEFT ? "Left" : "Right") + ", since " + since, change.words());
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
