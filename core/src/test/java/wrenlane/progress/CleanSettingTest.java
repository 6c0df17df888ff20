package wrenlane.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.RunRecord;
import wrenlane.simulation.VirtualRider;

class CleanSettingTest {
    @Test
    void saysNothingFromThreeRuns() {
        assertThat(CleanSetting.from(Runs.of(Side.LEFT, 1.3, "..F"))).isEmpty();
        assertThat(CleanSetting.from(Runs.of(Side.LEFT, 1.3, "..F."))).isPresent();
    }

    @Test
    void fourInFiveAtOneSettingIsThatSetting() {
        CleanSetting estimate =
                CleanSetting.from(Runs.of(Side.LEFT, 1.4, "....F".repeat(8))).orElseThrow();
        assertThat(estimate.tightness()).isBetween(1.37, 1.43);
        assertThat(estimate.lowTightness()).isLessThan(estimate.tightness());
        assertThat(estimate.highTightness()).isGreaterThan(estimate.tightness());
    }

    @Test
    void recentRunsAloneCount() {
        String latest = "....F..F....";
        assertThat(CleanSetting.recent(Runs.of(Side.LEFT, 1.4, "FFFFFFFF" + latest)))
                .isEqualTo(CleanSetting.from(Runs.of(Side.LEFT, 1.4, latest)));
    }

    @Test
    void moreRunsNarrowTheBand() {
        assertThat(band("....F".repeat(10))).isLessThan(band("....F"));
    }

    @Test
    void faultsNeverImproveTheEstimate() {
        assertThat(estimate("....F")).isGreaterThan(estimate("....."));
        assertThat(estimate("...FF")).isGreaterThan(estimate("....F"));
    }

    /** A simulated rider who does not learn, with m = 1.2 and w = 0.1: four in five at 1.2 + 0.1 ln 4 = 1.339. */
    @Test
    void findsWhatASimulatedRiderCanDo() {
        VirtualRider rider = new VirtualRider(new VirtualRider.Skill(1.2, 1.2, Side.RIGHT, 0, 0), 7);
        List<RunRecord> runs = new ArrayList<>();
        for (int i = 0; i < 400; i++) {
            double tightness = 1.05 + 0.1 * (i % 6);
            String outcome = rider.ride(Side.LEFT, tightness).isEmpty() ? "." : String.valueOf(Fault.LINE.letter());
            runs.addAll(Runs.of(Side.LEFT, tightness, outcome));
        }
        assertThat(CleanSetting.from(runs).orElseThrow().tightness()).isBetween(1.28, 1.39);
    }

    @Test
    void countsRunsAndFaults() {
        Tally tally = Tally.of(Runs.of(Side.LEFT, 1.3, "..FFL"));
        assertThat(tally.runs()).isEqualTo(5);
        assertThat(tally.clean()).isEqualTo(2);
        assertThat(tally.faults()).containsEntry(Fault.FOOT, 2).containsEntry(Fault.LINE, 1);
    }

    private static double band(String outcomes) {
        CleanSetting e = CleanSetting.from(Runs.of(Side.LEFT, 1.4, outcomes)).orElseThrow();
        return e.highTightness() - e.lowTightness();
    }

    private static double estimate(String outcomes) {
        return CleanSetting.from(Runs.of(Side.LEFT, 1.4, outcomes))
                .orElseThrow()
                .tightness();
    }
}
