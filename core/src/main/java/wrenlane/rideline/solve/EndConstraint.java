package wrenlane.rideline.solve;

import java.util.ArrayList;
import java.util.List;

/** Combinations of the state at one end of a chain that are held at a value, by a quadratic so stiff that it hardly gives. */
final class EndConstraint {
    /** Weight against multipliers of order one: leaves the end off by about 1e-7. */
    private static final double STIFF = 1e7;

    /** Coefficients of a state and the value of their sum. */
    private record Tie(double[] of, double target) {}

    private final List<Tie> ties = new ArrayList<>();

    /** Holds a combination of the state's components at a value. */
    void tie(double x, double y, double heading, double curvature, double target) {
        ties.add(new Tie(new double[] {x, y, heading, curvature}, target));
    }

    /** Adds what the ties cost to that of the state they hold. */
    void addCost(CostToGo cost) {
        for (Tie tie : ties) {
            for (int j = 0; j < Unknowns.STATE; j++) {
                for (int k = j; k < Unknowns.STATE; k++) {
                    cost.add(j, k, STIFF * tie.of[j] * tie.of[k]);
                }
            }
        }
    }

    /** Adds the ties' pull on the state that begins at a place among all states. */
    void addSlopes(double[] states, double[] slopes, int s) {
        for (Tie tie : ties) {
            double off = -tie.target;
            for (int j = 0; j < Unknowns.STATE; j++) {
                off += tie.of[j] * states[s + j];
            }
            for (int j = 0; j < Unknowns.STATE; j++) {
                slopes[s + j] += STIFF * off * tie.of[j];
            }
        }
    }
}
