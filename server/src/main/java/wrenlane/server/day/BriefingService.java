package wrenlane.server.day;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.ConeSort;
import wrenlane.rider.RiderLevel;
import wrenlane.server.course.CourseResponse;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.BriefingResponse.ConeCount;
import wrenlane.server.day.BriefingResponse.Readiness;
import wrenlane.server.day.BriefingResponse.RiderBriefing;
import wrenlane.server.day.BriefingResponse.Stop;
import wrenlane.server.day.BriefingResponse.StopState;
import wrenlane.server.day.DayRequest.DayRider;
import wrenlane.server.kit.KitService;
import wrenlane.server.machine.MachineService;
import wrenlane.server.machine.RiddenMachine;
import wrenlane.server.placing.PlacingService;
import wrenlane.server.placing.StandJson;
import wrenlane.server.progress.ProgressService;
import wrenlane.server.progress.ProgressService.ReadRuns;
import wrenlane.server.progress.Standing;
import wrenlane.server.reckoning.Rank;
import wrenlane.server.reckoning.Reckoning;
import wrenlane.server.rider.RiderResponse;
import wrenlane.server.rider.RiderService;
import wrenlane.server.run.RunService;
import wrenlane.server.storage.Storage;
import wrenlane.server.yard.YardResponse;
import wrenlane.server.yard.YardService;
import wrenlane.setout.SetOutSheet;
import wrenlane.units.LengthSystem;
import wrenlane.yard.Caution;

/** Puts the day on one page: what to bring, who rides what, and what is not ready. */
@Service
public class BriefingService {
    /** One spare cone for every so many, at least one; chosen by us. */
    private static final int SPARE_SHARE = 5;

    private final DayService days;
    private final YardService yards;
    private final CourseService courses;
    private final MachineService machines;
    private final RiderService riders;
    private final RunService runs;
    private final ProgressService progress;
    private final KitService kit;
    private final PlacingService placing;
    private final Storage storage;
    private final Reckoning reckoning;

    BriefingService(
            DayService days,
            YardService yards,
            CourseService courses,
            MachineService machines,
            RiderService riders,
            RunService runs,
            ProgressService progress,
            KitService kit,
            PlacingService placing,
            Storage storage,
            Reckoning reckoning) {
        this.days = days;
        this.yards = yards;
        this.courses = courses;
        this.machines = machines;
        this.riders = riders;
        this.runs = runs;
        this.progress = progress;
        this.kit = kit;
        this.placing = placing;
        this.storage = storage;
        this.reckoning = reckoning;
    }

    /** Everything of a day at a glance. Read of one state of the data, and reckoned after that. */
    public BriefingResponse briefing(long dayId, LengthSystem system) {
        Read read = storage.read(() -> read(days.get(dayId)));
        DayResponse day = read.day();
        List<CourseResponse> set = read.courses();
        List<ConeCount> cones = cones(day, set, read.owned());
        List<Optional<Standing>> standings = reckoning.parts(
                Rank.MANY,
                read.riders().stream()
                        .map(r -> (Supplier<Standing>)
                                () -> progress.standing(r.rider(), r.machine().turn(), first(set), r.latest(), system))
                        .toList());
        List<RiderBriefing> riders = IntStream.range(0, standings.size())
                .mapToObj(i -> briefing(read.riders().get(i), standings.get(i)))
                .toList();
        return new BriefingResponse(
                dayId,
                cones,
                riders,
                cautions(read),
                stops(read.yard(), set, cones, read.machines(), read.logged()),
                read.logged(),
                standings.stream().anyMatch(Optional::isEmpty));
    }

    /** What a briefing reads. */
    private record Read(
            DayResponse day,
            Optional<YardResponse> yard,
            List<CourseResponse> courses,
            List<RiddenMachine> machines,
            List<ReadRider> riders,
            Map<ConeSort, Integer> owned,
            int logged) {}

    private record ReadRider(RiderResponse rider, RiddenMachine machine, ReadRuns latest) {}

    private Read read(DayResponse day) {
        List<CourseResponse> set = day.courseIds().stream().map(courses::get).toList();
        Map<Long, RiddenMachine> ridden = machines.ridden(
                day.riders().stream().map(DayRider::machineId).distinct().toList());
        List<ReadRider> read = new ArrayList<>();
        for (DayRider pair : day.riders()) {
            RiddenMachine machine = Objects.requireNonNull(ridden.get(pair.machineId()));
            read.add(new ReadRider(
                    riders.get(pair.riderId()),
                    machine,
                    progress.latest(pair.riderId(), first(set).kind())));
        }
        return new Read(
                day,
                Optional.ofNullable(day.yardId()).map(yards::get),
                set,
                List.copyOf(ridden.values()),
                read,
                kit.get().conesOwned(),
                runs.countOnDay(day.id()));
    }

