package wrenlane.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.machine.Side;
import wrenlane.run.RunRecord;

class LadderRuleTest {
    @ParameterizedTest
    @CsvSource({
        "'',      '',      HOLD",
        ".,       '',      HOLD",
        "..F.,    '....',  HOLD",
        "....,    '..',    CHANGE_SIDE",
        "...,     '',      CHANGE_SIDE",
        "....,    ....,    TIGHTEN",
        "F....,   .L...,   TIGHTEN",
        "FF...,   .....,   HOLD",
        "FLF..,   .....,   WIDEN",
        "FLF....., .....,  TIGHTEN",
        "....D,   .....,   WIDEN",
    })
    void movesOnALittlePastComfort(String left, String right, NextRun.Move move) {
        List<RunRecord> runs = new ArrayList<>(Runs.of(Side.LEFT, 1.3, left));
        runs.addAll(Runs.of(Side.RIGHT, 1.3, right));
        NextRun next = LadderRule.DEFAULT.advise(runs, Side.LEFT);
        assertThat(next.move()).isEqualTo(move);
        assertThat(next.reason()).endsWith(".");
    }

    @Test
    void saysWhatIsAskedForBeforeTheFirstRun() {
        assertThat(new LadderRule(3, 4).advise(List.of(), Side.RIGHT).reason())
                .isEqualTo("No runs at this setting yet; 3 clean of 4 tightens.");
    }

    @Test
    void treatsBothSidesAlike() {
        List<RunRecord> runs = Runs.of(Side.RIGHT, 1.3, "FLF");
        assertThat(LadderRule.DEFAULT.advise(runs, Side.RIGHT).move()).isEqualTo(NextRun.Move.WIDEN);
        assertThat(LadderRule.DEFAULT.advise(runs, Side.LEFT).move()).isEqualTo(NextRun.Move.HOLD);
    }

    @Test
    void refusesARuleThatCannotBeMet() {
        assertThatIllegalArgumentException().isThrownBy(() -> new LadderRule(6, 5));
        assertThatIllegalArgumentException().isThrownBy(() -> new LadderRule(0, 5));
    }
}
