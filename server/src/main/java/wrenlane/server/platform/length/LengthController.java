package wrenlane.server.platform.length;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wrenlane.finding.Checks;
import wrenlane.finding.Sentence;
import wrenlane.server.platform.http.ReaderUnits;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.units.Figures;
import wrenlane.units.LengthParser;
import wrenlane.units.LengthReading;
import wrenlane.units.LengthSystem;
import wrenlane.units.LengthText;
import wrenlane.units.MeasuredLength;
import wrenlane.units.UsualLengths;

/** Reads a length as typed and says it back in both units. */
@RestController
@RequestMapping("/api/calculations/length-readings")
class LengthController {
    /**
     * What to read.
     *
     * @param text as typed
     * @param system what a bare number means
     * @param pace this instructor's pace, if calibrated
     * @param bay this yard's bay, if calibrated
     * @param usual what the field usually holds; anything where missing
     */
    record LengthRequest(
            @NotNull @Size(max = 1000) String text,
            @NotNull LengthSystem system,
            @Valid @Nullable CalibrationJson pace,
            @Valid @Nullable CalibrationJson bay,
            @Valid @Nullable UsualJson usual) {}

    /** The shortest and the longest length that is usual. */
    record UsualJson(
            @Schema(minimum = "0.02", maximum = "1000") @NotNull
            Double leastMetres,

            @Schema(minimum = "0.02", maximum = "1000") @NotNull
            Double mostMetres) {
        UsualLengths usual() {
            RefusedException.unlessNone(new Checks()
                    .add(Checks.range(
                            "usual.leastMetres",
                            "The least",
                            leastMetres,
                            MeasuredLength.MIN_METRES,
                            MeasuredLength.MAX_METRES,
                            "m"))
                    .add(Checks.range(
                            "usual.mostMetres",
                            "The most",
                            mostMetres,
                            Math.nextUp(leastMetres),
                            MeasuredLength.MAX_METRES,
                            "m")));
            return new UsualLengths(leastMetres, mostMetres);
        }
    }

    /**
     * What was understood.
     *
     * @param readings the one meaning of the text; several, the likeliest first, where a question is to be answered
     * @param question missing where the text has one meaning
     */
    record LengthResponse(List<Reading> readings, @Nullable Sentence question) {}

    /**
     * A length that a text means.
     *
     * @param length with words that say it without a doubt
     * @param metric said in metres
     * @param imperial said in feet and inches
     */
    record Reading(LengthJson length, String metric, String imperial) {
        static Reading of(MeasuredLength length, String text) {
            return new Reading(
                    LengthJson.of(length, text),
                    ReaderUnits.figures(LengthSystem.METRIC).length(length.metres()),
                    ReaderUnits.figures(LengthSystem.IMPERIAL).length(length.metres()));
        }
    }

    /** What somebody typed as a length, in metres with its uncertainty; or what it could mean. */
    @PostMapping
    LengthResponse readLength(@Valid @RequestBody LengthRequest request) {
        Figures figures = ReaderUnits.figures(request.system());
        LengthParser parser = new LengthParser(
                CalibrationJson.calibrations(request.pace(), request.bay()),
                figures,
                request.usual() == null ? UsualLengths.ANY : request.usual().usual());
        LengthReading reading = parser.parse(request.text());
        if (reading instanceof LengthReading.Question question) {
            List<Reading> offers = question.offers().stream()
                    .map(offer -> Reading.of(offer.length(), offer.text()))
                    .toList();
            return new LengthResponse(offers, question.finding().message());
        }
        if (reading instanceof LengthReading.ParsedLength understood) {
            String kept = LengthText.kept(request.text(), figures.sign());
            return new LengthResponse(List.of(Reading.of(understood.length(), kept)), null);
        }
        throw new RefusedException(List.of(((LengthReading.UnparsedLength) reading).finding()));
    }
}
