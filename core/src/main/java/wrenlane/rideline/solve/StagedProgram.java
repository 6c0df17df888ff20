package wrenlane.rideline.solve;

import java.util.Arrays;

/**
 * A convex quadratic program over a chain of stages, solved by an interior-point method whose every step costs a time
 * proportional to the length of the chain.
 *
 * <p>Stage i has a state (x, y, θ, κ) and, but for the last, one input w, all as changes from a known line. Three
 * unknowns are shared by all stages: the change of the node spacing h, the room m and the share τ. Each stage follows from
 * the one before by its {@link StageLinks}.
 *
 * <p>Minimised is Σ½(q_x(x²+y²) + q_θθ² + q_κκ²) + Σ(½r w² + ρ w) + ½ε(h² + m² + τ²) + c·(h, m, τ), subject to rows
 * a·(x, y, θ, κ, h, m, τ, w) + c ≥ 0, each at one stage, and with each {@link EndConstraint} where it belongs.
 *
 * <p>Method: Mehrotra's predictor and corrector (Nocedal and Wright, Numerical Optimization, 2nd ed., §16.6). Each
 * Newton system is a linear-quadratic control problem, solved by the Riccati recursion on the state joined by the three
 * shared unknowns, which simply stay as they are from stage to stage (Rawlings, Mayne and Diehl, Model Predictive
 * Control, 2nd ed., §8.8.3): {@link CostToGo}. Bounds on curvature and input, most of the rows, are kept apart from the
 * others, since they have few coefficients and are quicker for it.
 */
final class StagedProgram {
    private static final int MOST_ROUNDS = 40;
    /** Mean gap and residual at which an answer is as good as exact. */
    static final double EXACT = 3e-8;

    private static final double RESIDUAL_TOLERANCE = 1e-8;
    /** Share of the way to the nearest bound that a step goes. */
    private static final double SHORT_OF_THE_BOUND = 0.995;

    final int stages;
    final EndConstraint start = new EndConstraint();
    final EndConstraint end = new EndConstraint();
    /** q_x, q_θ, q_κ of every stage, and r of every input. */
    double positionWeight, headingWeight, curvatureWeight, inputWeight;

    final double[] inputLinear;
    final double[] sharedLinear = new double[3];
    double sharedWeight = 1e-8;

    /** The answer. */
    final Unknowns found;

    private final StageLinks links;
    private Rows[] rows = {};

    private final Unknowns step;
    private final Unknowns slope;
    private final CostToGo cost = new CostToGo();
    private final double[] gains;
    private final double[] inputCurvature;
    private final double[] feed;
    private final double[] linear = new double[CostToGo.JOINED];
    private final StartFactor startFactor = new StartFactor();

    StagedProgram(StageLinks links) {
        this.links = links;
        stages = links.stages;
        inputLinear = new double[stages];
        found = new Unknowns(stages);
        step = new Unknowns(stages);
        slope = new Unknowns(stages);
        gains = new double[stages * CostToGo.JOINED];
        inputCurvature = new double[stages];
        feed = new double[stages];
    }

    /** Sets what has to hold. */
    void require(Rows... required) {
        rows = required;
    }

