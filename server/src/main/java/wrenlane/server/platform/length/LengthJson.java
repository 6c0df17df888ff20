package wrenlane.server.platform.length;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.units.LengthFormat;
import wrenlane.units.LengthMethod;
import wrenlane.units.LengthText;
import wrenlane.units.MeasuredLength;

/**
 * A measured length on the wire and in the tables.
 *
 * @param metres the length
 * @param uncertaintyMetres one standard deviation
 * @param method how it was measured
 * @param text as typed, kept so that a person finds their own words again
 */
@ValidLength
public record LengthJson(
        @Schema(minimum = "0", maximum = "1000") @NotNull Double metres,
        @Schema(minimum = "0", maximum = "1000") @NotNull Double uncertaintyMetres,
        @NotNull LengthMethod method,
        @NotNull @Size(max = 60) String text) {

    /** From the core. */
    public static LengthJson of(MeasuredLength length, String text) {
        return new LengthJson(length.metres(), length.uncertaintyMetres(), length.method(), text);
    }

    /** A taped length with its text made from it. */
    public static LengthJson taped(double metres) {
        return of(MeasuredLength.taped(metres), LengthFormat.metric(metres));
    }

    /** Whether no part of it is missing. */
    @SuppressWarnings("NullAway") // A part left out in JSON is missing until the request is validated.
    boolean complete() {
        return metres != null && uncertaintyMetres != null && method != null && text != null;
    }

    /**
     * Everything that is wrong with it.
     *
     * @param where the name of the field
     */
    public List<Finding> check(String where) {
        return new Checks()
                .addAll(MeasuredLength.check(where, metres, uncertaintyMetres))
                .add(LengthText.check(where, text, metres))
                .findings();
    }

    /**
     * To the core.
     *
     * @param where the name of the field, for the finding
     * @throws RefusedException where it is out of range
     */
    public MeasuredLength measured(String where) {
        Checks checks = new Checks()
                .add(Checks.range(where, "The length", metres, Double.MIN_VALUE, MeasuredLength.MAX_METRES, "m"))
                .add(Checks.range(where, "Its uncertainty", uncertaintyMetres, 0, MeasuredLength.MAX_METRES, "m"));
        RefusedException.unlessNone(checks);
        return new MeasuredLength(metres, uncertaintyMetres, method, LengthText.counted(text));
    }
}
