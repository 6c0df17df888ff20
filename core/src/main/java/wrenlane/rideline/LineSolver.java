package wrenlane.rideline;

import wrenlane.course.Route;
import wrenlane.course.RouteEnd;
import wrenlane.machine.Side;

/** Finds lines by solving a chain of convex programs, each the problem seen from the line found before. */
final class LineSolver {
    private static final int MOST_ROUNDS = 80;
    /** What a unit of missing room, rate or curvature costs against what is sought; above every multiplier met. */
    private static final double ELASTIC = 6;
    /** What a metre or radian of gap between two pieces costs. */
    private static final double GAP_COST = 10;

    private static final double SETTLED = 1e-6;

    /** What is sought. */
    enum Aim {
        /** The most room, with no more curvature than there is. */
        MOST_ROOM,
        /** The smallest share of the turn, with room everywhere. */
        EASIEST,
        /** The least change of curvature, with the share of the turn a line already takes and room everywhere. */
        SMOOTHEST
    }

    /** How it ended: a line joined up, whether the rounds settled, its least room in metres and its share of the turn. */
    record Outcome(LineNodes line, boolean settled, double room, double share) {}

    private final LineTask task;
    private final Aim aim;
    private final double rate;
    private final double clear;
    private final double enough;

    /**
     * @param clear room asked of the easiest line, in metres
     */
    LineSolver(LineTask task, Aim aim, double clear) {
        this(task, aim, clear, MOST_ROOM - ENOUGH_BELOW);
    }

    /** Smooths a line without taking more of the turn than it does, but for a hair. */
    static LineSolver smoothing(LineTask task, double share, double clear) {
        return new LineSolver(task, Aim.SMOOTHEST, clear, share * (1 + SHARE_LET));
    }

    /** By how much a smoothed line may take more of the turn, as a share: less than can be told on the ground. */
    private static final double SHARE_LET = 2e-3;

    /** What half the square of the change of curvature counts when it is all that is sought. */
    private static final double ALL_SMOOTHNESS = 0.05;

    private LineSolver(LineTask task, Aim aim, double clear, double enough) {
        this.task = task;
        this.aim = aim;
        this.clear = clear;
        this.enough = enough;
        this.rate = Math.min(task.limits().rate(), FASTEST_RATE);
    }

    /** With bars turned at once, curvature changes within one node spacing, in 1/m². */
    private static final double FASTEST_RATE = 20;

    /** Weight of the change of curvature, so that among lines as good the smoothest is found; chosen small by us. */
    private static final double SMOOTHNESS = 2e-4;

    /** Looks for a line with this much room, in metres, and is content with the first. */
    static LineSolver withRoom(LineTask task, double metres) {
        return new LineSolver(task, Aim.MOST_ROOM, 0, metres);
    }

    /** Close enough to the most room that is looked for, in metres. */
    private static final double ENOUGH_BELOW = 2e-3;

    private boolean enough(LineNodes line, Clearances clear) {
        return aim == Aim.MOST_ROOM
                && clear.least() >= enough
                && share(line) <= 1
                && overRate(line) <= 0
                && loose(line) <= 1e-6;
    }

    Outcome solve(LineNodes guess) {
        LineNodes line = joined(guess);
        Clearances clear = new Clearances(task, line);
        double merit = merit(line, clear);
        double caution = FIRST_CAUTION;
        boolean settled = enough(line, clear);
        int round = 0;
        double[] merits = new double[MOST_ROUNDS];
        for (; round < MOST_ROUNDS && !settled; round++) {
            merits[round] = merit;
            if (round >= STALLED_ROUNDS && merits[round - STALLED_ROUNDS] - merit < STALLED_GAIN) {
                settled = true;
                break;
            }
            StagedProgram program = program(line, clear, caution);
            if (!program.solve()) {
                caution *= 10;
                if (caution > MOST_CAUTION) {
                    break;
                }
                continue;
            }
            LineNodes moved = joined(moved(line, program));
            Clearances there = new Clearances(task, moved);
            double now = merit(moved, there);
            double promised = merit - promise(program);
            double kept = merit - now;
            double step = largest(program);
            if (kept >= 0.1 * promised || (step < SETTLED && now <= merit + 1e-7)) {
                line = moved;
                clear = there;
                merit = now;
                if (step < SETTLED || promised < LEAST_PROMISE || enough(line, clear)) {
                    settled = true;
                    break;
                }
                caution = kept > 0.7 * promised
                        ? Math.max(caution / 5, LEAST_CAUTION)
                        : kept < 0.3 * promised ? caution * 2 : caution;
            } else {
                if (promised < LEAST_PROMISE) {
                    settled = true;
                    break;
                }
                caution *= 6;
                if (caution > MOST_CAUTION) {
                    break;
                }
            }
        }
        return new Outcome(line, settled, clear.least(), share(line));
    }