    /**
     * Solves.
     *
     * @param clearance where the clearance starts, and
     * @param share the share: best where they leave every row some slack
     * @param tolerance mean gap of the rows at which to stop, {@link #EXACT} or more
     * @return false where the interior-point method did not converge: the answer then is not to be used
     */
    boolean solve(double clearance, double share, double tolerance) {
        startOnTheChain(clearance, share);
        int count = 0;
        for (Rows r : rows) {
            r.start(found);
            count += r.count();
        }
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double gap = 0;
            double residual = 0;
            for (Rows r : rows) {
                r.look(found);
                gap += r.gap() / count;
                residual = Math.max(residual, r.worstResidual());
            }
            if (gap < tolerance && residual < RESIDUAL_TOLERANCE) {
                return true;
            }
            if (!Double.isFinite(gap)) {
                return false;
            }
            factor();
            // Predictor: towards zero gap.
            newtonStep(0, false);
            double affine = stepLength(1);
            double after = 0;
            for (Rows r : rows) {
                after += r.gapAfter(affine) / count;
            }
            double left = after / gap;
            // Corrector: towards a centre, with the predictor's second-order term.
            newtonStep(gap * left * left * left, true);
            advance(stepLength(SHORT_OF_THE_BOUND));
        }
        return false;
    }

    /** Solves without rows: the smallest change that obeys the chain and its ends. */
    void solveWithoutRows() {
        rows = new Rows[0];
        startOnTheChain(0, 0);
        factor();
        newtonStep(0, false);
        advance(1);
    }

    /** A start that obeys the chain: no input, no change of the spacing, defects summed up. */
    private void startOnTheChain(double clearance, double share) {
        found.clear();
        found.shared[Unknowns.ROOM] = clearance;
        found.shared[Unknowns.SHARE] = share;
        links.drift(found.states);
    }

    /** Backward pass for the quadratic terms. */
    private void factor() {
        cost.clear();
        addStageCost(stages);
        end.addCost(cost);
        for (int i = stages - 1; i >= 0; i--) {
            cost.through(links.of, i * StageLinks.SIZE);
            cost.add(CostToGo.INPUT, CostToGo.INPUT, inputWeight);
            addStageCost(i);
            inputCurvature[i] = cost.eliminateInput(gains, i * CostToGo.JOINED);
        }
        start.addCost(cost);
        for (int c = CostToGo.SPACING; c <= CostToGo.SHARE; c++) {
            cost.add(c, c, sharedWeight);
        }
        startFactor.of(cost);
    }

    private void addStageCost(int stage) {
        cost.add(CostToGo.X, CostToGo.X, positionWeight);
        cost.add(CostToGo.Y, CostToGo.Y, positionWeight);
        cost.add(CostToGo.HEADING, CostToGo.HEADING, headingWeight);
        cost.add(CostToGo.CURVATURE, CostToGo.CURVATURE, curvatureWeight);
        for (Rows r : rows) {
            r.addCost(stage, cost);
        }
    }

    /** One Newton direction towards a gap. */
    private void newtonStep(double targetGap, boolean corrected) {
        for (Rows r : rows) {
            r.aim(targetGap, corrected);
        }
        findSlope();
        double[] p = linear;
        Arrays.fill(p, 0);
        System.arraycopy(slope.states, stages * Unknowns.STATE, p, 0, Unknowns.STATE);
        for (int i = stages - 1; i >= 0; i--) {
            double input = slope.inputs[i] + links.alongInput(i, p);
            feed[i] = input / inputCurvature[i];
            links.turnBack(i, p);
            int g = i * CostToGo.JOINED;
            for (int j = 0; j < CostToGo.JOINED; j++) {
                p[j] -= gains[g + j] * input;
            }
            int s = i * Unknowns.STATE;
            for (int j = 0; j < Unknowns.STATE; j++) {
                p[j] += slope.states[s + j];
            }
        }
        for (int j = 0; j < 3; j++) {
            p[CostToGo.SPACING + j] += slope.shared[j];
        }
        startFactor.solve(p);
        rollOut(p);
        for (Rows r : rows) {
            r.follow(step);
        }
    }

    /** The cost's slope at the point, with the rows' part. */
    private void findSlope() {
        for (int s = 0; s < slope.states.length; s += Unknowns.STATE) {
            slope.states[s] = positionWeight * found.states[s];
            slope.states[s + 1] = positionWeight * found.states[s + 1];
            slope.states[s + 2] = headingWeight * found.states[s + 2];
            slope.states[s + 3] = curvatureWeight * found.states[s + 3];
        }
        start.addSlopes(found.states, slope.states, 0);
        end.addSlopes(found.states, slope.states, stages * Unknowns.STATE);
        for (int i = 0; i < stages; i++) {
            slope.inputs[i] = inputWeight * found.inputs[i] + inputLinear[i];
        }
        for (int j = 0; j < 3; j++) {
            slope.shared[j] = sharedWeight * found.shared[j] + sharedLinear[j];
        }
        for (Rows r : rows) {
            r.addSlopes(slope);
        }
    }

    /** Forward pass: the step of every state and input, from that of the first state and the shared unknowns. */
    private void rollOut(double[] first) {
        double[] q = step.states;
        System.arraycopy(first, 0, q, 0, Unknowns.STATE);
        System.arraycopy(first, CostToGo.SPACING, step.shared, 0, 3);
        double h = step.shared[0], m = step.shared[1], t = step.shared[2];
        for (int i = 0; i < stages; i++) {
            int s = i * Unknowns.STATE;
            int g = i * CostToGo.JOINED;
            double w = -feed[i]
                    - gains[g] * q[s]
                    - gains[g + 1] * q[s + 1]
                    - gains[g + 2] * q[s + 2]
                    - gains[g + 3] * q[s + 3]
                    - gains[g + 4] * h
                    - gains[g + 5] * m
                    - gains[g + 6] * t;
            step.inputs[i] = w;
            links.step(i, q, w, h);
        }
    }

    /** The longest step, at most 1, that keeps this share of every slack and multiplier above zero. */
    private double stepLength(double share) {
        double length = 1;
        for (Rows r : rows) {
            length = r.stepLength(share, length);
        }
        return length;
    }

    private void advance(double length) {
        found.advance(length, step);
        for (Rows r : rows) {
            r.advance(length);
        }
    }
}
