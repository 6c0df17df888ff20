package wrenlane.server.lesson.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.drill.DrillCourse;
import wrenlane.drill.DrillMastery;
import wrenlane.drill.DrillMastery.MasteryEvidence;
import wrenlane.drill.DrillMastery.State;
import wrenlane.drill.DrillRiding.Sides;
import wrenlane.drill.DrillScoring;
import wrenlane.drill.DrillStep;
import wrenlane.drill.Stage;
import wrenlane.drill.TaughtDrill;
import wrenlane.drill.Teaching;
import wrenlane.drill.TeachingChoice;
import wrenlane.drill.TimedRideLimit.StopSign;
import wrenlane.machine.Transmission;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;
import wrenlane.run.Fault;

/** Reads every text of the drills that come with the app. */
class ShippedDrillsTest {
    private static final List<Drill> DRILLS = new ShippedDrills().all();
    private static final Catalogue CATALOGUE = new Catalogue(DRILLS);
    private static final Set<String> KINDS =
            CourseKinds.all().stream().map(CourseKind::id).collect(Collectors.toSet());

    @Test
    void thereIsNothingWrongWithTheCatalogue() {
        assertThat(CATALOGUE.check(KINDS)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "FIND_THE_ZONE, 10",
        "STRAIGHT_CONTROL, 12",
        "WIDE_TURNS, 11",
        "U_TURNS, 12",
        "LINKED_TURNS, 9",
        "COMBINED, 6",
        "ALONGSIDE, 4"
    })
    void everyStageIsFilled(Stage stage, int drills) {
        assertThat(DRILLS.stream().filter(d -> d.stage() == stage)).hasSize(drills);
    }

    @Test
    void noTwoDrillsAreNamedOrCuedAlikeWithinAStage() {
        assertThat(DRILLS).extracting(Drill::name).doesNotHaveDuplicates();
        for (Stage stage : Stage.values()) {
            assertThat(DRILLS.stream().filter(d -> d.stage() == stage))
                    .extracting(d -> d.words().aim())
                    .doesNotHaveDuplicates();
        }
    }

    @Test
    void everyTextIsASentenceOrAPhraseOfOurs() {
        for (Drill drill : DRILLS) {
            assertThat(Stream.of(
                            drill.words().aim(),
                            drill.words().why(),
                            drill.words().standAt()))
                    .as(drill.id())
                    .allMatch(t -> t.endsWith("."));
            assertThat(Stream.of(
                                    drill.words().how(),
                                    drill.words().look(),
                                    drill.words().cautions())
                            .flatMap(List::stream))
                    .as(drill.id())
                    .allMatch(t -> t.endsWith(".") || t.endsWith("?"))
                    .allMatch(t -> Character.isUpperCase(t.charAt(0)) || Character.isDigit(t.charAt(0)));
            assertThat(drill.words().how()).as(drill.id()).hasSizeGreaterThanOrEqualTo(4);
        }
    }

    @Test
    void everyKindSchoolTransmissionLevelChoiceFaultAndStopSignIsServed() {
        assertThat(DRILLS.stream().flatMap(d -> d.course().stream()).map(DrillCourse::kind))
                .containsAll(KINDS);
        assertThat(all(DRILLS.stream().flatMap(d -> d.audience().methods().stream())))
                .isEqualTo(EnumSet.allOf(RidingMethod.class));
        assertThat(all(DRILLS.stream().flatMap(d -> d.audience().transmissions().stream())))
                .isEqualTo(EnumSet.allOf(Transmission.class));
        assertThat(all(DRILLS.stream().flatMap(d -> d.audience().levels().stream())))
                .isEqualTo(EnumSet.allOf(RiderLevel.class));
        assertThat(all(DRILLS.stream().flatMap(d -> d.faults().stream()))).isEqualTo(EnumSet.allOf(Fault.class));
        assertThat(all(DRILLS.stream().flatMap(d -> d.scoring().timedRide().stopSigns().stream())))
                .isEqualTo(EnumSet.allOf(StopSign.class));
        assertThat(all(DRILLS.stream().flatMap(d -> d.steps().stream()).map(DrillStep::change)))
                .isEqualTo(EnumSet.allOf(DrillStep.Change.class));
    }

