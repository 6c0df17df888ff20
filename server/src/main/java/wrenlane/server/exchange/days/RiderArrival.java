package wrenlane.server.exchange.days;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wrenlane.server.exchange.days.ImportDocument.RiderItem;
import wrenlane.server.lesson.drill.MasteredDrills;
import wrenlane.server.lesson.goal.GoalService;
import wrenlane.server.people.rider.RiderRequest;
import wrenlane.server.people.rider.RiderService;

/** Stores riders of a file with the drills they have mastered and their goals. Called while the writer is held. */
@Component
class RiderArrival {
    private final RiderService riders;
    private final MasteredDrills drills;
    private final GoalService goals;

    RiderArrival(RiderService riders, MasteredDrills drills, GoalService goals) {
        this.riders = riders;
        this.drills = drills;
        this.goals = goals;
    }

    /** Stores one, and returns the new id. */
    long store(PreparedDays.ReadyRider ready, Keys<Long> machineIds) {
        RiderItem r = ready.item();
        long id = riders.create(rider(r, machineIds));
        ItemReader.orNone(r.shown())
                .forEach(shown -> drills.seen(id, machineIds.get(shown.machine()), shown.drills(), shown.on()));
        if (r.goal() != null && ready.goal() != null) {
            goals.bringIn(id, ready.goal().on(machineIds.get(r.goal().machine())));
        }
        return id;
    }

    private static RiderRequest rider(RiderItem r, Keys<Long> machineIds) {
        @Nullable Long machineId = machineIds.getOrNull(r.machine());
        return new RiderRequest(
                r.name(),
                r.level(),
                r.school(),
                r.mostLeanRadians(),
                machineId,
                r.reach(),
                ItemReader.orEmpty(r.notes()));
    }
}
