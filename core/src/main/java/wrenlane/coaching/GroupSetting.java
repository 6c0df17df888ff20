package wrenlane.coaching;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;

/**
 * The one setting of a course at which a group comes nearest to what is aimed at: the mean, over its riders, of how far the
 * chance of a clean run lies from it, is the least. Every candidate is weighed up, so it is exact.
 *
 * @param settingMetres of the ladder's dimension
 * @param meanOff of what is aimed at, 0 to 1
 * @param riders it is computed for: those whose chance is known there
 */
public record GroupSetting(double settingMetres, double meanOff, int riders) {
    /** Means nearer than this are as good as each other. */
    private static final double SAME = 1e-9;

    /**
     * The best of some settings: first for how many riders anything is known, then by the mean; the wider of two as good.
     *
     * @param candidatesMetres lengths people lay out, that the course allows
     * @param riders chance of a clean run by setting in metres, 0 to 1; empty where nothing is known of it
     * @return empty where no candidate is known for anybody
     */
    public static Optional<GroupSetting> of(
            List<Double> candidatesMetres, List<DoubleFunction<Optional<Double>>> riders, Aim aim) {
        return candidatesMetres.stream()
                .sorted(Comparator.reverseOrder())
                .flatMap(metres -> at(metres, riders, aim).stream())
                .reduce((best, next) -> isBetter(next, best) ? next : best);
    }

    private static Optional<GroupSetting> at(double metres, List<DoubleFunction<Optional<Double>>> riders, Aim aim) {
        List<Double> off = riders.stream()
                .flatMap(rider -> rider.apply(metres).stream())
                .map(chance -> Math.abs(chance - aim.chance()))
                .toList();
        OptionalDouble mean = off.stream().mapToDouble(Double::doubleValue).average();
        return mean.isEmpty()
                ? Optional.empty()
                : Optional.of(new GroupSetting(metres, mean.getAsDouble(), off.size()));
    }

    private static boolean isBetter(GroupSetting next, GroupSetting best) {
        return next.riders > best.riders || next.riders == best.riders && next.meanOff < best.meanOff - SAME;
    }
}
