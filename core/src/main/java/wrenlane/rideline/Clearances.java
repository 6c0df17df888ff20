package wrenlane.rideline;

import java.util.Arrays;
import java.util.List;
import wrenlane.course.Keep;
import wrenlane.course.Keep.Part;
import wrenlane.course.Point;
import wrenlane.machine.Side;

/**
 * How clear a line is of all it has to keep clear of, and how that changes when the line is moved a little: one row for
 * every place that matters, found anew for every line.
 *
 * <p>A row is clearance + a·(x, y, θ, κ, w, h) of a node: the distance between a point of the machine and an obstacle
 * less what has to lie between them. Rows are taken at nodes and halfway between; the nearest place is found between
 * them, so that the smallest clearance is the line's own and not that of its nodes.
 */
final class Clearances {
    /** Places further off than this cannot bind after one step of the solver, in metres. */
    private static final double REACH_METRES = 1;

    /** Nodes nearer than this are looked at even where the nearest place is another, in metres. */
    private static final double NEAR_METRES = 0.8;

    /** Further off than this no lean is reckoned, in metres: the place is not looked at anyway. */
    private static final double FAR_METRES = 4;

    private static final int PER_SEGMENT = 2;
    private static final int GOLDEN_ROUNDS = 14;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;

    private final LineTask task;
    private final LineNodes nodes;
    private final List<Keep> keeps;
    private final LineNodes.Pose[] poses;
    private final double stationsPerSegment;

    private int count;
    private int[] stage = new int[128];
    private double[] rows = new double[128 * WIDTH];
    private double least = Double.POSITIVE_INFINITY;

    /** Coefficients of x, y, θ, κ, w, h, then the clearance, then the share of its segment. */
    static final int WIDTH = 8;

    Clearances(LineTask task, LineNodes nodes) {
        this.task = task;
        this.nodes = nodes;
        this.keeps = task.route().keeps();
        this.stationsPerSegment = task.route().lengthMetres() / nodes.segments;
        poses = new LineNodes.Pose[nodes.segments * PER_SEGMENT + 1];
        for (int j = 0; j < poses.length; j++) {
            poses[j] = new LineNodes.Pose();
            nodes.pose(j / PER_SEGMENT, j % PER_SEGMENT / (double) PER_SEGMENT, poses[j]);
        }
        for (int k = 0; k < keeps.size(); k++) {
            collect(k);
        }
    }

    int count() {
        return count;
    }

    int stage(int row) {
        return stage[row];
    }

    double coefficient(int row, int place) {
        return rows[row * WIDTH + place];
    }

    double clearance(int row) {
        return rows[row * WIDTH + 6];
    }

    /** The smallest clearance, in metres; infinite where nothing is near. */
    double least() {
        return least;
    }

    private void collect(int k) {
        Keep what = keeps.get(k);
        int from = Math.max(0, (int) Math.floor(what.fromStation() / stationsPerSegment * PER_SEGMENT));
        int to = Math.min(poses.length - 1, (int) Math.ceil(what.toStation() / stationsPerSegment * PER_SEGMENT));
        if (to < from) {
            return;
        }
        if (what.part() == Part.WHEELS) {
            collect(k, from, to, 0);
            collect(k, from, to, 1);
        } else if (what instanceof Keep.Inside) {
            collect(k, from, to, 0);
            collect(k, from, to, 1);
        } else {
            collect(k, from, to, WHOLE);
        }
    }

    /** Stands for the point of the machine nearest to the obstacle, instead of 0 for the rear and 1 for the front. */
    private static final double WHOLE = -1;

