package wrenlane.rideline;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

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
 * a·(x, y, θ, κ, w, h, m, τ) + a₀ ≥ 0, each at one stage, and with given states at the ends held by a stiff quadratic.
 *
 * <p>Method: Mehrotra's predictor and corrector (Nocedal and Wright, Numerical Optimization, 2nd ed., §16.6). Each
 * Newton system is a linear-quadratic control problem, solved by the Riccati recursion on the state joined by the three
 * shared unknowns, which simply stay as they are from stage to stage (Rawlings, Mayne and Diehl, Model Predictive
 * Control, 2nd ed., §8.8.3).
 */
final class StagedProgram {
    /** Places of the unknowns in a row. */
    static final int X = 0,
            Y = 1,
            HEADING = 2,
            CURVATURE = 3,
            INPUT = 4,
            SPACING = 5,
            ROOM = 6,
            SHARE = 7,
            CONSTANT = 8;

    static final int ROW = 9;
    private static final int V = 7;
    private static final int VV = V * V;
    /** Of each stage: a₀₂ a₀₃ a₁₂ a₁₃ a₂₃ b₀ b₁ b₂ g₀ g₁ g₂ d₀ d₁ d₂. */
    static final int LINK = 14;

    private static final int MOST_ROUNDS = 40;
    private static final double GAP_TOLERANCE = 3e-8;
    private static final double RESIDUAL_TOLERANCE = 1e-9;
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

    private double[] rows;
    private int[] rowStage;
    private RowShape[] rowShape;
    private int rowCount;

    /** Which places of a row may differ from zero; most rows have only a few, and are quicker for it. */
    enum RowShape {
        /** Any but, at the last stage, the input. */
        FULL,
        /** Curvature and share. */
        CURVATURE_BOUND,
        /** Input and the shared unknowns. */
        INPUT_BOUND
    }

    /** The answer: states of every stage, inputs, and (h, m, τ). */
    final double[] states;

    final double[] inputs;
    final double[] shared = new double[3];
    private double[] slack = new double[0];
    private double[] multiplier = new double[0];

    StagedProgram(int stages) {
        this.stages = stages;
        links = new double[stages * LINK];
        inputLinear = new double[stages];
        states = new double[(stages + 1) * 4];
        inputs = new double[stages];
        rows = new double[64 * ROW];
        rowStage = new int[64];
        rowShape = new RowShape[64];
        costToGo = new double[VV];
        turned = new double[VV];
        gains = new double[stages * V];
        inputCurvature = new double[stages];
        linear = new double[V];
        stepInputs = new double[stages];
        feed = new double[stages];
        stepStates = new double[(stages + 1) * 4];
        gradientStates = new double[(stages + 1) * 4];
        gradientInputs = new double[stages];
    }

    /** Holds a combination of the first state's components at a value. */
    void tieStart(double x, double y, double heading, double curvature, double target) {
        startTies.add(new double[] {x, y, heading, curvature, target});
    }

    /** Holds a combination of the last state's components at a value. */
    void tieEnd(double x, double y, double heading, double curvature, double target) {
        endTies.add(new double[] {x, y, heading, curvature, target});
    }

    /** Adds an empty row of any shape. */
    int addRow(int stage) {
        return addRow(stage, RowShape.FULL);
    }

    /** Adds an empty row at a stage and gives its offset in {@link #rows()}. Rows come in rising order of stage. */
    int addRow(int stage, RowShape shape) {
        if (rowCount > 0 && stage < rowStage[rowCount - 1]) {
            throw new IllegalArgumentException("row at stage " + stage + " after one at " + rowStage[rowCount - 1]
                    + ": rows come in rising order of stage");
        }
        if (rowCount == rowStage.length) {
            rowStage = Arrays.copyOf(rowStage, 2 * rowCount);
            rowShape = Arrays.copyOf(rowShape, 2 * rowCount);
            rows = Arrays.copyOf(rows, 2 * rows.length);
        }
        rowShape[rowCount] = shape;
        rowStage[rowCount] = stage;
        return ROW * rowCount++;
    }

    double[] rows() {
        return rows;
    }

    int rowCount() {
        return rowCount;
    }

