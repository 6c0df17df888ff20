package wrenlane.rideline.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;

/** The chain's own solver against a general-purpose one on the same program, written out in full. */
class StagedProgramTest {
    private static final int STAGES = 12;

    /** Difference of the two least costs, relative to their size: the looser of both tolerances. */
    private static final double SAME_COST = 1e-4;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void findsTheCostThatAGeneralSolverFinds(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        StageLinks links = new StageLinks(STAGES);
        for (int c = 0; c < links.of.length; c++) {
            links.of[c] = random.nextDouble(-0.4, 0.4);
        }
        StagedProgram program = new StagedProgram(links);
        program.positionWeight = 0.4;
        program.headingWeight = 0.3;
        program.curvatureWeight = 0.05;
        program.inputWeight = 0.2;
        program.sharedWeight = 0.1;
        program.sharedLinear[1] = -1;
        program.sharedLinear[2] = 2;
        for (int i = 0; i < STAGES; i++) {
            program.inputLinear[i] = random.nextDouble(-0.1, 0.1);
        }
        program.start.tie(1, 0, 0, 0, 0);
        program.start.tie(0, 0, 0, 1, 0);
        CurvatureBounds curvature = new CurvatureBounds(STAGES);
        InputBounds inputs = new InputBounds(STAGES, 0.3, 0, 0.2);
        StageRows rows = new StageRows(STAGES);
        for (int i = 0; i <= STAGES; i++) {
            curvature.set(i, 0.5, 0.2, 0.4, 0.3);
            if (i < STAGES) {
                inputs.set(i, 0.1, 0.15);
            }
            addRows(rows, random, i);
        }
        program.require(curvature, inputs, rows);
        assertThat(program.solve(0, 0, StagedProgram.EXACT)).isTrue();
        double general = general(program, links, curvature, inputs, rows);
        assertThat(cost(program)).isCloseTo(general, within(SAME_COST * Math.max(1, Math.abs(general))));
    }

    private static void addRows(StageRows rows, SplittableRandom random, int stage) {
        for (int k = 0; k < 2; k++) {
            int row = rows.add(stage);
            for (int c = 0; c < 4; c++) {
                rows.set(row, c, random.nextDouble(-1, 1));
            }
            rows.set(row, CostToGo.ROOM, -1);
            rows.constant[row] = random.nextDouble(0.1, 0.6);
        }
        for (int c = CostToGo.SPACING; stage < STAGES && c <= CostToGo.INPUT; c++) {
            // Any coefficients: no row of a line's own program uses all eight.
            rows.set(rows.count() - 1, c, random.nextDouble(-0.3, 0.3));
        }
        if (stage == 0) {
            int row = rows.add(0);
            rows.set(row, CostToGo.SHARE, 1);
        }
    }

    private static double cost(StagedProgram p) {
        double sum = 0;
        for (int i = 0; i <= STAGES; i++) {
            sum += p.positionWeight / 2 * (square(p.found.states[4 * i]) + square(p.found.states[4 * i + 1]))
                    + p.headingWeight / 2 * square(p.found.states[4 * i + 2])
                    + p.curvatureWeight / 2 * square(p.found.states[4 * i + 3]);
        }
        for (int i = 0; i < STAGES; i++) {
            sum += p.inputWeight / 2 * square(p.found.inputs[i]) + p.inputLinear[i] * p.found.inputs[i];
        }
        for (int j = 0; j < 3; j++) {
            sum += p.sharedWeight / 2 * square(p.found.shared[j]) + p.sharedLinear[j] * p.found.shared[j];
        }
        return sum;
    }

    private static double square(double x) {
        return x * x;
    }

