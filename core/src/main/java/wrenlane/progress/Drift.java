package wrenlane.progress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where something measured is going from lesson to lesson, such as seconds over a lane: a straight line through the means of
 * the lessons.
 *
 * <p><b>Line.</b> Lessons are numbered 0, 1, …; yᵢ is the mean of lesson i. The slope is b = Σ(i − ī)(yᵢ − ȳ)/Σ(i − ī)², its
 * standard error √(Σ(yᵢ − ŷᵢ)²/((n − 2) Σ(i − ī)²)) (ordinary least squares, as in any text on statistics). It is called clear
 * where it is more than {@value #CLEAR} standard errors from zero; of fewer than {@value #FEWEST} lessons nothing is called so.
 *
 * @param first mean of the first lesson
 * @param last mean of the last lesson
 * @param least of the last lesson
 * @param most of the last lesson
 * @param perLesson slope; zero where there is one lesson
 * @param spread its standard error; missing below three lessons
 * @param lessons with anything measured
 * @param measured how often in all
 */
public record Drift(
        double first,
        double last,
        double least,
        double most,
        double perLesson,
        Optional<Double> spread,
        int lessons,
        int measured) {
    /** Fewest lessons a line is drawn through that can miss them; chosen by us, because two always lie on one. */
    static final int FEWEST = 4;

    /** Standard errors from zero; chosen by us: with four lessons about nine times in ten. */
    static final double CLEAR = 2.9;

    private static final int FEWEST_WITH_SPREAD = 3;

    /**
     * Of what was measured; empty where nothing was.
     *
     * @param lessons values of each lesson that has any, oldest first
     */
    public static Optional<Drift> of(List<List<Double>> lessons) {
        List<List<Double>> some = lessons.stream().filter(l -> !l.isEmpty()).toList();
        if (some.isEmpty()) {
            return Optional.empty();
        }
        List<Double> means = new ArrayList<>();
        some.forEach(l -> means.add(mean(l)));
        List<Double> now = some.get(some.size() - 1);
        double slope = slope(means);
        return Optional.of(new Drift(
                means.get(0),
                means.get(means.size() - 1),
                now.stream().mapToDouble(Double::doubleValue).min().orElseThrow(),
                now.stream().mapToDouble(Double::doubleValue).max().orElseThrow(),
                slope,
                means.size() < FEWEST_WITH_SPREAD ? Optional.empty() : Optional.of(spread(means, slope)),
                means.size(),
                some.stream().mapToInt(List::size).sum()));
    }

    /** Whether it goes anywhere that is more than chance. */
    public boolean isClear() {
        return lessons >= FEWEST
                && spread.filter(s -> Math.abs(perLesson) > CLEAR * s).isPresent();
    }

    private static double mean(List<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    /** Σ(i − ī)². */
    private static double squares(int n) {
        return n * (n * (double) n - 1) / 12;
    }

    private static double slope(List<Double> means) {
        int n = means.size();
        double middle = (n - 1) / 2.0;
        double sum = 0;
        for (int i = 0; i < n; i++) {
            sum += (i - middle) * means.get(i);
        }
        return n == 1 ? 0 : sum / squares(n);
    }

    private static double spread(List<Double> means, double slope) {
        int n = means.size();
        double middle = (n - 1) / 2.0;
        double mean = mean(means);
        double off = 0;
        for (int i = 0; i < n; i++) {
            double miss = means.get(i) - mean - slope * (i - middle);
            off += miss * miss;
        }
        return Math.sqrt(off / (n - 2) / squares(n));
    }
}
