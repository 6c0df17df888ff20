package wrenlane.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.drill.DrillRiding.Sides;
import wrenlane.drill.PassMark.Measure;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.RunRecord;

class PassMarkTest {
    /** Runs as L or R, small where faulty, all at one tightness. */
    private static List<RunRecord> runs(String said, double tightness) {
        List<RunRecord> runs = new ArrayList<>();
        for (char c : said.toCharArray()) {
            runs.add(new RunRecord(
                    Character.toUpperCase(c) == 'L' ? Side.LEFT : Side.RIGHT,
                    6,
                    Optional.of(tightness),
                    Character.isUpperCase(c) ? Set.of() : Set.of(Fault.LINE),
                    Instant.EPOCH.plusSeconds(runs.size())));
        }
        return runs;
    }

    @ParameterizedTest
    @CsvSource({
        "LLLLRRRR, EACH, true",
        "LLLLRRR, EACH, false",
        "LLLLLLLL, EACH, false",
        "LLLLLLLL, LINKED, true",
        "LLLLlRRRR, EACH, true",
        "LLLLllRRRR, EACH, false",
        "lllLLLLRRRR, EACH, true",
        "'', LINKED, false"
    })
    void fourOfTheLastFiveOnEachSideThatIsRiddenAlone(String runs, Sides sides, boolean met) {
        assertThat(DrillRuns.meet(Drills.cleanRuns(1.5), sides, runs(runs, 1.5)))
                .isEqualTo(met);
    }

    @ParameterizedTest
    @CsvSource({"1.3, true", "1.5, true", "1.53, true", "1.55, false", "1.9, false"})
    void onlyRunsAsTightAsTheRungCount(double tightness, boolean met) {
        assertThat(DrillRuns.meet(Drills.cleanRuns(1.5), Sides.LINKED, runs("LLLLL", tightness)))
                .isEqualTo(met);
    }

    @ParameterizedTest
    @CsvSource({
        "TIME_SECONDS, 12, 12, true",
        "TIME_SECONDS, 12, 11.9, false",
        "PLANK_METRES, 0.1, 0.1, true",
        "PLANK_METRES, 0.1, 0.11, false"
    })
    void aScoreReachesItsTarget(Measure measure, double target, double score, boolean reached) {
        assertThat(new PassMark(measure, 3, 3, Optional.of(target), Optional.empty()).reachedBy(score))
                .isEqualTo(reached);
    }

    @Test
    void scoresAreNotMetByRuns() {
        PassMark slow = new PassMark(Measure.TIME_SECONDS, 1, 1, Optional.of(12.0), Optional.empty());
        assertThat(DrillRuns.meet(slow, Sides.STRAIGHT, runs("LLLL", 1.5))).isFalse();
    }

    @ParameterizedTest
    @CsvSource({"4, 5, 2, 3", "3, 3, 2, 2", "1, 1, 1, 1", "2, 5, 1, 3"})
    void aNewMachineAsksForHalfAsMany(int clean, int of, int fewer, int ofFewer) {
        PassMark mark = new PassMark(Measure.CLEAN_RUNS, clean, of, Optional.empty(), Optional.empty());
        assertThat(mark.forANewMachine())
                .isEqualTo(new PassMark(Measure.CLEAN_RUNS, fewer, ofFewer, Optional.empty(), Optional.empty()));
    }

    @Test
    void onlyTheFirstStageIsShownAgainOnAnotherMachine() {
        Drill first = Drills.drill("first", Stage.FIND_THE_ZONE);
        Drill second = Drills.drill("second", Stage.STRAIGHT_CONTROL);
        assertThat(first.passAgain(true)).isEqualTo(first.pass().forANewMachine());
        assertThat(first.passAgain(false)).isEqualTo(first.pass());
        assertThat(second.passAgain(true)).isEqualTo(second.pass());
    }

    @ParameterizedTest
    @CsvSource({"0, 5", "6, 5", "4, 21"})
    void refusesMarksNobodyCanReach(int clean, int of) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PassMark(Measure.CLEAN_RUNS, clean, of, Optional.empty(), Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({"NaN", "0", "-1", "1000"})
    void refusesTargetsOutOfRange(double target) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PassMark(Measure.TIME_SECONDS, 1, 1, Optional.of(target), Optional.empty()));
    }

    @Test
    void aScoreNeedsATargetAndCleanRunsHaveNone() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PassMark(Measure.TIME_SECONDS, 1, 1, Optional.empty(), Optional.empty()));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PassMark(Measure.CLEAN_RUNS, 1, 1, Optional.of(3.0), Optional.empty()));
    }
}
