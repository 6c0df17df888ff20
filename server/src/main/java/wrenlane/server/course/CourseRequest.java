package wrenlane.server.course;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseDimension.Quantity;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseSettings;
import wrenlane.finding.Checks;
import wrenlane.machine.Side;
import wrenlane.server.course.kit.MarkerJson;
import wrenlane.server.platform.http.VisibleText;
import wrenlane.server.platform.length.LengthJson;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.units.MeasuredLength;

/**
 * A course as a person describes it.
 *
 * @param kind one of {@code /api/course-kinds}
 * @param lengths of the kind's dimensions counted in metres, by name
 * @param counts of the others, by name
 * @param options choices by name; what is left out is as the kind has it
 * @param firstTurn the side first turned to
 * @param markers of the school's own that it is set out in; of a sort that is not among them the usual one
 * @param within flat markers of the settings within the widest that it stands at, the second widest first
 */
public record CourseRequest(
        @VisibleText @Size(max = 80) String name,
        @NotBlank @Size(max = 40) String kind,
        @NotNull @Size(max = 12) Map<@Size(max = 40) String, @NotNull @Valid LengthJson> lengths,
        @NotNull @Size(max = 12) Map<@Size(max = 40) String, @NotNull Integer> counts,
        @NotNull @Size(max = 12) Map<@Size(max = 40) String, @NotNull @Size(max = 40) String> options,
        @NotNull Side firstTurn,
        @Nullable @Size(max = 2) List<@NotNull @Valid MarkerJson> markers,
        @Nullable @Size(max = 2) List<@NotNull @Valid MarkerJson> within) {

    /** What it is set out in that is not usual. */
    public List<MarkerJson> own() {
        return Objects.requireNonNullElse(markers, List.of());
    }

    /** A new course of a kind, its lengths as if laid by tape. */
    static CourseRequest fresh(CourseKind kind) {
        return of(kind, Course.fresh(kind).settings());
    }

    /** A course of a kind as it is usual, its lengths as if laid by tape. */
    public static CourseRequest standard(CourseKind kind) {
        return of(kind, CourseSettings.standard(kind));
    }

    private static CourseRequest of(CourseKind kind, CourseSettings start) {
        Map<String, LengthJson> lengths = new LinkedHashMap<>();
        Map<String, Integer> counts = new LinkedHashMap<>();
        Map<String, String> options = new LinkedHashMap<>();
        for (CourseDimension d : kind.dimensions()) {
            if (d.quantity() == Quantity.METRES) {
                lengths.put(d.name(), LengthJson.taped(start.of(d)));
            } else {
                counts.put(d.name(), start.countOf(d));
            }
        }
        kind.options().forEach(o -> options.put(o.name(), start.of(o)));
        return new CourseRequest(kind.label(), kind.id(), lengths, counts, options, Side.LEFT, List.of(), List.of());
    }

    /** The same as somebody has it, where they say so. */
    public CourseRequest as(
            String name,
            Map<String, LengthJson> lengths,
            Map<String, Integer> counts,
            Map<String, String> options,
            Side firstTurn,
            List<MarkerJson> markers,
            List<MarkerJson> within) {
        return new CourseRequest(
                name,
                kind,
                over(this.lengths, lengths),
                over(this.counts, counts),
                over(this.options, options),
                firstTurn,
                markers,
                within);
    }

    private static <V> Map<String, V> over(Map<String, V> standard, Map<String, V> said) {
        Map<String, V> all = new LinkedHashMap<>(standard);
        all.putAll(said);
        return all;
    }

    /** What lies at settings within the widest, where that is something else. */
    public List<MarkerJson> ownWithin() {
        return Objects.requireNonNullElse(within, List.of());
    }

    /** To the core, or refused with everything that is wrong. */
    public Course course() {
        CourseKind kind = NamedKind.of(kind());
        Map<String, MeasuredLength> measured = new HashMap<>();
        lengths.forEach((name, length) -> measured.put(name, length.measured(name)));
        CourseSettings settings =
                new CourseSettings(measured, counts, options, MarkerJson.standing(own(), ownWithin()));
        RefusedException.unlessNone(new Checks().addAll(settings.check(kind)));
        return new Course(kind, settings, firstTurn);
    }
}
