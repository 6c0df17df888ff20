package wrenlane.drill;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import wrenlane.course.Course;
import wrenlane.machine.Side;
import wrenlane.run.RunDetail;
import wrenlane.run.RunRecord;
import wrenlane.run.Score;

/** What runs on a drill's course say about the drill. */
public final class DrillRuns {
    /** Tightness that still counts as the rung asked for; chosen by us: what rounding to 10 cm makes of it. */
    private static final double ROUNDING = 0.04;

    private DrillRuns() {}

    /**
     * An entry in the log that counts for a drill.
     *
     * @param course as it was set then
     * @param detail what was timed or measured of it
     */
    public record Ridden(RunRecord run, Course course, RunDetail detail) {}

    /**
     * Whether the pass mark is met: k of the last n, at its rung or tighter, on both sides where they are ridden one at a
     * time. Where it is met by clean runs, k are clean; where by a score, the last n of which that was timed or measured count,
     * and k are without a fault and reach the target.
     *
     * @param ridden on the drill's course, oldest first
     */
    public static boolean meet(PassMark pass, DrillRiding.Sides sides, List<Ridden> ridden) {
        List<Ridden> counting = ridden.stream()
                .filter(r -> counts(pass, r) && tightEnough(pass, r.run()))
                .toList();
        return sides == DrillRiding.Sides.EACH
                ? Arrays.stream(Side.values())
                        .allMatch(side -> enough(
                                pass,
                                counting.stream()
                                        .filter(r -> r.run().side() == side)
                                        .toList()))
                : enough(pass, counting);
    }

    private static boolean counts(PassMark pass, Ridden ridden) {
        return pass.measure() == PassMark.Measure.CLEAN_RUNS
                ? ridden.detail().sort().scored()
                : score(pass.measure(), ridden).isPresent();
    }

    private static boolean tightEnough(PassMark pass, RunRecord run) {
        return pass.tightness().isEmpty()
                || run.tightness().isEmpty()
                || run.tightness().get() <= pass.tightness().get() + ROUNDING;
    }

    private static boolean enough(PassMark pass, List<Ridden> ridden) {
        return ridden.subList(Math.max(0, ridden.size() - pass.of()), ridden.size()).stream()
                        .filter(r -> isGood(pass, r))
                        .count()
                >= pass.clean();
    }

    private static boolean isGood(PassMark pass, Ridden ridden) {
        boolean reached = pass.target().isEmpty()
                || score(pass.measure(), ridden).filter(pass::reachedBy).isPresent();
        return ridden.run().clean() && reached;
    }

    /**
     * What an entry scores; empty where that was not taken. A time is that over a course as long as is usual, ridden as fast:
     * a longer lane is no easier to be slow on.
     */
    static Optional<Double> score(PassMark.Measure measure, Ridden ridden) {
        RunDetail detail = ridden.detail();
        return switch (measure) {
            case CLEAN_RUNS -> Optional.empty();
            case TIME_SECONDS ->
                detail.seconds()
                        .flatMap(seconds -> ridden.course()
                                .kind()
                                .timedLength()
                                .map(length -> seconds
                                        * length.standard()
                                        / ridden.course()
                                                .settings()
                                                .length(length)
                                                .metres()));
            case SPELL_MINUTES -> detail.minutes();
            case PLANK_METRES, LEVER_METRES, CIRCLE_METRES ->
                detail.score()
                        .filter(score -> measure.measured()
                                .filter(score.measured()::equals)
                                .isPresent())
                        .map(Score::metres);
        };
    }
}
