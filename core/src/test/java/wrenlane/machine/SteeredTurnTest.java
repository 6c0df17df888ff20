package wrenlane.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class SteeredTurnTest {
    /** A millimetre: figures worked by hand to three places, in metres. */
    private static final double MILLIMETRE = 0.001;

    /** A centimetre, in metres. */
    private static final double CENTIMETRE = 0.0101;

    /** p = 1.36 m and Rr = 1.87 m, the reference turn: Rf = √(1.87² + 1.36²). */
    @Test
    void meetsTheReferenceTurn() {
        SteeredTurn turn = new SteeredTurn(1.36, Math.atan(1.36 / 1.87));
        assertThat(turn.rearRadiusMetres()).isCloseTo(1.87, within(MILLIMETRE));
        assertThat(turn.frontRadiusMetres()).isCloseTo(2.312, within(MILLIMETRE));
        assertThat(turn.uTurnWidthMetres(0.12)).isCloseTo(4.302, within(MILLIMETRE));
        assertThat(turn.circleWidthMetres(0.12)).isCloseTo(4.745, within(MILLIMETRE));
    }

    /** Worked outside this code with δ = 35°, ε = 25°: tan Δ = 0.63461 upright and 0.88377 at 30° of lean. */
    @ParameterizedTest
    @CsvSource({"0, 2.2218, 2.6315", "30, 1.5954, 2.1292"})
    void turnsTighterLeanedThanUpright(double leanDegrees, double rear, double front) {
        SteeredTurn turn = SteeredTurn.of(1.41, Math.toRadians(35), Math.toRadians(25), Math.toRadians(leanDegrees));
        assertThat(turn.rearRadiusMetres()).isCloseTo(rear, within(MILLIMETRE));
        assertThat(turn.frontRadiusMetres()).isCloseTo(front, within(MILLIMETRE));
    }

    /** Circle between walls and U-turn at once of whole machines, in metres, to a centimetre as they were worked. */
    @ParameterizedTest
    @CsvSource({
        "1.67, 36, 28, 0.13, 0, 6.32, 5.83",
        "1.67, 36, 28, 0.13, 15, 5.79, 5.24",
        "1.67, 36, 28, 0.13, 30, 5.06, 4.40",
        "1.37, 35, 24.5, 0.11, 0, 5.21, 4.81",
        "1.37, 35, 24.5, 0.11, 15, 4.82, 4.38",
        "1.37, 35, 24.5, 0.11, 30, 4.25, 3.73",
        "1.64, 34, 30, 0.13, 0, 6.63, ",
        "1.64, 34, 30, 0.13, 15, 6.05, ",
        "1.64, 34, 30, 0.13, 30, 5.24, "
    })
    void meetsTheWorkedCircles(
            double wheelbase, double lock, double caster, double tyre, double lean, double circle, Double uTurn) {
        SteeredTurn turn =
                SteeredTurn.of(wheelbase, Math.toRadians(lock), Math.toRadians(caster), Math.toRadians(lean));
        assertThat(turn.circleWidthMetres(tyre)).isCloseTo(circle, within(CENTIMETRE));
        if (uTurn != null) {
            assertThat(turn.uTurnWidthMetres(tyre)).isCloseTo(uTurn, within(CENTIMETRE));
        }
    }

    /** The wheel's plane, found by turning the axle vector about the steering axis and rolling it, both by Rodrigues' formula. */
    @ParameterizedTest
    @MethodSource("turns")
    void meetsTheCutOfTheWheelsPlaneWithTheGround(double steer, double caster, double lean) {
        double[] axle = turned(new double[] {0, 1, 0}, new double[] {-Math.sin(caster), 0, Math.cos(caster)}, steer);
        double[] rolled = turned(axle, new double[] {1, 0, 0}, -lean);
        // The cut is square to the axle and to the vertical.
        double ground = Math.atan2(-rolled[0], rolled[1]);
        assertThat(SteeredTurn.of(1.5, steer, caster, lean).groundSteerRadians())
                .isCloseTo(ground, within(1e-12));
        // To the right everything is mirrored.
        double[] right = turned(
                turned(new double[] {0, 1, 0}, new double[] {-Math.sin(caster), 0, Math.cos(caster)}, -steer),
                new double[] {1, 0, 0},
                lean);
        assertThat(Math.atan2(-right[0], right[1])).isCloseTo(-ground, within(1e-12));
    }

    private static Stream<Arguments> turns() {
        SplittableRandom random = new SplittableRandom(47);
        return Stream.generate(() -> Arguments.of(
                        random.nextDouble(0.05, 0.85), random.nextDouble(0.2, 0.7), random.nextDouble(0, 0.6)))
                .limit(40);
    }

    /** v cos a + (u × v) sin a + u (u · v)(1 − cos a), anticlockwise about the unit vector u. */
    private static double[] turned(double[] v, double[] u, double a) {
        double along = (1 - Math.cos(a)) * (u[0] * v[0] + u[1] * v[1] + u[2] * v[2]);
        double[] cross = {u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]};
        double[] turned = new double[3];
        for (int i = 0; i < 3; i++) {
            turned[i] = v[i] * Math.cos(a) + cross[i] * Math.sin(a) + u[i] * along;
        }
        return turned;
    }

    /** tan δ · cos ε / cos φ to first order in δ: the next term is tan δ · tan φ · sin ε of it. */
    @Test
    void meetsTheShortcutForSmallSteer() {
        double steer = 1e-4;
        double shortcut = Math.tan(steer) * Math.cos(0.45) / Math.cos(0.5);
        assertThat(Math.tan(SteeredTurn.of(1.5, steer, 0.45, 0.5).groundSteerRadians()))
                .isCloseTo(shortcut, within(1e-4 * shortcut));
    }

    @ParameterizedTest
    @MethodSource("turns")
    void givesBarsAndLeanBackFromTheTurn(double steer, double caster, double lean) {
        SteeredTurn turn = SteeredTurn.of(1.5, steer, caster, lean);
        assertThat(SteeredTurn.steerRadians(1.5, turn.curvature(), caster, lean))
                .isCloseTo(steer, within(1e-12));
        assertThat(SteeredTurn.steerRadians(1.5, -turn.curvature(), caster, -lean))
                .isCloseTo(-steer, within(1e-12));
        assertThat(turn.leanRadians(steer, caster))
                .hasValueSatisfying(back -> assertThat(back).isCloseTo(lean, within(1e-7)));
    }

    @Test
    void showsNoLeanWhereTheTurnIsWiderThanUpright() {
        SteeredTurn upright = SteeredTurn.of(1.5, 0.6, 0.45, 0);
        assertThat(new SteeredTurn(1.5, upright.groundSteerRadians() - 0.01).leanRadians(0.6, 0.45))
                .isEmpty();
    }

    /** Extreme locks leaned far over would stand the wheel square across, and beyond. */
    @Test
    void tightensWithLeanUpToAWheelThatStandsNearlyAcross() {
        double before = 0;
        for (int degrees = 0; degrees < 60; degrees++) {
            double curvature = SteeredTurn.of(1.5, Math.toRadians(70), Math.toRadians(45), Math.toRadians(degrees))
                    .curvature();
            assertThat(curvature).isGreaterThanOrEqualTo(before).isLessThan(4);
            before = curvature;
        }
    }

    @Test
    void bothWheelsTurnAboutOneCentre() {
        SteeredTurn turn = SteeredTurn.of(1.5, 0.6, 0.45, 0.3);
        assertThat(Math.hypot(turn.rearRadiusMetres(), 1.5)).isCloseTo(turn.frontRadiusMetres(), within(1e-12));
        assertThat(turn.curvature() * turn.rearRadiusMetres()).isCloseTo(1, within(1e-12));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -0.1, Double.NaN, Math.PI / 2})
    void refusesASteerThatTurnsNothing(double steer) {
        assertThatIllegalArgumentException().isThrownBy(() -> new SteeredTurn(1.4, steer));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, Double.NaN, 10})
    void refusesAnImpossibleWheelbase(double wheelbase) {
        assertThatIllegalArgumentException().isThrownBy(() -> new SteeredTurn(wheelbase, 0.5));
    }
}
