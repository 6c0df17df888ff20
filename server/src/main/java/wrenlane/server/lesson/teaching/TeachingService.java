package wrenlane.server.lesson.teaching;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import wrenlane.drill.ClutchHeat;
import wrenlane.drill.Teaching;
import wrenlane.drill.TeachingChange;
import wrenlane.drill.TeachingChoice;
import wrenlane.machine.Machine;
import wrenlane.rider.RidingMethod;
import wrenlane.server.lesson.drill.DrillService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;

/** How drills are taught here, and what another way would change. */
@Service
public class TeachingService {
    /** Speed of a turn that heats are compared at, m/s: 10 km/h, in the middle of what turns are ridden at. */
    private static final double TURNING_SPEED = 10 / 3.6;

    private final TeachingMapper mapper;
    private final DrillService drills;
    private final MachineService machines;
    private final Storage storage;

    TeachingService(TeachingMapper mapper, DrillService drills, MachineService machines, Storage storage) {
        this.mapper = mapper;
        this.drills = drills;
        this.machines = machines;
        this.storage = storage;
    }

    TeachingResponse get() {
        return storage.read(() -> new TeachingResponse(mapper.version(), choices()));
    }

    /** A school as it is taught here. */
    public Teaching of(RidingMethod school) {
        return new Teaching(school, choices());
    }

    private Set<TeachingChoice> choices() {
        Set<TeachingChoice> said = new TreeSet<>();
        mapper.choices().stream().map(TeachingChoice::valueOf).forEach(said::add);
        return said.isEmpty() ? Teaching.USUAL_CHOICES : Collections.unmodifiableSet(said);
    }

    TeachingResponse put(ExpectedVersion expected, TeachingJson wanted) {
        check(wanted);
        return storage.write(() -> {
            expected.check(mapper.version(), this::get, wanted);
            mapper.countChange();
            mapper.clear();
            wanted.choices().stream().distinct().map(Enum::name).forEach(mapper::insert);
            return get();
        });
    }

    private static void check(TeachingJson wanted) {
        if (!Teaching.oneEach(wanted.choices())) {
            throw RefusedException.of("choices", "choices", "Choose one answer to each question.");
        }
    }

    /** What changes for a rider taught so far in one way when it becomes another. */
    List<TeachingChange> changes(TeachingController.ChangesRequest asked) {
        check(new TeachingJson(asked.from().choices()));
        check(new TeachingJson(asked.to().choices()));
        return drills.catalogue()
                .changes(
                        new Teaching(asked.from().school(), asked.from().choices()),
                        new Teaching(asked.to().school(), asked.to().choices()),
                        asked.transmission(),
                        asked.level());
    }

    /**
     * How warm each school makes a machine's clutch: an estimate.
     *
     * @param slowLane index at 6 km/h; 1 is the clutch alone
     * @param turning index at 10 km/h
     */
    record MethodHeat(RidingMethod school, String label, double slowLane, double turning) {}

    /** Empty for a machine without a hand clutch. */
    List<MethodHeat> heat(long machineId) {
        Machine machine = machines.turn(machineId).machine();
        if (!machine.transmission().drivesAtIdle()) {
            return List.of();
        }
        return List.of(RidingMethod.values()).stream()
                .filter(s -> s != RidingMethod.DRIVE_AND_BRAKE)
                .map(s -> new MethodHeat(
                        s,
                        s.label(),
                        ClutchHeat.of(machine, s, ClutchHeat.REFERENCE_SPEED).index(),
                        ClutchHeat.of(machine, s, TURNING_SPEED).index()))
                .toList();
    }
}
