package wrenlane.rideline.solve;

/**
 * Inequalities a·z + c ≥ 0 of a {@link StagedProgram} that look alike, with what the interior-point method knows of each:
 * its slack s, its multiplier λ and the step of both.
 */
abstract class Rows {
    /** Where slacks and gaps start: centimetres of room, chosen by us by trial. */
    private static final double START_SLACK = 0.01;

    private static final double START_GAP = 0.02;

    /** c of every row. */
    double[] constant;

    /** λ/s of every row, for the Newton system. */
    double[] weight = NONE;

    /** What every row pulls at the slope of the cost. */
    double[] pull = NONE;

    private double[] slack = NONE;
    private double[] perSlack = NONE;
    private double[] multiplier = NONE;
    private double[] residual = NONE;
    private double[] wanted = NONE;
    private double[] slackStep = NONE;
    private double[] multiplierStep = NONE;

    private static final double[] NONE = {};

    Rows(int capacity) {
        constant = new double[capacity];
    }

    abstract int count();

    /** a·z of every row. */
    abstract void along(Unknowns z, double[] products);

    /** Adds weighted rows of a stage to the cost of its state, the shared unknowns and the stage's input. */
    abstract void addCost(int stage, CostToGo cost);

    /** Takes every row's pull, times its coefficients, off a slope. */
    abstract void addSlopes(Unknowns slope);

    final void start(Unknowns z) {
        int n = count();
        weight = new double[n];
        pull = new double[n];
        slack = new double[n];
        perSlack = new double[n];
        multiplier = new double[n];
        residual = new double[n];
        wanted = new double[n];
        slackStep = new double[n];
        multiplierStep = new double[n];
        along(z, residual);
        for (int r = 0; r < n; r++) {
            slack[r] = Math.max(residual[r] + constant[r], START_SLACK);
            multiplier[r] = START_GAP / slack[r];
        }
    }

    /** Looks at the rows from a point: what they lack against their slacks, and their weights. */
    final void look(Unknowns z) {
        along(z, residual);
        for (int r = 0; r < residual.length; r++) {
            residual[r] += constant[r] - slack[r];
            perSlack[r] = 1 / slack[r];
            weight[r] = multiplier[r] * perSlack[r];
        }
    }

    /** Σ s·λ. */
    final double gap() {
        return gapAfter(0);
    }

    /** Σ s·λ after a step of this length. */
    final double gapAfter(double length) {
        double sum = 0;
        for (int r = 0; r < slack.length; r++) {
            sum += (slack[r] + length * slackStep[r]) * (multiplier[r] + length * multiplierStep[r]);
        }
        return sum;
    }

    final double worstResidual() {
        double worst = 0;
        for (double r : residual) {
            worst = Math.max(worst, Math.abs(r));
        }
        return worst;
    }

    /**
     * Aims every row's gap at a value.
     *
     * @param corrected whether the step found before gives a second-order term
     */
    final void aim(double gap, boolean corrected) {
        for (int r = 0; r < slack.length; r++) {
            double right = gap - slack[r] * multiplier[r];
            if (corrected) {
                right -= slackStep[r] * multiplierStep[r];
            }
            wanted[r] = right * perSlack[r];
            pull[r] = multiplier[r] + wanted[r] - weight[r] * residual[r];
        }
    }

    /** The steps of slacks and multipliers that belong to a step of the unknowns. */
    final void follow(Unknowns step) {
        along(step, slackStep);
        for (int r = 0; r < slackStep.length; r++) {
            slackStep[r] += residual[r];
            multiplierStep[r] = wanted[r] - weight[r] * slackStep[r];
        }
    }

    /** The longest step, at most a given one, that keeps this share of every slack and multiplier above zero. */
    final double stepLength(double share, double most) {
        double shortening = share / most;
        for (int r = 0; r < slack.length; r++) {
            shortening =
                    Math.max(shortening, Math.max(-slackStep[r] * perSlack[r], -multiplierStep[r] / multiplier[r]));
        }
        return share / shortening;
    }

    final void advance(double length) {
        for (int r = 0; r < slack.length; r++) {
            slack[r] += length * slackStep[r];
            multiplier[r] += length * multiplierStep[r];
        }
    }
}