    /** Where so many rounds together gain less than this, the line has come to rest: half a millimetre of room. */
    private static final int STALLED_ROUNDS = 12;

    private static final double STALLED_GAIN = 5e-4;

    private static final double FIRST_CAUTION = 0.3;
    private static final double LEAST_CAUTION = 1e-4;
    private static final double MOST_CAUTION = 1e7;
    private static final double LEAST_PROMISE = 2e-4;

    /** Largest share of the turn used, on either side. */
    private double share(LineNodes line) {
        double most = 0;
        for (double k : line.curvature) {
            most = Math.max(
                    most, k > 0 ? k / task.limits().left() : -k / task.limits().right());
        }
        return most;
    }

    private double overRate(LineNodes line) {
        double most = 0;
        for (int i = 0; i < line.segments; i++) {
            most = Math.max(most, Math.abs(line.input(i)) / (rate * line.spacing));
        }
        return Math.max(0, most - 1);
    }

    private double merit(LineNodes line, Clearances clear) {
        double gaps = GAP_COST * loose(line);
        double smooth = 0;
        for (int i = 0; i < line.segments; i++) {
            smooth += smoothness() / line.spacing * line.input(i) * line.input(i) / 2;
        }
        double share = share(line);
        if (aim == Aim.MOST_ROOM) {
            double over = Math.max(Math.max(0, share - 1), overRate(line));
            return gaps + smooth - Math.min(MOST_ROOM, clear.least()) + ELASTIC * over;
        }
        double sought = aim == Aim.EASIEST ? share : ELASTIC * Math.max(0, share - enough);
        return gaps + smooth + sought + ELASTIC * Math.max(Math.max(0, this.clear - clear.least()), overRate(line));
    }

    /** The share a smoothed line has for nothing. */
    private double enough(Aim of) {
        return of == Aim.SMOOTHEST ? enough : 0;
    }

    private double smoothness() {
        return aim == Aim.SMOOTHEST ? ALL_SMOOTHNESS : SMOOTHNESS;
    }

    /** No more room than this is looked for, in metres. */
    static final double MOST_ROOM = 1;

    /** The merit the program promises at its answer, without its caution. */
    private double promise(StagedProgram p) {
        double smooth = 0;
        for (int i = 0; i < p.stages; i++) {
            double w = p.inputs[i] + p.inputLinear[i] / p.inputWeight;
            smooth += p.inputWeight * w * w / 2;
        }
        double room = p.shared[1];
        double share = p.shared[2];
        return smooth
                + switch (aim) {
                    case MOST_ROOM -> -room + ELASTIC * share;
                    case EASIEST -> share - ELASTIC * room;
                    case SMOOTHEST -> ELASTIC * (share - enough - room);
                };
    }

    private static double endGap(LineNodes line, int i, RouteEnd end) {
        double dx = line.x[i] - end.at().x();
        double dy = line.y[i] - end.at().y();
        double cos = Math.cos(end.headingRadians());
        double sin = Math.sin(end.headingRadians());
        double across = dy * cos - dx * sin;
        double turned = turnsOff(line, i, end);
        return Math.abs(dx * cos + dy * sin)
                + Math.max(0, Math.max(across - end.leftMetres(), -across - end.rightMetres()))
                + Math.max(0, Math.abs(turned) - end.headingFreeRadians())
                + (end.barsTurned() ? 0 : Math.abs(line.curvature[i]));
    }

    /** Heading at an end less the one asked for; whole turns count only at the start. */
    private static double turnsOff(LineNodes line, int i, RouteEnd end) {
        return Math.IEEEremainder(line.heading[i] - end.headingRadians(), 2 * Math.PI);
    }

    private static double largest(StagedProgram p) {
        double most = Math.abs(p.shared[0]) * p.stages;
        for (double s : p.states) {
            most = Math.max(most, Math.abs(s));
        }
        return most;
    }

    private static LineNodes moved(LineNodes line, StagedProgram p) {
        LineNodes moved = line.copy();
        for (int i = 0; i <= line.segments; i++) {
            moved.x[i] += p.states[4 * i];
            moved.y[i] += p.states[4 * i + 1];
            moved.heading[i] += p.states[4 * i + 2];
            moved.curvature[i] += p.states[4 * i + 3];
        }
        moved.spacing += p.shared[0];
        return moved;
    }

