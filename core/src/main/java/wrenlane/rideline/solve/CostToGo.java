package wrenlane.rideline.solve;

import java.util.Arrays;

/**
 * The quadratic terms of what the rest of a chain costs, ½zᵀPz with z = (x, y, θ, κ, h, m, τ, w): a stage's state, the
 * three shared unknowns and the stage's input. Only the upper half of P is kept, since P is symmetric.
 */
final class CostToGo {
    /** Places of the unknowns in z. */
    static final int X = 0, Y = 1, HEADING = 2, CURVATURE = 3, SPACING = 4, ROOM = 5, SHARE = 6, INPUT = 7;

    /** Unknowns in z. */
    static final int SIZE = 8;

    /** Those of them that a stage has before its input is chosen. */
    static final int JOINED = 7;

    private final double[] p = new double[SIZE * SIZE];
    private final double[] joined = new double[SIZE];

    void clear() {
        Arrays.fill(p, 0);
    }

    /** Adds to an element, j ≤ k. */
    void add(int j, int k, double by) {
        p[j * SIZE + k] += by;
    }

    /** An element, j ≤ k. */
    double get(int j, int k) {
        return p[j * SIZE + k];
    }

    /** Adds ½·weight·(a·z)². */
    void addSquare(double weight, double[] a, int o) {
        for (int j = 0; j < SIZE; j++) {
            double by = weight * a[o + j];
            if (by != 0) {
                int row = j * SIZE;
                for (int k = j; k < SIZE; k++) {
                    p[row + k] += by * a[o + k];
                }
            }
        }
    }

    /**
     * Goes one stage back: P becomes (A b)ᵀP(A b), the cost as a function of the state before the link and of its input.
     *
     * <p>A is the unit matrix but for columns θ, κ and h, each of which takes a few rows' multiples; so P's columns and
     * rows of these get multiples of those of x, y and θ, one after the other from the last.
     */
    void through(double[] links, int l) {
        double b0 = links[l + 5], b1 = links[l + 6], b2 = links[l + 7];
        double x = b0 * p[0] + b1 * p[1] + b2 * p[2] + p[3];
        double y = b0 * p[1] + b1 * p[SIZE + 1] + b2 * p[SIZE + 2] + p[SIZE + 3];
        double heading = b0 * p[2] + b1 * p[SIZE + 2] + b2 * p[2 * SIZE + 2] + p[2 * SIZE + 3];
        for (int k = CURVATURE; k < JOINED; k++) {
            p[k * SIZE + INPUT] = b0 * p[k] + b1 * p[SIZE + k] + b2 * p[2 * SIZE + k] + p[3 * SIZE + k];
        }
        p[INPUT] = x;
        p[SIZE + INPUT] = y;
        p[2 * SIZE + INPUT] = heading;
        p[INPUT * SIZE + INPUT] = b0 * x + b1 * y + b2 * heading + p[CURVATURE * SIZE + INPUT];
        join(SPACING, links[l + 8], links[l + 9], links[l + 10]);
        join(CURVATURE, links[l + 1], links[l + 3], links[l + 4]);
        join(HEADING, links[l], links[l + 2], 0);
    }

    /** Adds c₀, c₁, c₂ times the columns x, y, θ to column t, and likewise the rows. */
    private void join(int t, double c0, double c1, double c2) {
        double[] d = joined;
        d[0] = c0 * p[0] + c1 * p[1] + c2 * p[2];
        d[1] = c0 * p[1] + c1 * p[SIZE + 1] + c2 * p[SIZE + 2];
        for (int k = 2; k < SIZE; k++) {
            d[k] = c0 * p[k] + c1 * p[SIZE + k] + c2 * p[2 * SIZE + k];
        }
        for (int k = 0; k < t; k++) {
            p[k * SIZE + t] += d[k];
        }
        p[t * SIZE + t] += 2 * d[t] + c0 * d[0] + c1 * d[1] + c2 * d[2];
        for (int k = t + 1; k < SIZE; k++) {
            p[t * SIZE + k] += d[k];
        }
    }

    /**
     * Chooses the input that costs least, −gains·(x, y, θ, κ, h, m, τ), and leaves the cost of the rest.
     *
     * @return the input's own curvature, before it is chosen
     */
    double eliminateInput(double[] gains, int g) {
        double curvature = p[INPUT * SIZE + INPUT];
        double per = 1 / curvature;
        for (int j = 0; j < JOINED; j++) {
            double gain = p[j * SIZE + INPUT] * per;
            gains[g + j] = gain;
            int row = j * SIZE;
            for (int k = j; k < JOINED; k++) {
                p[row + k] -= gain * p[k * SIZE + INPUT];
            }
        }
        return curvature;
    }
}
