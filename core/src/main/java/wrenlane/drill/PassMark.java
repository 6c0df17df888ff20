package wrenlane.drill;

import java.util.Optional;
import wrenlane.run.Score;

/**
 * When a drill is mastered.
 *
 * @param measure what is looked at
 * @param clean how many of the last {@code of} must be good, on each side where sides are ridden one at a time
 * @param of how many are looked at, at most 20
 * @param target seconds, minutes or metres to reach; missing for clean runs
 * @param difficulty from which clean runs count, 0 to 1; missing where every size counts
 */
public record PassMark(Measure measure, int clean, int of, Optional<Double> target, Optional<Double> difficulty) {
    /** What is looked at. */
    public enum Measure {
        /** Clean runs of the last few. */
        CLEAN_RUNS("clean runs", false),
        /** Time over a lane; slower is better. */
        TIME_SECONDS("over 15 m of lane, or as slowly over another length", false),
        /** Minutes ridden without a break. */
        TIMED_RIDE_MINUTES("without a break", false),
        /** How far a plank was thrown. */
        PLANK_METRES("the plank moved", true),
        /** How near to itself the lever's bite point is found again, or how far the fingers have to reach. */
        LEVER_METRES("at the lever", true),
        /** The circle or width turned in. */
        CIRCLE_METRES("across", true);

        private final String label;
        private final boolean lessIsBetter;

        Measure(String label, boolean lessIsBetter) {
            this.label = label;
            this.lessIsBetter = lessIsBetter;
        }

        /** What it measures; its unit is that of its name. */
        public String label() {
            return label;
        }

        public boolean lessIsBetter() {
            return lessIsBetter;
        }

        /** What is measured with a tape for it; missing where it is counted or timed. */
        public Optional<Score.TapeMeasure> measured() {
            return switch (this) {
                case PLANK_METRES -> Optional.of(Score.TapeMeasure.PLANK);
                case LEVER_METRES -> Optional.of(Score.TapeMeasure.LEVER);
                case CIRCLE_METRES -> Optional.of(Score.TapeMeasure.CIRCLE);
                case CLEAN_RUNS, TIME_SECONDS, TIMED_RIDE_MINUTES -> Optional.empty();
            };
        }
    }

    public PassMark {
        if (!(clean >= 1 && clean <= of && of <= 20)) {
            throw new IllegalArgumentException("pass is " + clean + " of " + of + "; say 1 to n of n up to 20");
        }
        if (target.isPresent() == (measure == Measure.CLEAN_RUNS)) {
            throw new IllegalArgumentException(
                    "a score needs a target to reach, and clean runs have none; measure is " + measure);
        }
        if (target.isPresent() && !(target.get() > 0 && target.get() < 1000)) {
            throw new IllegalArgumentException("target is " + target.get() + "; it lies between 0 and 1000");
        }
    }

    /** Half as many, rounded up: for somebody who could do it on another machine. */
    public PassMark forANewMachine() {
        int fewer = (clean + 1) / 2;
        return new PassMark(measure, fewer, Math.max(fewer, (of + 1) / 2), target, difficulty);
    }

    /** Whether a score reaches the target; a score equal to it does. */
    public boolean reachedBy(double score) {
        double wanted = target.orElseThrow(() -> new IllegalArgumentException("clean runs are not a score"));
        return measure.lessIsBetter() ? score <= wanted : score >= wanted;
    }
}
