package wrenlane.rideline.solve;

/** Two rows at every stage: κ ≤ L·τ + c and −κ ≤ R·τ + c′, with τ the share. */
final class CurvatureBounds extends Rows {
    private final double[] limit;

    CurvatureBounds(int stages) {
        super(2 * (stages + 1));
        limit = new double[2 * (stages + 1)];
    }

    /**
     * Bounds the curvature of a stage.
     *
     * @param left L
     * @param right R
     */
    void set(int stage, double left, double leftConstant, double right, double rightConstant) {
        limit[2 * stage] = left;
        constant[2 * stage] = leftConstant;
        limit[2 * stage + 1] = right;
        constant[2 * stage + 1] = rightConstant;
    }

    double limit(int row) {
        return limit[row];
    }

    @Override
    int count() {
        return limit.length;
    }

    @Override
    void along(Unknowns z, double[] products) {
        double share = z.shared[Unknowns.SHARE];
        for (int r = 0, s = CostToGo.CURVATURE; r < limit.length; r += 2, s += Unknowns.STATE) {
            double k = z.states[s];
            products[r] = limit[r] * share - k;
            products[r + 1] = limit[r + 1] * share + k;
        }
    }

    @Override
    void addCost(int stage, CostToGo cost) {
        int r = 2 * stage;
        double w0 = weight[r], w1 = weight[r + 1];
        double t0 = limit[r], t1 = limit[r + 1];
        cost.add(CostToGo.CURVATURE, CostToGo.CURVATURE, w0 + w1);
        cost.add(CostToGo.CURVATURE, CostToGo.SHARE, w1 * t1 - w0 * t0);
        cost.add(CostToGo.SHARE, CostToGo.SHARE, w0 * t0 * t0 + w1 * t1 * t1);
    }

    @Override
    void addSlopes(Unknowns slope) {
        double share = 0;
        for (int r = 0, s = CostToGo.CURVATURE; r < limit.length; r += 2, s += Unknowns.STATE) {
            slope.states[s] += pull[r] - pull[r + 1];
            share += pull[r] * limit[r] + pull[r + 1] * limit[r + 1];
        }
        slope.shared[Unknowns.SHARE] -= share;
    }
}
