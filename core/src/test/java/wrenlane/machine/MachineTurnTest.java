package wrenlane.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import wrenlane.units.MeasuredLength;

class MachineTurnTest {
    /** Rounding in a chain of trigonometric functions, in the unit at hand. */
    private static final double ROUNDING = 1e-9;

    private static final MachineTurn TWIN = MachineTurn.computed(Machines.twin());

    @Test
    void solvesTheLockBackFromACircleRiddenAtThatLock() {
        double lock = Math.toRadians(38.5);
        SteeredTurn ridden = SteeredTurn.of(TWIN.wheelbaseMetres(), lock, TWIN.casterRadians(), 0);
        MachineTurn measured = with(circle(Side.LEFT, Posture.UPRIGHT, ridden));
        assertThat(measured.effectiveLockRadians(Side.LEFT)).isCloseTo(lock, within(ROUNDING));
        assertThat(measured.best(Side.LEFT, Posture.UPRIGHT).rearRadiusMetres())
                .isCloseTo(ridden.rearRadiusMetres(), within(ROUNDING));
        assertThat(measured.effectiveLockRadians(Side.RIGHT)).isEqualTo(TWIN.effectiveLockRadians(Side.RIGHT));
    }

    @Test
    void solvesTheUsableLeanBackFromALeanedCircle() {
        double lean = Math.toRadians(27);
        MachineTurn measured = with(circle(Side.RIGHT, Posture.LEANED, TWIN.fullLock(Side.RIGHT, lean)));
        assertThat(measured.usableLeanRadians(Side.RIGHT)).isCloseTo(lean, within(1e-6));
    }

    @Test
    void keepsTheComputedTurnBesideTheMeasuredOne() {
        MachineTurn measured = with(new MeasuredCircle(Side.LEFT, Posture.UPRIGHT, MeasuredLength.taped(6.4)));
        assertThat(measured.computed(Side.LEFT, Posture.UPRIGHT)).isEqualTo(TWIN.computed(Side.LEFT, Posture.UPRIGHT));
        assertThat(measured.best(Side.LEFT, Posture.UPRIGHT).circleWidthMetres(TWIN.frontTyreMetres()))
                .isCloseTo(6.4, within(ROUNDING));
    }

    @Test
    void pointsOutACircleTighterThanTheMachineIsLong() {
        MeasuredCircle circle = new MeasuredCircle(Side.LEFT, Posture.UPRIGHT, MeasuredLength.taped(2.5));
        assertThat(circle.check(Machines.twin())).hasValueSatisfying(f -> {
            assertThat(f.code()).isEqualTo("circle-too-small");
            assertThat(f.message().toString()).contains("2.50 m");
        });
        assertThat(with(circle).best(Side.LEFT, Posture.UPRIGHT)).isEqualTo(TWIN.best(Side.LEFT, Posture.UPRIGHT));
    }

    /** 4.4 m on a heavy tourer takes about 37° of lean; its boards touch before. Nothing is refused. */
    @Test
    void asksAboutALeanedCircleBeyondScraping() {
        MachineTurn tourer = new MachineTurn(
                MachineClass.find("tourer-1400").orElseThrow().typical(),
                List.of(leaned(4.4), new MeasuredCircle(Side.RIGHT, Posture.LEANED, MeasuredLength.taped(6))));
        assertThat(tourer.questions()).singleElement().satisfies(q -> {
            assertThat(q.code()).isEqualTo("circle-beyond-scraping");
            assertThat(q.message().toString())
                    .contains("4.40 m to the left takes about")
                    .contains("scrapes at");
        });
        assertThat(leaned(4.4).check(tourer.machine())).isEmpty();
    }

    @Test
    void asksAboutALeanedCircleThatIsNoSmallerThanUpright() {
        MachineTurn turn =
                new MachineTurn(MachineClass.find("twin-300").orElseThrow().typical(), List.of(leaned(6.5)));
        assertThat(turn.questions()).extracting(q -> q.code()).containsExactly("circle-not-leaned");
    }

