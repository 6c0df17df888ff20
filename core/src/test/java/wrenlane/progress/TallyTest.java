package wrenlane.progress;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import wrenlane.machine.Side;
import wrenlane.run.Fault;

class TallyTest {
    @Test
    void countsRunsAndFaults() {
        Tally tally = Tally.of(Runs.of(Side.LEFT, 1.3, "..FFL"));
        assertThat(tally.runs()).isEqualTo(5);
        assertThat(tally.clean()).isEqualTo(2);
        assertThat(tally.faults()).containsEntry(Fault.FOOT, 2).containsEntry(Fault.LINE, 1);
    }
}
