package wrenlane.verdict;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.course.plan.Pace;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rideline.CheckedLine;
import wrenlane.rideline.LineProfile;
import wrenlane.rideline.LineTask;
import wrenlane.rideline.SweptBand;
import wrenlane.rideline.solve.LineMemory;
import wrenlane.rideline.solve.LineNodes;
import wrenlane.rideline.solve.LineSearch;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingPoint;

/**
 * Whether a course can be ridden, at which speed, along which lines, and how much there is to spare.
 *
 * <p>A course is judged at the speed with the most room that the rider can hold; among those within 5 cm of it, the
 * slowest. At walking pace a machine stands nearly upright and turns wide: lean is what tightens a turn, and lean needs
 * speed. A course that fits is drawn at the speed that is recommended for it, which is another: its lines, its marks and its
 * lean are of that speed.
 *
 * @param answer in one of four words
 * @param spare room at the tightest place of the roomiest line at the speed judged at, negative where it lacks
 * @param recommended the speeds to ride it at; empty where it does not fit, or a speed was given
 * @param roomiest the line that leaves the most room, using all the turn there is
 * @param comfortable the easiest line that keeps {@link #COMFORT_METRES} everywhere, or the most there is; there where the
 *     course fits
 * @param easiest the line with the smallest peak curvature; there where the course fits, unless it was not asked for
 * @param steeringShare share of the turn the easiest line known takes; above 1 where it takes more than there is; empty where
 *     no line clears everything at any curvature, or none was found
 * @param slowest what there would be to spare at the slowest speed the rider holds; empty where the course is judged at
 *     it, or at a speed that was given
 * @param left what there is to turn with to the left
 * @param right what there is to turn with to the right
 * @param task what was looked for
 */
