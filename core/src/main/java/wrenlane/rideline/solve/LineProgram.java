package wrenlane.rideline.solve;

import java.util.Optional;
import wrenlane.course.plan.Pace;
import wrenlane.course.plan.Route.RouteLeg;
import wrenlane.machine.Side;
import wrenlane.rideline.LineTask;

/** The problem as seen from a line: the convex program for the best small change of it. */
final class LineProgram {
    /** Slack that every row has at the program's start; chosen by us by trial. */
    private static final double INSIDE = 0.1;

    /** A program is solved to this share of what its change is hoped to gain, summed over its rows. */
    private static final double EXACT_TO = 0.05;

    /** Mean gap beyond which no answer is taken. */
    private static final double COARSEST = 1e-5;

    /** What moving the curvature costs, as a share of what moving the place does. */
    private static final double CURVATURE_CAUTION = 1e-3;

    private final LineTask task;
    private final LineAim aim;
    private final LineEnds ends;
    private final double rate;

    /** @param rate how fast curvature may change, 1/m² */
    LineProgram(LineTask task, LineAim aim, LineEnds ends, double rate) {
        this.task = task;
        this.aim = aim;
        this.ends = ends;
        this.rate = rate;
    }

    /**
     * The best change found.
     *
     * @param change of every node, of the spacing, and the room and share there
     * @param merit what the program promises there, without its caution
     */
    record Change(Unknowns change, double merit) {
        /** The largest change of place, heading or curvature at any node, or of the length. */
        double largest() {
            double most = Math.abs(change.shared[Unknowns.SPACING]) * change.inputs.length;
            for (double s : change.states) {
                most = Math.max(most, Math.abs(s));
            }
            return most;
        }

        LineNodes applied(LineNodes line) {
            return moved(line, change);
        }
    }

    /**
     * Looks for the best change.
     *
     * @param clear how clear the line is of everything
     * @param share of the turn it takes
     * @param over share by which it is above the turn or the rate there is
     * @param caution what moving a node far costs
     * @param worth merit that a change is hoped to gain: the smaller, the more exact the program's answer
     * @return nothing where the program was not solved
     */
    Optional<Change> best(LineNodes line, Clearances clear, double share, double over, double caution, double worth) {
        StagedProgram p = new StagedProgram(StageLinks.along(line));
        p.positionWeight = caution * line.spacing;
        p.headingWeight = caution * line.spacing;
        p.curvatureWeight = CURVATURE_CAUTION * caution * line.spacing;
        p.inputWeight = aim.smoothness() / line.spacing;
        for (int i = 0; i < line.segments; i++) {
            p.inputLinear[i] = p.inputWeight * line.input(i);
        }
        p.sharedLinear[Unknowns.ROOM] = aim.clearance() ? -1 : -aim.elastic();
        p.sharedLinear[Unknowns.SHARE] = aim.leastShare() ? 1 : aim.elastic();
        ends.tie(p, line);
        Rows[] rows = {curvature(line), input(line, share), places(line, clear)};
        p.require(rows);
        double tolerance = Math.min(
                COARSEST, Math.max(StagedProgram.EXACT, EXACT_TO * worth / (rows[0].count() + rows[1].count())));
        boolean solved = aim.clearance()
                ? p.solve(
                        Math.min(clear.least(), LineAim.MOST_CLEARANCE_METRES) - INSIDE,
                        Math.max(0, over) + INSIDE,
                        tolerance)
                : p.solve(
                        Math.min(clear.least() - aim.clearMetres(), 0) - INSIDE,
                        Math.max(share, aim.freeShare()) + INSIDE,
                        tolerance);
        return solved ? Optional.of(new Change(p.found, promise(p))) : Optional.empty();
    }

    private double promise(StagedProgram p) {
        double smooth = 0;
        for (int i = 0; i < p.stages; i++) {
            double w = p.found.inputs[i] + p.inputLinear[i] / p.inputWeight;
            smooth += p.inputWeight * w * w / 2;
        }
        double clearance = p.found.shared[Unknowns.ROOM];
        double share = p.found.shared[Unknowns.SHARE];
        return smooth
                + switch (aim.kind()) {
                    case MOST_CLEARANCE -> -clearance + aim.elastic() * share;
                    case EASIEST, GENTLEST -> share - aim.elastic() * clearance;
                    case SMOOTHEST -> aim.elastic() * (share - aim.freeShare() - clearance);
                };
    }

    /**
     * The least change, by the weighted sum of squares, that closes a line's gaps and brings its ends where they belong, to
     * first order.
     */
    static LineNodes closer(LineNodes line, LineEnds ends) {
        StagedProgram p = new StagedProgram(StageLinks.along(line));
        p.positionWeight = 1;
        p.headingWeight = 1;
        p.curvatureWeight = 1;
        p.inputWeight = 1;
        p.sharedWeight = 1;
        ends.tie(p, line);
        p.solveWithoutRows();
        return moved(line, p.found);
    }

    private static LineNodes moved(LineNodes line, Unknowns by) {
        LineNodes moved = line.copy();
        for (int i = 0; i <= line.segments; i++) {
            moved.x[i] += by.states[4 * i];
            moved.y[i] += by.states[4 * i + 1];
            moved.heading[i] += by.states[4 * i + 2];
            moved.curvature[i] += by.states[4 * i + 3];
        }
        double spacing = line.spacing + by.shared[Unknowns.SPACING];
        moved.spacing =
                Math.min(line.spacing * MOST_SPACING_CHANGE, Math.max(line.spacing / MOST_SPACING_CHANGE, spacing));
        return moved;
    }

