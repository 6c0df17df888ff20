package wrenlane.rideline.solve;

import java.util.Arrays;
import wrenlane.course.plan.Barrier;
import wrenlane.course.plan.Barrier.Part;
import wrenlane.rideline.LineTask;

/**
 * How clear a line is of all it has to keep clear of, and how that changes when the line is moved a little: one row for
 * every place that matters, found anew for every line.
 *
 * <p>A row is clearance + a·(x, y, θ, κ, w, h) of a node: the distance between a point of the machine and an obstacle
 * less what has to lie between them. Rows are taken at nodes and halfway between; the nearest place is found between
 * them, so that the smallest clearance is the line's own and not that of its nodes.
 */
public final class Clearances {
    /** Places further off than this cannot bind after one step of the solver, in metres. */
    private static final double REACH_METRES = 1;

    /** Nodes nearer than this are looked at even where the nearest place is another, in metres. */
    private static final double NEAR_METRES = 0.8;

    /**
     * Room at an end counts so many times over: what is asked for elsewhere is asked for there a tenth of, so that an end
     * is kept clear of and yet binds nothing.
     */
    private static final double END_WEIGHT = 10;

    private static final int PER_SEGMENT = 2;
    private static final int MOST_REFINING = 16;

    /** A place found to within this, in half-nodes: 0.3 mm, which changes the distance to a cone by less than a micrometre. */
    private static final double NEAR_ENOUGH = 2e-3;

    /** Share at which golden section cuts. */
    private static final double CUT = (3 - Math.sqrt(5)) / 2;

    private final LineNodes nodes;
    private final MachinePose[] standing;
    private final MachinePose between;
    private final double stationsPerSegment;

    /** No point of the machine moves further than this from one half-node to the next, in metres. */
    private final double halfNodeMoves;

    private int count;
    private int[] stage = new int[128];
    private double[] rows = new double[128 * WIDTH];
    private double least = Double.POSITIVE_INFINITY;

    /** Coefficients of x, y, θ, κ, w, h, then the clearance. */
    private static final int WIDTH = 7;

