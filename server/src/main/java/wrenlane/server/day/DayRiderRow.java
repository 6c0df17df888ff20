package wrenlane.server.day;

import wrenlane.day.DayRider;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;

/** A row of the day_rider table. */
record DayRiderRow(Long dayId, Long riderId, Long machineId) {
    DayRider rider() {
        return new DayRider(new RiderId(riderId), new MachineId(machineId));
    }
}
