package wrenlane.briefing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.MarkerColour;
import wrenlane.course.plan.MarkerCount;
import wrenlane.course.plan.Markers;
import wrenlane.setup.SetupSheet;

class DayStateTest {
    private static DayState day(boolean yard, int riders, int courses, String unplaced, int runs, boolean past) {
        return new DayState(yard, false, courses, names(unplaced), List.of(), riders, List.of(), false, runs, past);
    }

    private static List<String> names(String joined) {
        return Arrays.stream(joined.split("/")).filter(n -> !n.isEmpty()).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "false, 0, 0, '',  0, false, YARD",
        "true,  0, 0, '',  0, false, MACHINES",
        "true,  2, 0, '',  0, false, COURSE",
        "true,  2, 1, Box, 0, false, YARD",
        "true,  2, 1, '',  0, false, SETUP",
        "true,  2, 1, '',  3, false, RANGE",
        "true,  2, 1, Box, 3, false, RANGE",
        "true,  2, 1, '',  3, true,  PROGRESS",
        "false, 2, 1, '',  3, true,  YARD",
    })
    void goesOnToWhatTheLaterStopsNeed(
            boolean yard, int riders, int courses, String unplaced, int runs, boolean past, Stop next) {
        assertThat(day(yard, riders, courses, unplaced, runs, past).next()).isEqualTo(next);
    }

    @Test
    void anEmptyDaySaysWhatToDoAtEachStop() {
        List<StopState> stops = day(false, 0, 0, "", 0, false).stops();
        assertThat(stops).extracting(StopState::stop).containsExactly(Stop.values());
        assertThat(stops).noneMatch(s -> s.readiness() == Readiness.DONE);
        assertThat(stops)
                .filteredOn(s -> !s.message().isEmpty())
                .extracting(StopState::stop)
                .containsExactly(Stop.YARD, Stop.MACHINES, Stop.COURSE, Stop.SETUP);
    }

    @Test
    void coursesWithoutAPlaceAreNamed() {
        StopState yard =
                day(true, 2, 2, "Bollard weave/Slipway box", 0, false).stops().get(1);
        assertThat(yard.readiness()).isEqualTo(Readiness.ATTENTION);
        assertThat(yard.message()).isEqualTo("Find a place on the yard for Bollard weave, Slipway box.");
    }

    private static final CoursePlan BOX =
            Course.standard(CourseKinds.uTurnBox()).plan();
    private static final CoursePlan EIGHT =
            Course.standard(CourseKinds.find("figure-eight").orElseThrow()).plan();

    private static List<MarkerCount> together(CoursePlan... atOnce) {
        return MarkerCount.sum(Stream.of(atOnce).map(SetupSheet::markers));
    }

    private static List<MarkerCount> needed(List<ConeCount> counts) {
        return counts.stream().map(c -> new MarkerCount(c.marker(), c.needed())).toList();
    }

    @Test
    void conesOfWhatStandsAtOnceAddUpAndOthersTakeTheirTurn() {
        List<MarkerCount> box = SetupSheet.markers(BOX);
        assertThat(needed(ConeCount.of(List.of(), List.of(BOX, BOX), Map.of()))).isEqualTo(box);
        assertThat(needed(ConeCount.of(together(BOX, BOX), List.of(BOX), Map.of())))
                .isEqualTo(box.stream()
                        .map(c -> new MarkerCount(c.marker(), 2 * c.count()))
                        .toList());
        assertThat(needed(ConeCount.of(together(BOX), List.of(EIGHT), Map.of())))
                .isEqualTo(MarkerCount.most(Stream.of(box, SetupSheet.markers(EIGHT))));
    }

    @Test
    void markersOfAnotherNameAreCountedApart() {
        Marker disc = new Marker("yellow disc", ConeSort.FLAT, 0.19, 0.05, MarkerColour.YELLOW);
        CoursePlan inDiscs = Course.standard(CourseKinds.uTurnBox())
                .with(Markers.STANDARD.with(disc))
                .plan();
        assertThat(ConeCount.of(together(BOX, inDiscs), List.of(), Map.of("yellow disc", 6)))
                .extracting(c -> new MarkerCount(c.marker(), c.needed()).text() + ", " + c.missing() + " missing")
                .containsExactly("4 tall cones, 0 missing", "8 flat markers, 0 missing", "8 yellow discs, 2 missing");
    }

    @Test
    void whatTheSchoolLacksIsCountedWithoutTheSpare() {
        int n = ConeCount.of(together(BOX), List.of(), Map.of()).get(0).needed();
        Marker marker = ConeCount.of(together(BOX), List.of(), Map.of()).get(0).marker();
        ConeCount short3 = ConeCount.of(together(BOX), List.of(), Map.of(marker.name(), n - 3))
                .get(0);
        assertThat(short3.missing()).isEqualTo(3);
        assertThat(short3.spare()).isEqualTo(Math.max(1, n / 5));
        DayState day = new DayState(true, false, 1, List.of(), List.of(short3), 1, List.of(), false, 0, false);
        assertThat(day.stops().get(4).message()).contains("lacks 3 " + marker.label(3));
    }

    @Test
    void aStoredRunningOrderIsDone() {
        DayState without = new DayState(true, false, 1, List.of(), List.of(), 1, List.of(), false, 0, false);
        DayState with = new DayState(true, false, 1, List.of(), List.of(), 1, List.of(), true, 0, false);
        assertThat(without.stops().get(Stop.LESSON.ordinal()).readiness()).isEqualTo(Readiness.EMPTY);
        assertThat(with.stops().get(Stop.LESSON.ordinal()).readiness()).isEqualTo(Readiness.DONE);
    }
}
