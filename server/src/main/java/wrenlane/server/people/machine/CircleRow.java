package wrenlane.server.people.machine;

import wrenlane.machine.Posture;
import wrenlane.machine.Side;
import wrenlane.server.platform.length.LengthJson;

/** A row of the machine_circle table. */
record CircleRow(Long machineId, Side side, Posture posture, LengthJson diameter) {
    static CircleRow of(long machineId, CircleJson c) {
        return new CircleRow(machineId, c.side(), c.posture(), c.diameter());
    }

    CircleJson json() {
        return new CircleJson(side, posture, diameter);
    }
}
