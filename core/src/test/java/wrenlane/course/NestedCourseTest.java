package wrenlane.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.CourseLine;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.MarkerColour;
import wrenlane.course.plan.Markers;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;

class NestedCourseTest {
    private static final Course BOX = Course.standard(CourseKinds.uTurnBox());

    private static List<String> codes(Course course, Double... settings) {
        return NestedCourse.check(course, List.of(settings)).stream()
                .map(Finding::code)
                .toList();
    }

    private static List<String> labels(CoursePlan plan) {
        return plan.cones().stream().map(Cone::label).toList();
    }

    @Test
    void standsAsItIsSetWhereNoSettingIsNamed() {
        NestedCourse one = NestedCourse.of(BOX, List.of());
        assertThat(one.settingsMetres()).containsExactly(BOX.settingMetres());
        assertThat(one.plan()).isEqualTo(BOX.plan());
    }

    @Test
    void threeWidthsShareTheEntryLineAndTheFarLine() {
        NestedCourse three = NestedCourse.of(BOX, List.of(6.1, 8.2, 7.0));
        assertThat(three.settingsMetres()).containsExactly(8.2, 7.0, 6.1);
        CoursePlan plan = three.plan();
        // Entry line and near corner serve all; each has an exit line of its own from its own corner.
        assertThat(labels(plan)).contains("A", "A1", "B", "Ca", "Cb", "Cc", "C1a", "C1b", "C1c", "Da", "Db", "Dc");
        assertThat(labels(plan)).doesNotContain("Aa", "Bb", "C", "B1b", "B1c");
        assertThat(plan.lines())
                .extracting(CourseLine::name)
                .containsExactlyInAnyOrder("entry line", "far line", "exit line", "exit line", "exit line");
        Cone inner = plan.cones().stream()
                .filter(c -> c.label().equals("Dc"))
                .findFirst()
                .orElseThrow();
        assertThat(inner.mark().y()).isEqualTo(6.1);
        assertThat(inner.sort()).isEqualTo(ConeSort.FLAT);
        assertThat(three.lettersOf(inner)).isEqualTo(Set.of("c"));
        assertThat(three.lettersOf(plan.cones().get(0))).isEqualTo(Set.of("a", "b", "c"));
    }

    private static Marker flat(String name) {
        return new Marker(name, ConeSort.FLAT, 0.19, 0.05, MarkerColour.YELLOW);
    }

    /** What settings share lies as the widest does; all else in its own marker, its base touching the same mark. */
    @Test
    void eachSettingLiesInAMarkerOfItsOwn() {
        Course own = BOX.with(Markers.STANDARD.within(List.of(flat("yellow disc"), flat("half ball"))));
        assertThat(own.plan()).isEqualTo(BOX.plan());
        CoursePlan plan = NestedCourse.of(own, List.of(6.1, 8.2, 7.0)).plan();
        assertThat(labels(plan))
                .isEqualTo(labels(NestedCourse.of(BOX, List.of(6.1, 8.2, 7.0)).plan()));
        assertThat(plan.cones())
                .filteredOn(c -> c.sort() == ConeSort.FLAT)
                .allSatisfy(c -> assertThat(c.marker().name())
                        .isEqualTo(
                                c.label().endsWith("b")
                                        ? "yellow disc"
                                        : c.label().endsWith("c") ? "half ball" : "flat marker"));
        assertThat(plan.notes())
                .extracting(Sentence::toString)
                .contains("Set up at 3 sizes: a in flat markers, b in yellow discs, c in half balls.");
        assertThat(NestedCourse.of(own, List.of(7.0)).plan().cones())
                .extracting(c -> c.marker().name())
                .containsOnly("flat marker", "tall cone");
    }

    @Test
    void settingsThatWouldLieInTheSameAreToldApart() {
        CourseSettings twice =
                BOX.settings().with(Markers.STANDARD.within(List.of(flat("yellow disc"), flat("Yellow disc"))));
        assertThat(twice.check(BOX.kind()))
                .extracting(f -> f.message().toString())
                .containsExactly("There would be Yellow discs in two places: choose another marker for one of them.");
        // One of the settings within may lie in what does at the widest: nobody said otherwise.
        assertThat(BOX.settings()
                        .with(Markers.STANDARD.within(List.of(flat("yellow disc"))))
                        .check(BOX.kind()))
                .isEmpty();
        assertThat(NestedCourse.of(BOX, List.of(8.2, 7.0)).plan().notes())
                .extracting(Sentence::toString)
                .contains("Set up at 2 sizes: a marker or colour of its own for each, a the widest.");
    }

