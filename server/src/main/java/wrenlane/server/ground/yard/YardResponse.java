package wrenlane.server.ground.yard;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.plane.Point;
import wrenlane.server.platform.http.VersionedResource;
import wrenlane.server.platform.length.CalibrationJson;
import wrenlane.yard.Caution;

/** A yard as stored, with its corners and the cautions that follow from it. */
record YardResponse(
        long id,
        long version,
        String name,
        GroundJson ground,
        String notes,
        @Nullable CalibrationJson pace,
        @Nullable CalibrationJson bay,
        List<Point> corners,
        List<Caution> cautions)
        implements VersionedResource {}
