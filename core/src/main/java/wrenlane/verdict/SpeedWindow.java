package wrenlane.verdict;

import java.util.Optional;
import wrenlane.course.Course;
import wrenlane.course.plan.Pace;
import wrenlane.machine.Side;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.solve.LineNodes;
import wrenlane.rideline.solve.LineSearch;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingPoint;
import wrenlane.riding.TurnLimit;
import wrenlane.riding.TurnLimits;

/**
 * The speeds at which a course can be ridden, and why it closes at either end.
 *
 * @param slowest m/s; the rider's balance, or where something else opens the window
 * @param slowestBecause what closes it below
 * @param fastest m/s
 * @param fastestBecause what closes it above; empty where it stays open as far as was looked
 * @param judged the speed the course is judged at, m/s
 * @param recommended the speeds to ride it at
 * @param idleWalking the machine's own speed with the clutch home, m/s, where it drives at idle
 */
public record SpeedWindow(
        double slowest,
        TurnLimit slowestBecause,
        double fastest,
        Optional<TurnLimit> fastestBecause,
        double judged,
        RecommendedSpeed recommended,
        Optional<Double> idleWalking) {
    private static final double TOLERANCE = 0.02;

    /** Whether the course is ridden slower than the machine walks on its own: the friction zone is needed. */
    public boolean needsFrictionZone() {
        return idleWalking.isPresent() && idleWalking.get() > fastest;
    }

    /** The window of a course; empty where it fits at no speed, or is not rolled through. */
    public static Optional<SpeedWindow> of(Course course, Ride ride) {
        return of(new SpeedScan(course, ride));
    }

    /** The same from speeds that may have been looked at for the verdict. */
    public static Optional<SpeedWindow> of(SpeedScan scan) {
        return scan.course().plan().route().pace() == Pace.ROLLING ? new Edges(scan).window() : Optional.empty();
    }

    /** Looks for where the room is lost on either side of the best speed. */
    private static final class Edges {
        private final Course course;
        private final Ride ride;
        private final SpeedScan scan;

        Edges(SpeedScan scan) {
            this.course = scan.course();
            this.ride = scan.ride();
            this.scan = scan;
        }

        Optional<SpeedWindow> window() {
            SpeedScan.SpeedSample best = scan.judged();
            if (best.clearance() < 0) {
                return Optional.empty();
            }
            boolean fromBalance = scan.atSlowest().clearance() >= 0;
            Edge slow = fromBalance
                    ? new Edge(scan.slowest(), scan.atSlowest().found().nodes())
                    : edge(best, scan.atSlowest());
            Optional<SpeedScan.SpeedSample> lost = scan.lostAbove(best);
            Optional<Edge> fast = lost.map(at -> edge(best, at));
            double fastest = fast.map(Edge::speed).orElse(SpeedScan.FASTEST);
            return Optional.of(new SpeedWindow(
                    slow.speed(),
                    fromBalance ? TurnLimit.BALANCE : because(slow.speed() * (1 - 2 * TOLERANCE), slow.line()),
                    fastest,
                    fast.map(e -> because(e.speed() * (1 + 2 * TOLERANCE), e.line())),
                    best.speed(),
                    RecommendedSpeed.of(scan),
                    ride.turn().machine().idleWalkingSpeedMetresPerSecond()));
        }

        /** A speed at which the course still fits, and a line at it. */
        private record Edge(double speed, LineNodes line) {}

        /** The speed between one that fits and one that does not at which it changes. */
        private Edge edge(SpeedScan.SpeedSample fits, SpeedScan.SpeedSample lacks) {
            SpeedScan.Bracket bracket = scan.bracket(fits, lacks);
            double in = bracket.fits().speed();
            LineNodes line = bracket.fits().found().nodes();
            double out = bracket.lacks().speed();
            while (Math.abs(in - out) > TOLERANCE * in) {
                double middle = (in + out) / 2;
                LineSearch.FoundLine found = new LineSearch(LineTask.of(course, ride, middle)).near(line);
                if (found.holds()) {
                    in = middle;
                    line = found.nodes();
                } else {
                    out = middle;
                }
            }
            return new Edge(in, line);
        }

        /**
         * What closes the window at a speed at which nothing fits: the limit that, were it lifted, would give the most
         * room back.
         */
        private TurnLimit because(double speed, LineNodes like) {
            LineTask task = LineTask.of(course, ride, speed);
            TurnLimits l = task.limits();
            RidingPoint left = ride.point(Pace.ROLLING, Side.LEFT, speed);
            RidingPoint right = ride.point(Pace.ROLLING, Side.RIGHT, speed);
            RidingPoint tighter = left.curvatureLimit() <= right.curvatureLimit() ? left : right;
            TurnLimits quick = l.withRate(LIFTED * l.rate());
            TurnLimits tight = l.withCurvatures(LIFTED);
            return clearance(task, quick, like) >= clearance(task, tight, like)
                    ? (left.curvatureRate() <= right.curvatureRate() ? left : right).rateBy()
                    : tighter.curvatureBy();
        }

        private static final double LIFTED = 1.3;

        private static double clearance(LineTask task, TurnLimits limits, LineNodes like) {
            return new LineSearch(new LineTask(task.route(), task.footprint(), limits))
                    .roughly(like)
                    .clearance();
        }
    }
}
