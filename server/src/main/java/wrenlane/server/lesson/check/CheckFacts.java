package wrenlane.server.lesson.check;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wrenlane.drill.Drill;
import wrenlane.lesson.RangeCheck;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineDimension;
import wrenlane.server.day.DayRequest.DayRider;
import wrenlane.server.ground.yard.YardResponse;
import wrenlane.server.ground.yard.YardService;
import wrenlane.server.lesson.LessonOfDay;
import wrenlane.server.lesson.LessonService;
import wrenlane.server.lesson.ReckonedLesson;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.machine.RiddenMachine;
import wrenlane.server.people.rider.RiderResponse;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.storage.Storage;
import wrenlane.units.LengthSystem;

/** What a day is like, as far as the range check asks. */
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
    RangeCheck.Facts of(long dayId) {
        // Which drills are ridden does not follow the lengths that rungs are rounded to.
        ReckonedLesson reckoned = lessons.reckoned(dayId, LengthSystem.METRIC);
        LessonOfDay of = reckoned.gathered().of();
        Set<String> ridden = reckoned.lesson().stream()
                .flatMap(lesson -> lesson.blocks().stream())
                .flatMap(block -> block.turns().stream())
                .map(turn -> turn.task().drillId())
                .collect(Collectors.toSet());
        List<Drill> drills =
                ridden.stream().flatMap(id -> of.catalogue().find(id).stream()).toList();
        return storage.read(() -> new RangeCheck.Facts(
                Optional.ofNullable(of.day().yardId()).map(yards::get).map(YardResponse::yard),
                of.settings().weather(),
                riding(of.day().riders()),
                drills,
                of.settings().areas()));
    }

    private List<RangeCheck.Rides> riding(List<DayRider> pairs) {
        Map<Long, RiddenMachine> ridden = machines.ridden(
                pairs.stream().map(DayRider::machineId).distinct().toList());
        return pairs.stream().map(pair -> riding(pair, ridden)).toList();
    }

    private RangeCheck.Rides riding(DayRider pair, Map<Long, RiddenMachine> ridden) {
        RiderResponse rider = riders.get(pair.riderId());
        Machine machine =
                Objects.requireNonNull(ridden.get(pair.machineId())).turn().machine();
        boolean usual = rider.machineId() == null || rider.machineId().equals(pair.machineId());
        return new RangeCheck.Rides(
                String.valueOf(rider.id()),
                rider.name(),
                rider.level(),
                machine.value(MachineDimension.MASS),
                usual,
                Optional.ofNullable(rider.reach()));
    }
}
