package wrenlane.verdict;

import java.util.List;
import wrenlane.course.CourseDimension;

/**
 * The rungs from easy to tight for one machine on one kind of course.
 *
 * @param limitMetres the machine's own limit, tightness 1.00
 * @param rungs widest first
 */
public record Ladder(double limitMetres, List<Rung> rungs) {
    /** Tightness of the default rungs: from a third more than comfortable to just above what the machine can do. */
    static final List<Double> TIGHTNESSES = List.of(1.9, 1.7, 1.5, 1.35, 1.22, 1.12, 1.05);

    /** Rungs are rounded to 10 cm, below {@link #FINE_BELOW_METRES} to 5 cm: lengths easy to find on a tape. */
    private static final double HANDY_METRES = 0.1;

    private static final double FINE_BELOW_METRES = 2.5;

    /**
     * One setting.
     *
     * @param settingMetres rounded to a handy length
     * @param tightness the rounded setting over the machine's limit
     */
    public record Rung(double settingMetres, double tightness) {}

    public Ladder {
        rungs = List.copyOf(rungs);
    }

    /** The default ladder of a machine; settings outside the dimension's limits are left out. */
    public static Ladder of(double limitMetres, CourseDimension dimension) {
        List<Rung> rungs = TIGHTNESSES.stream()
                .map(t -> handy(t * limitMetres))
                .filter(m -> dimension.check(m).isEmpty())
                .distinct()
                .map(m -> new Rung(m, m / limitMetres))
                .toList();
        return new Ladder(limitMetres, rungs);
    }

    private static double handy(double metres) {
        double step = metres < FINE_BELOW_METRES ? HANDY_METRES / 2 : HANDY_METRES;
        return Math.round(Math.round(metres / step) * step * 1000) / 1000.0;
    }
}
