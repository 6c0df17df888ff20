package wrenlane.run;

import java.util.Locale;
import java.util.Optional;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;

/**
 * What was measured of a run, where a drill is marked by a length.
 *
 * @param measured what
 * @param metres how much of it, in metres
 */
public record Score(TapeMeasure measured, double metres) {
    /** What can be measured with a tape. */
    public enum TapeMeasure {
        /** How far a plank or a tin was pushed or thrown. */
        PLANK("how far the plank moved", 0, 20),
        /** How near to itself the lever's bite point is found again, or how far the fingers have to reach. */
        LEVER("the reach at the lever", 0, 0.3),
        /** The circle or width turned in. */
        CIRCLE("the circle turned in", 1, 60);

        private final String label;
        private final double least;
        private final double most;

        TapeMeasure(String label, double leastMetres, double mostMetres) {
            this.label = label;
            this.least = leastMetres;
            this.most = mostMetres;
        }

        /** In words, as said in a sentence. */
        public String label() {
            return label;
        }
    }

    /** What is wrong with it. */
    public Optional<Finding> check() {
        String name = measured.label().substring(0, 1).toUpperCase(Locale.ROOT)
                + measured.label().substring(1);
        return Checks.range("score.metres", name, metres, measured.least, measured.most, "m");
    }
}
