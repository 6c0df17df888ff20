package wrenlane.rideline.solve;

import java.util.Optional;
import wrenlane.budget.Budget;
import wrenlane.rideline.LineTask;

/** Finds lines by solving a chain of convex programs, each the problem seen from the line found before. */
final class LineSolver {
    private static final int MOST_ROUNDS = 80;
    /** What a metre or radian of gap between two pieces costs. */
    private static final double GAP_COST = 10;

    private static final double SETTLED = 1e-6;

    /** With bars turned at once, curvature changes within one node spacing, in 1/m². */
    private static final double FASTEST_RATE = 20;

    /** How it ended: a line joined up, whether the rounds settled, its least room in metres and its share of the turn. */
    record Outcome(LineNodes line, boolean settled, double clearance, double share) {}

    private final LineTask task;
    private final LineAim aim;
    private final LineEnds ends;
    private final double rate;

    LineSolver(LineTask task, LineAim aim) {
        this.task = task;
        this.aim = aim;
        this.ends = new LineEnds(task.route());
        this.rate = Math.min(task.limits().rate(), FASTEST_RATE);
    }

    /** A line with what a round wants to know of it. */
    private final class LineState {
        final LineNodes line;
        final Clearances clear;
        final double share;
        final double overRate;
        final double loose;
        final double merit;

        LineState(LineNodes line) {
            this.line = line;
            clear = new Clearances(task, line);
            double rateShare = rateShare(line);
            share = aim.scalesRate() ? Math.max(share(line), rateShare) : share(line);
            overRate = aim.scalesRate() ? 0 : Math.max(0, rateShare - 1);
            loose = loose(line);
            merit = merit();
        }

        private double merit() {
            double smooth = 0;
            for (int i = 0; i < line.segments; i++) {
                smooth += aim.smoothness() / line.spacing * line.input(i) * line.input(i) / 2;
            }
            double lacking = Math.max(Math.max(0, aim.clearMetres() - clear.least()), overRate);
            double sought = switch (aim.kind()) {
                case MOST_CLEARANCE ->
                    aim.elastic() * Math.max(Math.max(0, share - 1), overRate)
                            - Math.min(LineAim.MOST_CLEARANCE_METRES, clear.least());
                case EASIEST, GENTLEST -> share + aim.elastic() * lacking;
                case SMOOTHEST -> aim.elastic() * (Math.max(0, share - aim.freeShare()) + lacking);
            };
            return GAP_COST * loose + smooth + sought;
        }

        boolean enough() {
            return aim.clearance()
                    && clear.least() >= aim.contentMetres()
                    && share <= 1
                    && overRate <= 0
                    && loose <= 1e-6;
        }

        Optional<LineProgram.Change> best(LineProgram program, double caution, double worth) {
            return program.best(line, clear, share, Math.max(share - 1, overRate), caution, worth);
        }
    }

    Outcome solve(LineNodes guess) {
        LineProgram program = new LineProgram(task, aim, ends, rate);
        LineState here = new LineState(joined(guess));
        double caution = FIRST_CAUTION;
        double growth = FIRST_GROWTH;
        double worth = 1;
        int idle = 0;
        boolean settled = here.enough();
        double[] merits = new double[MOST_ROUNDS];
        for (int round = 0; round < MOST_ROUNDS && !settled && caution <= MOST_CAUTION; round++) {
            Budget.spend(1);
            merits[round] = here.merit;
            if (round >= STALLED_ROUNDS
                    && merits[round - STALLED_ROUNDS] - here.merit < STALLED_SHARE * aim.leastPromise()) {
                settled = true;
                break;
            }
            Optional<LineProgram.Change> best = here.best(program, caution, worth);
            if (best.isEmpty()) {
                caution *= 10;
                continue;
            }
            LineProgram.Change change = best.get();
            LineState there = new LineState(joined(change.applied(here.line)));
            double promised = here.merit - change.merit();
            double kept = here.merit - there.merit;
            worth = Math.max(0, Math.min(promised, Math.abs(kept)));
            double step = change.largest();
            boolean little = promised < aim.leastPromise();
            idle = little ? idle + 1 : 0;
            settled = (little && caution <= BOLD) || idle == MOST_IDLE || step < SETTLED;
            if (kept >= LEAST_KEPT * promised || (step < SETTLED && kept >= -1e-7)) {
                here = there;
                settled |= here.enough();
                caution = little ? caution / 10 : Math.max(LEAST_CAUTION, caution * changed(kept / promised));
                growth = FIRST_GROWTH;
            } else {
                caution *= growth;
                growth *= 2;
            }
        }
        return new Outcome(here.line, settled, here.clear.least(), here.share);
    }

    /**
     * What caution is multiplied by after a change, from the share it kept of what it promised: smoothly, one that kept half
     * leaves it as it is. Steps between "too bold" and "too shy" otherwise take turns along a flat valley, and every second
     * is in vain (H. B. Nielsen, Damping parameter in Marquardt's method, IMM-REP-1999-05). Tried against fixed factors on 24
     * courses: a tenth fewer programs.
     */
    private static double changed(double keptShare) {
        double aboveHalf = 2 * keptShare - 1;
        return Math.max(MOST_LOOSENED, 1 - aboveHalf * aboveHalf * aboveHalf);
    }

    /** Caution falls to no less than this share of itself at once; chosen by trial. */
    private static final double MOST_LOOSENED = 0.2;

    /** A change that keeps less than this share of what it promised is not made. */
    private static final double LEAST_KEPT = 0.1;

    /** What caution grows by after a change that was not made, and twice that after the next; chosen by trial. */
    private static final double FIRST_GROWTH = 4;

    /** Where so many rounds together gain less than this share of what one is hoped to, the line has come to rest. */
    private static final int STALLED_ROUNDS = 6;

    private static final double STALLED_SHARE = 0.5;

    /**
     * A change that promises little has come to rest only where caution does not hold it back; above this it is looked for
     * again with less. Chosen by us: with 1e-3 no peak of 180 courses was lower by more than a thousandth.
     */
    private static final double BOLD = 1e-2;

    /** So many changes in a row that promise little, with less caution each, are enough. */
    private static final int MOST_IDLE = 4;

    private static final double FIRST_CAUTION = 0.3;
    private static final double LEAST_CAUTION = 1e-4;
    private static final double MOST_CAUTION = 1e7;

    /** Largest share of the turn used, on either side. */
    private double share(LineNodes line) {
        double most = 0;
        for (double k : line.curvature) {
            most = Math.max(
                    most, k > 0 ? k / task.limits().left() : -k / task.limits().right());
        }
        return most;
    }

    /** Largest share of the quickness used. */
    private double rateShare(LineNodes line) {
        double most = 0;
        for (int i = 0; i < line.segments; i++) {
            most = Math.max(most, Math.abs(line.input(i)) / (rate * line.spacing));
        }
        return most;
    }

    /**
     * The line with its gaps closed and its ends where they belong, by the smallest change: Newton's method on gaps and
     * ends, each step the least weighted sum of squares. Without it the second-order gaps that every step opens would
     * have to be paid for in the merit, and steps stay short (Nocedal and Wright, §15.4).
     */
    private LineNodes joined(LineNodes line) {
        LineNodes joined = line;
        for (int round = 0; round < MOST_JOINING && loose(joined) > JOINED; round++) {
            joined = LineProgram.closer(joined, ends);
        }
        return joined;
    }

    private static final int MOST_JOINING = 6;
    private static final double JOINED = 1e-7;

    private double loose(LineNodes line) {
        return line.gaps() + ends.gaps(line);
    }
}
