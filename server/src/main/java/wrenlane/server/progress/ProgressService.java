package wrenlane.server.progress;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.finding.TypedText;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.progress.CleanSetting;
import wrenlane.progress.LadderRule;
import wrenlane.progress.RungChoice;
import wrenlane.progress.Tally;
import wrenlane.run.RunRecord;
import wrenlane.server.course.CourseLimits;
import wrenlane.server.course.CourseService;
import wrenlane.server.http.RefusedException;
import wrenlane.server.machine.MachineService;
import wrenlane.server.progress.ProgressResponse.FaultCount;
import wrenlane.server.progress.ProgressResponse.KindRidden;
import wrenlane.server.progress.ProgressResponse.ProgressDay;
import wrenlane.server.progress.ProgressResponse.SideTally;
import wrenlane.server.reckoning.Rank;
import wrenlane.server.reckoning.Reckoning;
import wrenlane.server.rider.RiderResponse;
import wrenlane.server.rider.RiderService;
import wrenlane.server.run.RunResponse;
import wrenlane.server.run.RunService;
import wrenlane.server.storage.Storage;
import wrenlane.verdict.Ladder;

/** What a rider's runs say. */
@Service
public class ProgressService {
    /** Settings closer than this are the same rung, in metres: half a centimetre. */
    private static final double SAME_METRES = 0.005;

    /** Most runs of a day that the range is told of; chosen by us: more than anybody rides a course in a day. */
    private static final int SHOWN = 60;

    private final RunService runs;
    private final RiderService riders;
    private final MachineService machines;
    private final CourseService courses;
    private final CourseLimits limits;
    private final ProgressDays days;
    private final Storage storage;
    private final Reckoning reckoning;

    ProgressService(
            RunService runs,
            RiderService riders,
            MachineService machines,
            CourseService courses,
            CourseLimits limits,
            ProgressDays days,
            Storage storage,
            Reckoning reckoning) {
        this.courses = courses;
        this.limits = limits;
        this.runs = runs;
        this.riders = riders;
        this.machines = machines;
        this.days = days;
        this.storage = storage;
        this.reckoning = reckoning;
    }

    /** The runs of a rider on a kind that say what they can do now: as few as an estimate needs, however many there are. */
    public List<RunRecord> latest(long riderId, CourseKind kind) {
        List<RunRecord> latest = new ArrayList<>();
        for (Side side : Side.values()) {
            latest.addAll(records(runs.latest(riderId, kind.id(), side, CleanSetting.LATEST_RUNS)));
        }
        return latest;
    }

    private static List<RunResponse> ofKind(List<RunResponse> all, String kind) {
        return all.stream().filter(r -> r.kind().equals(kind)).toList();
    }

    /**
     * Where a rider stands on a machine and a course. Asks nothing of the tables, so that it can be reckoned in turn.
     *
     * @param all runs on its kind, at least the {@link #latest}
     */
    public Standing standing(RiderResponse rider, MachineTurn turn, Course course, List<RunRecord> all) {
        Ladder ladder = limits.ladder(course, turn);
        double limitLeft = limits.limitMetres(course, turn, Side.LEFT);
        double limitRight = limits.limitMetres(course, turn, Side.RIGHT);
        EstimateJson left = EstimateJson.of(all, Side.LEFT, limitLeft);
        EstimateJson right = EstimateJson.of(all, Side.RIGHT, limitRight);
        return new Standing(
                ladder,
                limitLeft,
                limitRight,
                left,
                right,
                RungChoice.first(
                                ladder,
                                Optional.ofNullable(left).map(EstimateJson::setting),
                                Optional.ofNullable(right).map(EstimateJson::setting),
                                rider.level())
                        .orElse(null));
    }

    /** What is read of one state of the data. */
    private record Asked(
            Course course, RiderResponse rider, MachineTurn turn, List<RunRecord> latest, List<RunResponse> today) {}

