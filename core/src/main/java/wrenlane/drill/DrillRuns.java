package wrenlane.drill;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wrenlane.course.Course;
import wrenlane.machine.Side;
import wrenlane.run.AssessedRun;
import wrenlane.run.RunDetail;
import wrenlane.run.Score;

/** What runs on a drill's course say about the drill. */
public final class DrillRuns {
    /** Less difficulty by this share still counts as that asked for; chosen by us: what rounding to 10 cm makes of it. */
    private static final double ROUNDING = 0.03;

    private DrillRuns() {}

    /**
     * How far a rider is from a pass mark.
     *
     * @param good of those looked at, to the weaker side where sides are ridden one at a time
     * @param looked how many are looked at, at most as many as the mark asks for
     */
    public record Progress(int good, int looked) {}

    /**
     * Whether the pass mark is met: k of the last n, at its difficulty or more, on both sides where they are ridden one at a
     * time. Where it is met by clean runs, k are clean; where by a score, the last n of which that was timed or measured count,
     * and k are without a fault and reach the target.
     *
     * @param ridden on the drill's course, oldest first
     */
    public static boolean meet(PassMark pass, DrillRiding.Sides sides, List<AssessedRun> ridden) {
        return progress(pass, sides, ridden).good() >= pass.clean();
    }

    /** How far it is from being met, as {@link #meet} looks at it. */
    public static Progress progress(PassMark pass, DrillRiding.Sides sides, List<AssessedRun> ridden) {
        List<AssessedRun> counting = ridden.stream()
                .filter(r -> counts(pass, r) && hardEnough(pass, r))
                .toList();
        if (sides != DrillRiding.Sides.EACH) {
            return latest(pass, counting);
        }
        return Arrays.stream(Side.values())
                .map(side -> latest(
                        pass,
                        counting.stream()
                                .filter(r ->
                                        r.run().side().filter(s -> s == side).isPresent())
                                .toList()))
                .min(Comparator.comparingInt(Progress::good))
                .orElseThrow();
    }

    private static boolean counts(PassMark pass, AssessedRun ridden) {
        return pass.measure() == PassMark.Measure.CLEAN_RUNS
                ? ridden.run().isScored()
                : score(pass.measure(), ridden).isPresent();
    }

    private static boolean hardEnough(PassMark pass, AssessedRun ridden) {
        return pass.difficulty().isEmpty()
                || ridden.difficulty().isEmpty()
                || ridden.difficulty().get() >= pass.difficulty().get() * (1 - ROUNDING);
    }

    private static Progress latest(PassMark pass, List<AssessedRun> ridden) {
        List<AssessedRun> latest = ridden.subList(Math.max(0, ridden.size() - pass.of()), ridden.size());
        return new Progress((int) latest.stream().filter(r -> isGood(pass, r)).count(), latest.size());
    }

    private static boolean isGood(PassMark pass, AssessedRun ridden) {
        boolean reached = pass.target().isEmpty()
                || score(pass.measure(), ridden).filter(pass::reachedBy).isPresent();
        return ridden.isClean() && reached;
    }

    /**
     * What an entry scores; empty where that was not taken. A time is that over a course as long as is usual, ridden as fast:
     * a longer lane is no easier to be slow on.
     */
    static Optional<Double> score(PassMark.Measure measure, AssessedRun ridden) {
        RunDetail detail = ridden.run().detail();
        return switch (measure) {
            case CLEAN_RUNS -> Optional.empty();
            case TIME_SECONDS ->
                detail.seconds().flatMap(seconds -> ridden.run().ride().flatMap(ride -> usual(seconds, ride.course())));
            case TIMED_RIDE_MINUTES -> detail.minutes();
            case PLANK_METRES, LEVER_METRES, CIRCLE_METRES ->
                detail.score()
                        .filter(score -> measure.measured()
                                .filter(score.measured()::equals)
                                .isPresent())
                        .map(Score::metres);
        };
    }

    /** The time over a course as long as is usual, ridden as fast. */
    private static Optional<Double> usual(double seconds, Course course) {
        return course.kind()
                .timedLength()
                .map(length -> seconds
                        * length.standard()
                        / course.settings().length(length).metres());
    }
}
