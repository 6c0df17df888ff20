package wrenlane.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static wrenlane.drill.Drills.drill;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wrenlane.drill.DrillMastery.State;
import wrenlane.rider.RidingMethod;

class DrillMasteryTest {
    private static final Catalogue CATALOGUE = new Catalogue(List.of(
            drill("bite", Stage.FIND_THE_ZONE),
            drill("lane", Stage.STRAIGHT_CONTROL, "bite"),
            drill("circle", Stage.WIDE_TURNS, "lane"),
            drill("u-turn", Stage.U_TURNS, "circle")));

    private static List<State> states(Set<String> here, Set<String> any, Set<String> tried) {
        return masteryOfDrills(here, any, tried).stream()
                .map(DrillMastery::state)
                .toList();
    }

    private static List<DrillMastery> masteryOfDrills(Set<String> here, Set<String> any, Set<String> tried) {
        return DrillMastery.of(
                Drills.taught(CATALOGUE, RidingMethod.DRAG), new DrillMastery.MasteryEvidence(here, any, tried));
    }

    @Test
    void aBeginnerHasTheFirstDrillNext() {
        assertThat(states(Set.of(), Set.of(), Set.of()))
                .containsExactly(State.NEXT, State.NOT_YET, State.NOT_YET, State.NOT_YET);
    }

    @Test
    void whatIsTriedIsWorkedOnAndHoldsUpWhatRestsOnIt() {
        List<DrillMastery> masteryOfDrills = masteryOfDrills(Set.of("bite"), Set.of("bite"), Set.of("bite", "lane"));
        assertThat(masteryOfDrills)
                .extracting(DrillMastery::state)
                .containsExactly(State.MASTERED, State.WORKING_ON, State.NOT_YET, State.NOT_YET);
        assertThat(masteryOfDrills.get(2).because()).containsExactly("lane");
    }

    @Test
    void anotherMachineOpensTheFirstStageAnewWithFewerRuns() {
        Set<String> all = Set.of("bite", "lane", "circle");
        List<DrillMastery> masteryOfDrills = masteryOfDrills(Set.of(), all, Set.of());
        assertThat(masteryOfDrills)
                .extracting(DrillMastery::state)
                .containsExactly(State.NEXT, State.MASTERED, State.MASTERED, State.NEXT);
        assertThat(masteryOfDrills.get(0).fewerRuns()).isTrue();
        assertThat(masteryOfDrills.get(3).fewerRuns()).isFalse();
    }

    @Test
    void whatAMasteredDrillRestsOnIsMasteredToo() {
        List<DrillMastery> masteryOfDrills = masteryOfDrills(Set.of("circle"), Set.of("circle"), Set.of());
        assertThat(masteryOfDrills)
                .extracting(DrillMastery::state)
                .containsExactly(State.MASTERED, State.MASTERED, State.MASTERED, State.NEXT);
        assertThat(masteryOfDrills).extracting(DrillMastery::implied).containsExactly(true, true, false, false);
    }

    @Test
    void onAnotherMachineTheFirstStageIsNotImplied() {
        assertThat(states(Set.of(), Set.of("circle"), Set.of()))
                .containsExactly(State.NEXT, State.MASTERED, State.MASTERED, State.NEXT);
    }

    @Test
    void masteringMoreNeverTakesADrillBack() {
        List<String> ids = List.of("bite", "lane", "circle", "u-turn");
        for (int n = 0; n < ids.size(); n++) {
            Set<String> some = Set.copyOf(ids.subList(0, n));
            Set<String> more = Set.copyOf(ids.subList(0, n + 1));
            List<State> before = states(some, some, Set.of());
            List<State> after = states(more, more, Set.of());
            for (int i = 0; i < ids.size(); i++) {
                assertThat(after.get(i)).isLessThanOrEqualTo(before.get(i));
            }
        }
    }
}
