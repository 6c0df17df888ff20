package wrenlane.verdict;

import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.plan.Pace;
import wrenlane.machine.Side;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.solve.LineNodes;
import wrenlane.rideline.solve.LineSearch;
import wrenlane.riding.Ride;
import wrenlane.riding.TurnLimits;

/**
 * How far out the spare room of a fit may be, in metres: one standard deviation.
 *
 * <p>Each input is moved by its own standard deviation and the roomiest line looked for again, from the one known; the
 * differences are joined as independent, u² = Σ (f(x + u) − f(x))². The machine's figures enter by the curvature they
 * allow, whose own deviation {@link wrenlane.machine.MachineTurn#uncertaintiesOf} gives.
 */
public final class SpareUncertainty {
    private SpareUncertainty() {}

    /** The deviation at the speed judged at, from what is known of the course's lengths and of the machine's figures. */
    public static double of(Course course, Ride ride, CourseFit.ResumableFit known) {
        double speedMetresPerSecond = known.judged().speedMetresPerSecond();
        return Math.hypot(
                ofDimensions(course, ride, speedMetresPerSecond, known),
                ofTurn(course, ride, speedMetresPerSecond, known));
    }

    private static double ofDimensions(
            Course course, Ride ride, double speedMetresPerSecond, CourseFit.ResumableFit known) {
        double here = known.fit().spare().metres();
        double squares = 0;
        for (CourseDimension d : course.kind().dimensions()) {
            double u = course.settings().uncertaintyMetres(d);
            double moved = course.settings().of(d) + u;
            if (u > 0
                    && d.check(moved).isEmpty()
                    && course.settings().with(d, moved).check(course.kind()).isEmpty()) {
                LineTask task = LineTask.of(course.with(d, moved), ride, speedMetresPerSecond);
                squares += square(clearance(task, known) - here);
            }
        }
        return Math.sqrt(squares);
    }

    private static double ofTurn(Course course, Ride ride, double speed, CourseFit.ResumableFit known) {
        LineTask task = LineTask.of(course, ride, speed);
        Pace pace = task.route().pace();
        double[] u = ride.turn().uncertaintiesOf(turn -> {
            Ride other = new Ride(turn, ride.limits(), ride.style());
            return new double[] {
                other.point(pace, Side.LEFT, speed).curvatureLimit(),
                other.point(pace, Side.RIGHT, speed).curvatureLimit()
            };
        });
        TurnLimits l = task.limits();
        TurnLimits less = new TurnLimits(
                Math.max(l.left() / 2, l.left() - u[0]),
                Math.max(l.right() / 2, l.right() - u[1]),
                l.rate(),
                l.speedMetresPerSecond(),
                l.bodyOutRadians());
        return known.fit().spare().metres() - clearance(new LineTask(task.route(), task.footprint(), less), known);
    }

    private static double clearance(LineTask task, CourseFit.ResumableFit known) {
        LineSearch search = new LineSearch(task);
        LineNodes like = known.judged().roomiest(task.route());
        return (like == null ? search.roomiest(null) : search.roughly(like)).clearance();
    }

    private static double square(double x) {
        return x * x;
    }
}
