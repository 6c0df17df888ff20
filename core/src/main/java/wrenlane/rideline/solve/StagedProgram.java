package wrenlane.rideline.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A convex quadratic program over a chain of stages, solved by an interior-point method whose every step costs a time
 * proportional to the length of the chain.
 *
 * <p>Stage i has a state (x, y, θ, κ) and, but for the last, one input w, all as changes from a known line. Three
 * unknowns are shared by all stages: the change of the node spacing h, the room m and the share τ. From stage to stage
 *
 * <pre>x⁺ = x + a₀₂θ + a₀₃κ + b₀w + g₀h + d₀   (y alike)   θ⁺ = θ + a₂₃κ + b₂w + g₂h + d₂   κ⁺ = κ + w</pre>
 *
 * Minimised is Σ½(q_x(x²+y²) + q_θθ² + q_κκ²) + Σ(½r w² + ρ w) + ½ε(h² + m² + τ²) + c·(h, m, τ), subject to rows
 * a·(x, y, θ, κ, h, m, τ, w) + c ≥ 0, each at one stage, and with given states at the ends held by a stiff quadratic.
 *
 * <p>Method: Mehrotra's predictor and corrector (Nocedal and Wright, Numerical Optimization, 2nd ed., §16.6). Each
 * Newton system is a linear-quadratic control problem, solved by the Riccati recursion on the state joined by the three
 * shared unknowns, which simply stay as they are from stage to stage (Rawlings, Mayne and Diehl, Model Predictive
 * Control, 2nd ed., §8.8.3): {@link CostToGo}. Bounds on curvature and input, most of the rows, are kept apart from the
 * others, since they have few coefficients and are quicker for it.
 */
final class StagedProgram {
    /** Of each stage: a₀₂ a₀₃ a₁₂ a₁₃ a₂₃ b₀ b₁ b₂ g₀ g₁ g₂ d₀ d₁ d₂. */
    static final int LINK = 14;

    private static final int MOST_ROUNDS = 40;
    /** Mean gap and residual at which an answer is as good as exact. */
    static final double EXACT = 3e-8;

    private static final double RESIDUAL_TOLERANCE = 1e-8;
    /** Share of the way to the nearest bound that a step goes. */
    private static final double SHORT_OF_THE_BOUND = 0.995;
    /** Weight that holds a given end, against multipliers of order one: leaves it off by about 1e-7. */
    private static final double STIFF = 1e7;

    final int stages;
    final double[] links;
    /** q_x, q_θ, q_κ of every stage, and r of every input. */
    double positionWeight, headingWeight, curvatureWeight, inputWeight;

    final double[] inputLinear;
    final double[] sharedLinear = new double[3];
    double sharedWeight = 1e-8;

    /** Ends held: at each, rows of four coefficients and a target. */
    private final List<double[]> startTies = new ArrayList<>();

    private final List<double[]> endTies = new ArrayList<>();

    /** The answer. */
    final Unknowns found;

    private Rows[] rows = {};

    private final Unknowns step;
    private final Unknowns slope;
    private final CostToGo cost = new CostToGo();
    private final double[] gains;
    private final double[] inputCurvature;
    private final double[] feed;
    private final double[] linear = new double[CostToGo.JOINED];
    private final double[] startFactor = new double[CostToGo.JOINED * CostToGo.JOINED];

    StagedProgram(int stages) {
        this.stages = stages;
        links = new double[stages * LINK];
        inputLinear = new double[stages];
        found = new Unknowns(stages);
        step = new Unknowns(stages);
        slope = new Unknowns(stages);
        gains = new double[stages * CostToGo.JOINED];
        inputCurvature = new double[stages];
        feed = new double[stages];
    }

    /** Holds a combination of the first state's components at a value. */
    void tieStart(double x, double y, double heading, double curvature, double target) {
        startTies.add(new double[] {x, y, heading, curvature, target});
    }

    /** Holds a combination of the last state's components at a value. */
    void tieEnd(double x, double y, double heading, double curvature, double target) {
        endTies.add(new double[] {x, y, heading, curvature, target});
    }

    /** Sets what has to hold. */
    void require(Rows... required) {
        rows = required;
    }

