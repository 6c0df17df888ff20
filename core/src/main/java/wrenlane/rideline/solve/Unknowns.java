package wrenlane.rideline.solve;

import java.util.Arrays;

/**
 * Values of the unknowns of a {@link StagedProgram}, or a step of them.
 *
 * <p>States are (x, y, θ, κ) of every stage one after the other, inputs one for each stage but the last, and shared are
 * the spacing, the room and the share.
 */
final class Unknowns {
    /** Components of a state. */
    static final int STATE = 4;

    /** Places among the shared unknowns. */
    static final int SPACING = 0, ROOM = 1, SHARE = 2;

    final double[] states;
    final double[] inputs;
    final double[] shared = new double[3];

    Unknowns(int stages) {
        states = new double[(stages + 1) * STATE];
        inputs = new double[stages];
    }

    void clear() {
        Arrays.fill(states, 0);
        Arrays.fill(inputs, 0);
        Arrays.fill(shared, 0);
    }

    void advance(double length, Unknowns step) {
        advance(states, length, step.states);
        advance(inputs, length, step.inputs);
        advance(shared, length, step.shared);
    }

    private static void advance(double[] values, double length, double[] step) {
        for (int k = 0; k < values.length; k++) {
            values[k] += length * step[k];
        }
    }
}
