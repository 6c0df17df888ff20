package wrenlane.verdict;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.course.plan.Pace;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rideline.CheckedLine;
import wrenlane.rideline.LinePoint;
import wrenlane.rideline.LineProfile;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.SweptBand;
import wrenlane.rideline.solve.LineAim;
import wrenlane.rideline.solve.LineMemory;
import wrenlane.rideline.solve.LineNodes;
import wrenlane.rideline.solve.LineSearch;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingPoint;

/**
 * Whether a course can be ridden, along which lines, and how much there is to spare.
 *
 * @param answer in one of four words
 * @param spare room at the tightest place of the roomiest line, negative where it lacks
 * @param roomiest the line that leaves the most room, using all the turn there is
 * @param easiest the line with the smallest peak curvature; there where the course fits
 * @param turnUsed share of the turn the easiest line takes; above 1 where it takes more than there is; empty where no
 *     line clears everything at any curvature, or none was found
 * @param left what there is to turn with to the left
 * @param right what there is to turn with to the right
 * @param task what was looked for
 */
public record CourseFit(
        FitAnswer answer,
        Room spare,
        CheckedLine roomiest,
        Optional<CheckedLine> easiest,
        Optional<Double> turnUsed,
        RidingPoint left,
        RidingPoint right,
        LineTask task) {

    /** A fit with a line to start the next search from, while a dimension is dragged. */
    public record Reckoned(CourseFit fit, LineMemory memory) {}

    /** Reckons a course at the rider's lowest speed. */
    public static Reckoned of(Course course, Ride ride) {
        return of(course, ride, ride.limits().lowestSpeedMetresPerSecond(), null);
    }

    /**
     * The room alone: without the easiest line, for tables of many.
     *
     * @param dimensions standard deviation of each measured dimension by name, in metres
     */
    public static CourseFit roomOnly(Course course, Ride ride, Map<String, Double> dimensions) {
        Reckoned reckoned = room(course, ride);
        double speed = ride.limits().lowestSpeedMetresPerSecond();
        return reckoned.fit().withUncertainty(SpareUncertainty.of(course, ride, speed, reckoned, dimensions));
    }

    /** The same without how far out it may be, with a line to start the next search from. */
    public static Reckoned room(Course course, Ride ride) {
        double speed = ride.limits().lowestSpeedMetresPerSecond();
        LineTask task = LineTask.of(course, ride, speed);
        LineSearch.Found roomy = new LineSearch(task).roomiest(null);
        return new Reckoned(
                fit(task, ride, speed, roomy, Optional.empty(), Optional.empty()),
                new LineMemory(roomy.nodes(), null, task.route().lengthMetres()));
    }

    private static CourseFit fit(
            LineTask task,
            Ride ride,
            double speed,
            LineSearch.Found roomy,
            Optional<LineSearch.Found> easy,
            Optional<Double> turnUsed) {
        Pace pace = task.route().pace();
        return new CourseFit(
                answer(roomy),
                new Room(roomy.room(), 0),
                roomy.checked(),
                easy.map(LineSearch.Found::checked),
                turnUsed,
                ride.point(pace, Side.LEFT, speed),
                ride.point(pace, Side.RIGHT, speed),
                task);
    }

    /** Whether machine and rider turn alike to both sides, so that a mirrored course has the mirrored line. */
    public boolean turnsAlike() {
        return left.curvatureLimit() == right.curvatureLimit() && left.leanRadians() == right.leanRadians();
    }

    /**
     * Reckons a course.
     *
     * @param memory lines of a like course for the same ride, to start from while a dimension is dragged; the easiest line
     *     is smoothed only where there is none
     */
    public static Reckoned of(Course course, Ride ride, double speedMetresPerSecond, @Nullable LineMemory memory) {
        LineTask task = LineTask.of(course, ride, speedMetresPerSecond);
        LineSearch search = new LineSearch(task);
        LineSearch.Found roomy = search.roomiest(memory == null ? null : memory.roomiest(task.route()));
        Optional<LineSearch.Found> easy = roomy.holds()
                ? search.easiest(memory == null ? roomy.nodes() : memory.easiest(task.route(), roomy.nodes()))
                        .or(() -> search.easiest(LineNodes.along(task.route())))
                : Optional.empty();
        if (memory == null) {
            easy = easy.map(search::smoothed);
        }
        Optional<Double> used = easy.map(e -> e.checked().turnUsed());
        if (!roomy.holds()) {
            used = search.shareWanted(roomy.nodes());
        }
        CourseFit fit = fit(task, ride, speedMetresPerSecond, roomy, easy, used);
        return new Reckoned(
                fit,
                new LineMemory(
                        roomy.nodes(),
                        easy.map(LineSearch.Found::nodes).orElse(null),
                        task.route().lengthMetres()));
    }

    static FitAnswer answer(LineSearch.Found roomy) {
        if (roomy.holds()) {
            return FitAnswer.FITS;
        }
        return roomy.settled() && roomy.checked().obeysTheRider() ? FitAnswer.DOES_NOT_FIT : FitAnswer.NOT_SOLVED;
    }

    /** The same with the spare room's uncertainty known, in metres. */
    public CourseFit withUncertainty(double metres) {
        FitAnswer said = answer == FitAnswer.NOT_SOLVED || Math.abs(spare.metres()) > metres
                ? answer
                : FitAnswer.TOO_CLOSE_TO_CALL;
        return new CourseFit(said, new Room(spare.metres(), metres), roomiest, easiest, turnUsed, left, right, task);
    }

    /** Whether there is more room than was looked for. */
    public boolean spareCapped() {
        return spare.metres() >= LineAim.MOST_ROOM_METRES - 0.01;
    }

    /** The line to draw: the easiest where there is one. */
    public CheckedLine drawn() {
        return easiest.orElse(roomiest);
    }

    /** What happens along a line of this fit. */
    public LineProfile profile(CheckedLine line, MachineTurn turn) {
        return LineProfile.of(task, line, turn);
    }

    /** The ground the widest points pass over on a line of this fit. */
    public SweptBand band(List<LinePoint> points) {
        return SweptBand.of(points, task.footprint(), task.limits());
    }
}
