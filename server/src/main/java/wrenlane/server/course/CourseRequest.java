package wrenlane.server.course;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseSettings;
import wrenlane.course.kind.CourseKinds;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.TypedText;
import wrenlane.machine.Side;
import wrenlane.server.http.RefusedException;
import wrenlane.server.http.Visible;
import wrenlane.server.length.LengthJson;

/**
 * A course as a person describes it.
 *
 * @param kind one of {@code /api/course-kinds}
 * @param lengths of the kind's dimensions counted in metres, by name
 * @param counts of the others, by name
 * @param options choices by name; what is left out is as the kind has it
 * @param firstTurn the side first turned to
 */
public record CourseRequest(
        @Visible @Size(max = 80) String name,
        @NotBlank @Size(max = 40) String kind,
        @NotNull @Size(max = 12) Map<@Size(max = 40) String, @NotNull @Valid LengthJson> lengths,
        @NotNull @Size(max = 12) Map<@Size(max = 40) String, @NotNull Integer> counts,
        @NotNull @Size(max = 12) Map<@Size(max = 40) String, @NotNull @Size(max = 40) String> options,
        @NotNull Side firstTurn) {

    /** To the core, or refused with everything that is wrong. */
    public Course course() {
        CourseKind kind = CourseKinds.find(kind())
                .orElseThrow(() -> RefusedException.of(
                        "no-such-kind", "kind", "There is no kind of course called " + TypedText.quoted(kind()) + "."));
        Map<String, Double> dimensions = new HashMap<>();
        lengths.forEach((name, length) -> dimensions.put(name, length.metres()));
        counts.forEach((name, count) -> dimensions.put(name, (double) count));
        CourseSettings settings = new CourseSettings(dimensions, options);
        List<Finding> findings = settings.check(kind);
        RefusedException.unlessNone(new Checks().addAll(findings));
        lengths.forEach((name, length) -> length.measured(name));
        return new Course(kind, settings, firstTurn);
    }

    /** How far out each length may be, by name, in metres. */
    Map<String, Double> uncertainties() {
        Map<String, Double> uncertainties = new HashMap<>();
        lengths.forEach((name, length) -> uncertainties.put(name, length.uncertaintyMetres()));
        return uncertainties;
    }
}
