package wrenlane.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.MarkerCount;
import wrenlane.finding.Finding;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.plane.Point;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.setup.SetupSheet;
import wrenlane.verdict.CourseFit;

class SharedConesTest {
    private static final Course BOX =
            Course.standard(CourseKinds.find("u-turn-box").orElseThrow());
    private static final Course WEAVE =
            Course.standard(CourseKinds.find("straight-weave").orElseThrow()).inTallCones();
    private static final CoursePlacement HERE = new CoursePlacement(20, 20, 0);
    private static final Ride TWIN = Ride.firm(
            MachineTurn.computed(MachineClass.find("tourer-850").orElseThrow().typical()), RiderLevel.SKILLED.limits());

    private static PlacedGround box(String name, double x, double y, double turn) {
        return CourseGround.of(name, BOX).at(new CoursePlacement(x, y, turn));
    }

    @Test
    void alikeAndWithinAHandTwoConesAreOne() {
        PlacedGround box = box("Box", 20, 20, 0);
        int all = BOX.plan().cones().size();
        assertThat(SharedCones.between(box, box("Twin", 20.03, 20.03, 0))).hasSize(all);
        assertThat(SharedCones.between(box, box("Twin", 20.04, 20.04, 0))).isEmpty();
        PlacedGround tall = CourseGround.of("Tall", WEAVE).at(HERE);
        PlacedGround flat =
                CourseGround.of("Flat", Course.standard(WEAVE.kind())).at(HERE);
        assertThat(SharedCones.between(tall, flat))
                .allMatch(s -> s.first().equals(s.second()))
                .hasSizeLessThan(WEAVE.plan().cones().size());
    }

    @Test
    void eachConeSaysWhatElseItIs() {
        PlacedGround box = box("Box", 20, 20, 0);
        PlacedGround twin = box("Twin", 20, 20, 0);
        PlacedGround third = box("Third", 20, 20, 0);
        assertThat(SharedCones.also(box, List.of(box, twin, third)))
                .hasSize(BOX.plan().cones().size())
                .containsEntry("A1", "A1 of Twin and A1 of Third");
        assertThat(SharedCones.also(box, List.of(box, box("Far", 60, 60, 0)))).isEmpty();
    }

    @Test
    void whatIsSharedIsLaidOnce() {
        PlacedGround box = box("Box", 20, 20, 0);
        int all = BOX.plan().cones().size();
        assertThat(total(SharedCones.markers(List.of(box, box("Twin", 20, 20, 0)))))
                .isEqualTo(all);
        assertThat(total(SharedCones.markers(List.of(box, box("Far", 60, 60, 0)))))
                .isEqualTo(2 * all);
        assertThat(SharedCones.markers(List.of(box))).isEqualTo(SetupSheet.markers(BOX.plan()));
    }

    private static int total(List<MarkerCount> counts) {
        return counts.stream().mapToInt(MarkerCount::count).sum();
    }

    @Test
    void sharingIsSaidInPlaceOfOverlap() {
        List<Finding> findings =
                new GroundPlan(yard(), List.of(box("Box", 20, 20, 0), box("Twin", 20, 20, 0))).findings(false);
        assertThat(findings).extracting(Finding::code).contains("cones-shared").doesNotContain("courses-overlap");
        assertThat(findings)
                .anyMatch(f -> f.message().toString().startsWith("Box and Twin share ")
                        && f.message().toString().contains("A is A"));
    }

    @Test
    void aTallConeOnTheSpotOfAFlatOneIsSaid() {
        PlacedGround tall = CourseGround.of("Tall", WEAVE).at(HERE);
        PlacedGround flat =
                CourseGround.of("Flat", Course.standard(WEAVE.kind())).at(HERE);
        assertThat(new GroundPlan(yard(), List.of(tall, flat)).findings(false))
                .extracting(Finding::code)
                .contains("cones-on-one-spot");
    }

    /** Two cones of a place found are where the other's stand, within what counts as one; counted again by {@code between}. */
    @Test
    void everyPlaceFoundSharesWhatItSays() {
        Random random = new Random(5);
        for (String kind : List.of("u-turn-box", "straight-weave", "figure-eight", "offset-weave", "circle")) {
            Course course = Course.standard(CourseKinds.find(kind).orElseThrow());
            PlacedGround weave = CourseGround.of("Weave", WEAVE)
                    .at(new CoursePlacement(30 + random.nextDouble(), 40, random.nextDouble()));
            PlacedGround box = box("Box", 60, 30 + random.nextDouble(), 0.3);
            CourseGround wanted = CourseGround.of(kind, course);
            List<SharedPlace> places = SharedPlace.find(yard(), List.of(weave, box), wanted, HERE);
            for (SharedPlace place : places) {
                PlacedGround at = wanted.at(place.stand());
                assertThat(SharedCones.between(at, weave).size()
                                + SharedCones.between(at, box).size())
                        .isEqualTo(place.cones())
                        .isPositive();
            }
        }
    }

