package wrenlane.coaching.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wrenlane.coaching.advice.Advice.Move;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.Run;
import wrenlane.run.RunFixture;

class CoachingRulesTest {
    private static final CoachingRules RULES = CoachingRules.USUAL;

    /** Runs as {@code L.} or {@code RF}: the side, then a dot for a clean one or the letters of its faults. */
    private static List<Run> history(String said) {
        List<Run> runs = new ArrayList<>();
        for (String one : said.isBlank() ? new String[0] : said.split(" ")) {
            Set<Fault> faults = new HashSet<>();
            Arrays.stream(Fault.values())
                    .filter(f -> one.indexOf(f.letter(), 1) > 0)
                    .forEach(faults::add);
            runs.add(RunFixture.run(
                    one.charAt(0) == 'L' ? Side.LEFT : Side.RIGHT, 7, faults, Instant.EPOCH.plusSeconds(runs.size())));
        }
        return runs;
    }

    @ParameterizedTest
    @CsvFileSource(resources = "histories.csv", numLinesToSkip = 1)
    void advisesAsWorkedOutByHand(
            String history, boolean isNew, Side side, Move move, String reasonHas, String source) {
        Advice advice = RULES.advise(history(history == null ? "" : history), isNew, side);
        assertThat(advice.move()).as(source).isEqualTo(move);
        assertThat(advice.reason().toString()).as(source).contains(reasonHas).endsWith(".");
    }

    /** On a lane every run counts, whichever side is written with it, and nothing is said of sides or widths. */
    @ParameterizedTest
    @CsvSource({
        "'', HOLD, No runs yet",
        "L. R. L., HOLD, 3 of 3 clean: stay",
        "L. R. L. L., SLOWER, 4 of the last 5 clean",
        "L. RF, CUE, the same again",
        "RF LF RF, HOLD, Go back to the drill before",
        "L. LD, HOLD, A drop"
    })
    void adviseOnACourseRiddenStraightOnWithoutSidesOrWidths(String history, Move move, String reasonHas) {
        Advice advice = RULES.adviseStraight(history(history));
        assertThat(advice.move()).isEqualTo(move);
        assertThat(advice.reason().toString())
                .contains(reasonHas)
                .doesNotContain("left", "right", "tighten", "wider", "size");
    }

    /** Swapping the sides swaps nothing but the words. */
    @Test
    void treatsBothSidesAlike() {
        SplittableRandom random = new SplittableRandom(11);
        for (int n = 0; n < 500; n++) {
            StringBuilder said = new StringBuilder();
            for (int i = 0; i < 1 + random.nextInt(14); i++) {
                said.append(random.nextBoolean() ? "L" : "R")
                        .append(
                                random.nextInt(3) > 0
                                        ? "."
                                        : "FLC".substring(random.nextInt(3)).substring(0, 1))
                        .append(' ');
            }
            String history = said.toString().strip();
            String swapped =
                    history.replaceAll("\\bL", "x").replaceAll("\\bR", "L").replaceAll("\\bx", "R");
            boolean isNew = random.nextBoolean();
            assertThat(RULES.advise(history(swapped), isNew, Side.RIGHT).move())
                    .as(history)
                    .isEqualTo(RULES.advise(history(history), isNew, Side.LEFT).move());
        }
    }

    /** A clean run more never leads to widening. */
    @Test
    void aCleanRunNeverWidens() {
        SplittableRandom random = new SplittableRandom(12);
        for (int n = 0; n < 500; n++) {
            StringBuilder said = new StringBuilder();
            for (int i = 0; i < random.nextInt(12); i++) {
                said.append(random.nextBoolean() ? "L" : "R").append(random.nextInt(2) > 0 ? ". " : "F ");
            }
            Advice advice = RULES.advise(history(said + "L."), false, Side.LEFT);
            assertThat(advice.move()).as(said.toString()).isNotIn(Move.WIDEN, Move.CUE);
        }
    }

    @ParameterizedTest
    @EnumSource(FaultCue.class)
    void everyCueCanBeCalledAcrossAYard(FaultCue cue) {
        assertThat(cue.cue().split(" ")).hasSizeBetween(1, 5);
    }

    @Test
    void everyFaultHasItsCue() {
        for (Fault fault : Fault.values()) {
            assertThat(FaultCue.of(Set.of(fault)).fault()).isEqualTo(fault);
        }
        assertThat(FaultCue.of(Set.of(Fault.LINE, Fault.FOOT))).isEqualTo(FaultCue.FOOT);
        assertThatIllegalArgumentException().isThrownBy(() -> FaultCue.of(Set.of()));
    }

    @ParameterizedTest
    @CsvSource({
        "6, 5, 3, 2, 3, 2",
        "0, 5, 3, 2, 3, 2",
        "4, 5, -1, 2, 3, 2",
        "4, 5, 3, 0, 3, 2",
        "4, 5, 3, 2, 0, 2",
        "4, 5, 3, 2, 3, 7"
    })
    void refusesRulesNobodyCouldKeep(int clean, int of, int unscored, int cues, int ahead, int easier) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new CoachingSettings(clean, of, unscored, cues, ahead, easier));
    }
}
