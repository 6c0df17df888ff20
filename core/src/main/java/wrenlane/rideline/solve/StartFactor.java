package wrenlane.rideline.solve;

/** Cholesky's factor C of what a whole chain costs as seen from its first state and the shared unknowns: P₀ = C Cᵀ. */
final class StartFactor {
    /** Below it a pivot is rounding. */
    private static final double LEAST_PIVOT = 1e-14;

    private static final int N = CostToGo.JOINED;

    private final double[] c = new double[N * N];

    /** Factors a cost. */
    void of(CostToGo cost) {
        for (int a = 0; a < N; a++) {
            for (int b = 0; b <= a; b++) {
                double m = cost.get(b, a);
                for (int k = 0; k < b; k++) {
                    m -= c[a * N + k] * c[b * N + k];
                }
                c[a * N + b] = a == b ? Math.sqrt(Math.max(m, LEAST_PIVOT)) : m / c[b * N + b];
            }
        }
    }

    /** v := −P₀⁻¹ v: the step to where the cost is least, from its slope. */
    void solve(double[] v) {
        for (int a = 0; a < N; a++) {
            double sum = -v[a];
            for (int k = 0; k < a; k++) {
                sum -= c[a * N + k] * v[k];
            }
            v[a] = sum / c[a * N + a];
        }
        for (int a = N - 1; a >= 0; a--) {
            double sum = v[a];
            for (int k = a + 1; k < N; k++) {
                sum -= c[k * N + a] * v[k];
            }
            v[a] = sum / c[a * N + a];
        }
    }
}