    /** Every unknown and every link of the chain as a variable and an equation of ojAlgo's. */
    private static double general(
            StagedProgram p, StageLinks links, CurvatureBounds curvature, InputBounds bounds, StageRows rows) {
        ExpressionsBasedModel model = new ExpressionsBasedModel();
        Expression cost = model.addExpression("cost").weight(1);
        List<Variable> states = new ArrayList<>();
        double[] weights = {p.positionWeight, p.positionWeight, p.headingWeight, p.curvatureWeight};
        for (int i = 0; i <= STAGES; i++) {
            for (int c = 0; c < 4; c++) {
                states.add(variable(model, cost, "q" + i + c, weights[c], 0));
            }
        }
        List<Variable> inputs = new ArrayList<>();
        for (int i = 0; i < STAGES; i++) {
            inputs.add(variable(model, cost, "w" + i, p.inputWeight, p.inputLinear[i]));
        }
        List<Variable> shared = new ArrayList<>();
        for (int j = 0; j < 3; j++) {
            shared.add(variable(model, cost, "g" + j, p.sharedWeight, p.sharedLinear[j]));
        }
        states.get(0).level(0);
        states.get(3).level(0);
        link(model, links, states, inputs, shared);
        for (int i = 0; i <= STAGES; i++) {
            for (int side = 0; side < 2; side++) {
                int sign = side == 0 ? -1 : 1;
                model.addExpression("k" + i + side)
                        .lower(-curvature.constant[2 * i + side])
                        .set(states.get(4 * i + 3), sign)
                        .set(shared.get(2), curvature.limit(2 * i + side));
                if (i < STAGES) {
                    Expression bound = model.addExpression("b" + i + side).lower(-bounds.constant[2 * i + side]);
                    bound.set(inputs.get(i), sign);
                    for (int j = 0; j < 3; j++) {
                        bound.set(shared.get(j), bounds.shared(j));
                    }
                }
            }
        }
        for (int r = 0; r < rows.count(); r++) {
            Expression row = model.addExpression("r" + r).lower(-rows.constant[r]);
            for (int c = 0; c < 4; c++) {
                row.set(states.get(4 * rows.stage(r) + c), rows.coefficient(r, c));
            }
            for (int j = 0; j < 3; j++) {
                row.set(shared.get(j), rows.coefficient(r, CostToGo.SPACING + j));
            }
            if (rows.stage(r) < STAGES) {
                row.set(inputs.get(rows.stage(r)), rows.coefficient(r, CostToGo.INPUT));
            }
        }
        Optimisation.Result result = model.minimise();
        assertThat(result.getState().isOptimal()).isTrue();
        return result.getValue();
    }

    private static Variable variable(
            ExpressionsBasedModel model, Expression cost, String name, double weight, double linear) {
        Variable variable = model.addVariable(name);
        cost.set(variable, variable, weight / 2);
        if (linear != 0) {
            cost.set(variable, linear);
        }
        return variable;
    }

    private static void link(
            ExpressionsBasedModel model,
            StageLinks links,
            List<Variable> states,
            List<Variable> inputs,
            List<Variable> shared) {
        // For each of x, y, θ, κ: where its coefficients of θ, κ, w, h and its defect stand among the links.
        int[][] places = {{0, 1, 5, 8, 11}, {2, 3, 6, 9, 12}, {-1, 4, 7, 10, 13}, {-1, -1, -1, -1, -1}};
        for (int i = 0; i < STAGES; i++) {
            for (int c = 0; c < 4; c++) {
                int[] at = places[c];
                Expression link = model.addExpression("l" + i + c);
                link.set(states.get(4 * (i + 1) + c), -1);
                link.add(states.get(4 * i + c), 1);
                int l = i * StageLinks.SIZE;
                if (at[0] >= 0) {
                    link.add(states.get(4 * i + 2), links.of[l + at[0]]);
                }
                if (at[1] >= 0) {
                    link.add(states.get(4 * i + 3), links.of[l + at[1]]);
                    link.add(shared.get(0), links.of[l + at[3]]);
                }
                link.add(inputs.get(i), at[2] >= 0 ? links.of[l + at[2]] : 1);
                link.level(at[4] >= 0 ? -links.of[l + at[4]] : 0);
            }
        }
    }
}