    private static MeasuredCircle leaned(double metres) {
        return new MeasuredCircle(Side.LEFT, Posture.LEANED, MeasuredLength.taped(metres));
    }

    @Test
    void pointsOutACircleThatMeansAnImpossibleLock() {
        MeasuredCircle wide = new MeasuredCircle(Side.LEFT, Posture.UPRIGHT, MeasuredLength.taped(40));
        assertThat(wide.check(Machines.twin()))
                .hasValueSatisfying(f -> assertThat(f.code()).isEqualTo("circle-unlikely"));
        MeasuredCircle good = new MeasuredCircle(Side.LEFT, Posture.UPRIGHT, MeasuredLength.taped(5.6));
        assertThat(good.check(Machines.twin())).isEmpty();
    }

    @Test
    void aMeasuredMachineIsMoreCertainThanATypicalOne() {
        Machine measured = Machines.twin();
        for (MachineDimension d : MachineDimension.values()) {
            measured = new Machine(measured.transmission(), replaced(measured, d, Figure.measured(measured.value(d))));
        }
        double typical = TWIN.uncertaintyOf(t -> t.uTurnLimitMetres(Side.LEFT));
        double taped = MachineTurn.computed(measured).uncertaintyOf(t -> t.uTurnLimitMetres(Side.LEFT));
        assertThat(taped).isPositive().isLessThan(typical / 2);
    }

    /** A quantity linear in one input has exactly that input's uncertainty: wheelbase, typical, 3 cm. */
    @Test
    void propagatesALinearQuantityExactly() {
        assertThat(TWIN.uncertaintyOf(t -> 2 * t.wheelbaseMetres())).isCloseTo(0.06, within(ROUNDING));
        assertThat(TWIN.uncertaintyOf(t -> t.wheelbaseMetres() + t.frontTyreMetres()))
                .isCloseTo(Math.hypot(0.03, 0.01), within(ROUNDING));
    }

    /** Worked for a heavy tourer: 5.83 m upright, 5.24 m at 15° and 4.40 m at 30°; less lock to one side turns wider. */
    @Test
    void givesTheWiderSideAtEachLean() {
        Machine heavy = Machines.of("tourer-1400").with(MachineDimension.LOCK_LEFT, Math.toRadians(40));
        MachineTurn turn = MachineTurn.computed(heavy);
        for (double[] worked : new double[][] {{0, 5.83}, {15, 5.24}, {30, 4.40}}) {
            assertThat(turn.widerFullLock(Math.toRadians(worked[0])).uTurnWidthMetres(0.13))
                    .isCloseTo(worked[1], within(0.0101));
        }
    }

    @Test
    void refusesTwoCirclesForOneSideAndPosture() {
        MeasuredCircle circle = new MeasuredCircle(Side.LEFT, Posture.UPRIGHT, MeasuredLength.taped(5.6));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new MachineTurn(Machines.twin(), List.of(circle, circle)));
    }

    /** n = 1350/60 1/s, C = 1.93 m, i = 29: 1.497 m/s, 5.4 km/h. */
    @Test
    void walksAtIdle() {
        assertThat(Machines.twin().idleWalkingSpeedMetresPerSecond())
                .hasValueSatisfying(v -> assertThat(v).isCloseTo(1.4974, within(1e-4)));
        assertThat(Machines.of("scooter-125").idleWalkingSpeedMetresPerSecond()).isEmpty();
    }

    private static java.util.Map<MachineDimension, Figure> replaced(Machine m, MachineDimension d, Figure f) {
        java.util.Map<MachineDimension, Figure> figures = new java.util.EnumMap<>(m.figures());
        figures.put(d, f);
        return figures;
    }

    private static MachineTurn with(MeasuredCircle circle) {
        return new MachineTurn(Machines.twin(), List.of(circle));
    }

    private static MeasuredCircle circle(Side side, Posture posture, SteeredTurn ridden) {
        double diameter = ridden.circleWidthMetres(TWIN.frontTyreMetres());
        return new MeasuredCircle(side, posture, MeasuredLength.taped(diameter));
    }
}