public record CourseFit(
        FitAnswer answer,
        Clearance spare,
        Optional<RecommendedSpeed> recommended,
        CheckedLine roomiest,
        Optional<CheckedLine> comfortable,
        Optional<CheckedLine> easiest,
        Optional<Double> steeringShare,
        Optional<SpareAtSpeed> slowest,
        RidingPoint left,
        RidingPoint right,
        LineTask task) {

    /** Room a line to ride by keeps from everything, in metres; chosen by us: an arm's breadth that a learner can see. */
    public static final double COMFORT_METRES = 0.3;

    /** Less than the most room by so much, so that a line with it has an inside to be looked for in, in metres. */
    private static final double HAIR_METRES = 5e-3;

    /** Room at a speed, in metres and m/s. */
    public record SpareAtSpeed(double speedMetresPerSecond, double metres) {}

    /**
     * A fit with lines to start the next search from, while a dimension is dragged.
     *
     * @param memory lines at the speed drawn
     * @param judged lines at the speed judged at
     */
    public record ResumableFit(CourseFit fit, LineMemory memory, LineMemory judged) {}

    /** Judges a course, with every line. */
    public static ResumableFit of(Course course, Ride ride) {
        return of(new SpeedScan(course, ride));
    }

    /** The same from speeds that may have been looked at for the speed window. */
    public static ResumableFit of(SpeedScan scan) {
        Course course = scan.course();
        Ride ride = scan.ride();
        if (course.plan().route().pace() != Pace.ROLLING) {
            return of(course, ride, ride.limits().lowestSpeedMetresPerSecond());
        }
        SpeedScan.SpeedSample judged = scan.judged();
        Optional<SpareAtSpeed> slowest = judged.speed() == scan.slowest()
                ? Optional.empty()
                : Optional.of(new SpareAtSpeed(
                        scan.slowest(), scan.atSlowest().found().clearance()));
        FitCalculation scheduler = new FitCalculation(course, ride, judged.speed());
        LineSearch.FoundLine roomy = scheduler.search.settled(judged.found());
        return roomy.holds() ? drawn(scan, scheduler.clearanceOnly(roomy), slowest) : scheduler.all(roomy, slowest);
    }

    /** A course that fits, drawn at the speed it is to be ridden at. */
    private static ResumableFit drawn(SpeedScan scan, ResumableFit judged, Optional<SpareAtSpeed> slowest) {
        RecommendedSpeed recommended = RecommendedSpeed.of(scan);
        SpeedScan.SpeedSample middle = scan.near(recommended.middle());
        FitCalculation there = new FitCalculation(scan.course(), scan.ride(), middle.speed());
        ResumableFit drawn = there.all(there.search.settled(middle.found()), slowest);
        CourseFit fit = drawn.fit().with(judged.fit().answer(), judged.fit().spare(), Optional.of(recommended));
        return new ResumableFit(fit, drawn.memory(), judged.memory());
    }

    /** Computes a course at a given speed, with every line. */
    public static ResumableFit of(Course course, Ride ride, double speedMetresPerSecond) {
        FitCalculation scheduler = new FitCalculation(course, ride, speedMetresPerSecond);
        return scheduler.all(scheduler.search.roomiest(null), Optional.empty());
    }

    /**
     * Computes a course that is being dragged, as quickly as can be: the room, and the one line drawn. Where there plainly is
     * room and its line is not drawn, it is known to within a centimetre or two; where it is less than that, it is too close
     * to call.
     *
     * @param memory lines of a like course for the same ride, to start from; without it the line is smoothed
     */
    public static ResumableFit dragged(
            Course course, Ride ride, double speedMetresPerSecond, LineChoice drawn, @Nullable LineMemory memory) {
        return new FitCalculation(course, ride, speedMetresPerSecond).dragged(drawn, memory);
    }

    /** The room alone at the judged speed, for tables of many. */
    public static CourseFit clearanceOnly(Course course, Ride ride) {
        ResumableFit computed = clearance(course, ride);
        return computed.fit().withUncertainty(SpareUncertainty.of(course, ride, computed));
    }

    /** The same without how far out it may be, with a line to start the next search from. */
    public static ResumableFit clearance(Course course, Ride ride) {
        if (course.plan().route().pace() != Pace.ROLLING) {
            return clearance(course, ride, ride.limits().lowestSpeedMetresPerSecond());
        }
        SpeedScan.SpeedSample judged = new SpeedScan(course, ride).judged();
        FitCalculation scheduler = new FitCalculation(course, ride, judged.speed());
        return scheduler.clearanceOnly(scheduler.search.settled(judged.found()));
    }

    /** The room alone at the speed it is to be ridden at; at the speed judged at where it does not fit. */
    public static CourseFit ridden(SpeedScan scan) {
        if (scan.course().plan().route().pace() != Pace.ROLLING) {
            return clearance(scan.course(), scan.ride()).fit();
        }
        SpeedScan.SpeedSample judged = scan.judged();
        SpeedScan.SpeedSample at =
                judged.clearance() >= 0 ? scan.near(RecommendedSpeed.of(scan).middle()) : judged;
        FitCalculation scheduler = new FitCalculation(scan.course(), scan.ride(), at.speed());
        return scheduler.clearanceOnly(scheduler.search.settled(at.found())).fit();
    }

    /** The same at a given speed. */
    public static ResumableFit clearance(Course course, Ride ride, double speedMetresPerSecond) {
        FitCalculation scheduler = new FitCalculation(course, ride, speedMetresPerSecond);
        return scheduler.clearanceOnly(scheduler.search.roomiest(null));
    }

    /** A course at one speed. */
    private static final class FitCalculation {
        private final Ride ride;
        private final double speed;
        private final LineTask task;
        final LineSearch search;

        FitCalculation(Course course, Ride ride, double speed) {
            this.ride = ride;
            this.speed = speed;
            task = LineTask.of(course, ride, speed);
            search = new LineSearch(task);
        }

        ResumableFit all(LineSearch.FoundLine roomy, Optional<SpareAtSpeed> slowest) {
            Optional<LineSearch.FoundLine> easy = roomy.holds()
                    ? search.easiestOfAll(roomy.nodes()).map(e -> search.smoothed(e, 0))
                    : Optional.empty();
            double clear = clear(roomy);
            Optional<LineSearch.FoundLine> comfortable = clear == 0
                    ? easy
                    : search.easiestOf(likely(easy, roomy), clear)
                            .map(e -> search.smoothed(e, clear))
                            .or(() -> roomy.holds() ? Optional.of(roomy) : Optional.empty());
            return computed(roomy, comfortable, easy, used(roomy, easy), slowest);
        }

        /** Lines to start the comfortable one from: from these it comes out as easy as from all that the easiest had. */
        private static List<LineNodes> likely(Optional<LineSearch.FoundLine> easy, LineSearch.FoundLine roomy) {
            return Stream.concat(easy.stream(), Stream.of(roomy).filter(LineSearch.FoundLine::holds))
                    .map(LineSearch.FoundLine::nodes)
                    .toList();
        }

        ResumableFit dragged(LineChoice drawn, @Nullable LineMemory memory) {
            LineNodes like = memory == null ? null : memory.roomiest(task.route());
            boolean roughly = drawn != LineChoice.ROOMIEST;
            LineSearch.FoundLine roomy = roughly ? search.roomiestAtALook(like) : search.roomiest(like);
            boolean tooClose = roughly && roomy.isTooCloseToCallRoughly();
            double clear = drawn == LineChoice.COMFORTABLE ? clear(roomy) : 0;
            LineNodes from = memory == null ? roomy.nodes() : memory.easiest(task.route(), roomy.nodes());
            Optional<LineSearch.FoundLine> line = easiest(roomy, clear, from);
            if (memory == null) {
                line = line.map(e -> search.smoothed(e, clear));
            }
            Optional<Double> used = tooClose && !roomy.holds() ? Optional.empty() : used(roomy, line);
            ResumableFit computed = drawn == LineChoice.COMFORTABLE
                    ? computed(roomy, line, Optional.empty(), used, Optional.empty())
                    : computed(roomy, Optional.empty(), line, used, Optional.empty());
            return tooClose
                    ? new ResumableFit(computed.fit().tooCloseToCall(), computed.memory(), computed.judged())
                    : computed;
        }

        ResumableFit clearanceOnly(LineSearch.FoundLine roomy) {
            return computed(roomy, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
        }

        private static double clear(LineSearch.FoundLine roomy) {
            return Math.max(0, Math.min(COMFORT_METRES, roomy.clearance() - HAIR_METRES));
        }

        private Optional<LineSearch.FoundLine> easiest(LineSearch.FoundLine roomy, double clear, LineNodes from) {
            return roomy.holds()
                    ? search.easiest(from, clear).or(() -> search.easiest(LineNodes.along(task.route()), clear))
                    : Optional.empty();
        }

        private Optional<Double> used(LineSearch.FoundLine roomy, Optional<LineSearch.FoundLine> easy) {
            return roomy.holds() ? easy.map(e -> e.checked().steeringShare()) : search.shareWanted(roomy.nodes());
        }

        private ResumableFit computed(
                LineSearch.FoundLine roomy,
                Optional<LineSearch.FoundLine> comfortable,
                Optional<LineSearch.FoundLine> easy,
                Optional<Double> used,
                Optional<SpareAtSpeed> slowest) {
            Pace pace = task.route().pace();
            CourseFit fit = new CourseFit(
                    answer(roomy),
                    new Clearance(roomy.clearance(), 0),
                    Optional.empty(),
                    roomy.checked(),
                    comfortable.map(LineSearch.FoundLine::checked),
                    easy.map(LineSearch.FoundLine::checked),
                    used,
                    slowest,
                    ride.point(pace, Side.LEFT, speed),
                    ride.point(pace, Side.RIGHT, speed),
                    task);
            LineMemory memory = new LineMemory(
                    roomy.nodes(),
                    comfortable.or(() -> easy).map(LineSearch.FoundLine::nodes).orElse(null),
                    task.route().lengthMetres(),
                    speed);
            return new ResumableFit(fit, memory, memory);
        }
    }

    private static FitAnswer answer(LineSearch.FoundLine roomy) {
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
        return with(said, new Clearance(spare.metres(), metres), recommended);
    }

    private CourseFit tooCloseToCall() {
        return with(FitAnswer.TOO_CLOSE_TO_CALL, spare, recommended);
    }

    private CourseFit with(FitAnswer said, Clearance clearance, Optional<RecommendedSpeed> speeds) {
        return new CourseFit(
                said, clearance, speeds, roomiest, comfortable, easiest, steeringShare, slowest, left, right, task);
    }

    /** Whether machine and rider turn alike to both sides, so that a mirrored course has the mirrored line. */
    public boolean turnsAlike() {
        return left.curvatureLimit() == right.curvatureLimit() && left.leanRadians() == right.leanRadians();
    }

    /** Whether there is more room than was looked for. */
    public boolean spareCapped() {
        return spare.metres() >= LineSearch.MOST_CLEARANCE_METRES - 0.01;
    }

    /** How far the machine leans along the line drawn, where it leans furthest, to whichever side, in radians. */
    public double leanRadians() {
        return leanRadians(drawn());
    }

    /** The same along another line of this fit. */
    public double leanRadians(CheckedLine line) {
        return line.line().points().stream()
                .mapToDouble(p -> Math.abs(task.limits().leanRadians(p.curvature())))
                .max()
                .orElse(0);
    }

    /** A line of this fit, where it is known. */
    public Optional<CheckedLine> line(LineChoice choice) {
        return switch (choice) {
            case COMFORTABLE -> comfortable;
            case EASIEST -> easiest;
            case ROOMIEST -> Optional.of(roomiest);
        };
    }

    /** The line to draw where none is asked for: the comfortable one where there is one. */
    public CheckedLine drawn() {
        return comfortable.or(() -> easiest).orElse(roomiest);
    }

    /** What happens along a line of this fit. */
    public LineProfile profile(CheckedLine line, MachineTurn turn) {
        return LineProfile.of(task, line, turn);
    }

    /** The ground the widest points pass over on a line of this fit. */
    public SweptBand band(CheckedLine line) {
        return SweptBand.of(LineProfile.points(line.line()), task.footprint(), task.limits());
    }
}