    private void collect(int k, int from, int to, double where) {
        Keep what = keeps.get(k);
        Measure measure = new Measure();
        double[] distance = new double[to - from + 1];
        int nearest = -1;
        for (int j = from; j <= to; j++) {
            measure(what, poses[j], where, false, measure);
            distance[j - from] = measure.clearance;
            if (nearest < 0 || measure.clearance < distance[nearest - from]) {
                nearest = j;
            }
        }
        boolean sided = what instanceof Keep.Off off && off.side().isPresent();
        if (nearest < 0 || (!sided && distance[nearest - from] > REACH_METRES)) {
            return;
        }
        LineNodes.Pose between = new LineNodes.Pose();
        for (int j = from; j <= to; j++) {
            double here = distance[j - from];
            boolean chosen = sided && j == nearest;
            if (here > REACH_METRES && !chosen) {
                continue;
            }
            boolean lowest = here < (j > from ? distance[j - from - 1] : Double.POSITIVE_INFINITY)
                    && here <= (j < to ? distance[j - from + 1] : Double.POSITIVE_INFINITY);
            if (lowest || chosen) {
                double at = refined(what, where, chosen, j, from, to, between);
                addRow(what, at, where, chosen, measure);
            } else if (j % PER_SEGMENT == 0 && here < NEAR_METRES) {
                addRow(what, j / (double) PER_SEGMENT, where, false, measure);
            }
        }
    }

    /** The nearest place around half-node j, in segments from the start, by golden section. */
    private double refined(Keep what, double where, boolean chosen, int j, int from, int to, LineNodes.Pose between) {
        double low = Math.max(from, j - 1) / (double) PER_SEGMENT;
        double high = Math.min(to, j + 1) / (double) PER_SEGMENT;
        double a = high - GOLDEN * (high - low);
        double b = low + GOLDEN * (high - low);
        double atA = clearanceAt(what, a, where, chosen, between);
        double atB = clearanceAt(what, b, where, chosen, between);
        for (int round = 0; round < GOLDEN_ROUNDS; round++) {
            if (atA < atB) {
                high = b;
                b = a;
                atB = atA;
                a = high - GOLDEN * (high - low);
                atA = clearanceAt(what, a, where, chosen, between);
            } else {
                low = a;
                a = b;
                atA = atB;
                b = low + GOLDEN * (high - low);
                atB = clearanceAt(what, b, where, chosen, between);
            }
        }
        return (low + high) / 2;
    }

    private double clearanceAt(Keep what, double at, double where, boolean chosen, LineNodes.Pose between) {
        int i = segment(at);
        nodes.pose(i, at - i, between);
        Measure m = scratch;
        measure(what, between, where, chosen, m);
        return chosen ? m.nearness : m.clearance;
    }

    private final Measure scratch = new Measure();

    private int segment(double at) {
        return Math.min(nodes.segments - 1, (int) Math.floor(at));
    }

    private void addRow(Keep what, double at, double where, boolean chosen, Measure m) {
        int i = at >= nodes.segments ? nodes.segments : segment(at);
        LineNodes.Pose p = new LineNodes.Pose();
        nodes.pose(i, at - i, p);
        measure(what, p, where, chosen, m);
        if (!m.counts) {
            return;
        }
        if (count == stage.length) {
            stage = Arrays.copyOf(stage, 2 * count);
            rows = Arrays.copyOf(rows, 2 * rows.length);
        }
        int o = count * WIDTH;
        stage[count] = i;
        rows[o] = m.x;
        rows[o + 1] = m.y;
        rows[o + 2] = m.heading + m.x * p.xHeading + m.y * p.yHeading;
        rows[o + 3] = m.curvature + m.x * p.xCurvature + m.y * p.yCurvature + m.heading * p.headingCurvature;
        rows[o + 4] = m.x * p.xInput + m.y * p.yInput + m.heading * p.headingInput + m.curvature * p.curvatureInput;
        rows[o + 5] = m.x * p.xSpacing + m.y * p.ySpacing + m.heading * p.headingSpacing;
        rows[o + 6] = m.clearance;
        rows[o + 7] = at - i;
        if (m.clearance < least) {
            least = m.clearance;
        }
        count++;
    }

    /** A clearance with its slopes at a pose. */
    private static final class Measure {
        double clearance;
        /** Distance alone, without sides, by which the nearest place is found. */
        double nearness;
        /** Whether the place lies alongside the obstacle at all. */
        boolean counts;

