package wrenlane.server.length;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.server.http.ReadIn;
import wrenlane.server.http.RefusedException;
import wrenlane.units.LengthParser;
import wrenlane.units.LengthReading;
import wrenlane.units.LengthSystem;
import wrenlane.units.MeasuredLength;

/** Reads a length as typed and says it back in both units. */
@RestController
@RequestMapping("/api/length-readings")
class LengthController {
    /**
     * What to read.
     *
     * @param text as typed
     * @param system what a bare number means
     * @param pace this instructor's pace, if calibrated
     * @param bay this yard's bay, if calibrated
     */
    record ReadRequest(
            @NotNull @Size(max = 1000) String text,
            @NotNull LengthSystem system,
            @Valid @Nullable CalibrationJson pace,
            @Valid @Nullable CalibrationJson bay) {}

    /**
     * What was understood.
     *
     * @param length the length
     * @param metric said in metres
     * @param imperial said in feet and inches
     */
    record ReadResponse(LengthJson length, String metric, String imperial) {}

    /** What somebody typed as a length, in metres with its uncertainty. */
    @PostMapping
    ReadResponse read(@Valid @RequestBody ReadRequest request) {
        LengthParser parser =
                new LengthParser(CalibrationJson.calibrations(request.pace(), request.bay()), request.system());
        LengthReading reading = parser.parse(request.text());
        if (reading instanceof LengthReading.NotUnderstood not) {
            throw new RefusedException(List.of(not.finding()));
        }
        MeasuredLength length = ((LengthReading.Understood) reading).length();
        return new ReadResponse(
                LengthJson.of(length, request.text().strip()),
                ReadIn.figures(LengthSystem.METRIC).length(length.metres()),
                ReadIn.figures(LengthSystem.IMPERIAL).length(length.metres()));
    }
}
