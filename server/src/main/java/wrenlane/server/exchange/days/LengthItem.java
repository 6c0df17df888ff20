package wrenlane.server.exchange.days;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.server.platform.length.LengthJson;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.units.Calibrations;
import wrenlane.units.LengthMethod;
import wrenlane.units.LengthParser;
import wrenlane.units.LengthReading;
import wrenlane.units.LengthSystem;

/**
 * A length in a file: as a person says it, such as {@code "7.2 m"}, or with how it was measured and how far out it may be.
 *
 * @param text as a person says it
 * @param metres missing where only the text is given
 * @param uncertaintyMetres one standard deviation
 * @param method how it was measured
 */
record LengthItem(
        String text,
        @Nullable Double metres,
        @Nullable Double uncertaintyMetres,
        @Nullable LengthMethod method) {
    /** From the text alone. */
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    static LengthItem said(String text) {
        return new LengthItem(text, null, null, null);
    }

    @JsonCreator(mode = JsonCreator.Mode.PROPERTIES)
    static LengthItem measured(
            @JsonProperty("text") @Nullable String text,
            @JsonProperty("metres") @Nullable Double metres,
            @JsonProperty("uncertaintyMetres") @Nullable Double uncertaintyMetres,
            @JsonProperty("method") @Nullable LengthMethod method) {
        return new LengthItem(text == null ? "" : text, metres, uncertaintyMetres, method);
    }

    /** As it is stored, to be written to a file. */
    static LengthItem of(LengthJson stored) {
        return new LengthItem(stored.text(), stored.metres(), stored.uncertaintyMetres(), stored.method());
    }

    /** To be stored; a text alone is read with what is known of paces and bays. */
    LengthJson length(Calibrations known) {
        if (metres != null && uncertaintyMetres != null && method != null) {
            LengthJson length = new LengthJson(metres, uncertaintyMetres, method, text);
            RefusedException.unlessNone(new Checks().addAll(length.check("length")));
            return length;
        }
        LengthReading reading = new LengthParser(known, LengthSystem.METRIC).parse(text);
        if (reading instanceof LengthReading.ParsedLength understood) {
            return LengthJson.of(understood.length(), text.strip());
        }
        Finding finding = reading instanceof LengthReading.Question question
                ? question.finding()
                : ((LengthReading.UnparsedLength) reading).finding();
        throw new RefusedException(
                List.of(new Finding(finding.code(), text.length() > 60 ? "length" : text, finding.message())));
    }
}
