package wrenlane.server.ground.yard;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.plane.Point;
import wrenlane.server.platform.http.Versioned;
import wrenlane.server.platform.length.CalibrationJson;
import wrenlane.units.Calibrations;
import wrenlane.yard.Caution;
import wrenlane.yard.Yard;

/** A yard as stored, with its corners and the cautions that follow from it. */
public record YardResponse(
        long id,
        long version,
        String name,
        GroundJson ground,
        String notes,
        @Nullable CalibrationJson pace,
        @Nullable CalibrationJson bay,
        List<Point> corners,
        List<Caution> cautions)
        implements Versioned {
    /** For the core to reckon with. */
    public Yard yard() {
        return ground.yard();
    }

    /** This yard's pace and bays. */
    public Calibrations calibrations() {
        return CalibrationJson.calibrations(pace, bay);
    }
}