    private static List<ConeCount> cones(DayResponse day, List<CourseResponse> set, Map<ConeSort, Integer> owned) {
        Set<Long> standing = stands(day).keySet();
        Map<ConeSort, Integer> atOnce = new EnumMap<>(ConeSort.class);
        Map<ConeSort, Integer> most = new EnumMap<>(ConeSort.class);
        for (CourseResponse course : set) {
            boolean stands = standing.contains(course.id());
            SetOutSheet.conesBySort(course.course().plan())
                    .forEach(
                            (sort, n) -> (stands ? atOnce : most).merge(sort, n, stands ? Integer::sum : Integer::max));
        }
        atOnce.forEach((sort, n) -> most.merge(sort, n, Integer::max));
        return most.entrySet().stream()
                .map(e -> {
                    int needed = e.getValue();
                    Integer have = owned.get(e.getKey());
                    return new ConeCount(
                            e.getKey(),
                            needed,
                            Math.max(1, needed / SPARE_SHARE),
                            have,
                            have == null ? 0 : Math.max(0, needed - have));
                })
                .toList();
    }

    /** The course that rungs are said for: the day's first. */
    private static Course first(List<CourseResponse> set) {
        return set.isEmpty()
                ? Course.standard(CourseKinds.uTurnBox())
                : set.get(0).course();
    }

    private static RiderBriefing briefing(ReadRider read, Optional<Standing> standing) {
        return new RiderBriefing(
                read.rider().id(),
                read.rider().name(),
                read.rider().level(),
                read.machine().id(),
                read.machine().name(),
                standing.map(Standing::rung).orElse(null),
                standing.map(Standing::left).orElse(null),
                standing.map(Standing::right).orElse(null));
    }

    private List<Caution> cautions(Read read) {
        List<Caution> cautions = new ArrayList<>();
        read.yard().ifPresent(y -> {
            cautions.addAll(y.cautions());
            boolean novices = read.riders().stream().anyMatch(r -> r.rider().level() == RiderLevel.NOVICE);
            cautions.addAll(placing.cautions(y.yard(), read.courses(), stands(read.day()), novices));
        });
        return List.copyOf(cautions);
    }

    private static Map<Long, StandJson> stands(DayResponse day) {
        Map<Long, StandJson> stands = new LinkedHashMap<>();
        day.stands().forEach(s -> stands.put(s.courseId(), s.stand()));
        return stands;
    }

    private static List<StopState> stops(
            Optional<YardResponse> yard,
            List<CourseResponse> set,
            List<ConeCount> cones,
            List<RiddenMachine> ridden,
            int logged) {
        boolean ready = yard.isPresent() && !set.isEmpty() && !ridden.isEmpty();
        return List.of(
                new StopState(Stop.TODAY, ready ? Readiness.DONE : Readiness.ATTENTION, ""),
                yard(yard),
                machines(ridden),
                set.isEmpty()
                        ? new StopState(Stop.COURSE, Readiness.EMPTY, "No course on this day yet. Add one.")
                        : new StopState(Stop.COURSE, Readiness.DONE, ""),
                setOut(set, cones),
                new StopState(Stop.LESSON, Readiness.EMPTY, ""),
                new StopState(Stop.RANGE, logged > 0 ? Readiness.DONE : Readiness.EMPTY, ""),
                new StopState(Stop.PROGRESS, logged > 0 ? Readiness.DONE : Readiness.EMPTY, ""));
    }

    private static StopState setOut(List<CourseResponse> set, List<ConeCount> cones) {
        if (set.isEmpty()) {
            return new StopState(Stop.SET_OUT, Readiness.EMPTY, "Nothing to set out until there is a course.");
        }
        String lacking = cones.stream()
                .filter(c -> c.missing() > 0)
                .map(c -> c.missing() + " " + c.sort().label(c.missing()))
                .collect(Collectors.joining(" and "));
        return lacking.isEmpty()
                ? new StopState(Stop.SET_OUT, Readiness.DONE, "")
                : new StopState(
                        Stop.SET_OUT,
                        Readiness.ATTENTION,
                        "The school lacks " + lacking
                                + " for this day: borrow them, or set courses up one after another.");
    }

    private static StopState yard(Optional<YardResponse> yard) {
        if (yard.isEmpty()) {
            return new StopState(
                    Stop.YARD, Readiness.EMPTY, "No yard chosen for this day. Measure one, or choose one.");
        }
        return yard.get().cautions().isEmpty()
                ? new StopState(Stop.YARD, Readiness.DONE, "")
                : new StopState(
                        Stop.YARD, Readiness.ATTENTION, "The ground of this yard needs care: see the cautions.");
    }

    private static StopState machines(List<RiddenMachine> ridden) {
        if (ridden.isEmpty()) {
            return new StopState(Stop.MACHINES, Readiness.EMPTY, "Nobody is on this day yet. Add riders and machines.");
        }
        List<String> unmeasured = ridden.stream()
                .filter(m -> !m.measured())
                .map(RiddenMachine::name)
                .toList();
        return unmeasured.isEmpty()
                ? new StopState(Stop.MACHINES, Readiness.DONE, "")
                : new StopState(
                        Stop.MACHINES,
                        Readiness.ATTENTION,
                        "Nothing measured yet on " + String.join(", ", unmeasured) + ": typical figures only.");
    }
}
