package wrenlane.server.yard;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.server.length.CalibrationJson;
import wrenlane.server.length.LengthJson;
import wrenlane.yard.Caution;
import wrenlane.yard.Surface;
import wrenlane.yard.Yard;

/** A yard as stored, with the cautions that follow from it. */
public record YardResponse(
        long id,
        String name,
        LengthJson length,
        LengthJson width,
        Surface surface,
        double fallPercent,
        String notes,
        @Nullable CalibrationJson pace,
        @Nullable CalibrationJson bay,
        List<Caution> cautions) {
    /** For the core to reckon with. */
    public Yard yard() {
        return new Yard(length.measured("length"), width.measured("width"), surface, fallPercent);
    }
}
