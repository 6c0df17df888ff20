package wrenlane.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static wrenlane.drill.Drills.after;
import static wrenlane.drill.Drills.drill;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.finding.Finding;
import wrenlane.machine.Transmission;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;

class CatalogueTest {
    private static final Set<String> KINDS = Set.of("circle");
    private static final Set<RidingMethod> ALL = EnumSet.allOf(RidingMethod.class);

    /** A slow lane with the brake: taught at once in one school, after the U-turn in another, in the rest not at all. */
    private static Catalogue withABrakeLane() {
        Adaptation later = new Adaptation(
                Optional.of("Add the foot"), Optional.empty(), List.of("Let it cool."), List.of("u-turn"), true);
        return new Catalogue(List.of(
                drill("lane", Stage.STRAIGHT_CONTROL),
                drill(
                        "brake-lane",
                        Stage.STRAIGHT_CONTROL,
                        Map.of(RidingMethod.CLUTCH_FIRST, later),
                        EnumSet.of(RidingMethod.DRAG, RidingMethod.CLUTCH_FIRST),
                        "lane"),
                drill("walking-pace", Stage.STRAIGHT_CONTROL, "brake-lane"),
                drill("u-turn", Stage.U_TURNS, "walking-pace"),
                drill("brake-ladder", Stage.U_TURNS, "u-turn", "brake-lane")));
    }

    private static List<String> codes(Drill... drills) {
        return new Catalogue(List.of(drills))
                .check(KINDS).stream().map(Finding::code).toList();
    }

    @Test
    void aDrillIsTaughtAfterWhatItRestsOn() {
        assertThat(after(withABrakeLane(), RidingMethod.DRAG, "walking-pace")).containsExactly("brake-lane");
    }

    @Test
    void whatIsNotTaughtIsReplacedByWhatItRestsOn() {
        assertThat(after(withABrakeLane(), RidingMethod.LOOSE_GROUND, "walking-pace"))
                .containsExactly("lane");
    }

    @Test
    void whatIsLeftOutIsReplacedByWhatItRestsOn() {
        Catalogue without = new Catalogue(withABrakeLane().drills(), Set.of("brake-lane"));
        assertThat(after(without, RidingMethod.DRAG, "walking-pace")).containsExactly("lane");
        assertThat(Drills.taught(without, RidingMethod.DRAG))
                .extracting(TaughtDrill::id)
                .doesNotContain("brake-lane");
    }

    @Test
    void whatASchoolPutsLaterNoLongerHoldsUpWhatComesBefore() {
        assertThat(after(withABrakeLane(), RidingMethod.CLUTCH_FIRST, "walking-pace"))
                .isEmpty();
        assertThat(after(withABrakeLane(), RidingMethod.CLUTCH_FIRST, "brake-lane"))
                .containsExactly("lane", "u-turn");
    }

    @Test
    void whatRestsOnBothStillWaitsForBoth() {
        assertThat(after(withABrakeLane(), RidingMethod.CLUTCH_FIRST, "brake-ladder"))
                .containsExactly("u-turn", "brake-lane");
    }

    @Test
    void aSchoolChangesCueStepsAndCautions() {
        TaughtDrill taught = Drills.taught(withABrakeLane(), RidingMethod.CLUTCH_FIRST).stream()
                .filter(d -> d.id().equals("brake-lane"))
                .findFirst()
                .orElseThrow();
        assertThat(taught.cue()).isEqualTo("Add the foot");
        assertThat(taught.cautions()).containsExactly("Care.", "Let it cool.");
        assertThat(taught.steps()).extracting(DrillStep::says).containsExactly("none", "touched", "held");
    }

    @Test
    void sayingWhatAnotherSchoolChanges() {
        List<TeachingChange> changes = withABrakeLane()
                .changes(
                        Teaching.usual(RidingMethod.DRAG),
                        Teaching.usual(RidingMethod.CLUTCH_FIRST),
                        Transmission.HAND_CLUTCH,
                        RiderLevel.NOVICE);
        assertThat(changes).hasSize(1);
        assertThat(changes.get(0).details())
                .containsExactly(
                        "Cue: “Add the foot” for “Chin up”.",
                        "Steps the other way round, from “none” to “held”.",
                        "Let it cool.");
        assertThat(withABrakeLane()
                        .changes(
                                Teaching.usual(RidingMethod.DRAG),
                                Teaching.usual(RidingMethod.LOOSE_GROUND),
                                Transmission.HAND_CLUTCH,
                                RiderLevel.NOVICE))
                .extracting(TeachingChange::id, TeachingChange::what)
                .containsExactly(tuple("brake-lane", TeachingChange.ChangeKind.GOES));
    }

    @Test
    void changingTheSchoolAndBackChangesNothing() {
        for (RidingMethod school : RidingMethod.values()) {
            assertThat(withABrakeLane()
                            .changes(
                                    Teaching.usual(school),
                                    Teaching.usual(school),
                                    Transmission.HAND_CLUTCH,
                                    RiderLevel.NOVICE))
                    .isEmpty();
        }
    }

    @Test
    void aRightCatalogueHasNothingWrong() {
        assertThat(withABrakeLane().check(KINDS)).isEmpty();
    }

    @Test
    void findsACircle() {
        assertThat(codes(drill("a", Stage.U_TURNS, "b"), drill("b", Stage.U_TURNS, "a"), drill("c", Stage.U_TURNS)))
                .containsExactly("drill-circle", "drill-circle");
    }

    @Test
    void findsACircleThatOnlyOneSchoolMakes() {
        Adaptation restsOnB = new Adaptation(Optional.empty(), Optional.empty(), List.of(), List.of("b"), false);
        assertThat(codes(
                        drill("a", Stage.U_TURNS, Map.of(RidingMethod.DRAG, restsOnB), ALL),
                        drill("b", Stage.U_TURNS, Map.of(RidingMethod.DRAG, restsOn("a")), ALL)))
                .containsExactly("drill-circle", "drill-circle");
    }

    private static Adaptation restsOn(String id) {
        return new Adaptation(Optional.empty(), Optional.empty(), List.of(), List.of(id), false);
    }

    @Test
    void findsWhatIsNotThereOrTwice() {
        assertThat(codes(drill("a", Stage.U_TURNS, "nowhere"))).containsExactly("no-such-drill");
        assertThat(codes(drill("a", Stage.U_TURNS), drill("a", Stage.U_TURNS))).containsExactly("drill-twice");
        assertThat(new Catalogue(List.of(drill("a", Stage.U_TURNS)))
                        .check(Set.of("lane")).stream().map(Finding::code).toList())
                .containsExactly("no-such-kind");
    }

    @ParameterizedTest
    @CsvSource({"one two three four five, true", "one two three four five six, false", "' ', false", "one, true"})
    void aCueHasOneToFiveWords(String cue, boolean right) {
        Adaptation says = new Adaptation(Optional.of(cue), Optional.empty(), List.of(), List.of(), false);
        assertThat(codes(drill("a", Stage.U_TURNS, Map.of(RidingMethod.DRAG, says), ALL))
                        .isEmpty())
                .isEqualTo(right);
    }

    @ParameterizedTest
    @CsvSource({"u-turn-2, true", "U-turn, false", "-turn, false", "a--b, false", "'a b', false"})
    void anIdIsInKebabCase(String id, boolean right) {
        assertThat(codes(drill(id, Stage.U_TURNS)).isEmpty()).isEqualTo(right);
    }
}
