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
import wrenlane.coaching.advice.Advice;
import wrenlane.finding.Sentence;
import wrenlane.machine.Side;
import wrenlane.verdict.SizeLadder;

class AimTest {
    private static final Advice TIGHTEN =
            new Advice(Advice.Move.TIGHTEN, Sentence.plain("4 of the last 5 clean on both sides."));

    private static final SizeLadder LADDER = new SizeLadder(Stream.of(0.40, 0.45, 0.50, 0.56, 0.63, 0.71, 0.79)
            .map(t -> new SizeLadder.SizeStep(4 / t, Optional.of(t)))
            .toList());

    /** Clean four times in five at a difficulty, over a width of 0.1. */
    private static DoubleUnaryOperator fourInFiveAt(double difficulty) {
        return d -> 1 / (1 + Math.exp(Math.log(d / difficulty) / 0.1 - Math.log(4)));
    }

    private static Advice heldBack(double settingMetres, DoubleUnaryOperator chances) {
        return Aim.USUAL.heldBack(TIGHTEN, settingMetres, LADDER, chances);
    }

    /** At 0.50 it is 1 / (1 + exp(ln(0.50/0.56)/0.1)/4) = 0.926, at 0.56 0.800, at 0.63 0.552: 0.56 lies nearest to 0.75. */
    @Test
    void theSizeNearestToWhatIsAimedAtIsTheOneToWorkOn() {
        Aim.SizeChance at = Aim.USUAL.size(LADDER, fourInFiveAt(0.56)).orElseThrow();
        assertThat(at.size().difficulty()).contains(0.56);
        assertThat(at.chance()).isCloseTo(0.8, within(1e-9));
        assertThat(new Aim(0.55)
                        .size(LADDER, fourInFiveAt(0.56))
                        .orElseThrow()
                        .size()
                        .difficulty())
                .contains(0.63);
        assertThat(new Aim(0.92)
                        .size(LADDER, fourInFiveAt(0.56))
                        .orElseThrow()
                        .size()
                        .difficulty())
                .contains(0.50);
    }

    @Test
    void aimingAtMoreNeverGivesATighterSize() {
        double before = 1;
        for (double aim = Aim.LEAST; aim <= Aim.MOST; aim += 0.01) {
            double difficulty = new Aim(aim)
                    .size(LADDER, fourInFiveAt(0.58))
                    .orElseThrow()
                    .size()
                    .difficulty()
                    .orElseThrow();
            assertThat(difficulty).isLessThanOrEqualTo(before);
            before = difficulty;
        }
    }

    @Test
    void thereIsNoneWithoutSizesOrWithoutDifficulty() {
        assertThat(Aim.USUAL.size(new SizeLadder(List.of()), fourInFiveAt(0.6))).isEmpty();
        assertThat(Aim.USUAL.size(
                        new SizeLadder(List.of(new SizeLadder.SizeStep(1, Optional.empty()))), fourInFiveAt(0.6)))
                .isEmpty();
    }

    @Test
    void tighteningIsHeldBackWhereTheNextSizeLiesTooFarBelow() {
        Advice advice = heldBack(4 / 0.56, fourInFiveAt(0.56));
        assertThat(advice.move()).isEqualTo(Advice.Move.HOLD);
        assertThat(advice.reason().toString())
                .contains("6.35 m")
                .contains("55 %")
                .contains("75");
    }

    @Test
    void tighteningStandsWhereTheNextSizeIsNearer() {
        assertThat(heldBack(4 / 0.50, fourInFiveAt(0.56))).isEqualTo(TIGHTEN);
        assertThat(heldBack(4 / 0.56, fourInFiveAt(0.65))).isEqualTo(TIGHTEN);
    }

    @Test
    void onTheLastSizeThereIsNothingToHoldBackFrom() {
        assertThat(heldBack(4 / 0.79, fourInFiveAt(0.56))).isEqualTo(TIGHTEN);
    }

    @Test
    void allElseIsLeftAsTheRulesHaveIt() {
        Advice widen = new Advice(Advice.Move.WIDEN, Sentence.plain("A drop."));
        assertThat(Aim.USUAL.heldBack(widen, 4 / 0.56, LADDER, fourInFiveAt(0.79)))
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
