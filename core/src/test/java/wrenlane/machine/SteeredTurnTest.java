package wrenlane.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SteeredTurnTest {
    /** A millimetre: figures worked by hand to three places, in metres. */
    private static final double MILLIMETRE = 0.001;

    /** p = 1.36 m and Rr = 1.87 m, the reference turn: Rf = √(1.87² + 1.36²). */
    @Test
    void meetsTheReferenceTurn() {
        SteeredTurn turn = new SteeredTurn(1.36, Math.atan(1.36 / 1.87));
        assertThat(turn.rearRadiusMetres()).isCloseTo(1.87, within(MILLIMETRE));
        assertThat(turn.frontRadiusMetres()).isCloseTo(2.312, within(MILLIMETRE));
        assertThat(turn.uTurnWidthMetres(0.12)).isCloseTo(4.302, within(MILLIMETRE));
        assertThat(turn.circleWidthMetres(0.12)).isCloseTo(4.745, within(MILLIMETRE));
    }

    /** Worked with a pocket calculator: tan 35° · cos 25° = 0.634608; with 30° of lean over cos 30° = 0.732782. */
    @ParameterizedTest
    @CsvSource({"0, 2.2218, 2.6315", "30, 1.9242, 2.3855"})
    void turnsTighterLeanedThanUpright(double leanDegrees, double rear, double front) {
        SteeredTurn turn = SteeredTurn.of(1.41, Math.toRadians(35), Math.toRadians(25), Math.toRadians(leanDegrees));
        assertThat(turn.rearRadiusMetres()).isCloseTo(rear, within(MILLIMETRE));
        assertThat(turn.frontRadiusMetres()).isCloseTo(front, within(MILLIMETRE));
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
