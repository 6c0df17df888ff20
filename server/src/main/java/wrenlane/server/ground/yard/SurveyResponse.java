package wrenlane.server.ground.yard;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Finding;
import wrenlane.plane.Point;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.yard.Caution;
import wrenlane.yard.SurveyedOutline;
import wrenlane.yard.Yard;

/**
 * What a yard's measurements come to.
 *
 * @param outline with its errors spread
 * @param findings what is wrong with the outline or with what stands on it; empty where all is well
 * @param entrance where machines come in, in the yard's axes; missing where it is not given, or not yet right
 * @param cautions of the ground; empty until the yard is right
 */
record SurveyResponse(
        SurveyedOutline outline,
        List<Finding> findings,
        @Nullable Point entrance,
        List<Caution> cautions) {
    static SurveyResponse of(GroundJson ground) {
        SurveyedOutline outline = ground.survey();
        List<Finding> findings = new ArrayList<>(outline.findings());
        try {
            Yard yard = ground.yard(outline);
            return new SurveyResponse(
                    outline, findings, yard.entrance().orElse(null), cautions(yard, outline, ground.outline()));
        } catch (RefusedException e) {
            e.findings().stream().filter(f -> !findings.contains(f)).forEach(findings::add);
            return new SurveyResponse(outline, findings, null, List.of());
        }
    }

    /** A measurement that cannot be true, or was only drawn, is something to mind until it is mended. */
    static List<Caution> cautions(Yard yard, SurveyedOutline outline, OutlineJson measured) {
        List<Caution> cautions = new ArrayList<>(yard.cautions());
        measured.measured().drawn().ifPresent(cautions::add);
        outline.findings().forEach(f -> cautions.add(new Caution(f.code(), f.message())));
        return cautions;
    }
}