    /** A rider on a day, a course and a machine, with advice for the next run at a setting. */
    RangeResponse range(long dayId, long riderId, long courseId, long machineId, @Nullable Double settingMetres) {
        Asked asked = storage.read(() -> {
            Course course = courses.get(courseId).course();
            return new Asked(
                    course,
                    riders.get(riderId),
                    machines.turn(machineId),
                    latest(riderId, course.kind()),
                    runs.latestOfDay(riderId, dayId, courseId, SHOWN));
        });
        List<RunResponse> today = asked.today();
        Standing standing = reckoning.whole(
                Rank.ONE,
                "the rungs of this course",
                () -> standing(asked.rider(), asked.turn(), asked.course(), asked.latest()));
        if (settingMetres == null) {
            return new RangeResponse(standing, today, null, null);
        }
        List<RunRecord> here = records(today.stream()
                .filter(r -> Math.abs(r.settingMetres() - settingMetres) < SAME_METRES)
                .toList());
        return new RangeResponse(
                standing,
                today,
                LadderRule.DEFAULT.advise(here, Side.LEFT),
                LadderRule.DEFAULT.advise(here, Side.RIGHT));
    }

    /** A rider's progress on one kind over all days, reckoned for the machine last ridden, else the usual one. */
    ProgressResponse progress(long riderId, String kindId) {
        CourseKind kind = CourseKinds.find(kindId)
                .orElseThrow(() -> RefusedException.of(
                        "no-such-kind", "kind", "There is no kind of course called " + TypedText.quoted(kindId) + "."));
        return storage.read(() -> progress(riders.get(riderId), kind));
    }

    private ProgressResponse progress(RiderResponse rider, CourseKind kind) {
        long riderId = rider.id();
        String kindId = kind.id();
        List<RunResponse> ridden = runs.ofRider(riderId);
        List<RunResponse> all = ofKind(ridden, kindId);
        List<RunRecord> records = records(all);
        Long machineId = all.isEmpty()
                ? rider.machineId()
                : Long.valueOf(all.get(all.size() - 1).machineId());
        Course course = lastRidden(all, kind);
        MachineTurn turn = machineId == null ? null : machines.turn(machineId);
        Standing standing = turn == null
                ? null
                : reckoning.whole(Rank.ONE, "the rungs of this kind", () -> standing(rider, turn, course, records));
        return new ProgressResponse(
                riderId,
                machineId == null ? null : machines.get(machineId).name(),
                kindId,
                kind.ladder().label(),
                kinds(ridden),
                standing,
                standing == null ? List.of() : byDay(all, standing),
                tally(records, Side.LEFT),
                tally(records, Side.RIGHT));
    }

    /** The course last ridden of a kind, for its other dimensions; a new one where there is none. */
    private Course lastRidden(List<RunResponse> all, CourseKind kind) {
        return all.stream()
                .reduce((earlier, later) -> later)
                .map(r -> courses.get(r.courseId()).course())
                .filter(c -> c.kind().equals(kind))
                .orElseGet(() -> Course.standard(kind));
    }

    private static List<KindRidden> kinds(List<RunResponse> ridden) {
        return CourseKinds.all().stream()
                .filter(k -> ridden.stream().anyMatch(r -> r.kind().equals(k.id())))
                .map(k -> new KindRidden(k.id(), k.label()))
                .toList();
    }

    private List<ProgressDay> byDay(List<RunResponse> all, Standing standing) {
        Map<Long, List<RunResponse>> grouped = new LinkedHashMap<>();
        all.forEach(
                r -> grouped.computeIfAbsent(r.dayId(), d -> new ArrayList<>()).add(r));
        List<RunRecord> sofar = new ArrayList<>();
        List<ProgressDay> result = new ArrayList<>();
        grouped.forEach((dayId, ridden) -> {
            sofar.addAll(records(ridden));
            ProgressDays.Heading heading = days.heading(dayId);
            result.add(new ProgressDay(
                    dayId,
                    heading.date(),
                    heading.title(),
                    List.copyOf(ridden),
                    EstimateJson.of(sofar, Side.LEFT, standing.limitLeftMetres()),
                    EstimateJson.of(sofar, Side.RIGHT, standing.limitRightMetres())));
        });
        return List.copyOf(result);
    }

    private static SideTally tally(List<RunRecord> all, Side side) {
        Tally tally = Tally.of(all.stream().filter(r -> r.side() == side).toList());
        List<FaultCount> faults = tally.faults().entrySet().stream()
                .map(e -> new FaultCount(e.getKey(), e.getKey().label(), e.getValue()))
                .sorted(Comparator.comparingInt(FaultCount::count).reversed().thenComparing(FaultCount::fault))
                .toList();
        return new SideTally(side, tally.runs(), tally.clean(), faults);
    }

    private static List<RunRecord> records(List<RunResponse> runs) {
        return runs.stream().map(RunService::record).toList();
    }
}
