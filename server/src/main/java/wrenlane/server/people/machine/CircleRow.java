package wrenlane.server.people.machine;

import wrenlane.machine.Posture;
import wrenlane.machine.Side;
import wrenlane.server.platform.length.LengthJson;
import wrenlane.units.LengthMethod;

/** A row of the machine_circle table. */
record CircleRow(
        Long machineId,
        String side,
        String posture,
        Double diameterM,
        Double diameterUM,
        String diameterMethod,
        String diameterText) {
    static CircleRow of(long machineId, CircleJson c) {
        LengthJson d = c.diameter();
        return new CircleRow(
                machineId,
                c.side().name(),
                c.posture().name(),
                d.metres(),
                d.uncertaintyMetres(),
                d.method().name(),
                d.text());
    }

    CircleJson json() {
        return new CircleJson(
                Side.valueOf(side),
                Posture.valueOf(posture),
                new LengthJson(diameterM, diameterUM, LengthMethod.valueOf(diameterMethod), diameterText));
    }
}