    /**
     * Factor by which one step may change the spacing at most. Only a line far from whole comes near it; without it the
     * least change that closes such a line can turn the spacing negative, a line that runs backwards.
     */
    private static final double MOST_SPACING_CHANGE = 2;

    private CurvatureBounds curvature(LineNodes line) {
        CurvatureBounds bounds = new CurvatureBounds(line.segments);
        double toStation = task.route().lengthMetres() / line.segments;
        for (int i = 0; i <= line.segments; i++) {
            double left = allowed(Side.LEFT, i * toStation) ? task.limits().left() : 0;
            double right = allowed(Side.RIGHT, i * toStation) ? task.limits().right() : 0;
            double k = line.curvature[i];
            bounds.set(i, left, constant(left) - k, right, constant(right) + k);
        }
        return bounds;
    }

    private double constant(double limit) {
        // Bars the other way are not wanted at all; a hair is let, so that the program keeps an inside.
        return limit == 0 ? 1e-6 : aim.clearance() ? limit : 0;
    }

    private boolean allowed(Side side, double station) {
        for (RouteLeg o : task.route().oneWays()) {
            if (o.side() != side && station >= o.fromStation() && station <= o.toStation()) {
                return false;
            }
        }
        return true;
    }

    /**
     * How far curvature may change from node to node: |w| ≤ σ·h, or |w| ≤ τ·σ·h where the share τ is one of quickness too;
     * that product is taken from the line's own share and spacing, to first order.
     */
    private InputBounds input(LineNodes line, double share) {
        double most = rate * line.spacing;
        if (aim.scalesRate()) {
            InputBounds bounds = new InputBounds(line.segments, share * rate, 0, most);
            for (int i = 0; i < line.segments; i++) {
                double w = line.input(i);
                bounds.set(i, -w, w);
            }
            return bounds;
        }
        InputBounds bounds = aim.clearance()
                ? new InputBounds(line.segments, rate, 0, most)
                : new InputBounds(line.segments, rate, -most, 0);
        for (int i = 0; i < line.segments; i++) {
            double w = line.input(i);
            bounds.set(i, most - w, most + w);
        }
        return bounds;
    }

    /** What bounds the ends, the shared unknowns and the room at every place that matters. */
    private StageRows places(LineNodes line, Clearances clear) {
        StageRows rows = new StageRows(line.segments);
        addSharedRows(rows, line);
        int[] order = byStage(clear, line.segments);
        int next = 0;
        for (int i = 0; i <= line.segments; i++) {
            ends.addRows(rows, line, i);
            for (; next < order.length && clear.stage(order[next]) == i; next++) {
                addClearanceRow(rows, i, clear, order[next]);
            }
        }
        return rows;
    }

    private void addClearanceRow(StageRows rows, int stage, Clearances clear, int r) {
        int row = rows.add(stage);
        for (int c = 0; c < 4; c++) {
            rows.set(row, c, clear.coefficient(r, c));
        }
        rows.set(row, CostToGo.INPUT, clear.coefficient(r, 4));
        rows.set(row, CostToGo.SPACING, clear.coefficient(r, 5));
        rows.set(row, CostToGo.ROOM, -1);
        rows.constant[row] = clear.clearance(r) - aim.clearMetres();
    }

    /** No line is longer than so many times its route; chosen by us: the longest sound line met was 1.6 times. */
    private static final double MOST_DETOUR = 2;

    /**
     * The same where little turn and quickness are what is sought: a line that loops about between two cones asks for less
     * of them, and is not the course. Chosen by us: at 1.35 one of three machines looped on offset weaves.
     */
    private static final double MOST_GENTLE_DETOUR = 1.3;

    private double longestSpacing(int segments) {
        boolean mayLoop = aim.scalesRate() && task.route().pace() == Pace.ROLLING;
        return (mayLoop ? MOST_GENTLE_DETOUR : MOST_DETOUR) * task.route().lengthMetres() / segments;
    }

    /** The spacing changes by a third at most; room is capped; the share stays where it means something. */
    private void addSharedRows(StageRows rows, LineNodes line) {
        double longer = Math.max(0, longestSpacing(line.segments) - line.spacing);
        addSharedRow(rows, CostToGo.SPACING, -1, Math.min(line.spacing / 3, longer));
        addSharedRow(rows, CostToGo.SPACING, 1, line.spacing / 3);
        addSharedRow(rows, CostToGo.ROOM, -1, aim.clearance() ? LineAim.MOST_CLEARANCE_METRES : 0);
        addSharedRow(rows, CostToGo.SHARE, 1, -aim.freeShare());
    }

    private static void addSharedRow(StageRows rows, int place, double coefficient, double constant) {
        int row = rows.add(0);
        rows.set(row, place, coefficient);
        rows.constant[row] = constant;
    }

    private static int[] byStage(Clearances clear, int segments) {
        int[] first = new int[segments + 2];
        for (int r = 0; r < clear.count(); r++) {
            first[clear.stage(r) + 1]++;
        }
        for (int i = 0; i <= segments; i++) {
            first[i + 1] += first[i];
        }
        int[] order = new int[clear.count()];
        for (int r = 0; r < clear.count(); r++) {
            order[first[clear.stage(r)]++] = r;
        }
        return order;
    }
}
