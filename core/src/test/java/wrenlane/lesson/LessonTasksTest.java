package wrenlane.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wrenlane.course.Course;
import wrenlane.course.CourseOption;
import wrenlane.course.kind.CourseKinds;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.drill.DrillAdaptations;
import wrenlane.drill.DrillAudience;
import wrenlane.drill.DrillCourse;
import wrenlane.drill.DrillMastery;
import wrenlane.drill.DrillMastery.State;
import wrenlane.drill.DrillRiding;
import wrenlane.drill.DrillScoring;
import wrenlane.drill.DrillStep;
import wrenlane.drill.DrillWords;
import wrenlane.drill.PassMark;
import wrenlane.drill.Stage;
import wrenlane.drill.TaughtDrill;
import wrenlane.drill.TimedRideLimit;
import wrenlane.machine.Transmission;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;

class LessonTasksTest {
    private static final Course BOX = Course.standard(CourseKinds.uTurnBox());

    private static Drill drill(String id, Stage stage, String kind, DrillRiding.Start start, boolean withoutEyes) {
        return drill(id, stage, kind, Map.of(), start, withoutEyes);
    }

    private static Drill drill(
            String id,
            Stage stage,
            String kind,
            Map<String, String> options,
            DrillRiding.Start start,
            boolean withoutEyes) {
        return new Drill(
                id,
                id,
                stage,
                new DrillWords("a", "b", List.of("c"), List.of("d"), List.of("e"), "f", "g", "cue", List.of("h")),
                new DrillRiding(
                        start,
                        DrillRiding.Posture.SEATED,
                        DrillRiding.Feet.UP,
                        DrillRiding.Sides.EACH,
                        Map.of(),
                        Optional.empty(),
                        Optional.of(30),
                        withoutEyes),
                kind.isEmpty() ? Optional.empty() : Optional.of(new DrillCourse(kind, true, options)),
                List.of(new DrillStep(DrillStep.Change.TASK, "do", Optional.empty(), Optional.empty())),
                List.of(),
                new DrillScoring(
                        new PassMark(PassMark.Measure.CLEAN_RUNS, 4, 5, Optional.empty(), Optional.empty()),
                        DrillScoring.LogEntry.RUN,
                        new TimedRideLimit(Map.of(Transmission.HAND_CLUTCH, 7), Set.of())),
                Set.of(),
                new DrillAdaptations(Map.of(), Map.of()),
                new DrillAudience(
                        EnumSet.allOf(Transmission.class),
                        EnumSet.allOf(RidingMethod.class),
                        EnumSet.allOf(RiderLevel.class),
                        Set.of()));
    }

    private static final List<Drill> DRILLS = List.of(
            drill("bite", Stage.FIND_THE_ZONE, "", DrillRiding.Start.STANDING, true),
            drill("pace", Stage.STRAIGHT_CONTROL, "", DrillRiding.Start.ROLLING, false),
            drill("box", Stage.U_TURNS, "u-turn-box", DrillRiding.Start.ROLLING, false),
            drill("box-pause", Stage.COMBINED, "u-turn-box", DrillRiding.Start.ROLLING, false),
            drill(
                    "box-from-a-stop",
                    Stage.U_TURNS,
                    "u-turn-box",
                    Map.of("start", "FROM_A_STOP"),
                    DrillRiding.Start.STANDING,
                    false),
            drill("lift", Stage.ALONGSIDE, "", DrillRiding.Start.DISMOUNTED, false));

    private static LessonTasks tasks(State... states) {
        List<TaughtDrill> taught = new ArrayList<>();
        List<DrillMastery> masteryOfDrills = new ArrayList<>();
        for (int i = 0; i < DRILLS.size(); i++) {
            Drill d = DRILLS.get(i);
            taught.add(
                    new TaughtDrill(d.id(), d.name(), d.stage(), d.cue(), List.of(), List.of(), d.steps(), List.of()));
            masteryOfDrills.add(new DrillMastery(d.id(), states[i], List.of(), false, false));
        }
        return new LessonTasks(new Catalogue(DRILLS), taught, masteryOfDrills, Transmission.HAND_CLUTCH);
    }

    private static Optional<String> id(Optional<RiderTask> task) {
        return task.map(RiderTask::drillId);
    }

    private static State[] all(State state) {
        State[] states = new State[DRILLS.size()];
        Arrays.fill(states, state);
        return states;
    }

    @Test
    void whatIsWorkedOnComesBeforeWhatIsNext() {
        assertThat(id(tasks(State.MASTERED, State.MASTERED, State.NEXT, State.WORKING_ON, State.NEXT, State.NEXT)
                        .on(BOX)))
                .contains("box-pause");
    }

    @Test
    void theNextIsTheLowestAndTheMasteredTheHighest() {
        assertThat(id(tasks(all(State.NEXT)).on(BOX))).contains("box");
        assertThat(id(tasks(all(State.MASTERED)).on(BOX))).contains("box-pause");
    }

    @Test
    void aDrillIsRiddenOnACourseSetAsItAsks() {
        CourseOption start = BOX.kind().options().get(0);
        Course fromAStop = new Course(BOX.kind(), BOX.settings().with(start, "FROM_A_STOP"), BOX.firstTurn());
        State[] states = all(State.NOT_YET);
        states[4] = State.NEXT;
        assertThat(tasks(states).on(BOX)).isEmpty();
        assertThat(id(tasks(states).on(fromAStop))).contains("box-from-a-stop");
    }

    @Test
    void nobodyRidesWhatTheyAreNotReadyFor() {
        assertThat(tasks(State.NEXT, State.NOT_YET, State.NOT_YET, State.NOT_YET, State.NOT_YET, State.NEXT)
                        .on(BOX))
                .isEmpty();
    }

    @Test
    void inTheOpenPeopleRollWhereTheyCanAndStandWhereNot() {
        assertThat(id(tasks(all(State.NEXT)).inTheOpen())).contains("pace");
        assertThat(id(tasks(State.NEXT, State.NOT_YET, State.NOT_YET, State.NOT_YET, State.NOT_YET, State.NEXT)
                        .inTheOpen()))
                .contains("bite");
    }

    @Test
    void meanwhileIsWhatNeedsNobodyToWatchAndIsNotMastered() {
        assertThat(id(tasks(all(State.NEXT)).meanwhile())).contains("bite");
        assertThat(tasks(all(State.MASTERED)).meanwhile()).isEmpty();
    }

    @Test
    void theTimedRideIsThatOfTheMachine() {
        assertThat(tasks(all(State.NEXT)).on(BOX).orElseThrow().longestMinutes())
                .isEqualTo(7);
    }
}
