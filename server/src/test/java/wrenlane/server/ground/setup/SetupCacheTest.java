package wrenlane.server.ground.setup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import wrenlane.course.Course;
import wrenlane.course.NestedCourse;
import wrenlane.course.kind.CourseKinds;
import wrenlane.server.course.CourseRequest;
import wrenlane.server.course.CourseSetup;
import wrenlane.server.fixture.RunningApp;
import wrenlane.setup.DayOrder;
import wrenlane.setup.SetupSheet;
import wrenlane.units.LengthSystem;

/** What was set out, and put in order, is kept for the same question, and for no other. */
class SetupCacheTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final List<NestedCourse> COURSES = Stream.of("u-turn-box", "figure-eight")
            .map(id -> NestedCourse.of(Course.standard(CourseKinds.find(id).orElseThrow())))
            .toList();

    private static DayOrder order(List<Integer> keepInOrder, LengthSystem system, int stackHolds) {
        return APP.bean(DayOrders.class).best(COURSES, keepInOrder, system, stackHolds);
    }

    private static SetupResponse box(LengthSystem system) {
        return APP.bean(SetupService.class)
                .setup(new SetupRequest(
                        new CourseSetup(CourseRequest.standard(CourseKinds.uTurnBox()), null),
                        system,
                        null,
                        null,
                        null));
    }

    @Test
    void anOrderIsKept() {
        DayOrder asked = order(List.of(1, 0, 1), LengthSystem.METRIC, 12);
        assertThat(order(List.of(0, 1), LengthSystem.METRIC, 12)).isSameAs(asked);
        assertThat(asked)
                .isEqualTo(DayOrder.best(
                        COURSES.stream()
                                .map(c -> SetupSheet.of(c, LengthSystem.METRIC))
                                .toList(),
                        List.of(0, 1),
                        SetupSheet.DATUM,
                        12));
    }

    @Test
    void anotherStackOrAnotherTapeIsAnotherQuestion() {
        DayOrder asked = order(List.of(), LengthSystem.METRIC, 12);
        assertThat(order(List.of(), LengthSystem.METRIC, 3).walkedMetres()).isGreaterThan(asked.walkedMetres());
        assertThat(order(List.of(), LengthSystem.IMPERIAL, 12).walkedMetres()).isNotEqualTo(asked.walkedMetres());
    }

    @Test
    void whereTheConesGoIsKeptUntilAnythingIsStored() {
        SetupResponse asked = box(LengthSystem.METRIC);
        assertThat(box(LengthSystem.METRIC)).isSameAs(asked);
        assertThat(box(LengthSystem.IMPERIAL).sheet()).isNotEqualTo(asked.sheet());
        assertThat(APP.post(
                                "/api/riders",
                                Map.of("name", "Ines Holm", "level", "NOVICE", "school", "DRAG", "notes", ""))
                        .status())
                .isEqualTo(201);
        assertThat(box(LengthSystem.METRIC)).isNotSameAs(asked).isEqualTo(asked);
    }
}
