package wrenlane.drill;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wrenlane.machine.Transmission;
import wrenlane.rider.RiderLevel;
import wrenlane.rider.RidingMethod;
import wrenlane.run.Fault;

/** Drills for tests, plain but for what a test is about. */
public final class Drills {
    static final Adaptation UNCHANGED = new Adaptation(Optional.empty(), Optional.empty(), List.of(), List.of(), false);

    private Drills() {}

    /** A drill of a stage that rests on others, for everybody. */
    static Drill drill(String id, Stage stage, String... after) {
        return drill(id, stage, Map.of(), EnumSet.allOf(RidingMethod.class), after);
    }

    static Drill drill(
            String id,
            Stage stage,
            Map<RidingMethod, Adaptation> byMethod,
            Set<RidingMethod> methods,
            String... after) {
        return new Drill(
                id,
                "Drill " + id,
                stage,
                new DrillWords(
                        "aim",
                        "why",
                        List.of("how"),
                        List.of("Far end."),
                        List.of("watch"),
                        "beside",
                        "idle",
                        "Chin up",
                        List.of("Care.")),
                new DrillRiding(
                        DrillRiding.Start.ROLLING,
                        DrillRiding.Posture.SEATED,
                        DrillRiding.Feet.UP,
                        DrillRiding.Sides.EACH,
                        Map.of(DrillRiding.Control.CLUTCH, 3),
                        Optional.empty(),
                        Optional.of(30),
                        false),
                Optional.of(new DrillCourse("circle", true, Map.of())),
                List.of(step("held"), step("touched"), step("none")),
                List.of(after),
                new DrillScoring(
                        cleanRuns(1.5),
                        DrillScoring.LogEntry.RUN,
                        new TimedRideLimit(Map.of(Transmission.HAND_CLUTCH, 6), Set.of(TimedRideLimit.StopSign.SMELL))),
                Set.of(Fault.FOOT),
                new DrillAdaptations(byMethod, Map.of()),
                new DrillAudience(
                        EnumSet.allOf(Transmission.class), methods, EnumSet.allOf(RiderLevel.class), Set.of()));
    }

    /** A drill without a course that can be done alone, so long at most with a hand clutch. */
    public static Drill alone(String id, Stage stage, int longestMinutes) {
        Drill d = drill(id, stage);
        DrillRiding r = d.riding();
        return new Drill(
                d.id(),
                d.name(),
                d.stage(),
                d.words(),
                new DrillRiding(
                        r.start(), r.posture(), r.feet(), r.sides(), r.controls(), r.speed(), r.passSeconds(), true),
                Optional.empty(),
                d.steps(),
                d.prerequisites(),
                new DrillScoring(
                        d.pass(),
                        d.loggedBy(),
                        new TimedRideLimit(
                                Map.of(Transmission.HAND_CLUTCH, longestMinutes),
                                Set.of(TimedRideLimit.StopSign.TIRED_HAND))),
                d.faults(),
                d.adaptations(),
                new DrillAudience(
                        Set.of(Transmission.HAND_CLUTCH),
                        d.audience().methods(),
                        d.audience().levels(),
                        Set.of()));
    }

    static DrillStep step(String says) {
        return new DrillStep(DrillStep.Change.BRAKE, says, Optional.empty(), Optional.empty());
    }

    static PassMark cleanRuns(double difficulty) {
        return new PassMark(PassMark.Measure.CLEAN_RUNS, 4, 5, Optional.empty(), Optional.of(difficulty));
    }

    /** As taught in a school to a developing rider with a hand clutch. */
    static List<TaughtDrill> taught(Catalogue catalogue, RidingMethod school) {
        return catalogue.taught(Teaching.usual(school), Transmission.HAND_CLUTCH, RiderLevel.DEVELOPING);
    }

    static List<String> after(Catalogue catalogue, RidingMethod school, String id) {
        return taught(catalogue, school).stream()
                .filter(d -> d.id().equals(id))
                .findFirst()
                .orElseThrow()
                .prerequisites();
    }
}