    Clearances(LineTask task, LineNodes nodes) {
        this.nodes = nodes;
        this.stationsPerSegment = task.route().lengthMetres() / nodes.segments;
        standing = new MachinePose[nodes.segments * PER_SEGMENT + 1];
        for (int j = 0; j < standing.length; j++) {
            standing[j] = new MachinePose(task).at(nodes, j / PER_SEGMENT, j % PER_SEGMENT / (double) PER_SEGMENT);
        }
        between = new MachinePose(task);
        double bend = 0;
        for (double k : nodes.curvature) {
            bend = Math.max(bend, Math.abs(k));
        }
        halfNodeMoves =
                nodes.spacing / PER_SEGMENT * (1 + bend * task.footprint().wheelbaseMetres());
        task.route().keeps().forEach(this::collect);
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

    private void collect(Barrier what) {
        int from = Math.max(0, (int) Math.floor(what.fromStation() / stationsPerSegment * PER_SEGMENT));
        int to = Math.min(standing.length - 1, (int) Math.ceil(what.toStation() / stationsPerSegment * PER_SEGMENT));
        if (to < from) {
            return;
        }
        if (what.part() == Part.WHEELS || what instanceof Barrier.LineBarrier) {
            collect(what, from, to, 0);
            collect(what, from, to, 1);
        } else {
            collect(what, from, to, MachinePose.WHOLE);
        }
    }

    private void collect(Barrier what, int from, int to, double where) {
        boolean sided = what instanceof Barrier.ConeBarrier off && off.side().isPresent();
        double[] distance = new double[to - from + 1];
        int nearest = scan(what, from, to, where, true, distance);
        if (distance[nearest - from] > REACH_METRES) {
            if (!sided) {
                return;
            }
            nearest = scan(what, from, to, where, false, distance);
        }
        for (int j = from; j <= to; j++) {
            double here = distance[j - from];
            boolean chosen = sided && j == nearest;
            if (here > REACH_METRES && !chosen) {
                continue;
            }
            boolean lowest = here < (j > from ? distance[j - from - 1] : Double.POSITIVE_INFINITY)
                    && here <= (j < to ? distance[j - from + 1] : Double.POSITIVE_INFINITY);
            if (lowest || chosen) {
                // The place nearest to a cone, which has to have it on its side, is not where a leaning body is
                // nearest.
                if (chosen) {
                    addRow(what, refined(what, where, true, j, from, to), where, true);
                }
                if (lowest) {
                    addRow(what, refined(what, where, false, j, from, to), where, false);
                }
            } else if (j % PER_SEGMENT == 0 && here < NEAR_METRES) {
                addRow(what, j / (double) PER_SEGMENT, where, false);
            }
        }
    }

    /**
     * Measures at half-nodes and gives the nearest.
     *
     * @param leaping over places that are certainly out of reach; they count as infinitely far
     */
    private int scan(Barrier what, int from, int to, double where, boolean leaping, double[] distance) {
        Arrays.fill(distance, Double.POSITIVE_INFINITY);
        int nearest = from;
        int j = from;
        while (j <= to) {
            MachinePose there = standing[j];
            there.measure(what, where, false);
            distance[j - from] = there.clearance;
            if (there.clearance < distance[nearest - from]) {
                nearest = j;
            }
            double spare = there.clearance - REACH_METRES - LEANING_METRES;
            double leap = leaping && there.counts ? Math.floor(spare / halfNodeMoves) : 1;
            // At least one on, whatever became of the line: a comparison with no number is false.
            j += leap > 1 ? (int) Math.min(leap, to + 1.0 - j) : 1;
        }
        return nearest;
    }

    /** Leaning differently moves no machine's side by more than this, in metres. */
    private static final double LEANING_METRES = 1;

    /**
     * The nearest place around half-node j, in segments from the start: the lowest point of the parabola through three places,
     * the middle one nearest, again and again. Where that would leave the outer two, and every third time in case it creeps,
     * the wider part is cut by golden section (Press et al., Numerical Recipes, §10.2; Brent 1973, chapter 5).
     */
    private double refined(Barrier what, double where, boolean chosen, int j, int from, int to) {
        double low = Math.max(from, j - 1);
        double mid = j;
        double high = Math.min(to, j + 1);
        double atLow = clearanceAt(what, low, where, chosen);
        double atMid = clearanceAt(what, mid, where, chosen);
        double atHigh = clearanceAt(what, high, where, chosen);
        for (int round = 1; round <= MOST_REFINING && high - low > NEAR_ENOUGH; round++) {
            double next = lowest(low, mid, high, atLow - atMid, atHigh - atMid);
            boolean inside = next > low && next < high && next != mid;
            if (!inside || round % 3 == 0) {
                next = mid - low > high - mid ? mid - CUT * (mid - low) : mid + CUT * (high - mid);
            }
            boolean last = Math.abs(next - mid) < NEAR_ENOUGH;
            double atNext = clearanceAt(what, next, where, chosen);
            boolean nearer = atNext < atMid;
            double outer = nearer ? mid : next;
            double atOuter = nearer ? atMid : atNext;
            if (nearer == next > mid) {
                low = outer;
                atLow = atOuter;
            } else {
                high = outer;
                atHigh = atOuter;
            }
            if (nearer) {
                mid = next;
                atMid = atNext;
            }
            if (last) {
                break;
            }
        }
        return mid / PER_SEGMENT;
    }

    /** Where the parabola through three places is lowest; how far those at the sides lie above the middle one. */
    private static double lowest(double low, double mid, double high, double lowAbove, double highAbove) {
        double before = mid - low;
        double after = high - mid;
        return mid
                + (after * after * lowAbove - before * before * highAbove)
                        / (2 * (after * lowAbove + before * highAbove));
    }

    /** How clear it is at a place, in half-nodes from the start. */
    private double clearanceAt(Barrier what, double at, double where, boolean chosen) {
        int j = (int) at;
        MachinePose there = j == at ? standing[j] : standingAt(at / PER_SEGMENT);
        there.measure(what, where, chosen);
        return chosen ? there.nearness : there.clearance;
    }

    private MachinePose standingAt(double at) {
        int i = stageAt(at);
        return between.at(nodes, i, at - i);
    }

    /** The segment a place lies on; the last node's own where it is at the end. */
    private int stageAt(double at) {
        return Math.min(nodes.segments, (int) Math.floor(at));
    }

    private void addRow(Barrier what, double at, double where, boolean chosen) {
        MachinePose m = standingAt(at);
        m.measure(what, where, chosen);
        LineNodes.Pose p = m.pose;
        if (!m.counts) {
            return;
        }
        if (count == stage.length) {
            stage = Arrays.copyOf(stage, 2 * count);
            rows = Arrays.copyOf(rows, 2 * rows.length);
        }
        int o = count * WIDTH;
        stage[count] = stageAt(at);
        rows[o] = m.x;
        rows[o + 1] = m.y;
        rows[o + 2] = m.heading + m.x * p.xHeading + m.y * p.yHeading;
        rows[o + 3] = m.curvature + m.x * p.xCurvature + m.y * p.yCurvature + m.heading * p.headingCurvature;
        rows[o + 4] = m.x * p.xInput + m.y * p.yInput + m.heading * p.headingInput + m.curvature * p.curvatureInput;
        rows[o + 5] = m.x * p.xSpacing + m.y * p.ySpacing + m.heading * p.headingSpacing;
        rows[o + 6] = m.clearance;
        for (int k = o; what.atAnEnd() && k < o + WIDTH; k++) {
            rows[k] *= END_WEIGHT;
        }
        least = Math.min(least, rows[o + 6]);
        count++;
    }
}
