package wrenlane.server.lesson.drill;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import wrenlane.drill.Teaching;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.NamedMachine;
import wrenlane.machine.Side;
import wrenlane.machine.Transmission;
import wrenlane.rider.Rider;
import wrenlane.rider.RidingMethod;
import wrenlane.run.Run;
import wrenlane.server.lesson.teaching.TeachingService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.progress.run.RunRepository;

/** Reads what the drills of a rider are judged by. */
@Component
class RiderDrillReader {
    /** Runs a side that are looked at for a kind; as many as the longest pass mark looks at. */
    static final int LATEST = 20;

    private final MasteredDrills mastered;
    private final TeachingService teaching;
    private final RiderService riders;
    private final MachineService machines;
    private final RunRepository runs;

    RiderDrillReader(
            MasteredDrills mastered,
            TeachingService teaching,
            RiderService riders,
            MachineService machines,
            RunRepository runs) {
        this.mastered = mastered;
        this.teaching = teaching;
        this.riders = riders;
        this.machines = machines;
        this.runs = runs;
    }

    /**
     * What is read of one state of the data.
     *
     * @param ofKind the latest runs on each kind of course, whatever drill they name
     * @param named the latest runs that name a drill, by its id
     * @param turns of the machines all of them were ridden on
     */
    record RiderDrillInput(
            Rider rider,
            NamedMachine machine,
            Transmission transmission,
            Teaching teaching,
            List<MasteredRow> shown,
            Map<String, List<Run>> ofKind,
            Map<String, List<Run>> named,
            Map<Long, MachineTurn> turns) {}

    RiderDrillInput read(long riderId, long machineId, Optional<RidingMethod> school) {
        Rider rider = riders.get(riderId);
        NamedMachine machine = machines.get(machineId);
        Map<String, List<Run>> ofKind = new HashMap<>();
        runs.kindsRidden(riderId).forEach(kind -> ofKind.put(kind, runs.latest(riderId, kind, LATEST)));
        Map<String, List<Run>> named = new HashMap<>();
        runs.drillsRidden(riderId)
                .forEach(drill -> named.put(drill, runs.latestOfDrill(riderId, drill, Side.values().length * LATEST)));
        List<Long> ridden = Stream.concat(ofKind.values().stream(), named.values().stream())
                .flatMap(List::stream)
                .map(r -> r.machineId().value())
                .distinct()
                .toList();
        return new RiderDrillInput(
                rider,
                machine,
                machine.turn().machine().transmission(),
                teaching.of(school.orElse(rider.school())),
                mastered.rows(riderId),
                ofKind,
                named,
                machines.turns(ridden));
    }
}
