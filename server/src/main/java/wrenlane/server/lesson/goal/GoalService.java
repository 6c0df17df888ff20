package wrenlane.server.lesson.goal;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.coaching.Programme;
import wrenlane.coaching.Programme.GoalPath;
import wrenlane.coaching.advice.CoachingSettings;
import wrenlane.course.Course;
import wrenlane.drill.TaughtDrill;
import wrenlane.machine.Side;
import wrenlane.progress.CleanChance;
import wrenlane.progress.GoalGap;
import wrenlane.server.course.difficulty.CourseDifficulty;
import wrenlane.server.lesson.drill.RiderDrillService;
import wrenlane.server.lesson.goal.GoalResponse.GoalDistance;
import wrenlane.server.platform.calculation.ComputeScheduler;
import wrenlane.server.platform.calculation.Priority;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.ProgressService;
import wrenlane.server.progress.SideHistories;
import wrenlane.units.LengthSystem;
import wrenlane.verdict.SizeLadder;

/** Goals as stored, and how far off they are. */
@Service
public class GoalService {
    private final GoalReader reader;
    private final GoalMapper mapper;
    private final ProgressService progress;
    private final CourseDifficulty difficulty;
    private final RiderDrillService drills;
    private final Storage storage;
    private final ComputeScheduler scheduler;
    private final Clock clock;

    GoalService(
            GoalReader reader,
            GoalMapper mapper,
            ProgressService progress,
            CourseDifficulty difficulty,
            RiderDrillService drills,
            Storage storage,
            ComputeScheduler scheduler,
            Clock clock) {
        this.reader = reader;
        this.mapper = mapper;
        this.progress = progress;
        this.difficulty = difficulty;
        this.drills = drills;
        this.storage = storage;
        this.scheduler = scheduler;
        this.clock = clock;
    }

    /** A rider's goal as stored. */
    public Optional<GoalJson> find(long riderId) {
        return mapper.find(riderId).flatMap(GoalRow::goal);
    }

    /** A rider's goal, and how far off it is. */
    public GoalResponse get(long riderId, LengthSystem system) {
        GoalReader.GoalSnapshot read = storage.read(() -> reader.read(riderId));
        return read.asked()
                .map(asked -> new GoalResponse(read.version(), asked.goal(), off(riderId, asked, system)))
                .orElseGet(() -> new GoalResponse(read.version(), null, null));
    }

    private GoalDistance off(long riderId, GoalReader.GoalInput asked, LengthSystem system) {
        List<TaughtDrill> before = asked.goal().rhythm().isEmpty()
                ? List.of()
                : drills.before(asked.kind().id(), riderId, asked.goal().machineId());
        return scheduler.whole(Priority.ONE, "the way to this goal", () -> off(asked, before, system));
    }

    private GoalDistance off(GoalReader.GoalInput asked, List<TaughtDrill> before, LengthSystem system) {
        Course course = Course.standard(asked.kind());
        double setting = asked.goal().setting().metres();
        Optional<Double> tight = asked.kind().isStraight()
                ? Optional.empty()
                : difficulty.ofBothSides(course, asked.machine().turn()).at(setting);
        SideHistories ridden = progress.histories(asked.ridden());
        Optional<GoalPath> way = tight.map(t -> {
            SizeLadder ladder = difficulty.ladder(course, asked.machine().turn(), system);
            return new GoalPath(
                    GoalGap.to(t, ladder, ridden.of(Side.LEFT), ridden.of(Side.RIGHT)),
                    ladder,
                    new SizeLadder.SizeStep(setting, tight),
                    before.stream().map(TaughtDrill::id).toList(),
                    CoachingSettings.USUAL.easier());
        });
        Optional<GoalGap> gap = way.map(GoalPath::gap);
        return new GoalDistance(
                asked.machine().name(),
                asked.kind().label(),
                tight.orElse(null),
                gap.orElse(null),
                counted(ridden, CleanChance::runs),
                counted(ridden, CleanChance::runsElsewhere),
                gap.map(GoalGap::sentence).orElse(""),
                gap.map(GoalGap::paceSentence).orElse(""),
                way.flatMap(to -> programme(asked, to, before)).orElse(null));
    }

    private Optional<ProgrammeJson> programme(GoalReader.GoalInput asked, GoalPath way, List<TaughtDrill> before) {
        LocalDate today = LocalDate.now(clock);
        return asked.goal()
                .rhythm()
                .flatMap(rhythm -> Programme.of(way, rhythm.days(asked.last(), today))
                        .map(programme ->
                                ProgrammeJson.of(programme, before, n -> rhythm.scheduleOf(n, asked.last(), today))));
    }

    private static int counted(SideHistories ridden, ToDoubleFunction<CleanChance> runs) {
        return (int) Math.round(Arrays.stream(Side.values())
                .mapToDouble(side -> runs.applyAsDouble(ridden.of(side).now()))
                .sum());
    }

    /** Keeps a goal, or takes it away. */
    GoalResponse put(long riderId, ExpectedVersion expected, @Nullable GoalJson goal, LengthSystem system) {
        storage.change(() -> {
            GoalReader.GoalSnapshot stored = reader.read(riderId);
            expected.check(stored.version(), () -> get(riderId, system), Optional.ofNullable(goal));
            if (goal != null) {
                check(goal);
            }
            long next = stored.version() + 1;
            mapper.put(goal == null ? GoalRow.takenAway(riderId, next) : GoalRow.of(riderId, next, goal));
        });
        return get(riderId, system);
    }

    /** The goal of a rider just brought in, whatever day it was wanted by. */
    public void bringIn(long riderId, GoalJson goal) {
        storage.change(() -> mapper.put(GoalRow.of(riderId, storage.leastVersion() + 1, goal)));
    }

    private void check(GoalJson goal) {
        RefusedException.unlessNone(goal.check(LocalDate.now(clock)));
        reader.requireMachine(goal.machineId());
    }
}
