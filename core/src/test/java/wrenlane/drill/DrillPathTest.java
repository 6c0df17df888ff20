package wrenlane.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static wrenlane.drill.Drills.drill;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wrenlane.rider.RidingMethod;

class DrillPathTest {
    /** Two drills of the circle, named before what they rest on, and drills without a course. */
    private static final Catalogue CATALOGUE = new Catalogue(List.of(
            Drills.alone("bite", Stage.FIND_THE_ZONE, 6),
            Drills.alone("reach", Stage.FIND_THE_ZONE, 6),
            Drills.alone("aside", Stage.FIND_THE_ZONE, 6),
            drill("tight", Stage.WIDE_TURNS, "wide", "reach"),
            drill("wide", Stage.WIDE_TURNS, "bite")));

    private static List<String> path(String kind, Set<String> mastered) {
        List<TaughtDrill> taught = Drills.taught(CATALOGUE, RidingMethod.DRAG);
        return DrillPath.to(
                kind,
                CATALOGUE,
                taught,
                DrillMastery.of(taught, new DrillMastery.MasteryEvidence(mastered, mastered, Set.of())));
    }

    @Test
    void eachComesAfterWhatItRestsOnAndWhatLiesAsideIsLeftOut() {
        assertThat(path("circle", Set.of())).containsExactly("bite", "wide", "reach", "tight");
    }

    @Test
    void whatIsMasteredIsLeftOutWithWhatItRestsOn() {
        assertThat(path("circle", Set.of("wide"))).containsExactly("reach", "tight");
        assertThat(path("circle", Set.of("tight"))).isEmpty();
    }

    @Test
    void onAnotherMachineTheFirstStageComesFirstAnew() {
        List<TaughtDrill> taught = Drills.taught(CATALOGUE, RidingMethod.DRAG);
        DrillMastery.MasteryEvidence known = new DrillMastery.MasteryEvidence(Set.of(), Set.of("wide"), Set.of());
        assertThat(DrillPath.to("circle", CATALOGUE, taught, DrillMastery.of(taught, known)))
                .as("wide is mastered, and bite, which it rests on, is not on this machine")
                .containsExactly("bite", "reach", "tight");
    }

    @Test
    void aKindThatNoDrillIsForHasNoPath() {
        assertThat(path("weave", Set.of())).isEmpty();
    }
}