        double x, y, heading, curvature;
    }

    /**
     * Clearance between one point of the machine and an obstacle.
     *
     * @param where 0 for the rear contact, 1 for the front, {@link #WHOLE} for the nearest point between
     * @param sided whether the side the obstacle is passed on counts here: at the place nearest to it
     */
    private void measure(Keep what, LineNodes.Pose p, double where, boolean sided, Measure m) {
        double cos = Math.cos(p.heading);
        double sin = Math.sin(p.heading);
        if (what instanceof Keep.Off off) {
            measureOff(off, p, where, sided, cos, sin, m);
        } else if (what instanceof Keep.Inside inside) {
            measureInside(inside, p, where, cos, sin, m);
        }
    }

    private void measureOff(
            Keep.Off off, LineNodes.Pose p, double where, boolean sided, double cos, double sin, Measure m) {
        double wheelbase = task.footprint().wheelbaseMetres();
        double toX = off.centre().x() - p.x;
        double toY = off.centre().y() - p.y;
        double along = where >= 0 ? where * wheelbase : Math.min(wheelbase, Math.max(0, toX * cos + toY * sin));
        double dx = along * cos - toX;
        double dy = along * sin - toY;
        double distance = Math.max(Math.sqrt(dx * dx + dy * dy), 1e-9);
        // Above zero where the obstacle lies to the left.
        double left = dx * sin - dy * cos;
        boolean toTheLeft = left > 0;
        m.nearness = distance;
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
        double half = distance > off.radiusMetres() + FAR_METRES
                ? task.footprint().widthMetres() / 2
                : half(off.part(), off.heightMetres(), p.curvature, toTheLeft ? 1 : -1, m);
        m.clearance = signed - off.radiusMetres() - half;
        m.counts = true;
        m.x = nx;
        m.y = ny;
        m.heading = along * (ny * cos - nx * sin);
    }

    private void measureInside(Keep.Inside line, LineNodes.Pose p, double where, double cos, double sin, Measure m) {
        Point from = line.from();
        double ex = line.to().x() - from.x();
        double ey = line.to().y() - from.y();
        double length = Math.sqrt(ex * ex + ey * ey);
        ex /= length;
        ey /= length;
        int sign = line.inside().sign();
        double along = where * task.footprint().wheelbaseMetres();
        double px = p.x + along * cos - from.x();
        double py = p.y + along * sin - from.y();
        double alongLine = px * ex + py * ey;
        double off = sign * (ex * py - ey * px);
        // The side of the machine that faces the line: its right-hand side where the line runs to its right.
        double faces = -sign * (ex * cos + ey * sin);
        double half = half(line.part(), LINE_HEIGHT_METRES, p.curvature, faces > 0 ? 1 : -1, m);
        m.counts = alongLine >= -END_METRES && alongLine <= length + END_METRES;
        m.clearance = m.counts ? off - half : Double.POSITIVE_INFINITY;
        m.nearness = m.clearance;
        m.x = -sign * ey;
        m.y = sign * ex;
        m.heading = along * (m.y * cos - m.x * sin);
    }

    /** A line counts this far past its ends, in metres, so that no place between two nodes slips by. */
    private static final double END_METRES = 0.02;

    /** Height at which a body clears a row of cones, in metres: a tall cone's. */
    static final double LINE_HEIGHT_METRES = 0.45;

    /** Half of what has to lie clear, with its slope to curvature left in the measure. */
    private double half(Part part, double height, double curvature, int leftSign, Measure m) {
        if (part == Part.WHEELS) {
            m.curvature = 0;
            return task.footprint().tyreMetres() / 2;
        }
        double lean = leftSign * task.limits().leanRadians(curvature);
        m.curvature = -task.footprint().reachSlope(height, lean)
                * leftSign
                * task.limits().leanSlope(curvature);
        return task.footprint().reachMetres(height, lean);
    }
}
