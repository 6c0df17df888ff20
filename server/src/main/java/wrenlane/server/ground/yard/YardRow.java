package wrenlane.server.ground.yard;

import java.util.Objects;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.finding.TypedText;
import wrenlane.id.YardId;
import wrenlane.server.platform.length.CalibrationJson;
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
        @Nullable CalibrationJson pace,
        @Nullable CalibrationJson bay,
        String ground) {

    static YardRow of(@Nullable Long id, YardRequest y, JsonMapper json) {
        return new YardRow(
                id, null, TypedText.line(y.name()), y.notes(), y.pace(), y.bay(), json.writeValueAsString(y.ground()));
    }

    long counted() {
        return version == null ? 0 : version;
    }

    private GroundJson measured(JsonMapper json) {
        return json.readValue(ground, GroundJson.class);
    }

    YardResponse response(JsonMapper json) {
        GroundJson measured = measured(json);
        NamedYard yard = named(measured);
        return new YardResponse(
                yard.id().value(),
                counted(),
                name,
                measured,
                notes,
                pace,
                bay,
                yard.yard().outline(),
                yard.cautions());
    }

    /** As a person would type it again. */
    YardRequest typed(JsonMapper json) {
        return new YardRequest(name, measured(json), notes, pace, bay);
    }

    NamedYard named(JsonMapper json) {
        return named(measured(json));
    }

    private NamedYard named(GroundJson measured) {
        SurveyedOutline outline = measured.survey();
        Yard yard = measured.yard(outline);
        return new NamedYard(
                new YardId(Objects.requireNonNull(id)),
                name,
                yard,
                measured.sides(),
                CalibrationJson.calibrations(pace, bay),
                SurveyResponse.cautions(yard, outline, measured.outline()));
    }
}
