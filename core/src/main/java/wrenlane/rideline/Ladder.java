package wrenlane.rideline;

import java.util.List;
import wrenlane.course.CourseDimension;

/**
 * The rungs from easy to tight for one machine.
 *
 * @param limitMetres the machine's own limit, tightness 1.00
 * @param rungs widest first
 */
public record Ladder(double limitMetres, List<Rung> rungs) {
    /** Tightness of the default rungs: from a third more than comfortable to just above what the machine can do. */
    static final List<Double> TIGHTNESSES = List.of(1.9, 1.7, 1.5, 1.35, 1.22, 1.12, 1.05);

    /** Rungs are rounded to one part in so many of a metre, 10 cm: a length that is easy to find on a tape. */
    public static final double HANDY_PER_METRE = 10;

    /**
     * One setting.
     *
     * @param settingMetres rounded to 1 / {@link #HANDY_PER_METRE} m
     * @param tightness the rounded setting over the machine's limit
     */
    public record Rung(double settingMetres, double tightness) {}

    public Ladder {
        rungs = List.copyOf(rungs);
    }

    /** The default ladder of a machine; settings outside the dimension's limits are left out. */
    public static Ladder of(double limitMetres, CourseDimension dimension) {
        List<Rung> rungs = TIGHTNESSES.stream()
                .map(t -> Math.round(t * limitMetres * HANDY_PER_METRE) / HANDY_PER_METRE)
                .filter(m -> dimension.check(m).isEmpty())
                .distinct()
                .map(m -> new Rung(m, m / limitMetres))
                .toList();
        return new Ladder(limitMetres, rungs);
    }
}
