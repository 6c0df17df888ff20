package wrenlane.server.people.machine;

import java.util.List;
import wrenlane.machine.Transmission;
import wrenlane.server.platform.http.VersionedResource;

/** A machine as stored, with what it can do. */
record MachineResponse(
        long id,
        long version,
        String name,
        String classId,
        String classLabel,
        Transmission transmission,
        List<FigureJson> figures,
        List<CircleJson> circles,
        TurnReport turn)
        implements VersionedResource {}