    /**
     * The line with its gaps closed and its ends where they belong, by the smallest change: Newton's method on gaps and
     * ends, each step the least weighted sum of squares. Without it the second-order gaps that every step opens would
     * have to be paid for in the merit, and steps stay short (Nocedal and Wright, §15.4).
     */
    private LineNodes joined(LineNodes line) {
        LineNodes joined = line;
        for (int round = 0; round < MOST_JOINING && loose(joined) > JOINED; round++) {
            StagedProgram p = chain(joined);
            p.positionWeight = 1;
            p.headingWeight = 1;
            p.curvatureWeight = 1;
            p.inputWeight = 1;
            p.sharedWeight = 1;
            tieEnds(p, joined);
            p.solveWithoutRows();
            joined = moved(joined, p);
        }
        return joined;
    }

    /** Slack that every row has at the program's start; chosen by us by trial. */
    private static final double INSIDE = 0.1;

    private static final int MOST_JOINING = 6;
    private static final double JOINED = 1e-7;

    private double loose(LineNodes line) {
        return line.gaps()
                + endGap(line, 0, task.route().start())
                + endGap(line, line.segments, task.route().end());
    }

    /** The problem as seen from a line. */
    private StagedProgram program(LineNodes line, Clearances clear, double caution) {
        StagedProgram p = chain(line);
        p.positionWeight = caution * line.spacing;
        p.headingWeight = caution * line.spacing;
        p.curvatureWeight = 1e-3 * caution * line.spacing;
        p.inputWeight = smoothness() / line.spacing;
        for (int i = 0; i < line.segments; i++) {
            p.inputLinear[i] = p.inputWeight * line.input(i);
        }
        p.sharedLinear[1] = aim == Aim.MOST_ROOM ? -1 : -ELASTIC;
        p.sharedLinear[2] = aim == Aim.EASIEST ? 1 : ELASTIC;
        tieEnds(p, line);
        addRows(p, line, clear);
        double room =
                (aim == Aim.MOST_ROOM ? Math.min(clear.least(), MOST_ROOM) : Math.min(clear.least() - this.clear, 0))
                        - INSIDE;
        double over = Math.max(share(line) - 1, overRate(line));
        p.startFrom(
                room, aim == Aim.MOST_ROOM ? Math.max(0, over) + INSIDE : Math.max(share(line), enough(aim)) + INSIDE);
        return p;
    }

    /** How each node follows from the one before. */
    private static StagedProgram chain(LineNodes line) {
        StagedProgram p = new StagedProgram(line.segments);
        LineNodes.Pose pose = new LineNodes.Pose();
        for (int i = 0; i < line.segments; i++) {
            line.pose(i, 1, pose);
            int l = i * StagedProgram.LINK;
            double[] links = p.links;
            links[l] = pose.xHeading;
            links[l + 1] = pose.xCurvature;
            links[l + 2] = pose.yHeading;
            links[l + 3] = pose.yCurvature;
            links[l + 4] = pose.headingCurvature;
            links[l + 5] = pose.xInput;
            links[l + 6] = pose.yInput;
            links[l + 7] = pose.headingInput;
            links[l + 8] = pose.xSpacing;
            links[l + 9] = pose.ySpacing;
            links[l + 10] = pose.headingSpacing;
            links[l + 11] = pose.x - line.x[i + 1];
            links[l + 12] = pose.y - line.y[i + 1];
            links[l + 13] = pose.heading - line.heading[i + 1];
        }
        return p;
    }

    private void tieEnds(StagedProgram p, LineNodes line) {
        Route route = task.route();
        for (int e = 0; e < 2; e++) {
            RouteEnd end = e == 0 ? route.start() : route.end();
            int i = e == 0 ? 0 : line.segments;
            double cos = Math.cos(end.headingRadians());
            double sin = Math.sin(end.headingRadians());
            double dx = line.x[i] - end.at().x();
            double dy = line.y[i] - end.at().y();
            tie(p, e, cos, sin, 0, 0, -(dx * cos + dy * sin));
            if (end.leftMetres() + end.rightMetres() == 0) {
                tie(p, e, -sin, cos, 0, 0, -(dy * cos - dx * sin));
            }
            if (end.headingFreeRadians() == 0) {
                tie(p, e, 0, 0, 1, 0, -turnsOff(line, i, end));
            }
            if (!end.barsTurned()) {
                tie(p, e, 0, 0, 0, 1, -line.curvature[i]);
            }
        }
    }

    private static void tie(StagedProgram p, int end, double x, double y, double heading, double k, double target) {
        if (end == 0) {
            p.tieStart(x, y, heading, k, target);
        } else {
            p.tieEnd(x, y, heading, k, target);
        }
    }

