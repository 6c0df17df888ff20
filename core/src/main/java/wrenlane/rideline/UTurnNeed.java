package wrenlane.rideline;

import wrenlane.course.CourseStart;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLimits;

/**
 * What a machine and rider need to turn round to one side, whatever box they do it in. It does not depend on the box's
 * dimensions, so that while one of them is dragged it is reckoned once.
 *
 * @param side the side turned to
 * @param ridden the riding point reckoned with
 * @param widthMetres smallest width this rider can turn in, tyre included
 * @param depthMetres smallest depth, tyre included
 * @param widthUncertaintyMetres one standard deviation, from the machine's figures
 * @param depthUncertaintyMetres one standard deviation, from the machine's figures
 * @param limitMetres smallest width the machine can do, whoever rides
 * @param wheelbaseMetres of the machine
 * @param frontTyreMetres width of the front tyre
 */
public record UTurnNeed(
        Side side,
        RidingPoint ridden,
        double widthMetres,
        double depthMetres,
        double widthUncertaintyMetres,
        double depthUncertaintyMetres,
        double limitMetres,
        double wheelbaseMetres,
        double frontTyreMetres) {

    /** The need of a machine and rider, at full use of the riding point. */
    public static UTurnNeed of(CourseStart start, MachineTurn turn, Side side, RiderLimits limits) {
        double[] size = size(start, turn, side, limits);
        double[] spread = turn.uncertaintiesOf(t -> size(start, t, side, limits));
        return new UTurnNeed(
                side,
                RidingPoint.of(start, turn, side, limits),
                size[0],
                size[1],
                spread[0],
                spread[1],
                turn.uTurnLimitMetres(side),
                turn.wheelbaseMetres(),
                turn.frontTyreMetres());
    }

    /** Width and depth needed: the line's reach and a tyre, half at each line; half a tyre at the far line. */
    private static double[] size(CourseStart start, MachineTurn turn, Side side, RiderLimits limits) {
        RidingPoint point = RidingPoint.of(start, turn, side, limits);
        UTurnLine.Reach reach =
                new UTurnLine(turn.wheelbaseMetres(), point.curvatureLimit(), point.curvatureRate()).reach();
        double tyre = turn.frontTyreMetres();
        return new double[] {reach.acrossMetres() + tyre, reach.deepMetres() + tyre / 2};
    }

    /** The tightest line, from a rear contact at (0, 0), turning left. */
    UTurnLine line() {
        return new UTurnLine(wheelbaseMetres, ridden.curvatureLimit(), ridden.curvatureRate());
    }

    /**
     * Share of the available curvature that a turn of exactly a width needs, by bisection on the peak: the width a line
     * needs falls as its peak rises. Where even ten times the available curvature is too wide, the ramps alone fill the
     * box and the share is said as 10. To one part in ten thousand.
     */
    double turnUsed(double width) {
        double low = LEAST_SHARE;
        double high = MOST_SHARE;
        while (high - low > SHARE_TOLERANCE * high) {
            double middle = Math.sqrt(low * high);
            UTurnLine line = new UTurnLine(wheelbaseMetres, middle * ridden.curvatureLimit(), ridden.curvatureRate());
            if (line.reach().acrossMetres() + frontTyreMetres > width) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    /** Below this no box of ours asks: its turn would be wider than 20 m. */
    private static final double LEAST_SHARE = 0.1;

    private static final double MOST_SHARE = 10;
    private static final double SHARE_TOLERANCE = 1e-4;
}
