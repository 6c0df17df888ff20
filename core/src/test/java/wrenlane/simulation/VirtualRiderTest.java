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
import wrenlane.verdict.SizeLadder;

class VirtualRiderTest {
    private static final VirtualRider.Skill SKILL = new VirtualRider.Skill(0.45, 0.65, Side.RIGHT, 0.08, 0.03);

    @Test
    void theSameSeedRidesTheSameRuns() {
        assertThat(ride(5, 100, 0.5)).isEqualTo(ride(5, 100, 0.5)).isNotEqualTo(ride(6, 100, 0.5));
    }

    @Test
    void growsWithPractice() {
        List<Set<Fault>> runs = ride(3, 200, 0.5);
        assertThat(clean(runs.subList(150, 200))).isGreaterThan(clean(runs.subList(0, 50)));
    }

    @Test
    void theWeakSideShows() {
        VirtualRider rider = new VirtualRider(new VirtualRider.Skill(0.55, 0.55, Side.RIGHT, 0.08, 0), 11);
        long left = IntStream.range(0, 200)
                .filter(i -> rider.ride(Side.LEFT, 0.5).isEmpty())
                .count();
        long right = IntStream.range(0, 200)
                .filter(i -> rider.ride(Side.RIGHT, 0.5).isEmpty())
                .count();
        assertThat(left).isGreaterThan(right + 40);
    }

    @Test
    void isSetASizeItCanNearlyRide() {
        VirtualRider rider = new VirtualRider(SKILL, 1);
        SizeLadder ladder = new SizeLadder(Stream.of(0.40, 0.45, 0.50, 0.56, 0.63, 0.71, 0.79)
                .map(t -> new SizeLadder.SizeStep(4 / t, Optional.of(t)))
                .toList());
        assertThat(rider.choose(ladder, Side.LEFT).difficulty().orElseThrow()).isBetween(0.40, 0.45);
        IntStream.range(0, 300).forEach(i -> rider.ride(Side.LEFT, 0.5));
        assertThat(rider.choose(ladder, Side.LEFT).difficulty().orElseThrow()).isGreaterThan(0.55);
    }

    @Test
    void refusesASkillThatGetsWorse() {
        assertThatIllegalArgumentException().isThrownBy(() -> new VirtualRider.Skill(0.6, 0.5, Side.LEFT, 0, 0.1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new VirtualRider.Skill(0.5, 0.6, Side.LEFT, Double.NaN, 0.1));
    }

    private static List<Set<Fault>> ride(long seed, int runs, double difficulty) {
        VirtualRider rider = new VirtualRider(SKILL, seed);
        return IntStream.range(0, runs)
                .mapToObj(i -> rider.ride(Side.LEFT, difficulty))
                .toList();
    }

    private static long clean(List<Set<Fault>> runs) {
        return runs.stream().filter(Set::isEmpty).count();
    }

    /** What is said of a run does not change the riding; of a clean one nothing is said, and the weak side has its habit. */
    @Test
    void whatIsSaidOfRunsDoesNotChangeThem() {
        VirtualRider.Skill skill = new VirtualRider.Skill(0.5, 0.5, Side.RIGHT, 0.04, 0);
        VirtualRider silent = new VirtualRider(skill, 3);
        VirtualRider told = new VirtualRider(skill, 3);
        int late = 0;
        int wide = 0;
        for (int i = 0; i < 400; i++) {
            Set<Fault> faults = silent.ride(Side.RIGHT, 0.5);
            assertThat(told.ride(Side.RIGHT, 0.5)).isEqualTo(faults);
            Set<Technique> seen = told.seen(Side.RIGHT, faults);
            assertThat(faults.isEmpty() && !seen.isEmpty()).isFalse();
            wide += faults.contains(Fault.LINE) && !seen.isEmpty() ? 1 : 0;
            late += faults.contains(Fault.LINE) && seen.contains(Technique.HEAD_LATE) ? 1 : 0;
        }
        assertThat(late).isGreaterThan(wide * 7 / 10).isLessThan(wide);
    }
}
