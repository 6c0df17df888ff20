package wrenlane.coaching;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wrenlane.coaching.MarkerChoice.OwnedMarker;
import wrenlane.coaching.MarkerChoice.SizeMarker;
import wrenlane.course.Course;
import wrenlane.course.NestedCourse;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.MarkerColour;
import wrenlane.course.plan.Markers;

class MarkerChoiceTest {
    private static final Course BOX = Course.standard(CourseKinds.uTurnBox());

    /** Three widths: of the lines within each has an exit line of its own. */
    private static final NestedCourse THREE = NestedCourse.of(BOX, List.of(8.2, 7.0, 6.1));

    /** Markers that stand for one width within alone, counted on the plan by their letter. */
    private static int standingFor(String letter) {
        return (int) THREE.plan().cones().stream()
                .filter(c -> c.sort() == ConeSort.FLAT && c.label().endsWith(letter))
                .count();
    }

    private static OwnedMarker owned(String name, MarkerColour colour, int left) {
        return new OwnedMarker(flat(name, colour), Optional.of(left));
    }

    private static Marker flat(String name, MarkerColour colour) {
        return new Marker(name, ConeSort.FLAT, 0.18, 0.04, colour);
    }

    private static List<String> names(MarkerChoice markers) {
        return markers.markers().stream().map(Marker::name).toList();
    }

    @Test
    void takesWhatThereIsEnoughOf() {
        int b = standingFor("b");
        assertThat(b).isGreaterThan(2);
        List<OwnedMarker> kit = List.of(
                owned("stone", MarkerColour.WHITE, 2),
                owned("disc", MarkerColour.YELLOW, 40),
                owned("half ball", MarkerColour.BLUE, 40));
        MarkerChoice best = MarkerChoice.best(THREE, kit);
        assertThat(names(best)).containsExactly("disc", "half ball");
        assertThat(best.settings()).extracting(SizeMarker::letter).containsExactly("b", "c");
        assertThat(best.settings().get(0).needed()).isEqualTo(b);
        assertThat(best.settings()).extracting(SizeMarker::missing).containsOnly(0);
    }

    @Test
    void saysWhatIsLackingWhereNothingIsEnough() {
        int b = standingFor("b");
        int c = standingFor("c");
        MarkerChoice best = MarkerChoice.best(
                THREE, List.of(owned("disc", MarkerColour.YELLOW, 1), owned("half ball", MarkerColour.BLUE, 2)));
        assertThat(best.settings().stream().mapToInt(SizeMarker::missing).sum()).isEqualTo(b + c - 3);
    }

    @Test
    void reliesOnWhatWasNeverCountedOnlyWhereNothingElseIsEnough() {
        OwnedMarker uncounted = new OwnedMarker(flat("stone", MarkerColour.WHITE), Optional.empty());
        OwnedMarker disc = owned("disc", MarkerColour.YELLOW, 40);
        OwnedMarker ball = owned("half ball", MarkerColour.BLUE, 40);
        assertThat(names(MarkerChoice.best(THREE, List.of(uncounted, disc, ball))))
                .containsExactly("disc", "half ball");
        assertThat(names(MarkerChoice.best(THREE, List.of(owned("half ball", MarkerColour.BLUE, 1), disc, uncounted))))
                .containsExactly("disc", "stone");
    }

    @Test
    void prefersColoursThatCanBeToldApartAlsoFromTheWidest() {
        List<OwnedMarker> kit = List.of(
                owned("orange disc", Markers.STANDARD.flat().colour(), 40),
                owned("disc", MarkerColour.YELLOW, 40),
                owned("lemon half", MarkerColour.YELLOW, 40),
                owned("half ball", MarkerColour.BLUE, 40));
        assertThat(names(MarkerChoice.best(THREE, kit))).containsExactly("disc", "half ball");
    }

    @Test
    void leavesWhatLiesThereWhereNothingIsBetter() {
        List<OwnedMarker> kit =
                List.of(owned("disc", MarkerColour.YELLOW, 40), owned("half ball", MarkerColour.BLUE, 40));
        Course turned = BOX.with(BOX.settings()
                .markers()
                .within(List.of(flat("half ball", MarkerColour.BLUE), flat("disc", MarkerColour.YELLOW))));
        NestedCourse nested = NestedCourse.of(turned, List.of(8.2, 7.0, 6.1));
        assertThat(names(MarkerChoice.best(THREE, kit))).containsExactly("disc", "half ball");
        assertThat(names(MarkerChoice.best(nested, kit))).containsExactly("half ball", "disc");
    }

    @Test
    void neverTakesWhatLiesAtTheWidestNorOneTwiceNorOneToKeepOff() {
        OwnedMarker post =
                new OwnedMarker(new Marker("post", ConeSort.TALL, 0.1, 1, MarkerColour.RED), Optional.of(40));
        OwnedMarker usual = new OwnedMarker(Markers.STANDARD.flat(), Optional.of(40));
        OwnedMarker disc = owned("disc", MarkerColour.YELLOW, 40);
        assertThat(names(MarkerChoice.best(THREE, List.of(post, usual, disc)))).containsExactly("disc");
        assertThat(MarkerChoice.best(THREE, List.of(post, usual)).settings()).isEmpty();
    }

    @Test
    void aCourseAtOneSettingNeedsNone() {
        assertThat(MarkerChoice.best(NestedCourse.of(BOX), List.of(owned("disc", MarkerColour.YELLOW, 40)))
                        .settings())
                .isEmpty();
    }

    @Test
    void tellsOfTheMarkersChosenHowManyThereAre() {
        Marker disc = flat("disc", MarkerColour.YELLOW);
        Marker ball = flat("half ball", MarkerColour.BLUE);
        Course chosen = BOX.with(BOX.settings().markers().within(List.of(disc, ball)));
        NestedCourse nested = NestedCourse.of(chosen, List.of(8.2, 7.0, 6.1));
        int b = standingFor("b");
        MarkerChoice now = MarkerChoice.asChosen(nested, List.of(new OwnedMarker(disc, Optional.of(b - 1))));
        assertThat(now.markers()).containsExactly(disc, ball);
        assertThat(now.settings()).extracting(SizeMarker::missing).containsExactly(1, 0);
        assertThat(now.settings().get(1).left()).isEmpty();
    }
}
