package wrenlane.server.lesson.check;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wrenlane.day.DayRider;
import wrenlane.drill.Drill;
import wrenlane.id.MachineId;
import wrenlane.lesson.SafetyCheck;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.NamedMachine;
import wrenlane.rider.Rider;
import wrenlane.server.ground.yard.YardService;
import wrenlane.server.lesson.ComputedLesson;
import wrenlane.server.lesson.LessonOfDay;
import wrenlane.server.lesson.LessonService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.storage.Storage;
import wrenlane.units.LengthSystem;
import wrenlane.yard.NamedYard;

/** What a day is like, as far as the safety check asks. */
@Component
class CheckFacts {
    private final LessonService lessons;
    private final RiderService riders;
    private final MachineService machines;
    private final YardService yards;
    private final Storage storage;

    CheckFacts(
            LessonService lessons, RiderService riders, MachineService machines, YardService yards, Storage storage) {
        this.lessons = lessons;
        this.riders = riders;
        this.machines = machines;
        this.yards = yards;
        this.storage = storage;
    }

    /** Of a day. */
    SafetyCheck.Facts of(long dayId) {
        // Which drills are ridden does not follow the lengths that sizes are rounded to.
        ComputedLesson computed = lessons.computed(dayId, LengthSystem.METRIC);
        LessonOfDay of = computed.gathered().of();
        Set<String> ridden = computed.lesson().stream()
                .flatMap(lesson -> lesson.blocks().stream())
                .flatMap(block -> block.turns().stream())
                .map(turn -> turn.task().drillId())
                .collect(Collectors.toSet());
        List<Drill> drills =
                ridden.stream().flatMap(id -> of.catalogue().find(id).stream()).toList();
        return storage.read(() -> new SafetyCheck.Facts(
                of.day().yardId().map(yards::get).map(NamedYard::yard),
                of.settings().weather(),
                riding(of.day().riders()),
                drills,
                of.settings().areas()));
    }

    private List<SafetyCheck.Rides> riding(List<DayRider> pairs) {
        Map<MachineId, NamedMachine> ridden =
                machines.get(pairs.stream().map(DayRider::machineId).toList());
        return pairs.stream().map(pair -> riding(pair, ridden)).toList();
    }

    private SafetyCheck.Rides riding(DayRider pair, Map<MachineId, NamedMachine> ridden) {
        Rider rider = riders.get(pair.riderId());
        Machine machine =
                Objects.requireNonNull(ridden.get(pair.machineId())).turn().machine();
        boolean usual = rider.machineId().map(id -> id.equals(pair.machineId())).orElse(true);
        return new SafetyCheck.Rides(
                String.valueOf(rider.id()),
                rider.name(),
                rider.level(),
                machine.value(MachineDimension.MASS),
                usual,
                rider.reach());
    }
}