    private void addRows(StagedProgram p, LineNodes line, Clearances clear) {
        int[] order = byStage(clear, line.segments);
        int next = 0;
        Route route = task.route();
        addSharedRows(p, line);
        double toStation = route.lengthMetres() / line.segments;
        for (int i = 0; i <= line.segments; i++) {
            addCurvatureRows(p, line, i, i * toStation);
            if (i == 0) {
                addEndRows(p, line, i, route.start());
            }
            if (i == line.segments) {
                addEndRows(p, line, i, route.end());
            }
            while (next < order.length && clear.stage(order[next]) == i) {
                int r = order[next++];
                int o = p.addRow(i);
                double[] rows = p.rows();
                for (int c = 0; c < 6; c++) {
                    rows[o + c] = clear.coefficient(r, c);
                }
                rows[o + StagedProgram.ROOM] = -1;
                rows[o + StagedProgram.CONSTANT] = clear.clearance(r) - this.clear;
            }
        }
    }

    private void addSharedRows(StagedProgram p, LineNodes line) {
        // The spacing changes by a third at most; room is capped; shares stay where they mean something.
        int o = p.addRow(0);
        p.rows()[o + StagedProgram.SPACING] = 1;
        p.rows()[o + StagedProgram.CONSTANT] = line.spacing / 3;
        o = p.addRow(0);
        p.rows()[o + StagedProgram.SPACING] = -1;
        p.rows()[o + StagedProgram.CONSTANT] = line.spacing / 3;
        o = p.addRow(0);
        p.rows()[o + StagedProgram.ROOM] = -1;
        p.rows()[o + StagedProgram.CONSTANT] = aim == Aim.MOST_ROOM ? MOST_ROOM : 0;
        o = p.addRow(0);
        p.rows()[o + StagedProgram.SHARE] = 1;
        // A smoothed line may take what it took before for nothing.
        p.rows()[o + StagedProgram.CONSTANT] = aim == Aim.SMOOTHEST ? -enough : 0;
    }

    private void addCurvatureRows(StagedProgram p, LineNodes line, int i, double station) {
        TurnLimits limits = task.limits();
        double k = line.curvature[i];
        double left = allowed(Side.LEFT, station) ? limits.left() : 0;
        double right = allowed(Side.RIGHT, station) ? limits.right() : 0;
        bound(p, i, -1, left, -k);
        bound(p, i, 1, right, k);
        if (i < line.segments) {
            double most = rate * line.spacing;
            double w = line.input(i);
            rateBound(p, i, -1, most, -w);
            rateBound(p, i, 1, most, w);
        }
    }

    private boolean allowed(Side side, double station) {
        return task.route().oneWays().stream()
                .allMatch(o -> o.side() == side || station < o.fromStation() || station > o.toStation());
    }

    private void bound(StagedProgram p, int i, double sign, double limit, double constant) {
        int o = p.addRow(i, StagedProgram.RowShape.CURVATURE_BOUND);
        double[] rows = p.rows();
        rows[o + StagedProgram.CURVATURE] = sign;
        rows[o + StagedProgram.SHARE] = limit;
        rows[o + StagedProgram.CONSTANT] = constant + (aim == Aim.MOST_ROOM ? limit : 0);
        if (limit == 0) {
            // Bars the other way are not wanted at all; a hair is let, so that the program keeps an inside.
            rows[o + StagedProgram.CONSTANT] = constant + 1e-6;
        }
    }

    private void rateBound(StagedProgram p, int i, double sign, double limit, double constant) {
        int o = p.addRow(i, StagedProgram.RowShape.INPUT_BOUND);
        double[] rows = p.rows();
        rows[o + StagedProgram.INPUT] = sign;
        rows[o + StagedProgram.SPACING] = rate;
        rows[o + (aim == Aim.MOST_ROOM ? StagedProgram.SHARE : StagedProgram.ROOM)] =
                aim == Aim.MOST_ROOM ? limit : -limit;
        rows[o + StagedProgram.CONSTANT] = constant + limit;
    }

    private static void addEndRows(StagedProgram p, LineNodes line, int i, RouteEnd end) {
        double cos = Math.cos(end.headingRadians());
        double sin = Math.sin(end.headingRadians());
        double across = (line.y[i] - end.at().y()) * cos - (line.x[i] - end.at().x()) * sin;
        if (end.leftMetres() + end.rightMetres() > 0) {
            endRow(p, i, new double[] {sin, -cos, 0}, end.leftMetres() - across);
            endRow(p, i, new double[] {-sin, cos, 0}, end.rightMetres() + across);
        }
        if (end.headingFreeRadians() > 0) {
            double turned = turnsOff(line, i, end);
            endRow(p, i, new double[] {0, 0, -1}, end.headingFreeRadians() - turned);
            endRow(p, i, new double[] {0, 0, 1}, end.headingFreeRadians() + turned);
        }
    }

    private static void endRow(StagedProgram p, int i, double[] coefficients, double constant) {
        int o = p.addRow(i);
        System.arraycopy(coefficients, 0, p.rows(), o, 3);
        p.rows()[o + StagedProgram.CONSTANT] = constant;
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
