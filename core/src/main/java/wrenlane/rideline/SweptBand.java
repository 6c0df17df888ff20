package wrenlane.rideline;

import java.util.List;
import wrenlane.course.plan.Barrier;
import wrenlane.plane.Point;
import wrenlane.riding.Footprint;
import wrenlane.riding.TurnLimits;

/**
 * The ground that the widest points of a machine pass over: the bar ends, leaned as the line asks.
 *
 * @param left edge on the left of the way ridden, one point for each of the line's
 * @param right edge on the right
 */
public record SweptBand(List<Point> left, List<Point> right) {
    /** Where the bars stand between the contacts, from the rear, as a share of the wheelbase; an estimate, by us. */
    private static final double BARS_SHARE = 0.8;

    public SweptBand {
        left = List.copyOf(left);
        right = List.copyOf(right);
    }

    /** The band of a line at the lean that its speed asks for, at a tall cone's height. */
    public static SweptBand of(List<LinePoint> line, Footprint footprint, TurnLimits limits) {
        return new SweptBand(
                line.stream().map(p -> barEnd(p, footprint, limits, 1)).toList(),
                line.stream().map(p -> barEnd(p, footprint, limits, -1)).toList());
    }

    private static Point barEnd(LinePoint p, Footprint footprint, TurnLimits limits, int left) {
        double reach =
                left * footprint.reachMetres(Barrier.LINE_HEIGHT_METRES, left * limits.leanRadians(p.curvature()));
        double x = p.rear().x() + BARS_SHARE * (p.front().x() - p.rear().x());
        double y = p.rear().y() + BARS_SHARE * (p.front().y() - p.rear().y());
        return new Point(x - reach * Math.sin(p.headingRadians()), y + reach * Math.cos(p.headingRadians()));
    }
}
