package wrenlane.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import wrenlane.finding.Finding;

class RunDetailTest {
    private static RunDetail timedRide(double minutes, int laps, Map<Fault, Integer> counts) {
        return new RunDetail(
                RunSort.SPELL,
                Optional.empty(),
                Optional.of(minutes),
                Optional.of(laps),
                counts,
                "",
                Observation.NOTHING);
    }

    private static List<String> codes(RunDetail detail, Fault... faults) {
        return detail.check(Set.of(faults)).stream().map(Finding::code).toList();
    }

    @Test
    void aTimedRideSaysItsLengthAndCountsItsFaults() {
        RunDetail timedRide = timedRide(5, 12, Map.of(Fault.LINE, 2, Fault.FOOT, 1));
        assertThat(codes(timedRide, Fault.LINE, Fault.FOOT)).isEmpty();
        // Three faults in twelve laps.
        assertThat(timedRide.faultsPerLap()).hasValue(0.25);
        assertThat(timedRide.counted().keySet()).containsExactly(Fault.LINE, Fault.FOOT);
        assertThat(codes(timedRide, Fault.LINE)).containsExactly("faults-not-counted");
        assertThat(codes(new RunDetail(
                        RunSort.SPELL,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Map.of(),
                        "",
                        Observation.NOTHING)))
                .containsExactly("timed-ride-without-length");
        assertThat(RunDetail.PLAIN.faultsPerLap()).isEmpty();
    }

    @Test
    void whatIsNoTimedRideHasNoLaps() {
        RunDetail laps = new RunDetail(
                RunSort.RUN, Optional.empty(), Optional.empty(), Optional.of(3), Map.of(), "", Observation.NOTHING);
        assertThat(codes(laps)).containsExactly("not-a-timed-ride");
        assertThat(codes(RunDetail.PLAIN, Fault.CONE)).isEmpty();
    }

    @Test
    void brokenOffIsNeitherCleanNorAFault() {
        RunDetail off = new RunDetail(
                RunSort.BROKEN_OFF,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                "dog on the yard",
                Observation.NOTHING);
        assertThat(codes(off)).isEmpty();
        assertThat(codes(off, Fault.CONE)).containsExactly("broken-off-with-faults");
        assertThat(RunSort.BROKEN_OFF.scored()).isFalse();
        assertThat(RunSort.RUN.scored()).isTrue();
    }

    @Test
    void lengthsOutOfRangeAreSaid() {
        assertThat(codes(timedRide(0, 0, Map.of()))).containsExactly("out-of-range", "out-of-range");
        assertThat(codes(timedRide(5, 12, Map.of(Fault.DROP, 0)), Fault.DROP)).containsExactly("out-of-range");
        assertThat(codes(new RunDetail(
                        RunSort.RUN,
                        Optional.of(4000.0),
                        Optional.empty(),
                        Optional.empty(),
                        Map.of(),
                        "x".repeat(201),
                        Observation.NOTHING)))
                .containsExactly("out-of-range", "note-too-long");
    }

    @Test
    void whatCameBeforeADropIsAskedForOnlyWhereThereWasOne() {
        RunDetail detail = seen(new Observation(
                Set.of(Technique.LOOKED_DOWN),
                Optional.of(DropCause.FRONT_BRAKE),
                Optional.of("E3"),
                Optional.of(0.5)));
        assertThat(codes(detail, Fault.DROP)).isEmpty();
        assertThat(codes(detail, Fault.CONE)).containsExactly("no-drop");
        assertThat(codes(seen(new Observation(Set.of(), Optional.empty(), Optional.of(" "), Optional.of(11.0)))))
                .containsExactly("mark-name", "out-of-range");
    }

    private static RunDetail seen(Observation observed) {
        return new RunDetail(RunSort.RUN, Optional.empty(), Optional.empty(), Optional.empty(), Map.of(), "", observed);
    }

    private static List<String> scored(Score.TapeMeasure measured, double metres) {
        return codes(new RunDetail(
                RunSort.RUN,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                "",
                Observation.NOTHING,
                Optional.of(new Score(measured, metres))));
    }

    @Test
    void aScoreLiesWhereATapeCanMeasureIt() {
        assertThat(scored(Score.TapeMeasure.PLANK, 0)).isEmpty();
        assertThat(scored(Score.TapeMeasure.LEVER, 0.3)).isEmpty();
        assertThat(scored(Score.TapeMeasure.LEVER, 0.31)).containsExactly("out-of-range");
        assertThat(scored(Score.TapeMeasure.CIRCLE, 0.9)).containsExactly("out-of-range");
        assertThat(scored(Score.TapeMeasure.PLANK, Double.NaN)).containsExactly("out-of-range");
    }
}
