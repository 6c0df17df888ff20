package wrenlane.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wrenlane.course.Course;
import wrenlane.course.NamedCourse;
import wrenlane.course.NestedCourse;
import wrenlane.course.kind.CourseKinds;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.id.MachineId;
import wrenlane.id.RiderId;
import wrenlane.yard.CoursePlacement;

class DayTest {
    private static final CourseId BOX = new CourseId(1);
    private static final CourseId LATER = new CourseId(2);
    private static final CourseId ELSEWHERE = new CourseId(3);
    private static final CoursePlacement PLACE = new CoursePlacement(4, 2, 0);
    private static final Course WIDE = Course.standard(CourseKinds.usual());

    private static Day day(List<DayCourse> courses, List<DayRider> riders) {
        return new Day(new DayId(5), LocalDate.of(2026, 6, 4), "Thursday", Optional.empty(), courses, riders);
    }

    private static DayCourse at(CourseId id, Optional<CoursePlacement> place, Double... sizes) {
        return new DayCourse(id, place, List.of(sizes));
    }

    private static DayRider pair(long rider, long machine) {
        return new DayRider(new RiderId(rider), new MachineId(machine));
    }

    @Test
    void setsCourseUpAtSizesChosenForIt() {
        Day day = day(List.of(at(BOX, Optional.of(PLACE), 8.0, 7.0)), List.of());
        assertThat(day.nested(new NamedCourse(BOX, "Box", WIDE)).settingsMetres())
                .containsExactly(8.0, 7.0);
    }

    @Test
    void setsCourseUpAsItSaysItselfWhereNoSizeIsChosen() {
        Day day = day(List.of(at(BOX, Optional.of(PLACE))), List.of());
        assertThat(day.nested(new NamedCourse(BOX, "Box", WIDE))).isEqualTo(NestedCourse.of(WIDE));
        assertThat(day.activeSizes(ELSEWHERE)).isEmpty();
    }

    @Test
    void setsCourseUpAsItSaysItselfWhereItCannotStandAtSizesAnyMore() {
        Day day = day(List.of(at(BOX, Optional.of(PLACE), 900.0)), List.of());
        assertThat(day.nested(new NamedCourse(BOX, "Box", WIDE))).isEqualTo(NestedCourse.of(WIDE));
    }

    @Test
    void onlyPlacedCoursesStandFromTheStart() {
        Day day = day(List.of(at(LATER, Optional.empty()), at(BOX, Optional.of(PLACE))), List.of());
        assertThat(day.placements()).containsOnlyKeys(BOX).containsValue(PLACE);
        assertThat(day.placement(LATER)).isEmpty();
        assertThat(day.standing(List.of(
                        new NamedCourse(LATER, "Later", WIDE),
                        new NamedCourse(BOX, "Box", WIDE),
                        new NamedCourse(ELSEWHERE, "Elsewhere", WIDE))))
                .containsOnlyKeys(BOX);
    }

    @Test
    void countsMachineOfTwoRidersOnce() {
        Day day = day(List.of(), List.of(pair(1, 7), pair(2, 7), pair(3, 8)));
        assertThat(day.riderIds()).hasSize(3);
        assertThat(day.machineIds()).containsExactly(new MachineId(7), new MachineId(8));
    }

    @Test
    void rejectsCourseRiderOrSizesTooOften() {
        assertThatThrownBy(() -> day(List.of(at(BOX, Optional.empty()), at(BOX, Optional.of(PLACE))), List.of()))
                .hasMessageContaining("courses");
        assertThatThrownBy(() -> day(List.of(), List.of(pair(1, 7), pair(1, 8))))
                .hasMessageContaining("riders");
        assertThatThrownBy(() -> at(BOX, Optional.empty(), 9.0, 8.0, 7.0, 6.0)).hasMessageContaining("activeSizes");
    }
}
