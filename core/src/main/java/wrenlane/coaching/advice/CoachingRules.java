package wrenlane.coaching.advice;

import java.util.List;
import java.util.Optional;
import wrenlane.machine.Side;
import wrenlane.run.Run;

/**
 * When to make a size smaller, stay, say something, make it wider or change side: a little past comfort, never far.
 *
 * <p>The first runs at a size new to the rider are not scored. A size is made smaller, by one step, after k clean of the last
 * n on both sides. After a fault first a cue, at the same step; wider only once that has failed twice, which is a third fault
 * in a row, or after a drop. Both sides are ridden alike. A course that is ridden straight on has no side to change to and no
 * size to work through: it is ridden slower, or something else is. From practice; every figure is a setting.
 *
 * @param settings the figures
 */
public record CoachingRules(CoachingSettings settings) {
    public static final CoachingRules USUAL = new CoachingRules(CoachingSettings.USUAL);

    /** Asked in this order; the last has always something to say. */
    private static final List<CoachingRule> ALL = List.of(
            new FirstRun(),
            new Drop(),
            new UnscoredRun(),
            new FailedCue(),
            new LastFault(),
            new SmallerSize(),
            new OtherSide(),
            new MoreRuns());

    /**
     * The advice after some runs at the present size.
     *
     * @param runs of one rider on one course this day, oldest first, at the present size
     * @param isNew whether the rider had never ridden this size before
     * @param side the side now being ridden
     */
    public Advice advise(List<Run> runs, boolean isNew, Side side) {
        return advise(new Situation(settings, runs, isNew, Optional.of(side)));
    }

    /**
     * The advice on a course that is ridden straight on.
     *
     * @param runs of one rider on one course this day, oldest first
     */
    public Advice adviseStraight(List<Run> runs) {
        return advise(new Situation(settings, runs, false, Optional.empty()));
    }

    private static Advice advise(Situation situation) {
        return ALL.stream()
                .flatMap(rule -> rule.advise(situation).stream())
                .findFirst()
                .orElseThrow();
    }
}
