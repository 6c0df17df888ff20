package wrenlane.server.machine;

import java.util.List;
import wrenlane.machine.Transmission;

/** A machine as stored, with what it can do. */
public record MachineResponse(
        long id,
        String name,
        String classId,
        String classLabel,
        Transmission transmission,
        List<FigureJson> figures,
        List<CircleJson> circles,
        TurnReport turn) {}
