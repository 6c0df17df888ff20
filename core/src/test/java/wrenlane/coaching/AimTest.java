package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.finding.Said;
import wrenlane.machine.Side;
import wrenlane.verdict.Ladder;

class AimTest {
    private static final Advice TIGHTEN =
            new Advice(Advice.Move.TIGHTEN, Said.plain("4 of the last 5 clean on both sides."));

    private static final Ladder LADDER = new Ladder(Stream.of(1.9, 1.7, 1.5, 1.35, 1.22, 1.12, 1.05)
            .map(t -> new Ladder.Rung(5 * t, Optional.of(t)))
            .toList());

    /** Clean four times in five at a tightness, over a width of 0.1. */
    private static DoubleUnaryOperator fourInFiveAt(double tightness) {
        return t -> 1 / (1 + Math.exp(-(t - tightness) / 0.1 - Math.log(4)));
    }

    private static Advice heldBack(double settingMetres, DoubleUnaryOperator chances) {
        return Aim.USUAL.heldBack(TIGHTEN, settingMetres, LADDER, chances);
    }

    /** At 1.5 it is 1 / (1 + exp(−0.15/0.1)/4) = 0.947, at 1.35 0.800, at 1.22 0.522: 1.35 lies nearest to 0.75. */
    @Test
    void theRungNearestToWhatIsAimedAtIsTheOneToWorkOn() {
        Aim.Likely at = Aim.USUAL.rung(LADDER, fourInFiveAt(1.35)).orElseThrow();
        assertThat(at.rung().tightness()).contains(1.35);
        assertThat(at.chance()).isCloseTo(0.8, within(1e-9));
        assertThat(new Aim(0.55)
                        .rung(LADDER, fourInFiveAt(1.35))
                        .orElseThrow()
                        .rung()
                        .tightness())
                .contains(1.22);
        assertThat(new Aim(0.92)
                        .rung(LADDER, fourInFiveAt(1.35))
                        .orElseThrow()
                        .rung()
                        .tightness())
                .contains(1.5);
    }

    @Test
    void aimingAtMoreNeverGivesATighterRung() {
        double before = 0;
        for (double aim = Aim.LEAST; aim <= Aim.MOST; aim += 0.01) {
            double tightness = new Aim(aim)
                    .rung(LADDER, fourInFiveAt(1.31))
                    .orElseThrow()
                    .rung()
                    .tightness()
                    .orElseThrow();
            assertThat(tightness).isGreaterThanOrEqualTo(before);
            before = tightness;
        }
    }

    @Test
    void thereIsNoneWithoutRungsOrWithoutTightness() {
        assertThat(Aim.USUAL.rung(new Ladder(List.of()), fourInFiveAt(1.3))).isEmpty();
        assertThat(Aim.USUAL.rung(new Ladder(List.of(new Ladder.Rung(1, Optional.empty()))), fourInFiveAt(1.3)))
                .isEmpty();
    }

    @Test
    void tighteningIsHeldBackWhereTheNextRungLiesTooFarBelow() {
        Advice advice = heldBack(5 * 1.35, fourInFiveAt(1.35));
        assertThat(advice.move()).isEqualTo(Advice.Move.HOLD);
        assertThat(advice.reason().toString())
                .contains("6.10 m")
                .contains("52 in 100")
                .contains("75");
    }

    @Test
    void tighteningStandsWhereTheNextRungIsNearer() {
        assertThat(heldBack(5 * 1.5, fourInFiveAt(1.35))).isEqualTo(TIGHTEN);
        assertThat(heldBack(5 * 1.35, fourInFiveAt(1.2))).isEqualTo(TIGHTEN);
    }

    @Test
    void onTheLastRungThereIsNothingToHoldBackFrom() {
        assertThat(heldBack(5 * 1.05, fourInFiveAt(1.35))).isEqualTo(TIGHTEN);
    }

    @Test
    void allElseIsLeftAsTheRulesHaveIt() {
        Advice widen = new Advice(Advice.Move.WIDEN, Said.plain("A drop."));
        assertThat(Aim.USUAL.heldBack(widen, 5 * 1.35, LADDER, fourInFiveAt(1.05)))
                .isSameAs(widen);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.4999, 0.9501, 0, -0.75, Double.NaN})
    void refusesWhatTeachesNothing(double chance) {
        assertThatIllegalArgumentException().isThrownBy(() -> new Aim(chance)).withMessageContaining("0.95");
    }

    @Test
    void aStandstillNamesTheSidesThatStandStill() {
        assertThat(Standstill.of(Set.of(Side.RIGHT))).startsWith("The right side has stood still for four lessons.");
        assertThat(Standstill.of(Set.of(Side.RIGHT, Side.LEFT))).startsWith("The left and right sides have");
        assertThatIllegalArgumentException().isThrownBy(() -> Standstill.of(Set.of()));
    }
}
