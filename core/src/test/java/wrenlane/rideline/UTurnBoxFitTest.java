package wrenlane.rideline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import wrenlane.course.CourseStart;
import wrenlane.course.UTurnBox;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Machines;
import wrenlane.machine.Posture;
import wrenlane.machine.Side;
import wrenlane.rideline.UTurnBoxFit.BoxUncertainty;
import wrenlane.rider.RiderLevel;

class UTurnBoxFitTest {
    private static final MachineTurn TWIN = MachineTurn.computed(Machines.twin());
    private static final BoxUncertainty TAPED = new BoxUncertainty(0.0172, 0.0175);

    private static UTurnBoxFit fit(double width, double depth, CourseStart start, BoxUncertainty measured) {
        UTurnBox box = new UTurnBox(width, depth, Side.RIGHT, 2.5, start);
        return UTurnBoxFit.of(box, measured, TWIN, RiderLevel.SKILLED.limits(), Side.LEFT);
    }

    @Test
    void fromAStopNeedsTheClosedFormWidth() {
        double closed = TWIN.best(Side.LEFT, Posture.UPRIGHT).uTurnWidthMetres(TWIN.frontTyreMetres());
        assertThat(fit(7, 8, CourseStart.FROM_A_STOP, TAPED).need().widthMetres())
                .isCloseTo(closed, within(0.001));
    }

    @Test
    void answersInThreeWords() {
        double needed = fit(7, 8, CourseStart.ROLLING, TAPED).need().widthMetres();
        double spread = fit(7, 8, CourseStart.ROLLING, TAPED).roomAcross().uncertaintyMetres();
        assertThat(fit(needed + spread + 0.01, 12, CourseStart.ROLLING, TAPED).answer())
                .isEqualTo(FitAnswer.FITS);
        assertThat(fit(needed + spread - 0.01, 12, CourseStart.ROLLING, TAPED).answer())
                .isEqualTo(FitAnswer.TOO_CLOSE_TO_CALL);
        assertThat(fit(needed - spread + 0.01, 12, CourseStart.ROLLING, TAPED).answer())
                .isEqualTo(FitAnswer.TOO_CLOSE_TO_CALL);
        assertThat(fit(needed - spread - 0.01, 12, CourseStart.ROLLING, TAPED).answer())
                .isEqualTo(FitAnswer.DOES_NOT_FIT);
    }

    @Test
    void saysWhichLineBinds() {
        assertThat(fit(6, 15, CourseStart.ROLLING, TAPED).bindingLine()).isEqualTo("exit line");
        assertThat(fit(12, 3.5, CourseStart.ROLLING, TAPED).bindingLine()).isEqualTo("far line");
    }

    @Test
    void aPacedBoxIsLessCertainThanATapedOne() {
        assertThat(fit(7, 8, CourseStart.ROLLING, new BoxUncertainty(0.42, 0.45))
                        .roomAcross()
                        .uncertaintyMetres())
                .isGreaterThan(0.42)
                .isGreaterThan(
                        fit(7, 8, CourseStart.ROLLING, TAPED).roomAcross().uncertaintyMetres());
    }

    @Test
    void tightnessIsTheSettingOverTheMachinesOwnLimit() {
        UTurnBoxFit fit = fit(7, 8, CourseStart.ROLLING, TAPED);
        assertThat(fit.tightness()).isCloseTo(7 / TWIN.uTurnLimitMetres(Side.LEFT), within(1e-12));
    }

    @Test
    void refusesANegativeOrMissingUncertainty() {
        assertThatIllegalArgumentException().isThrownBy(() -> new BoxUncertainty(-0.1, 0));
        assertThatIllegalArgumentException().isThrownBy(() -> new BoxUncertainty(0, Double.NaN));
    }

    @Test
    void theLadderComesDownToJustAboveTheLimit() {
        Ladder ladder = Ladder.of(4.81, UTurnBox.WIDTH);
        assertThat(ladder.rungs())
                .extracting(Ladder.Rung::settingMetres)
                .usingElementComparator((a, b) -> Math.abs(a - b) < 1e-9 ? 0 : Double.compare(a, b))
                .containsExactly(9.1, 8.2, 7.2, 6.5, 5.9, 5.4, 5.1);
        assertThat(ladder.rungs()).allSatisfy(r -> assertThat(r.tightness()).isBetween(1.0, 2.0));
    }

    @Test
    void theLadderLeavesOutWhatTheKindDoesNotAllow() {
        assertThat(Ladder.of(12, UTurnBox.WIDTH).rungs())
                .allSatisfy(r -> assertThat(r.settingMetres()).isLessThanOrEqualTo(UTurnBox.WIDTH.maxMetres()));
    }
}
