package wrenlane.course;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wrenlane.course.EdgeMarks.Density;
import wrenlane.course.EdgeMarks.ReducedMarks;
import wrenlane.course.kind.CourseKinds;

class EdgeMarksTest {
    private static final Course BOX = Course.standard(CourseKinds.uTurnBox());

    private static int markers(Course course, double spacing) {
        return course.with(course.kind().edgeSpacing().orElseThrow(), spacing)
                .plan()
                .cones()
                .size();
    }

    /** By hand: a box 7.5 m deep and 7.2 m wide has four corners, and three sides of two, of one, of no mark between. */
    @Test
    void aBoxHasFourCornersAndAsManyBetweenAsIsSaid() {
        List<EdgeMarks> marks = EdgeMarks.of(BOX);
        assertThat(marks)
                .extracting(m -> m.density().orElseThrow())
                .containsExactly(Density.FULL, Density.FEW, Density.CORNERS);
        assertThat(marks).extracting(EdgeMarks::markers).containsExactly(4 + 3 * 2, 4 + 3, 4);
        assertThat(marks).extracting(EdgeMarks::spacingMetres).containsExactly(2.5, 3.75, 7.5);
    }

    /** A new course has few, and nothing else of it is other than usual; it can be ridden as the usual one can. */
    @Test
    void aNewCourseHasFew() {
        assertThat(Course.fresh(CourseKinds.uTurnBox()).plan().cones()).hasSize(4 + 3);
        for (CourseKind kind : CourseKinds.all()) {
            Course fresh = Course.fresh(kind);
            assertThat(fresh.plan().cones().size())
                    .isLessThanOrEqualTo(Course.standard(kind).plan().cones().size());
            assertThat(kind.edgeSpacing()
                            .map(s -> fresh.with(
                                    s, Course.standard(kind).settings().of(s)))
                            .orElse(fresh))
                    .isEqualTo(Course.standard(kind));
        }
    }

    @Test
    void asManyAsThereAreAreLaidAndWhatIsGivenUpIsSaid() {
        ReducedMarks plenty = EdgeMarks.within(BOX, 14).orElseThrow();
        assertThat(plenty.marks().orElseThrow().spacingMetres()).isEqualTo(2.5);
        assertThat(plenty.said()).isEqualTo("Enough for full edges: 10 laid, 4 to spare.");
        ReducedMarks eight = EdgeMarks.within(BOX, 8).orElseThrow();
        assertThat(eight.marks().orElseThrow().markers()).isEqualTo(7);
        assertThat(eight.said()).contains("3 fewer along the edges", "7 laid, 1 to spare");
        ReducedMarks three = EdgeMarks.within(BOX, 3).orElseThrow();
        assertThat(three.marks()).isEmpty();
        assertThat(three.lacking()).isEqualTo(1);
        assertThat(three.said()).contains("take 4: 1 more");
    }

    /** Of every kind and any number: never more than there are, and no spacing from full on would lay more of them. */
    @Test
    void noOtherSpacingLaysMoreOfWhatThereIs() {
        for (CourseKind kind : CourseKinds.all()) {
            Course course = Course.standard(kind);
            Optional<CourseDimension> spacing = kind.edgeSpacing();
            assertThat(EdgeMarks.of(course).isEmpty()).as(kind.id()).isEqualTo(spacing.isEmpty());
            for (int owned = 1; owned <= 40 && spacing.isPresent(); owned++) {
                ReducedMarks with = EdgeMarks.within(course, owned).orElseThrow();
                int laid = with.marks().map(EdgeMarks::markers).orElse(0);
                assertThat(laid).isLessThanOrEqualTo(owned);
                for (double s = spacing.get().standard(); s <= spacing.get().max(); s += 0.01) {
                    int other = markers(course, s);
                    assertThat(other <= owned && other > laid)
                            .as("%s, %d at %.2f m", kind.id(), owned, s)
                            .isFalse();
                }
            }
        }
    }
}
