package wrenlane.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.Technique;
import wrenlane.verdict.Ladder;

class VirtualRiderTest {
    private static final VirtualRider.Skill SKILL = new VirtualRider.Skill(1.7, 1.2, Side.RIGHT, 0.2, 0.03);

    @Test
    void theSameSeedRidesTheSameRuns() {
        assertThat(ride(5, 100, 1.6)).isEqualTo(ride(5, 100, 1.6)).isNotEqualTo(ride(6, 100, 1.6));
    }

    @Test
    void growsWithPractice() {
        List<Set<Fault>> runs = ride(3, 200, 1.6);
        assertThat(clean(runs.subList(150, 200))).isGreaterThan(clean(runs.subList(0, 50)));
    }

    @Test
    void theWeakSideShows() {
        VirtualRider rider = new VirtualRider(new VirtualRider.Skill(1.4, 1.4, Side.RIGHT, 0.2, 0), 11);
        long left = IntStream.range(0, 200)
                .filter(i -> rider.ride(Side.LEFT, 1.5).isEmpty())
                .count();
        long right = IntStream.range(0, 200)
                .filter(i -> rider.ride(Side.RIGHT, 1.5).isEmpty())
                .count();
        assertThat(left).isGreaterThan(right + 40);
    }

    @Test
    void isSetARungItCanNearlyRide() {
        VirtualRider rider = new VirtualRider(SKILL, 1);
        Ladder ladder = new Ladder(Stream.of(1.9, 1.7, 1.5, 1.35, 1.22, 1.12, 1.05)
                .map(t -> new Ladder.Rung(5 * t, Optional.of(t)))
                .toList());
        assertThat(rider.choose(ladder, Side.LEFT).tightness().orElseThrow()).isBetween(1.7, 1.95);
        IntStream.range(0, 300).forEach(i -> rider.ride(Side.LEFT, 1.5));
        assertThat(rider.choose(ladder, Side.LEFT).tightness().orElseThrow()).isLessThan(1.4);
    }

    @Test
    void refusesASkillThatGetsWorse() {
        assertThatIllegalArgumentException().isThrownBy(() -> new VirtualRider.Skill(1.2, 1.4, Side.LEFT, 0, 0.1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new VirtualRider.Skill(1.4, 1.2, Side.LEFT, Double.NaN, 0.1));
    }

    private static List<Set<Fault>> ride(long seed, int runs, double tightness) {
        VirtualRider rider = new VirtualRider(SKILL, seed);
        return IntStream.range(0, runs)
                .mapToObj(i -> rider.ride(Side.LEFT, tightness))
                .toList();
    }

    private static long clean(List<Set<Fault>> runs) {
        return runs.stream().filter(Set::isEmpty).count();
    }

    /** What is said of a run does not change the riding; of a clean one nothing is said, and the weak side has its habit. */
    @Test
    void whatIsSaidOfRunsDoesNotChangeThem() {
        VirtualRider.Skill skill = new VirtualRider.Skill(1.6, 1.6, Side.RIGHT, 0.1, 0);
        VirtualRider silent = new VirtualRider(skill, 3);
        VirtualRider told = new VirtualRider(skill, 3);
        int late = 0;
        int wide = 0;
        for (int i = 0; i < 400; i++) {
            Set<Fault> faults = silent.ride(Side.RIGHT, 1.55);
            assertThat(told.ride(Side.RIGHT, 1.55)).isEqualTo(faults);
            Set<Technique> seen = told.seen(Side.RIGHT, faults);
            assertThat(faults.isEmpty() && !seen.isEmpty()).isFalse();
            wide += faults.contains(Fault.LINE) && !seen.isEmpty() ? 1 : 0;
            late += faults.contains(Fault.LINE) && seen.contains(Technique.HEAD_LATE) ? 1 : 0;
        }
        assertThat(late).isGreaterThan(wide * 7 / 10).isLessThan(wide);
    }
}
