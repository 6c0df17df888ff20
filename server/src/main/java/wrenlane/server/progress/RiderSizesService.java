package wrenlane.server.progress;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import wrenlane.coaching.Aim;
import wrenlane.coaching.StartSize;
import wrenlane.coaching.advice.CoachingSettings;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.day.Day;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.NamedMachine;
import wrenlane.machine.Side;
import wrenlane.progress.CleanChance;
import wrenlane.progress.CleanSetting;
import wrenlane.rider.Rider;
import wrenlane.run.Run;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.people.aim.AimService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.progress.practice.PracticeService;
import wrenlane.server.progress.practice.SelfReportedRuns;
import wrenlane.server.progress.run.RunRepository;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.SizeLadder;

/** Where riders stand on a kind, by their latest runs. */
@Service
public class RiderSizesService {
    private final RiderService riders;
    private final RunRepository runs;
    private final PracticeService practice;
    private final MachineService machines;
    private final AimService aim;
    private final CourseDifficulty difficulty;
    private final Estimates estimates;

    RiderSizesService(
            RiderService riders,
            RunRepository runs,
            PracticeService practice,
            MachineService machines,
            AimService aim,
            CourseDifficulty difficulty,
            Estimates estimates) {
        this.riders = riders;
        this.runs = runs;
        this.practice = practice;
        this.machines = machines;
        this.aim = aim;
        this.difficulty = difficulty;
        this.estimates = estimates;
    }

    /** The runs of a rider on a kind that say what they can do now: as few as an estimate needs, however many there are. */
    RiderRuns latest(RiderId riderId, CourseKind kind) {
        return latest(riderId.value(), kind);
    }

    /** As {@link #latest(RiderId, CourseKind)}, for the bare id of a request. */
    public RiderRuns latest(long riderId, CourseKind kind) {
        return read(
                riderId,
                kind,
                runs.latest(riderId, kind.id(), CleanSetting.LATEST_RUNS),
                runs.latestElsewhere(riderId, kind.id(), CleanSetting.LATEST_RUNS));
    }

    /** Everybody of a day on a kind of course, in the order they ride. */
    public List<Participant> participants(Day day, CourseKind kind) {
        Map<MachineId, NamedMachine> ridden = machines.get(day.machineIds());
        return day.riders().stream()
                .map(pair -> new Participant(
                        riders.get(pair.riderId()),
                        Objects.requireNonNull(ridden.get(pair.machineId())),
                        latest(pair.riderId(), kind)))
                .toList();
    }

    /** Where somebody stands on a course. Asks nothing of the tables, so that it can be computed in turn. */
    public RiderSizes riderSizes(Participant of, Course course, LengthSystem system) {
        return riderSizes(of.rider(), of.machine().turn(), course, of.latest(), system);
    }

    /**
     * Reads what belongs to runs.
     *
     * @param elsewhere on other kinds, by kind
     */
    public RiderRuns read(long riderId, CourseKind kind, List<Run> ridden, Map<String, List<Run>> elsewhere) {
        List<RiderRuns> others = new ArrayList<>();
        elsewhere.forEach((id, of) -> CourseKinds.find(id)
                .filter(other -> !other.isStraight())
                .ifPresent(other -> others.add(read(of, practice.told(riderId, other), List.of()))));
        return read(ridden, practice.told(riderId, kind), others);
    }

    private RiderRuns read(List<Run> ridden, List<SelfReportedRuns> told, List<RiderRuns> elsewhere) {
        return new RiderRuns(
                ridden,
                machines.turns(Stream.concat(
                                ridden.stream().map(r -> r.machineId().value()),
                                told.stream().map(SelfReportedRuns::machineId))
                        .distinct()
                        .toList()),
                aim.aim(),
                told,
                elsewhere);
    }

    /**
     * Where a rider stands, as {@link #standing} has it, where all that it takes is computed already; else empty, and what is missing is computed in the background:
     * for pages that have enough to show without it.
     */
    public Optional<RiderSizes> sizesIfKnown(Participant of, Course course, LengthSystem system) {
        boolean known = true;
        for (Side side : Side.values()) {
            known &= difficulty.isKnown(course, of.machine().turn(), side);
        }
        for (RiderRuns read : of.latest().withElsewhere().toList()) {
            known &= isKnown(read);
        }
        return known ? Optional.of(riderSizes(of, course, system)) : Optional.empty();
    }

    /** Whether it is known how tight all runs were; what is not is computed in the background. */
    private boolean isKnown(RiderRuns read) {
        boolean known = true;
        RunAssessor assessor = estimates.assessor(read);
        for (Run run : read.runs()) {
            known &= assessor.isKnown(run);
        }
        for (SelfReportedRuns told : read.told()) {
            MachineTurn on = read.turns().get(told.machineId());
            known &= on == null || difficulty.isKnown(told.course(), on, told.side());
        }
        return known;
    }

    /**
     * Where a rider stands on a machine and a course. Asks nothing of the tables, so that it can be computed in turn.
     *
     * @param read runs on its kind, at least the {@link #latest}
     */
    public RiderSizes riderSizes(Rider rider, MachineTurn turn, Course course, RiderRuns read, LengthSystem system) {
        Map<Side, CleanChance> known = estimates.of(rider.level(), read, read.runs());
        Chances chances = new Chances(
                Objects.requireNonNull(known.get(Side.LEFT)),
                Objects.requireNonNull(known.get(Side.RIGHT)),
                difficulty.of(course, turn, Side.LEFT),
                difficulty.of(course, turn, Side.RIGHT));
        SizeLadder ladder = difficulty.ladder(course, turn, system, d -> chances.less(d) >= StartSize.LEAST_CHANCE);
        EstimateJson left = EstimateJson.of(chances.left(), chances.overLeft());
        EstimateJson right = EstimateJson.of(chances.right(), chances.overRight());
        Optional<CleanSetting> leftBest = Optional.ofNullable(left).map(EstimateJson::setting);
        Optional<CleanSetting> rightBest = Optional.ofNullable(right).map(EstimateJson::setting);
        Optional<Aim.SizeChance> working = read.aim().size(ladder, chances::less);
        return new RiderSizes(
                ladder,
                chances.overLeft().settingAt(1).orElse(null),
                chances.overRight().settingAt(1).orElse(null),
                left,
                right,
                StartSize.of(
                                ladder,
                                leftBest,
                                rightBest,
                                working.map(Aim.SizeChance::size),
                                rider.level(),
                                CoachingSettings.USUAL.easier())
                        .orElse(null),
                working.orElse(null),
                StartSize.weakSide(leftBest, rightBest).orElse(null),
                chances);
    }
}