    private static <E> Set<E> all(Stream<E> some) {
        return some.collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    void aKindHasOneDrillThatItIsFor() {
        assertThat(DRILLS.stream()
                        .flatMap(d -> d.course().stream())
                        .filter(DrillCourse::plain)
                        .map(c -> c.kind() + c.options()))
                .doesNotHaveDuplicates();
        assertThat(DRILLS.stream()
                        .flatMap(d -> d.course().stream())
                        .filter(DrillCourse::plain)
                        .map(DrillCourse::kind))
                .containsAll(KINDS);
    }

    @Test
    void aDrillSaysHowLongItIsRiddenOnEveryMachineItIsFor() {
        assertThat(DRILLS)
                .allSatisfy(
                        d -> assertThat(d.scoring().timedRide().longestMinutes().keySet())
                                .as(d.id())
                                .isEqualTo(d.audience().transmissions()));
    }

    @Test
    void aDrillWithoutACourseSaysHowLongAPassTakesOrIsATimedRide() {
        assertThat(DRILLS)
                .filteredOn(d -> d.course().isEmpty() && d.loggedBy() != DrillScoring.LogEntry.TIMED_RIDE)
                .allSatisfy(d -> assertThat(d.riding().passSeconds()).as(d.id()).isPresent());
    }

    @Test
    void drillsThatTurnToOneSideAtATimeAreRiddenToBoth() {
        assertThat(DRILLS)
                .filteredOn(d -> d.course()
                        .flatMap(c -> CourseKinds.find(c.kind()))
                        .filter(k -> k.turning() == CourseKind.TurnSides.ONE_SIDE)
                        .isPresent())
                .allSatisfy(d -> assertThat(d.riding().sides()).as(d.id()).isEqualTo(Sides.EACH));
    }

    /** Nothing is unreachable: whoever masters what is next, again and again, has them all in the end. */
    @ParameterizedTest
    @EnumSource(RidingMethod.class)
    void everyDrillOfASchoolIsReached(RidingMethod school) {
        for (Transmission transmission : Transmission.values()) {
            for (TeachingChoice choice : TeachingChoice.values()) {
                List<TaughtDrill> taught =
                        CATALOGUE.taught(Teaching.usual(school).with(choice), transmission, RiderLevel.SKILLED);
                assertThat(climbed(taught))
                        .as("%s on %s with %s", school, transmission, choice)
                        .hasSameSizeAs(taught);
            }
        }
    }

    private static Set<String> climbed(List<TaughtDrill> taught) {
        Set<String> mastered = new HashSet<>();
        while (true) {
            Set<String> next = DrillMastery.of(taught, new MasteryEvidence(mastered, mastered, Set.of())).stream()
                    .filter(s -> s.state() == State.NEXT)
                    .map(DrillMastery::id)
                    .collect(Collectors.toSet());
            if (next.isEmpty()) {
                return mastered;
            }
            mastered.addAll(next);
        }
    }

    @Test
    void everySchoolHasTurnsForEveryMachineItIsFor() {
        for (Transmission transmission : Transmission.values()) {
            assertThat(Arrays.stream(RidingMethod.values())
                            .filter(s -> CATALOGUE.taught(Teaching.usual(s), transmission, RiderLevel.NOVICE).stream()
                                    .anyMatch(d -> d.id().equals("u-turn-rolling"))))
                    .as("%s", transmission)
                    .contains(RidingMethod.DRIVE_AND_BRAKE);
        }
    }

    @Test
    void theRearBrakeComesFirstInOneSchoolAndAfterTheUTurnInAnother() {
        assertThat(before(RidingMethod.DRAG, "slow-lane-brake")).doesNotContain("u-turn-rolling");
        assertThat(before(RidingMethod.CLUTCH_FIRST, "slow-lane-brake")).contains("u-turn-rolling");
        assertThat(before(RidingMethod.CLUTCH_FIRST, "walking-person")).doesNotContain("slow-lane-brake");
        assertThat(before(RidingMethod.DRAG, "walking-person")).contains("slow-lane-brake");
    }

    private static List<String> before(RidingMethod school, String id) {
        return CATALOGUE.taught(Teaching.usual(school), Transmission.HAND_CLUTCH, RiderLevel.NOVICE).stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .orElseThrow()
                .prerequisites();
    }
}
