package wrenlane.server.lesson.goal;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import org.springframework.stereotype.Component;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.id.MachineId;
import wrenlane.machine.NamedMachine;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.history.KindHistory;
import wrenlane.server.progress.history.KindHistoryReader;
import wrenlane.server.progress.run.MachineRuns;
import wrenlane.server.progress.run.RunRepository;

/** Reads what a goal is judged from. */
@Component
class GoalReader {
    private final GoalMapper mapper;
    private final RiderService riders;
    private final MachineService machines;
    private final KindHistoryReader histories;
    private final RunRepository runs;
    private final Storage storage;

    GoalReader(
            GoalMapper mapper,
            RiderService riders,
            MachineService machines,
            KindHistoryReader histories,
            RunRepository runs,
            Storage storage) {
        this.mapper = mapper;
        this.riders = riders;
        this.machines = machines;
        this.histories = histories;
        this.runs = runs;
        this.storage = storage;
    }

    /** What is read of one state of the data. */
    record GoalSnapshot(long version, Optional<GoalInput> asked) {}

    /**
     * What a goal is judged from.
     *
     * @param last day with runs of this rider, on whatever course; empty where there are none
     */
    record GoalInput(
            GoalJson goal, CourseKind kind, NamedMachine machine, KindHistory ridden, Optional<LocalDate> last) {}

    GoalSnapshot read(long riderId) {
        riders.get(riderId);
        Optional<GoalRow> row = mapper.find(riderId);
        return new GoalSnapshot(
                row.map(GoalRow::version).orElseGet(storage::leastVersion),
                row.flatMap(GoalRow::goal).map(goal -> asked(riderId, goal)));
    }

    private GoalInput asked(long riderId, GoalJson goal) {
        CourseKind kind = CourseKinds.find(goal.kind()).orElseThrow();
        return new GoalInput(
                goal,
                kind,
                machines.get(new MachineId(goal.machineId())),
                histories.read(riderId, Optional.of(kind)),
                runs.byMachine(riderId).stream().map(MachineRuns::lastOn).max(Comparator.naturalOrder()));
    }

    /** Refuses a machine that is not there. */
    void requireMachine(long id) {
        machines.require(id);
    }
}
