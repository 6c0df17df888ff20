package wrenlane.rideline;

import java.util.List;
import wrenlane.course.CourseStart;
import wrenlane.course.Point;
import wrenlane.course.UTurnBox;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLimits;

/**
 * Whether a machine and rider can turn round in a U-turn box to one side, and by how much.
 *
 * <p>The rider comes in with the rear wheel half a tyre inside the entry line and turns as tightly as the riding point
 * lets them, without swinging out. Width needed: reach of the line across plus a whole tyre (half at each line). Depth
 * needed: reach of the line beyond the mouth plus half a tyre, with the turn begun as the rear wheel crosses the mouth.
 *
 * @param side the side turned to
 * @param widthNeededMetres smallest width this rider can turn in
 * @param depthNeededMetres smallest depth
 * @param roomAcross width left over, negative where it lacks
 * @param roomDeep depth left over, negative where it lacks
 * @param limitMetres smallest width the machine can do, whoever rides
 * @param tightness width over limit; 1.00 is the machine's own limit
 * @param turnUsed peak curvature the width asks for, as a share of what rider and machine have; above 1 where it does
 *     not fit
 * @param ridden the riding point reckoned with
 */
public record UTurnBoxFit(
        Side side,
        double widthNeededMetres,
        double depthNeededMetres,
        Room roomAcross,
        Room roomDeep,
        double limitMetres,
        double tightness,
        double turnUsed,
        RidingPoint ridden) {

    /** Standard deviations of width and depth of the box as set out, in metres. */
    public record BoxUncertainty(double widthMetres, double depthMetres) {
        public BoxUncertainty {
            if (!(widthMetres >= 0 && widthMetres < 100 && depthMetres >= 0 && depthMetres < 100)) {
                throw new IllegalArgumentException("uncertainties are " + widthMetres + " m and " + depthMetres
                        + " m; they lie between 0 and 100 m");
            }
        }
    }

    /** Reckons the box for one machine, rider and side. */
    public static UTurnBoxFit of(
            UTurnBox box, BoxUncertainty measured, MachineTurn turn, RiderLimits limits, Side side) {
        Needs needs = Needs.of(box.start(), turn, side, limits);
        double[] spread = turn.uncertaintiesOf(t -> {
            Needs n = Needs.of(box.start(), t, side, limits);
            return new double[] {n.width(), n.depth()};
        });
        double limit = turn.uTurnLimitMetres(side);
        return new UTurnBoxFit(
                side,
                needs.width(),
                needs.depth(),
                new Room(box.widthMetres() - needs.width(), Math.hypot(measured.widthMetres(), spread[0])),
                new Room(box.depthMetres() - needs.depth(), Math.hypot(measured.depthMetres(), spread[1])),
                limit,
                box.widthMetres() / limit,
                turnUsed(box.widthMetres(), turn, needs.point()),
                needs.point());
    }

    /** The room that counts: the smaller of the two. */
    public Room room() {
        return acrossBinds() ? roomAcross : roomDeep;
    }

    /** Whether the exit line, rather than the far line, leaves the least room. */
    public boolean acrossBinds() {
        return roomAcross.metres() <= roomDeep.metres();
    }

    /** The line that leaves the least room. */
    public String bindingLine() {
        return acrossBinds() ? "exit line" : "far line";
    }

    /** The answer in one of three words. */
    public FitAnswer answer() {
        Room room = room();
        if (room.metres() > room.uncertaintyMetres()) {
            return FitAnswer.FITS;
        }
        return room.metres() < -room.uncertaintyMetres() ? FitAnswer.DOES_NOT_FIT : FitAnswer.TOO_CLOSE_TO_CALL;
    }

    /**
     * The line in the box's own axes: rear wheel half a tyre inside the entry line, begun as late as leaves half the
     * spare depth beyond the turn.
     */
    public List<LinePoint> lineIn(UTurnBox box, MachineTurn turn) {
        UTurnLine line = new UTurnLine(turn.wheelbaseMetres(), ridden.curvatureLimit(), ridden.curvatureRate());
        double startX = Math.max(0, roomDeep.metres() / 2);
        return line.points().stream()
                .map(p -> shifted(p, startX, turn.frontTyreMetres() / 2))
                .map(p -> side == Side.LEFT ? p : p.mirrored())
                .toList();
    }

    private static LinePoint shifted(LinePoint p, double dx, double dy) {
        return new LinePoint(
                p.distanceMetres(),
                new Point(p.rear().x() + dx, p.rear().y() + dy),
                new Point(p.front().x() + dx, p.front().y() + dy),
                p.headingRadians(),
                p.curvature());
    }

    /** What a turn at full use of the riding point takes, in metres, tyre included. */
    private record Needs(RidingPoint point, double width, double depth) {
        static Needs of(CourseStart start, MachineTurn turn, Side side, RiderLimits limits) {
            RidingPoint point = RidingPoint.of(start, turn, side, limits);
            UTurnLine.Reach reach =
                    new UTurnLine(turn.wheelbaseMetres(), point.curvatureLimit(), point.curvatureRate()).reach();
            return new Needs(
                    point,
                    reach.acrossMetres() + turn.frontTyreMetres(),
                    reach.deepMetres() + turn.frontTyreMetres() / 2);
        }
    }

    /**
     * Share of the available curvature that a turn of exactly this width needs, by bisection on the peak: the width a
     * line needs falls as its peak rises. Where even ten times the available curvature is too wide, the ramps alone
     * fill the box and the share is said as 10.
     */
    private static double turnUsed(double width, MachineTurn turn, RidingPoint point) {
        double low = 0.02;
        double high = 10;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            UTurnLine line =
                    new UTurnLine(turn.wheelbaseMetres(), middle * point.curvatureLimit(), point.curvatureRate());
            if (line.reach().acrossMetres() + turn.frontTyreMetres() > width) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }
}
