package wrenlane.rideline.solve;

/**
 * How each stage of a chain follows from the one before: with a state (x, y, θ, κ), the stage's input w and the shared
 * change h of the node spacing,
 *
 * <pre>x⁺ = x + a₀₂θ + a₀₃κ + b₀w + g₀h + d₀   (y alike)   θ⁺ = θ + a₂₃κ + b₂w + g₂h + d₂   κ⁺ = κ + w</pre>
 *
 * In matrices, z⁺ = A z + b w + d for the state joined by the unknowns that all stages share, which stay as they are.
 */
final class StageLinks {
    /** Of each stage: a₀₂ a₀₃ a₁₂ a₁₃ a₂₃ b₀ b₁ b₂ g₀ g₁ g₂ d₀ d₁ d₂. */
    static final int SIZE = 14;

    /** All stages' coefficients, one stage after the other. */
    final double[] of;

    final int stages;

    StageLinks(int stages) {
        this.stages = stages;
        of = new double[stages * SIZE];
    }

    /** Sets every link from a line: how its nodes' pose moves with what they follow from, and the gap that is left. */
    static StageLinks along(LineNodes line) {
        StageLinks links = new StageLinks(line.segments);
        double[] of = links.of;
        LineNodes.Pose pose = new LineNodes.Pose();
        for (int i = 0; i < line.segments; i++) {
            line.pose(i, 1, pose);
            int l = i * SIZE;
            of[l] = pose.xHeading;
            of[l + 1] = pose.xCurvature;
            of[l + 2] = pose.yHeading;
            of[l + 3] = pose.yCurvature;
            of[l + 4] = pose.headingCurvature;
            of[l + 5] = pose.xInput;
            of[l + 6] = pose.yInput;
            of[l + 7] = pose.headingInput;
            of[l + 8] = pose.xSpacing;
            of[l + 9] = pose.ySpacing;
            of[l + 10] = pose.headingSpacing;
            of[l + 11] = pose.x - line.x[i + 1];
            of[l + 12] = pose.y - line.y[i + 1];
            of[l + 13] = pose.heading - line.heading[i + 1];
        }
        return links;
    }

    /** Fills in the states that follow from the first where no input is given and no spacing changed: gaps summed up. */
    void drift(double[] q) {
        for (int i = 0; i < stages; i++) {
            int l = i * SIZE;
            int s = i * Unknowns.STATE;
            q[s + 4] = q[s] + of[l] * q[s + 2] + of[l + 1] * q[s + 3] + of[l + 11];
            q[s + 5] = q[s + 1] + of[l + 2] * q[s + 2] + of[l + 3] * q[s + 3] + of[l + 12];
            q[s + 6] = q[s + 2] + of[l + 4] * q[s + 3] + of[l + 13];
            q[s + 7] = q[s + 3];
        }
    }

    /** Fills in a step of the next stage's state, from that of this one, of its input and of the spacing: without the gap. */
    void step(int stage, double[] q, double w, double h) {
        int l = stage * SIZE;
        int s = stage * Unknowns.STATE;
        double heading = q[s + 2];
        double curvature = q[s + 3];
        q[s + 4] = q[s] + of[l] * heading + of[l + 1] * curvature + of[l + 5] * w + of[l + 8] * h;
        q[s + 5] = q[s + 1] + of[l + 2] * heading + of[l + 3] * curvature + of[l + 6] * w + of[l + 9] * h;
        q[s + 6] = heading + of[l + 4] * curvature + of[l + 7] * w + of[l + 10] * h;
        q[s + 7] = curvature + w;
    }

    /** bᵀv, for v of the stage after: what its slope says of the input. */
    double alongInput(int stage, double[] v) {
        int l = stage * SIZE;
        return of[l + 5] * v[0] + of[l + 6] * v[1] + of[l + 7] * v[2] + v[3];
    }

    /** v := Aᵀv: a slope at the stage after becomes one at this stage. */
    void turnBack(int stage, double[] v) {
        int l = stage * SIZE;
        double v0 = v[0], v1 = v[1], v2 = v[2];
        v[2] += of[l] * v0 + of[l + 2] * v1;
        v[3] += of[l + 1] * v0 + of[l + 3] * v1 + of[l + 4] * v2;
        v[4] += of[l + 8] * v0 + of[l + 9] * v1 + of[l + 10] * v2;
    }
}
