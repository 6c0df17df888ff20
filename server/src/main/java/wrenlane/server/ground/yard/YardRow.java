package wrenlane.server.ground.yard;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.finding.TypedText;
import wrenlane.id.YardId;
import wrenlane.server.platform.length.CalibrationJson;
import wrenlane.server.platform.length.LengthJson;
import wrenlane.units.LengthMethod;
import wrenlane.yard.NamedYard;
import wrenlane.yard.SurveyedOutline;
import wrenlane.yard.Yard;

/**
 * A row of the yard table, columns in their order.
 *
 * @param ground what is measured of it, as JSON: it is only ever read and written whole
 */
record YardRow(
        @Nullable Long id,
        @Nullable Long version,
        String name,
        String notes,
        @Nullable Double paceCount,
        @Nullable Double paceTapedM,
        @Nullable Double paceTapedUM,
        @Nullable String paceTapedMethod,
        @Nullable String paceTapedText,
        @Nullable Double bayCount,
        @Nullable Double bayTapedM,
        @Nullable Double bayTapedUM,
        @Nullable String bayTapedMethod,
        @Nullable String bayTapedText,
        String ground) {

    static YardRow of(@Nullable Long id, YardRequest y, JsonMapper json) {
        CalibrationJson p = y.pace();
        CalibrationJson b = y.bay();
        return new YardRow(
                id,
                null,
                TypedText.line(y.name()),
                y.notes(),
                p == null ? null : p.count(),
                p == null ? null : p.taped().metres(),
                p == null ? null : p.taped().uncertaintyMetres(),
                p == null ? null : p.taped().method().name(),
                p == null ? null : p.taped().text(),
                b == null ? null : b.count(),
                b == null ? null : b.taped().metres(),
                b == null ? null : b.taped().uncertaintyMetres(),
                b == null ? null : b.taped().method().name(),
                b == null ? null : b.taped().text(),
                json.writeValueAsString(y.ground()));
    }

    long counted() {
        return version == null ? 0 : version;
    }

    private GroundJson measured(JsonMapper json) {
        return json.readValue(ground, GroundJson.class);
    }

    private @Nullable CalibrationJson pace() {
        return calibration(paceCount, paceTapedM, paceTapedUM, paceTapedMethod, paceTapedText);
    }

    private @Nullable CalibrationJson bay() {
        return calibration(bayCount, bayTapedM, bayTapedUM, bayTapedMethod, bayTapedText);
    }

    YardResponse response(JsonMapper json) {
        GroundJson measured = measured(json);
        SurveyedOutline outline = measured.survey();
        Yard yard = measured.yard(outline);
        return new YardResponse(
                Objects.requireNonNull(id),
                counted(),
                name,
                measured,
                notes,
                pace(),
                bay(),
                yard.outline(),
                SurveyResponse.cautions(yard, outline, measured.outline()));
    }

    /** As a person would type it again. */
    YardRequest typed(JsonMapper json) {
        return new YardRequest(name, measured(json), notes, pace(), bay());
    }

    NamedYard named(JsonMapper json) {
        GroundJson measured = measured(json);
        SurveyedOutline outline = measured.survey();
        Yard yard = measured.yard(outline);
        return new NamedYard(
                new YardId(Objects.requireNonNull(id)),
                name,
                yard,
                measured.sides(),
                CalibrationJson.calibrations(pace(), bay()),
                SurveyResponse.cautions(yard, outline, measured.outline()));
    }

    private static @Nullable CalibrationJson calibration(
            @Nullable Double count,
            @Nullable Double metres,
            @Nullable Double uncertainty,
            @Nullable String method,
            @Nullable String text) {
        return count == null || metres == null || uncertainty == null || method == null || text == null
                ? null
                : new CalibrationJson(count, new LengthJson(metres, uncertainty, LengthMethod.valueOf(method), text));
    }
}