    @Test
    void takesTheGroundOfTheWidest() {
        NestedCourse three = NestedCourse.of(BOX, List.of(6.1, 8.2, 7.0));
        assertThat(three.plan().area())
                .isEqualTo(BOX.with(BOX.kind().ladder(), 8.2).plan().area());
        assertThat(three.widest().settingMetres()).isEqualTo(8.2);
    }

    static Stream<CourseKind> kinds() {
        return CourseKinds.all().stream();
    }

    /** In flat markers, three settings a tenth of the ladder apart. */
    @ParameterizedTest
    @MethodSource("kinds")
    void everyMarkOfEverySettingStandsOnceOrLiesOnALineMarkedWider(CourseKind kind) {
        Course course = flat(Course.standard(kind));
        double at = kind.ladder().standard();
        List<Double> settings = List.of(at, at * 1.15 + 0.3, at * 1.3 + 0.6);
        List<Finding> findings = NestedCourse.check(course, settings);
        if (!kind.nests()) {
            assertThat(findings).extracting(Finding::code).containsExactly("kind-does-not-nest");
            return;
        }
        assertThat(findings).isEmpty();
        NestedCourse nested = NestedCourse.of(course, settings);
        List<Cone> laid = nested.plan().cones();
        assertThat(labels(nested.plan())).doesNotHaveDuplicates();
        for (int i = 0; i < laid.size(); i++) {
            for (Cone other : laid.subList(i + 1, laid.size())) {
                assertThat(laid.get(i).mark().distanceTo(other.mark()))
                        .as(laid.get(i).label() + " and " + other.label())
                        .isPositive();
            }
        }
        List<Cone> missing = new ArrayList<>();
        nested.courses()
                .forEach(c -> c.plan().cones().stream()
                        .filter(own -> laid.stream().noneMatch(l -> l.mark().distanceTo(own.mark()) < 0.01))
                        .forEach(missing::add));
        assertThat(missing).allMatch(c -> c.role() == ConeRole.EDGE);
    }

    /** A drawing may read a dimension off the ground, at every setting. */
    @ParameterizedTest
    @MethodSource("kinds")
    void aMeasureIsAsLongAsItsDimension(CourseKind kind) {
        Course course = Course.standard(kind);
        for (CoursePlan.Measure m : course.plan().measures()) {
            CourseDimension dimension = kind.dimensions().stream()
                    .filter(d -> d.name().equals(m.name()))
                    .findFirst()
                    .orElseThrow();
            assertThat(m.from().distanceTo(m.to()))
                    .as(m.name())
                    .isCloseTo(course.settings().of(dimension), within(1e-9));
        }
    }

    @Test
    void everySettingHasItsOwnMeasureFartherOut() {
        List<CoursePlan.Measure> widths = NestedCourse.of(BOX, List.of(6.1, 8.2, 7.0)).plan().measures().stream()
                .filter(m -> m.name().equals("widthMetres"))
                .toList();
        assertThat(widths).extracting(m -> m.from().distanceTo(m.to())).containsExactly(8.2, 7.0, 6.1);
        assertThat(widths).extracting(m -> m.away().x()).containsExactly(1.0, 2.0, 3.0);
    }

    private static Course flat(Course course) {
        return course.kind().options().stream()
                .filter(o -> o.name().equals(CourseOption.MARKING))
                .findFirst()
                .map(o -> course.with(o, "FLAT"))
                .orElse(course);
    }

    @Test
    void tallConesInsideAWiderSettingAreRefused() {
        Course lane = Course.standard(CourseKinds.find("lane").orElseThrow());
        CourseOption marking = lane.kind().options().stream()
                .filter(o -> o.name().equals(CourseOption.MARKING))
                .findFirst()
                .orElseThrow();
        assertThat(codes(lane.with(marking, "TALL"), 1.2, 2.0)).containsExactly("tall-in-the-way");
        assertThat(codes(lane.with(marking, "FLAT"), 1.2, 2.0)).isEmpty();
        assertThat(codes(lane.with(marking, "TALL"), 1.2)).isEmpty();
    }

    @Test
    void refusesWhatNobodyCouldLayOrTellApart() {
        assertThat(codes(BOX, 6.0, 7.0, 8.0, 9.0)).containsExactly("too-many-settings");
        assertThat(codes(BOX, 6.0, 6.2)).containsExactly("settings-too-near");
        assertThat(codes(BOX, 6.0, 6.3)).isEmpty();
        assertThat(codes(BOX, 6.0, 6.0)).containsExactly("settings-too-near");
        assertThat(codes(BOX, 2.0)).containsExactly("out-of-range");
        assertThat(codes(BOX, Double.NaN)).isNotEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> NestedCourse.of(BOX, List.of(6.0, 6.1)));
        assertThatIllegalArgumentException().isThrownBy(() -> new NestedCourse(List.of()));
    }
}
