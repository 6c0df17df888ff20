package wrenlane.briefing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CoursePlan;
import wrenlane.setout.SetOutSheet;

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
        "true,  2, 1, '',  0, false, SET_OUT",
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
                .containsExactly(Stop.YARD, Stop.MACHINES, Stop.COURSE, Stop.SET_OUT);
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

    private static Map<ConeSort, Integer> needed(List<ConeCount> counts) {
        return counts.stream().collect(Collectors.toMap(ConeCount::sort, ConeCount::needed));
    }

    @Test
    void conesOfWhatStandsAtOnceAddUpAndOthersTakeTheirTurn() {
        Map<ConeSort, Integer> box = SetOutSheet.conesBySort(BOX);
        assertThat(needed(ConeCount.of(List.of(), List.of(BOX, BOX), Map.of()))).isEqualTo(box);
        ConeSort sort = box.keySet().iterator().next();
        int one = box.getOrDefault(sort, 0);
        assertThat(needed(ConeCount.of(List.of(BOX, BOX), List.of(BOX), Map.of())))
                .containsEntry(sort, 2 * one);
        assertThat(needed(ConeCount.of(List.of(BOX), List.of(EIGHT), Map.of())).keySet())
                .containsAll(SetOutSheet.conesBySort(EIGHT).keySet());
    }

    @Test
    void whatTheSchoolLacksIsCountedWithoutTheSpare() {
        int n = ConeCount.of(List.of(BOX), List.of(), Map.of()).get(0).needed();
        ConeSort sort = ConeCount.of(List.of(BOX), List.of(), Map.of()).get(0).sort();
        ConeCount short3 =
                ConeCount.of(List.of(BOX), List.of(), Map.of(sort, n - 3)).get(0);
        assertThat(short3.missing()).isEqualTo(3);
        assertThat(short3.spare()).isEqualTo(Math.max(1, n / 5));
        DayState day = new DayState(true, false, 1, List.of(), List.of(short3), 1, List.of(), false, 0, false);
        assertThat(day.stops().get(4).message()).contains("lacks 3 " + sort.label(3));
    }

    @Test
    void aStoredRunningOrderIsDone() {
        DayState without = new DayState(true, false, 1, List.of(), List.of(), 1, List.of(), false, 0, false);
        DayState with = new DayState(true, false, 1, List.of(), List.of(), 1, List.of(), true, 0, false);
        assertThat(without.stops().get(Stop.LESSON.ordinal()).readiness()).isEqualTo(Readiness.EMPTY);
        assertThat(with.stops().get(Stop.LESSON.ordinal()).readiness()).isEqualTo(Readiness.DONE);
    }
}