    /**
     * Solves.
     *
     * @param room where the room starts, and
     * @param share the share: best where they leave every row some slack
     * @param tolerance mean gap of the rows at which to stop, {@link #EXACT} or more
     * @return false where the interior-point method did not converge: the answer then is not to be used
     */
    boolean solve(double room, double share, double tolerance) {
        startOnTheChain(room, share);
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
    private void startOnTheChain(double room, double share) {
        found.clear();
        found.shared[Unknowns.ROOM] = room;
        found.shared[Unknowns.SHARE] = share;
        double[] q = found.states;
        for (int i = 0; i < stages; i++) {
            int l = i * LINK;
            int s = i * Unknowns.STATE;
            q[s + 4] = q[s] + links[l] * q[s + 2] + links[l + 1] * q[s + 3] + links[l + 11];
            q[s + 5] = q[s + 1] + links[l + 2] * q[s + 2] + links[l + 3] * q[s + 3] + links[l + 12];
            q[s + 6] = q[s + 2] + links[l + 4] * q[s + 3] + links[l + 13];
            q[s + 7] = q[s + 3];
        }
    }

    /** Backward pass for the quadratic terms. */
    private void factor() {
        cost.clear();
        addStageCost(stages);
        addTies(endTies);
        for (int i = stages - 1; i >= 0; i--) {
            cost.through(links, i * LINK);
            cost.add(CostToGo.INPUT, CostToGo.INPUT, inputWeight);
            addStageCost(i);
            inputCurvature[i] = cost.eliminateInput(gains, i * CostToGo.JOINED);
        }
        addTies(startTies);
        for (int c = CostToGo.SPACING; c <= CostToGo.SHARE; c++) {
            cost.add(c, c, sharedWeight);
        }
        factorStart();
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

    private void addTies(List<double[]> ties) {
        for (double[] tie : ties) {
            for (int j = 0; j < Unknowns.STATE; j++) {
                for (int k = j; k < Unknowns.STATE; k++) {
                    cost.add(j, k, STIFF * tie[j] * tie[k]);
                }
            }
        }
    }

    private void addTieSlopes(int s, List<double[]> ties) {
        for (double[] tie : ties) {
            double off = -tie[4];
            for (int j = 0; j < Unknowns.STATE; j++) {
                off += tie[j] * found.states[s + j];
            }
            for (int j = 0; j < Unknowns.STATE; j++) {
                slope.states[s + j] += STIFF * off * tie[j];
            }
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
            int l = i * LINK;
            double input = slope.inputs[i] + links[l + 5] * p[0] + links[l + 6] * p[1] + links[l + 7] * p[2] + p[3];
            feed[i] = input / inputCurvature[i];
            turnBack(p, l);
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
        solveStart(p);
        rollOut(p);
        for (Rows r : rows) {
            r.follow(step);
        }
    }

    /** v := Aᵀ v, for the state joined by the shared unknowns. */
    private void turnBack(double[] v, int l) {
        double v0 = v[0], v1 = v[1], v2 = v[2];
        v[2] += links[l] * v0 + links[l + 2] * v1;
        v[3] += links[l + 1] * v0 + links[l + 3] * v1 + links[l + 4] * v2;
        v[4] += links[l + 8] * v0 + links[l + 9] * v1 + links[l + 10] * v2;
    }

    /** The cost's slope at the point, with the rows' part. */
    private void findSlope() {
        for (int s = 0; s < slope.states.length; s += Unknowns.STATE) {
            slope.states[s] = positionWeight * found.states[s];
            slope.states[s + 1] = positionWeight * found.states[s + 1];
            slope.states[s + 2] = headingWeight * found.states[s + 2];
            slope.states[s + 3] = curvatureWeight * found.states[s + 3];
        }
        addTieSlopes(0, startTies);
        addTieSlopes(stages * Unknowns.STATE, endTies);
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

    /** Cholesky's factor of the cost of the first state and the shared unknowns. */
    private void factorStart() {
        double[] c = startFactor;
        int n = CostToGo.JOINED;
        for (int a = 0; a < n; a++) {
            for (int b = 0; b <= a; b++) {
                double m = cost.get(b, a);
                for (int k = 0; k < b; k++) {
                    m -= c[a * n + k] * c[b * n + k];
                }
                c[a * n + b] = a == b ? Math.sqrt(Math.max(m, LEAST_PIVOT)) : m / c[b * n + b];
            }
        }
    }

    private static final double LEAST_PIVOT = 1e-14;

    /** v := −P₀⁻¹ v, for the first state and the shared unknowns. */
    private void solveStart(double[] v) {
        double[] c = startFactor;
        int n = CostToGo.JOINED;
        for (int a = 0; a < n; a++) {
            double sum = -v[a];
            for (int k = 0; k < a; k++) {
                sum -= c[a * n + k] * v[k];
            }
            v[a] = sum / c[a * n + a];
        }
        for (int a = n - 1; a >= 0; a--) {
            double sum = v[a];
            for (int k = a + 1; k < n; k++) {
                sum -= c[k * n + a] * v[k];
            }
            v[a] = sum / c[a * n + a];
        }
    }

    /** Forward pass: the step of every state and input, from that of the first state and the shared unknowns. */
    private void rollOut(double[] start) {
        double[] q = step.states;
        System.arraycopy(start, 0, q, 0, Unknowns.STATE);
        System.arraycopy(start, CostToGo.SPACING, step.shared, 0, 3);
        double h = step.shared[0], m = step.shared[1], t = step.shared[2];
        for (int i = 0; i < stages; i++) {
            int l = i * LINK;
            int s = i * Unknowns.STATE;
            int g = i * CostToGo.JOINED;
            double x = q[s], y = q[s + 1], heading = q[s + 2], curvature = q[s + 3];
            double w = -feed[i]
                    - gains[g] * x
                    - gains[g + 1] * y
                    - gains[g + 2] * heading
                    - gains[g + 3] * curvature
                    - gains[g + 4] * h
                    - gains[g + 5] * m
                    - gains[g + 6] * t;
            step.inputs[i] = w;
            q[s + 4] = x + links[l] * heading + links[l + 1] * curvature + links[l + 5] * w + links[l + 8] * h;
            q[s + 5] = y + links[l + 2] * heading + links[l + 3] * curvature + links[l + 6] * w + links[l + 9] * h;
            q[s + 6] = heading + links[l + 4] * curvature + links[l + 7] * w + links[l + 10] * h;
            q[s + 7] = curvature + w;
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
