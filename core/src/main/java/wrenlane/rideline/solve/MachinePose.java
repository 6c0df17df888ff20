package wrenlane.rideline.solve;

import wrenlane.course.plan.Barrier;
import wrenlane.course.plan.Barrier.Part;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.rideline.LineTask;
import wrenlane.riding.Footprint;
import wrenlane.riding.TurnLimits;

/** A machine standing at a place of a line, and how clear it is there of one thing after another. */
final class MachinePose {
    /** Stands for the point of the machine nearest to the obstacle, instead of 0 for the rear and 1 for the front. */
    static final double WHOLE = -1;

    /** A line counts this far past its ends, in metres, so that no place between two nodes slips by. */
    private static final double END_METRES = 0.02;

    private final Footprint footprint;
    private final TurnLimits limits;
    final LineNodes.Pose pose = new LineNodes.Pose();
    private double cos, sin, leanCos, leanSin, leanSlope;

    /** The clearance last measured, in metres. */
    double clearance;
    /** Distance alone, without sides, by which the nearest place is found. */
    double nearness;
    /** Whether the place lies alongside the obstacle at all. */
    boolean counts;
    /** Slopes of the clearance with the pose. */
    double x, y, heading, curvature;

    MachinePose(LineTask task) {
        this.footprint = task.footprint();
        this.limits = task.limits();
    }

    /** Stands a share u of the way along segment i. */
    MachinePose at(LineNodes nodes, int i, double u) {
        nodes.pose(i, u, pose);
        cos = Math.cos(pose.heading);
        sin = Math.sin(pose.heading);
        double tan = limits.leanTangent(pose.curvature);
        leanCos = 1 / Math.sqrt(1 + tan * tan);
        leanSin = tan * leanCos;
        leanSlope = limits.leanSlope(pose.curvature);
        return this;
    }

    /**
     * Measures the clearance between one point of the machine and an obstacle.
     *
     * @param where 0 for the rear contact, 1 for the front, {@link #WHOLE} for the nearest point between
     * @param sided whether the side the obstacle is passed on counts here: at the place nearest to it
     */
    void measure(Barrier what, double where, boolean sided) {
        if (what instanceof Barrier.ConeBarrier off) {
            measureOff(off, where, sided);
        } else if (what instanceof Barrier.LineBarrier inside) {
            measureInside(inside, where);
        }
    }

    private void measureOff(Barrier.ConeBarrier off, double where, boolean sided) {
        double wheelbase = footprint.wheelbaseMetres();
        double toX = off.centre().x() - pose.x;
        double toY = off.centre().y() - pose.y;
        double along = where >= 0 ? where * wheelbase : Math.min(wheelbase, Math.max(0, toX * cos + toY * sin));
        double dx = along * cos - toX;
        double dy = along * sin - toY;
        double distance = Math.max(Math.sqrt(dx * dx + dy * dy), 1e-9);
        // Above zero where the obstacle lies to the left.
        double left = dx * sin - dy * cos;
        boolean toTheLeft = left > 0;
        nearness = distance;
        double signed = distance;
        double nx = dx / distance;
        double ny = dy / distance;
        if (sided) {
            boolean wanted = off.side().orElseThrow() == Side.LEFT;
            if (wanted != toTheLeft) {
                int sign = wanted ? 1 : -1;
                signed = sign * left;
                nx = sign * sin;
                ny = -sign * cos;
                toTheLeft = wanted;
            }
        }
        clearance = signed - off.radiusMetres() - half(off.part(), off.heightMetres(), toTheLeft ? 1 : -1);
        counts = true;
        x = nx;
        y = ny;
        heading = along * (ny * cos - nx * sin);
    }

    private void measureInside(Barrier.LineBarrier line, double where) {
        Point from = line.from();
        double ex = line.to().x() - from.x();
        double ey = line.to().y() - from.y();
        double length = Math.sqrt(ex * ex + ey * ey);
        ex /= length;
        ey /= length;
        int sign = line.inside().sign();
        double along = where * footprint.wheelbaseMetres();
        double px = pose.x + along * cos - from.x();
        double py = pose.y + along * sin - from.y();
        double alongLine = px * ex + py * ey;
        counts = alongLine >= -END_METRES && alongLine <= length + END_METRES;
        if (!counts) {
            clearance = Double.POSITIVE_INFINITY;
            nearness = clearance;
            return;
        }
        double off = sign * (ex * py - ey * px);
        // The side of the machine that faces the line: its right-hand side where the line runs to its right.
        double faces = -sign * (ex * cos + ey * sin);
        clearance = off - half(line.part(), Barrier.LINE_HEIGHT_METRES, faces > 0 ? 1 : -1);
        nearness = clearance;
        x = -sign * ey;
        y = sign * ex;
        heading = along * (y * cos - x * sin);
    }

    /** Half of what has to lie clear on a side, with the slope of the clearance to curvature left behind. */
    private double half(Part part, double height, int leftSign) {
        if (part == Part.WHEELS) {
            curvature = 0;
            return footprint.tyreMetres() / 2;
        }
        double towards = leftSign * leanSin;
        curvature = -footprint.reachSlope(height, leanCos, towards) * leftSign * leanSlope;
        return footprint.reachMetres(height, leanCos, towards);
    }
}
