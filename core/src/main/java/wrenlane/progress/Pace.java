package wrenlane.progress;

import java.util.List;
import java.util.Optional;

/**
 * How fast a side gets better, in difficulty gained a lesson, and what that says of a goal: an estimate.
 *
 * <p><b>Pace.</b> Estimates of the difficulty ridden clean four times in five at the end of two lessons, n apart, are taken as
 * normal about their means m₀ and m₁ with the spreads s₀ and s₁ that their bands have: a band from the 5th to the 95th
 * percentile is 3.29 spreads wide. Their difference over n is the pace, with mean b = (m₁ − m₀)/n and spread
 * s = √(s₀² + s₁²)/n (the difference of two independent normal variables). They share runs, so the true spread is a little
 * less: it is said too wide rather than too narrow. Looked at are at most the last {@value #LESSONS} lessons, since nobody
 * keeps the pace of the first.
 *
 * <p><b>Goal.</b> At a gap g the lessons still needed are g/b. A share q of all paces is slower than b + z(q)·s; so nine times
 * in ten it takes between g/(b + 1.645 s) and g/(b − 1.645 s) lessons, and where b − 1.645 s is not above zero nobody can say
 * that it is ever reached at this pace.
 *
 * @param perLesson difficulty gained a lesson; below zero where it is lost
 * @param spread one standard deviation of it
 * @param lessons it is computed over, at least one
 */
public record Pace(double perLesson, double spread, int lessons) {
    /** Most lessons looked back; chosen by us. */
    public static final int LESSONS = 4;

    /** Of a normal variable: five in a hundred lie beyond so many spreads. */
    private static final double Z = 1.645;

    /** Fewest estimates that can be called a plateau: three lessons after the first without a change. */
    private static final int FEWEST_LEVEL = 4;

    /** Gained over all of them, as a share of difficulty, that still is level; chosen by us: a third of a step of a ladder. */
    private static final double LEVEL = 0.04;

    /** Wider bands than this, as a share of difficulty, do not say that nothing changed; chosen by us: two steps. */
    private static final double KNOWN = 0.24;

    public Pace {
        if (!(Double.isFinite(perLesson) && spread >= 0 && lessons >= 1)) {
            throw new IllegalArgumentException("pace is " + perLesson + " ± " + spread + " over " + lessons
                    + " lessons; it is finite, its spread not below 0, over at least 1");
        }
    }

    /**
     * The pace of a side; empty before there are two estimates.
     *
     * @param days estimates at the end of each lesson that has one, oldest first
     */
    public static Optional<Pace> of(List<CleanSetting> days) {
        int last = days.size() - 1;
        if (last < 1) {
            return Optional.empty();
        }
        int lessons = Math.min(LESSONS, last);
        CleanSetting before = days.get(last - lessons);
        CleanSetting now = days.get(last);
        return Optional.of(new Pace(
                (now.difficulty() - before.difficulty()) / lessons,
                Math.hypot(spread(before), spread(now)) / lessons,
                lessons));
    }

    private static double spread(CleanSetting of) {
        return width(of) / (2 * Z);
    }

    private static double width(CleanSetting of) {
        return of.highDifficulty() - of.lowDifficulty();
    }

    /**
     * Lessons still needed.
     *
     * @param soonest five times in a hundred it is sooner
     * @param likely as often sooner as later; empty where the pace is not above zero
     * @param latest five times in a hundred it is later; empty where it may never be
     */
    public record Lessons(double soonest, Optional<Double> likely, Optional<Double> latest) {
        /** In words; rounded up, for nobody rides half a lesson. */
        public String sentence() {
            if (likely.isEmpty()) {
                return "Not at the pace of the last lessons.";
            }
            long about = up(likely.get());
            String pace = "At this pace about " + about + (about == 1 ? " lesson" : " lessons");
            if (latest.isEmpty()) {
                return pace + ", " + up(soonest) + " at the soonest; it may take many more.";
            }
            return up(soonest) == up(latest.get())
                    ? pace + "."
                    : pace + ", " + up(soonest) + " to " + up(latest.get()) + ".";
        }

        private static long up(double lessons) {
            return Math.max(1, (long) Math.ceil(lessons));
        }
    }

    /**
     * Lessons still needed at this pace; empty where even the fastest pace that is likely is none.
     *
     * @param gap difficulty still to be gained, above zero
     */
    public Optional<Lessons> to(double gap) {
        if (!(gap > 0)) {
            throw new IllegalArgumentException("gap is " + gap + "; it lies above 0");
        }
        Optional<Double> soonest = at(gap, perLesson + Z * spread);
        return soonest.isEmpty()
                ? Optional.empty()
                : Optional.of(new Lessons(soonest.get(), at(gap, perLesson), at(gap, perLesson - Z * spread)));
    }

    private static Optional<Double> at(double gap, double pace) {
        return pace > 0 ? Optional.of(gap / pace) : Optional.empty();
    }

    /**
     * Whether a side has come to a standstill: over the last lessons its estimate is level, well enough known, and by none of
     * them clearly better than before.
     *
     * @param days as {@link #of} takes them
     */
    public static boolean isLevel(List<CleanSetting> days) {
        if (days.size() < FEWEST_LEVEL) {
            return false;
        }
        List<CleanSetting> last = days.subList(days.size() - FEWEST_LEVEL, days.size());
        CleanSetting first = last.get(0);
        CleanSetting latest = last.get(FEWEST_LEVEL - 1);
        double most = last.stream().mapToDouble(CleanSetting::difficulty).max().orElseThrow();
        return most <= first.difficulty() * (1 + LEVEL)
                && latest.difficulty() >= first.difficulty() * (1 - LEVEL)
                && width(latest) <= KNOWN * latest.difficulty();
    }
}
