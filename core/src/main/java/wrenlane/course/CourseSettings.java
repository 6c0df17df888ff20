package wrenlane.course;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;

/**
 * What a course is set to: a value for every dimension of its kind, and a choice for every option.
 *
 * @param dimensions by name; metres or counts
 * @param options by name
 */
public record CourseSettings(Map<String, Double> dimensions, Map<String, String> options) {
    public CourseSettings {
        dimensions = Map.copyOf(dimensions);
        options = Map.copyOf(options);
    }

    /** What a new course of a kind starts from. */
    public static CourseSettings standard(CourseKind kind) {
        return new CourseSettings(
                kind.dimensions().stream().collect(Collectors.toMap(CourseDimension::name, CourseDimension::standard)),
                kind.options().stream().collect(Collectors.toMap(CourseOption::name, CourseOption::standard)));
    }

    /** The same with another value for one dimension. */
    public CourseSettings with(CourseDimension dimension, double value) {
        Map<String, Double> changed = new HashMap<>(dimensions);
        changed.put(dimension.name(), value);
        return new CourseSettings(changed, options);
    }

    /** The same with another choice. */
    public CourseSettings with(CourseOption option, String value) {
        Map<String, String> changed = new HashMap<>(options);
        changed.put(option.name(), value);
        return new CourseSettings(dimensions, changed);
    }

    /** A dimension's value: metres or a count. */
    public double of(CourseDimension dimension) {
        Double value = dimensions.get(dimension.name());
        if (value == null) {
            throw new IllegalArgumentException(dimension.name() + " is not set; check with CourseSettings.check first");
        }
        return value;
    }

    /** A count's value. */
    public int countOf(CourseDimension dimension) {
        return (int) Math.round(of(dimension));
    }

    /** An option's choice. */
    public String of(CourseOption option) {
        return options.getOrDefault(option.name(), option.standard());
    }

    /** An option's choice among the constants of an enum. */
    public <E extends Enum<E>> E of(CourseOption option, Class<E> choices) {
        return Enum.valueOf(choices, of(option));
    }

    /** Everything that is wrong for a kind: what is missing, unknown, out of range or contradicts another. */
    public List<Finding> check(CourseKind kind) {
        Checks checks = new Checks();
        for (CourseDimension dimension : kind.dimensions()) {
            Double value = dimensions.get(dimension.name());
            checks.add(dimension.check(value == null ? Double.NaN : value));
        }
        for (CourseOption option : kind.options()) {
            checks.add(option.check(of(option)));
        }
        dimensions.keySet().stream()
                .filter(name ->
                        kind.dimensions().stream().noneMatch(d -> d.name().equals(name)))
                .sorted()
                .forEach(name ->
                        checks.add("no-such-dimension", name, "A " + kind.label() + " has no dimension " + name + "."));
        return checks.findings().isEmpty() ? kind.contradictions(this) : checks.findings();
    }
}
