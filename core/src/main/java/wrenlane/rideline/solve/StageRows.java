package wrenlane.rideline.solve;

import java.util.Arrays;

/** Rows with any coefficients, each at one stage: a·(x, y, θ, κ, h, m, τ, w) + c ≥ 0. */
final class StageRows extends Rows {
    private static final int SIZE = CostToGo.SIZE;

    private final int stages;
    private double[] coefficients = new double[64 * SIZE];
    private int[] stageOf = new int[64];
    private int count;

    /** How many rows stand before those of each stage. */
    private final int[] first;

    StageRows(int stages) {
        super(64);
        this.stages = stages;
        this.first = new int[stages + 2];
    }

    /**
     * Adds an empty row; rows come in rising order of stage.
     *
     * @return its number
     * @throws IllegalArgumentException where the last row's stage was a later one
     */
    int add(int stage) {
        if (count > 0 && stage < stageOf[count - 1]) {
            throw new IllegalArgumentException("row at stage " + stage + " after one at " + stageOf[count - 1]
                    + ": rows come in rising order of stage");
        }
        if (count == stageOf.length) {
            stageOf = Arrays.copyOf(stageOf, 2 * count);
            constant = Arrays.copyOf(constant, 2 * count);
            coefficients = Arrays.copyOf(coefficients, 2 * coefficients.length);
        }
        stageOf[count] = stage;
        int row = count++;
        Arrays.fill(first, stage + 1, stages + 2, count);
        return row;
    }

    void set(int row, int place, double coefficient) {
        coefficients[row * SIZE + place] = coefficient;
    }

    double coefficient(int row, int place) {
        return coefficients[row * SIZE + place];
    }

    int stage(int row) {
        return stageOf[row];
    }

    @Override
    int count() {
        return count;
    }

    @Override
    void along(Unknowns z, double[] products) {
        double h = z.shared[0], m = z.shared[1], t = z.shared[2];
        double[] a = coefficients;
        for (int r = 0, o = 0; r < count; r++, o += SIZE) {
            int stage = stageOf[r];
            int s = stage * Unknowns.STATE;
            double sum = a[o] * z.states[s]
                    + a[o + 1] * z.states[s + 1]
                    + a[o + 2] * z.states[s + 2]
                    + a[o + 3] * z.states[s + 3]
                    + a[o + 4] * h
                    + a[o + 5] * m
                    + a[o + 6] * t;
            products[r] = stage < stages ? sum + a[o + 7] * z.inputs[stage] : sum;
        }
    }

    @Override
    void addCost(int stage, CostToGo cost) {
        for (int r = first[stage]; r < first[stage + 1]; r++) {
            cost.addSquare(weight[r], coefficients, r * SIZE);
        }
    }

    @Override
    void addSlopes(Unknowns slope) {
        double[] a = coefficients;
        for (int r = 0, o = 0; r < count; r++, o += SIZE) {
            int stage = stageOf[r];
            int s = stage * Unknowns.STATE;
            double by = pull[r];
            for (int j = 0; j < Unknowns.STATE; j++) {
                slope.states[s + j] -= by * a[o + j];
            }
            for (int j = 0; j < 3; j++) {
                slope.shared[j] -= by * a[o + CostToGo.SPACING + j];
            }
            if (stage < stages) {
                slope.inputs[stage] -= by * a[o + CostToGo.INPUT];
            }
        }
    }
}
