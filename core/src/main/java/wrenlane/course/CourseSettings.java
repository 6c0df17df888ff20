package wrenlane.course;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wrenlane.course.CourseDimension.Quantity;
import wrenlane.course.plan.Markers;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.units.MeasuredLength;

/**
 * What a course is set to: a value for every dimension of its kind, and a choice for every option. A length stays as it was
 * measured, with how far out it may be, all the way to the verdict.
 *
 * @param lengths of the dimensions counted in metres, by name
 * @param counts of the others, by name
 * @param options choices, by name
 * @param markers what it is set out in
 */
public record CourseSettings(
        Map<String, MeasuredLength> lengths,
        Map<String, Integer> counts,
        Map<String, String> options,
        Markers markers) {
    public CourseSettings {
        lengths = Map.copyOf(lengths);
        counts = Map.copyOf(counts);
        options = Map.copyOf(options);
    }

    /** What a new course of a kind starts from: its lengths as if laid by tape. */
    public static CourseSettings standard(CourseKind kind) {
        return said(kind, Map.of());
    }

    /**
     * The settings of a kind as names and values say them, such as those kept with a run; what is missing, or said of a
     * dimension there is no more, is as the kind has it.
     *
     * @throws NumberFormatException where the value of a dimension is no number
     */
    public static CourseSettings said(CourseKind kind, Map<String, String> values) {
        Map<String, MeasuredLength> lengths = new HashMap<>();
        Map<String, Integer> counts = new HashMap<>();
        for (CourseDimension d : kind.dimensions()) {
            String text = values.get(d.name());
            double value = text == null ? d.standard() : Double.parseDouble(text);
            if (d.quantity() == Quantity.METRES) {
                lengths.put(d.name(), MeasuredLength.taped(value));
            } else {
                counts.put(d.name(), whole(d, value));
            }
        }
        Map<String, String> options = new HashMap<>();
        kind.options().forEach(o -> options.put(o.name(), values.getOrDefault(o.name(), o.standard())));
        return new CourseSettings(lengths, counts, options, Markers.said(values));
    }

    private static int whole(CourseDimension dimension, double value) {
        if (value != Math.rint(value)) {
            throw new IllegalArgumentException(dimension.name() + " is " + value + "; it counts whole things");
        }
        return (int) value;
    }

    /** The same as names and values, without how anything was measured. */
    public Map<String, String> saying() {
        Map<String, String> values = new HashMap<>(options);
        values.putAll(markers.saying());
        lengths.forEach((name, length) -> values.put(name, Double.toString(length.metres())));
        counts.forEach((name, count) -> values.put(name, Integer.toString(count)));
        return values;
    }

    /**
     * The same with another value for one dimension: a length as if laid by tape, or a count.
     *
     * @throws IllegalArgumentException where it can be no length at all, or no count
     */
    public CourseSettings with(CourseDimension dimension, double value) {
        if (dimension.quantity() == Quantity.METRES) {
            return with(dimension, MeasuredLength.taped(value));
        }
        Map<String, Integer> changed = new HashMap<>(counts);
        changed.put(dimension.name(), whole(dimension, value));
        return new CourseSettings(lengths, changed, options, markers);
    }

    /** The same with another length for one dimension. */
    public CourseSettings with(CourseDimension dimension, MeasuredLength length) {
        Map<String, MeasuredLength> changed = new HashMap<>(lengths);
        changed.put(dimension.name(), length);
        return new CourseSettings(changed, counts, options, markers);
    }

    /** The same with another choice. */
    public CourseSettings with(CourseOption option, String value) {
        Map<String, String> changed = new HashMap<>(options);
        changed.put(option.name(), value);
        return new CourseSettings(lengths, counts, changed, markers);
    }

    /** The same set out in other markers. */
    public CourseSettings with(Markers others) {
        return new CourseSettings(lengths, counts, options, others);
    }

    /** The same with every length as if laid by tape: two courses set alike are then equal, however they were measured. */
    public CourseSettings taped() {
        Map<String, MeasuredLength> taped = new HashMap<>();
        lengths.forEach((name, length) -> taped.put(name, MeasuredLength.taped(length.metres())));
        return new CourseSettings(taped, counts, options, markers);
    }

    /** A dimension's value: metres or a count. */
    public double of(CourseDimension dimension) {
        double value = found(dimension);
        if (Double.isNaN(value)) {
            throw new IllegalArgumentException(dimension.name() + " is not set; check with CourseSettings.check first");
        }
        return value;
    }

    /** A length as it was measured. */
    public MeasuredLength length(CourseDimension dimension) {
        MeasuredLength length = lengths.get(dimension.name());
        if (length == null) {
            throw new IllegalArgumentException(dimension.name() + " is no length that is set");
        }
        return length;
    }

    /** How far out a dimension may be, one standard deviation, in metres; nothing for a count. */
    public double uncertaintyMetres(CourseDimension dimension) {
        MeasuredLength length = lengths.get(dimension.name());
        return length == null ? 0 : length.uncertaintyMetres();
    }

    private double found(CourseDimension dimension) {
        MeasuredLength length = lengths.get(dimension.name());
        Integer count = counts.get(dimension.name());
        if (dimension.quantity() == Quantity.METRES) {
            return length == null ? Double.NaN : length.metres();
        }
        return count == null ? Double.NaN : count;
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
            checks.add(dimension.check(found(dimension)));
        }
        for (CourseOption option : kind.options()) {
            checks.add(option.check(of(option)));
        }
        checks.add(markers.alike());
        Stream.concat(lengths.keySet().stream(), counts.keySet().stream())
                .filter(name ->
                        kind.dimensions().stream().noneMatch(d -> d.name().equals(name)))
                .sorted()
                .forEach(name ->
                        checks.add("no-such-dimension", name, "A " + kind.label() + " has no dimension " + name + "."));
        return checks.findings().isEmpty() ? kind.contradictions(this) : checks.findings();
    }
}