    /** Alike, and wherever it stands: all its cones can be shared, and the place is the other's own. */
    @Test
    void aCourseFindsItsLike() {
        PlacedGround box = box("Box", 33.3, 27.1, 1.234);
        SharedPlace best = SharedPlace.find(yard(), List.of(box), CourseGround.of("Twin", BOX), HERE)
                .get(0);
        assertThat(best.cones()).isEqualTo(BOX.plan().cones().size());
        assertThat(best.stand().xMetres()).isCloseTo(33.3, within(1e-9));
        assertThat(best.stand().yMetres()).isCloseTo(27.1, within(1e-9));
        assertThat(best.stand().turnRadians()).isCloseTo(1.234, within(1e-9));
    }

    @Test
    void aPlaceOutsideTheYardIsNone() {
        PlacedGround box = box("Box", 2, 2, 0);
        Yard small = new Yard(
                List.of(new Point(0, 0), new Point(14, 0), new Point(14, 12), new Point(0, 12)),
                Surface.ASPHALT,
                new Fall(0, 0),
                List.of(),
                List.of(),
                Optional.empty());
        assertThat(SharedPlace.find(small, List.of(box), CourseGround.of("Weave", WEAVE), HERE))
                .isEmpty();
    }

    /** A cone in the middle of the way leaves less room, and never more; one a long way off changes nothing. */
    @Test
    void theConesOfOthersTakeClearance() {
        Point middle =
                BOX.plan().route().points().get(BOX.plan().route().points().size() / 2);
        Cone tall = WEAVE.plan().cones().get(0);
        double alone = clearance(BOX);
        double beside = clearance(BOX.among(List.of(at(tall, middle.x() - 1.2, middle.y()))));
        double far = clearance(BOX.among(List.of(at(tall, middle.x() + 50, middle.y()))));
        assertThat(beside).isLessThan(alone + 1e-3);
        assertThat(far).isCloseTo(alone, within(0.02));
        Cone inTheWay = at(tall, 0.8, 0.8);
        CourseFit fit = CourseFit.clearance(BOX.among(List.of(inTheWay)), TWIN).fit();
        assertThat(fit.spare().metres()).isLessThan(alone);
    }

    private static double clearance(Course course) {
        return CourseFit.clearance(course, TWIN).fit().spare().metres();
    }

    private static Cone at(Cone cone, double x, double y) {
        return new Cone("Weave " + cone.label(), cone.role(), cone.marker(), new Point(x, y), new Point(x, y));
    }

    /** Only tall cones on its ground count, and not those that are its own. */
    @Test
    void amongWhichItIsRidden() {
        PlacedGround box = box("Box", 20, 20, 0);
        PlacedGround weave = CourseGround.of("Weave", WEAVE).at(new CoursePlacement(20, 23, 0));
        List<Cone> others = SharedCones.amongWhich(box, List.of(box, weave));
        assertThat(others)
                .isNotEmpty()
                .allMatch(c -> c.sort() == ConeSort.TALL && c.label().startsWith("Weave "));
        for (Cone cone : others) {
            Point there = box.stand().toYard(cone.centre());
            assertThat(WEAVE.plan().cones())
                    .anyMatch(c -> weave.stand().toYard(c.centre()).distanceTo(there) < 1e-9);
        }
        assertThat(SharedCones.amongWhich(
                        weave, List.of(weave, CourseGround.of("Same", WEAVE).at(weave.stand()))))
                .isEmpty();
        assertThat(SharedCones.amongWhich(
                        box, List.of(box, CourseGround.of("Far", WEAVE).at(new CoursePlacement(80, 80, 0)))))
                .isEmpty();
    }

    @Test
    void whoSharesGroundIsNotRiddenAtOnce() {
        List<PlacedGround> courses = List.of(box("Box", 20, 20, 0), box("Far", 70, 70, 0), box("Twin", 20, 20, 0));
        assertThat(SharedCones.sharingGround(courses)).containsExactly(List.of(2), List.of(), List.of(0));
    }

    private static Yard yard() {
        return new Yard(
                List.of(new Point(0, 0), new Point(110, 0), new Point(110, 110), new Point(0, 110)),
                Surface.ASPHALT,
                new Fall(0, 0),
                List.of(),
                List.of(),
                Optional.empty());
    }
}
