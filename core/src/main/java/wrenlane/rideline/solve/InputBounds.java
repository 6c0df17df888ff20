package wrenlane.rideline.solve;

/** Two rows at every stage but the last: ±w ≤ a·(h, m, τ) + c, with the same a for all. */
final class InputBounds extends Rows {
    private final double[] shared;
    private final int count;

    /** @param shared a, of spacing, room and share */
    InputBounds(int stages, double... shared) {
        super(2 * stages);
        this.count = 2 * stages;
        this.shared = shared;
    }

    /** Bounds a stage's input: w ≤ a·(h, m, τ) + above, −w ≤ a·(h, m, τ) + below. */
    void set(int stage, double above, double below) {
        constant[2 * stage] = above;
        constant[2 * stage + 1] = below;
    }

    double shared(int place) {
        return shared[place];
    }

    @Override
    int count() {
        return count;
    }

    @Override
    void along(Unknowns z, double[] products) {
        double common = shared[0] * z.shared[0] + shared[1] * z.shared[1] + shared[2] * z.shared[2];
        for (int i = 0; i < z.inputs.length; i++) {
            double w = z.inputs[i];
            products[2 * i] = common - w;
            products[2 * i + 1] = common + w;
        }
    }

    @Override
    void addCost(int stage, CostToGo cost) {
        if (2 * stage == count) {
            return;
        }
        double above = weight[2 * stage], below = weight[2 * stage + 1];
        double both = above + below;
        for (int j = 0; j < shared.length; j++) {
            cost.add(CostToGo.SPACING + j, CostToGo.INPUT, (below - above) * shared[j]);
            for (int k = j; k < shared.length; k++) {
                cost.add(CostToGo.SPACING + j, CostToGo.SPACING + k, both * shared[j] * shared[k]);
            }
        }
        cost.add(CostToGo.INPUT, CostToGo.INPUT, both);
    }

    @Override
    void addSlopes(Unknowns slope) {
        double sum = 0;
        for (int i = 0; i < slope.inputs.length; i++) {
            slope.inputs[i] += pull[2 * i] - pull[2 * i + 1];
            sum += pull[2 * i] + pull[2 * i + 1];
        }
        for (int j = 0; j < shared.length; j++) {
            slope.shared[j] -= sum * shared[j];
        }
    }
}