    // Working space of the Riccati recursion.
    private final double[] costToGo, turned, gains, inputCurvature, linear, stepInputs, feed, stepStates;
    private final double[] gradientStates, gradientInputs;
    private final double[] gradientShared = new double[3];
    private final double[] stepShared = new double[3];
    private final double[] startMatrix = new double[VV];
    private final double[] startVector = new double[V];
    private final double[] startFactor = new double[VV];
    private double[] rowWeight = new double[0];
    private double[] rowStep = new double[0];
    private double[] rowRight = new double[0];
    private double[] slackStep = new double[0];
    private double[] multiplierStep = new double[0];

    /** Solves. False where the interior-point method did not converge: the answer then is not to be used. */
    boolean solve() {
        allocate();
        startOnTheChain();
        for (int r = 0; r < rowCount; r++) {
            slack[r] = Math.max(valueOf(r), START_SLACK);
            multiplier[r] = START_GAP / slack[r];
        }
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double gap = 0;
            double residual = 0;
            for (int r = 0; r < rowCount; r++) {
                gap += slack[r] * multiplier[r];
                residual = Math.max(residual, Math.abs(valueOf(r) - slack[r]));
            }
            gap /= Math.max(1, rowCount);
            if (gap < GAP_TOLERANCE && residual < RESIDUAL_TOLERANCE) {
                return true;
            }
            if (!Double.isFinite(gap)) {
                return false;
            }
            for (int r = 0; r < rowCount; r++) {
                rowWeight[r] = multiplier[r] / slack[r];
            }
            factor();
            // Predictor: towards zero gap.
            newtonStep(0, false);
            double affine = stepLength(1);
            double after = 0;
            for (int r = 0; r < rowCount; r++) {
                after += (slack[r] + affine * slackStep[r]) * (multiplier[r] + affine * multiplierStep[r]);
            }
            after /= Math.max(1, rowCount);
            double share = after / gap;
            // Corrector: towards a centre, with the predictor's second-order term.
            newtonStep(gap * share * share * share, true);
            advance(stepLength(0.995));
        }
        return false;
    }

    /** Solves without looking at any row: the smallest change that obeys the chain and its ends. */
    void solveWithoutRows() {
        rowCount = 0;
        startOnTheChain();
        factor();
        newtonStep(0, false);
        advance(1);
    }

    /** Where slacks and gaps start: centimetres of room, chosen by us by trial. */
    private static final double START_SLACK = 0.01;

    private static final double START_GAP = 0.02;

    private void allocate() {
        slack = new double[rowCount];
        multiplier = new double[rowCount];
        rowWeight = new double[rowCount];
        rowStep = new double[rowCount];
        rowRight = new double[rowCount];
        slackStep = new double[rowCount];
        multiplierStep = new double[rowCount];
    }

    /** Where room and share start: best where they leave every row some slack. */
    void startFrom(double room, double share) {
        startRoom = room;
        startShare = share;
    }

    private double startRoom;
    private double startShare;

    /** A start that obeys the chain: no input, no change of the spacing, defects summed up. */
    private void startOnTheChain() {
        Arrays.fill(inputs, 0);
        shared[0] = 0;
        shared[1] = startRoom;
        shared[2] = startShare;
        Arrays.fill(states, 0, 4, 0);
        for (int i = 0; i < stages; i++) {
            int l = i * LINK;
            int s = i * 4;
            states[s + 4] = states[s] + links[l] * states[s + 2] + links[l + 1] * states[s + 3] + links[l + 11];
            states[s + 5] = states[s + 1] + links[l + 2] * states[s + 2] + links[l + 3] * states[s + 3] + links[l + 12];
            states[s + 6] = states[s + 2] + links[l + 4] * states[s + 3] + links[l + 13];
            states[s + 7] = states[s + 3];
        }
    }

    private double valueOf(int r) {
        return rows[r * ROW + CONSTANT] + product(r, states, inputs, shared);
    }

    private double product(int r, double[] q, double[] w, double[] g) {
        int o = r * ROW;
        int i = rowStage[r];
        int s = i * 4;
        if (rowShape[r] == RowShape.CURVATURE_BOUND) {
            return rows[o + CURVATURE] * q[s + 3] + rows[o + SHARE] * g[2];
        }
        if (rowShape[r] == RowShape.INPUT_BOUND) {
            return rows[o + INPUT] * w[i] + rows[o + SPACING] * g[0] + rows[o + ROOM] * g[1] + rows[o + SHARE] * g[2];
        }
        double sum = rows[o] * q[s] + rows[o + 1] * q[s + 1] + rows[o + 2] * q[s + 2] + rows[o + 3] * q[s + 3];
        if (i < stages) {
            sum += rows[o + INPUT] * w[i];
        }
        return sum + rows[o + SPACING] * g[0] + rows[o + ROOM] * g[1] + rows[o + SHARE] * g[2];
    }

    /** Backward pass for the quadratic terms. */
    private void factor() {
        double[] p = costToGo;
        Arrays.fill(p, 0);
        int row = rowCount;
        row = addStageCost(p, stages, row, null);
        addTies(p, endTies);
        double[] cross = new double[V + 1];
        for (int i = stages - 1; i >= 0; i--) {
            int l = i * LINK;
            double b0 = links[l + 5], b1 = links[l + 6], b2 = links[l + 7];
            // cross = Aᵀ P b, and bᵀ P b in its last place.
            for (int j = 0; j < V; j++) {
                cross[j] = p[j * V] * b0 + p[j * V + 1] * b1 + p[j * V + 2] * b2 + p[j * V + 3];
            }
            double bPb = b0 * cross[0] + b1 * cross[1] + b2 * cross[2] + cross[3];
            turnBack(cross, l);
            congruence(p, l);
            cross[V] = bPb + inputWeight;
            row = addStageCost(p, i, row, cross);
            double curvature = cross[V];
            inputCurvature[i] = curvature;
            for (int j = 0; j < V; j++) {
                gains[i * V + j] = cross[j] / curvature;
            }
            for (int j = 0; j < V; j++) {
                double g = gains[i * V + j];
                for (int k = 0; k < V; k++) {
                    p[j * V + k] -= g * cross[k];
                }
            }
        }
        addTies(p, startTies);
        System.arraycopy(p, 0, startMatrix, 0, VV);
        for (int c = 4; c < V; c++) {
            startMatrix[c * V + c] += sharedWeight;
        }
    }

    private static void addTies(double[] p, List<double[]> ties) {
        for (double[] tie : ties) {
            for (int j = 0; j < 4; j++) {
                for (int k = 0; k < 4; k++) {
                    p[j * V + k] += STIFF * tie[j] * tie[k];
                }
            }
        }
    }

    private void addTieSlopes(int s, List<double[]> ties) {
        for (double[] tie : ties) {
            double off = -tie[4];
            for (int j = 0; j < 4; j++) {
                off += tie[j] * states[s + j];
            }
            for (int j = 0; j < 4; j++) {
                gradientStates[s + j] += STIFF * off * tie[j];
            }
        }
    }

    /** v := Aᵀ v, for the state joined by the shared unknowns. */
    private void turnBack(double[] v, int l) {
        double v0 = v[0], v1 = v[1], v2 = v[2];
        v[2] += links[l] * v0 + links[l + 2] * v1;
        v[3] += links[l + 1] * v0 + links[l + 3] * v1 + links[l + 4] * v2;
        v[4] += links[l + 8] * v0 + links[l + 9] * v1 + links[l + 10] * v2;
    }

    /** P := Aᵀ P A. */
    private void congruence(double[] p, int l) {
        for (int j = 0; j < V; j++) {
            System.arraycopy(p, j * V, turned, 0, V);
            double v0 = turned[0], v1 = turned[1], v2 = turned[2];
            p[j * V + 2] += links[l] * v0 + links[l + 2] * v1;
            p[j * V + 3] += links[l + 1] * v0 + links[l + 3] * v1 + links[l + 4] * v2;
            p[j * V + 4] += links[l + 8] * v0 + links[l + 9] * v1 + links[l + 10] * v2;
        }
        for (int k = 0; k < V; k++) {
            double v0 = p[k], v1 = p[V + k], v2 = p[2 * V + k];
            p[2 * V + k] += links[l] * v0 + links[l + 2] * v1;
            p[3 * V + k] += links[l + 1] * v0 + links[l + 3] * v1 + links[l + 4] * v2;
            p[4 * V + k] += links[l + 8] * v0 + links[l + 9] * v1 + links[l + 10] * v2;
        }
    }

    /** Adds weights and weighted rows of a stage, walking the rows backwards; gives the next row to look at. */
    private int addStageCost(double[] p, int stage, int fromRow, double @Nullable [] cross) {
        p[0] += positionWeight;
        p[V + 1] += positionWeight;
        p[2 * V + 2] += headingWeight;
        p[3 * V + 3] += curvatureWeight;
        int r = fromRow;
        while (r > 0 && rowStage[r - 1] == stage) {
            r--;
            int o = r * ROW;
            double weight = rowWeight[r];
            if (rowShape[r] == RowShape.CURVATURE_BOUND) {
                double a = rows[o + CURVATURE];
                double t = rows[o + SHARE];
                p[3 * V + 3] += weight * a * a;
                p[3 * V + 6] += weight * a * t;
                p[6 * V + 3] += weight * a * t;
                p[6 * V + 6] += weight * t * t;
                continue;
            }
            for (int j = rowShape[r] == RowShape.INPUT_BOUND ? 4 : 0; j < V; j++) {
                double a = rows[o + PLACE[j]];
                if (a == 0) {
                    continue;
                }
                double wa = weight * a;
                for (int k = rowShape[r] == RowShape.INPUT_BOUND ? 4 : 0; k < V; k++) {
                    p[j * V + k] += wa * rows[o + PLACE[k]];
                }
                if (cross != null) {
                    cross[j] += wa * rows[o + INPUT];
                }
            }
            if (cross != null) {
                cross[V] += weight * rows[o + INPUT] * rows[o + INPUT];
            }
        }
        return r;
    }

    /** Where the joined state's components stand in a row. */
    private static final int[] PLACE = {X, Y, HEADING, CURVATURE, SPACING, ROOM, SHARE};

    /** One Newton direction towards a gap, into the step arrays. */
    private void newtonStep(double targetGap, boolean corrected) {
        gradient(targetGap, corrected);
        double[] p = linear;
        Arrays.fill(p, 0);
        System.arraycopy(gradientStates, stages * 4, p, 0, 4);
        for (int i = stages - 1; i >= 0; i--) {
            int l = i * LINK;
            double input = gradientInputs[i] + links[l + 5] * p[0] + links[l + 6] * p[1] + links[l + 7] * p[2] + p[3];
            feed[i] = input / inputCurvature[i];
            turnBack(p, l);
            int g = i * V;
            for (int j = 0; j < V; j++) {
                p[j] -= gains[g + j] * input;
            }
            int s = i * 4;
            for (int j = 0; j < 4; j++) {
                p[j] += gradientStates[s + j];
            }
        }
        for (int j = 0; j < 3; j++) {
            p[4 + j] += gradientShared[j];
        }
        solveStart(p);
        rollOut();
        for (int r = 0; r < rowCount; r++) {
            double along = product(r, stepStates, stepInputs, stepShared);
            double ds = along + rowStep[r];
            multiplierStep[r] = rowRight[r] / slack[r] - rowWeight[r] * ds;
            slackStep[r] = ds;
        }
    }

    /** The cost's slope at the point, with the rows' part; rowStep holds each row's residual, rowRight its gap's. */
    private void gradient(double targetGap, boolean corrected) {
        for (int i = 0; i <= stages; i++) {
            int s = i * 4;
            gradientStates[s] = positionWeight * states[s];
            gradientStates[s + 1] = positionWeight * states[s + 1];
            gradientStates[s + 2] = headingWeight * states[s + 2];
            gradientStates[s + 3] = curvatureWeight * states[s + 3];
        }
        addTieSlopes(0, startTies);
        addTieSlopes(stages * 4, endTies);
        for (int i = 0; i < stages; i++) {
            gradientInputs[i] = inputWeight * inputs[i] + inputLinear[i];
        }
        for (int j = 0; j < 3; j++) {
            gradientShared[j] = sharedWeight * shared[j] + sharedLinear[j];
        }
        for (int r = 0; r < rowCount; r++) {
            double residual = valueOf(r) - slack[r];
            double right = targetGap - slack[r] * multiplier[r];
            if (corrected) {
                right -= slackStep[r] * multiplierStep[r];
            }
            rowStep[r] = residual;
            rowRight[r] = right;
            double pull = multiplier[r] + right / slack[r] - rowWeight[r] * residual;
            int o = r * ROW;
            int i = rowStage[r];
            int s = i * 4;
            if (rowShape[r] == RowShape.CURVATURE_BOUND) {
                gradientStates[s + 3] -= pull * rows[o + CURVATURE];
                gradientShared[2] -= pull * rows[o + SHARE];
                continue;
            }
            if (rowShape[r] == RowShape.FULL) {
                for (int j = 0; j < 4; j++) {
                    gradientStates[s + j] -= pull * rows[o + j];
                }
            }
            if (i < stages) {
                gradientInputs[i] -= pull * rows[o + INPUT];
            }
            for (int j = 0; j < 3; j++) {
                gradientShared[j] -= pull * rows[o + SPACING + j];
            }
        }
    }

    /** The first state and the shared unknowns: −P₀⁻¹ p₀ by Cholesky. */
    private void solveStart(double[] p) {
        double[] c = startFactor;
        double[] v = startVector;
        for (int a = 0; a < V; a++) {
            double sum = -p[a];
            for (int b = 0; b <= a; b++) {
                double m = startMatrix[a * V + b];
                for (int k = 0; k < b; k++) {
                    m -= c[a * V + k] * c[b * V + k];
                }
                c[a * V + b] = a == b ? Math.sqrt(Math.max(m, LEAST_PIVOT)) : m / c[b * V + b];
            }
            for (int k = 0; k < a; k++) {
                sum -= c[a * V + k] * v[k];
            }
            v[a] = sum / c[a * V + a];
        }
        for (int a = V - 1; a >= 0; a--) {
            double sum = v[a];
            for (int k = a + 1; k < V; k++) {
                sum -= c[k * V + a] * v[k];
            }
            v[a] = sum / c[a * V + a];
        }
    }

    private static final double LEAST_PIVOT = 1e-14;

    /** Forward pass: the step of every state and input. */
    private void rollOut() {
        System.arraycopy(startVector, 0, stepStates, 0, 4);
        System.arraycopy(startVector, 4, stepShared, 0, 3);
        for (int i = 0; i < stages; i++) {
            int l = i * LINK;
            int s = i * 4;
            int g = i * V;
            double x = stepStates[s], y = stepStates[s + 1], heading = stepStates[s + 2], curvature = stepStates[s + 3];
            double h = stepShared[0];
            double w = -feed[i]
                    - gains[g] * x
                    - gains[g + 1] * y
                    - gains[g + 2] * heading
                    - gains[g + 3] * curvature
                    - gains[g + 4] * h
                    - gains[g + 5] * stepShared[1]
                    - gains[g + 6] * stepShared[2];
            stepInputs[i] = w;
            stepStates[s + 4] = x + links[l] * heading + links[l + 1] * curvature + links[l + 5] * w + links[l + 8] * h;
            stepStates[s + 5] =
                    y + links[l + 2] * heading + links[l + 3] * curvature + links[l + 6] * w + links[l + 9] * h;
            stepStates[s + 6] = heading + links[l + 4] * curvature + links[l + 7] * w + links[l + 10] * h;
            stepStates[s + 7] = curvature + w;
        }
    }

    /** The longest step, at most 1, that keeps this share of every slack and multiplier above zero. */
    private double stepLength(double share) {
        double length = 1;
        for (int r = 0; r < rowCount; r++) {
            if (slackStep[r] < 0) {
                length = Math.min(length, -share * slack[r] / slackStep[r]);
            }
            if (multiplierStep[r] < 0) {
                length = Math.min(length, -share * multiplier[r] / multiplierStep[r]);
            }
        }
        return length;
    }

    private void advance(double length) {
        for (int k = 0; k < states.length; k++) {
            states[k] += length * stepStates[k];
        }
        for (int i = 0; i < stages; i++) {
            inputs[i] += length * stepInputs[i];
        }
        for (int j = 0; j < 3; j++) {
            shared[j] += length * stepShared[j];
        }
        for (int r = 0; r < rowCount; r++) {
            slack[r] += length * slackStep[r];
            multiplier[r] += length * multiplierStep[r];
        }
    }
}
