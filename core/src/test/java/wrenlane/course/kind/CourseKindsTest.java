package wrenlane.course.kind;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseDimension.Quantity;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.plan.Barrier;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.CoursePlan;
import wrenlane.course.plan.Markers;
import wrenlane.course.plan.Pace;
import wrenlane.course.plan.Route;
import wrenlane.finding.Finding;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.units.LengthMethod;
import wrenlane.units.MeasuredLength;

/** What holds for every kind of course. */
class CourseKindsTest {
    /** Rounding of sums of doubles, in metres. */
    private static final double ROUNDING_METRES = 1e-9;

    static List<CourseKind> kinds() {
        return CourseKinds.all();
    }

    @Test
    void haveIdsOfTheirOwn() {
        assertThat(kinds()).extracting(CourseKind::id).doesNotHaveDuplicates().hasSizeGreaterThan(14);
        assertThat(kinds()).allSatisfy(k -> assertThat(CourseKinds.find(k.id())).contains(k));
        assertThat(CourseKinds.find("no-such-kind")).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void haveOneLadderAndDefaultsWithinTheirLimits(CourseKind kind) {
        assertThat(kind.dimensions()).filteredOn(CourseDimension::ladder).hasSize(1);
        assertThat(kind.dimensions()).extracting(CourseDimension::name).doesNotHaveDuplicates();
        for (CourseDimension d : kind.dimensions()) {
            assertThat(d.check(d.min())).isEmpty();
            assertThat(d.check(d.max())).isEmpty();
            assertThat(d.check(d.min() - 0.01)).isPresent();
            assertThat(d.check(d.max() + 0.01)).isPresent();
        }
        assertThat(CourseSettings.standard(kind).check(kind)).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void nameEveryDimensionThatIsMissingOutOfRangeOrNotANumber(CourseKind kind) {
        assertThat(new CourseSettings(Map.of(), Map.of(), Map.of(), Markers.STANDARD).check(kind))
                .extracting(Finding::where)
                .containsExactlyElementsOf(
                        kind.dimensions().stream().map(CourseDimension::name).toList());
        for (CourseDimension d : kind.dimensions()) {
            for (double bad : new double[] {Double.NaN, -1, 0, 1e6, Double.POSITIVE_INFINITY}) {
                assertThat(d.check(bad)).isPresent();
            }
            for (double bad : new double[] {d.min() - d.min() / 8, d.max() + 1}) {
                double value = d.quantity() == Quantity.COUNT ? Math.floor(bad) : bad;
                CourseSettings wrong = CourseSettings.standard(kind).with(d, value);
                assertThat(wrong.check(kind)).singleElement().satisfies(f -> {
                    assertThat(f.where()).isEqualTo(d.name());
                    assertThat(f.message().toString()).contains(d.label(), "between");
                });
                assertThatIllegalArgumentException().isThrownBy(() -> new Course(kind, wrong, Side.LEFT));
            }
        }
    }

    /** What a run keeps of its course says the course again, as nobody measured it. */
    @ParameterizedTest
    @MethodSource("kinds")
    void sayTheirSettingsAndReadThemAgain(CourseKind kind) {
        CourseSettings paced = CourseSettings.standard(kind)
                .with(kind.ladder(), new MeasuredLength(kind.ladder().standard() + 0.1, 0.4, LengthMethod.PACES));
        assertThat(CourseSettings.said(kind, paced.saying())).isEqualTo(paced.taped());
        assertThat(CourseSettings.said(kind, Map.of("colour", "red"))).isEqualTo(CourseSettings.standard(kind));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void refuseChoicesAndDimensionsTheyDoNotHave(CourseKind kind) {
        CourseSettings standard = CourseSettings.standard(kind);
        Map<String, MeasuredLength> more = new HashMap<>(standard.lengths());
        more.put("heightMetres", MeasuredLength.taped(2));
        assertThat(new CourseSettings(more, standard.counts(), Map.of(), Markers.STANDARD).check(kind))
                .extracting(Finding::code)
                .containsExactly("no-such-dimension");
        for (CourseOption option : kind.options()) {
            assertThat(CourseSettings.standard(kind).with(option, "purple").check(kind))
                    .extracting(Finding::where)
                    .containsExactly(option.name());
            for (CourseOption.Choice choice : option.choices()) {
                CoursePlan plan =
                        Course.standard(kind).with(option, choice.value()).plan();
                assertThat(plan.cones()).isNotEmpty();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void labelEachConeOnceAndStandItOnItsGround(CourseKind kind) {
        CoursePlan plan = Course.standard(kind).plan();
        assertThat(plan.cones()).extracting(Cone::label).doesNotHaveDuplicates();
        CoursePlan.Area area = plan.area();
        assertThat(plan.cones()).allSatisfy(c -> {
            assertThat(c.mark().x()).isBetween(area.minX() - 0.5, area.maxX() + 0.5);
            assertThat(c.mark().y()).isBetween(area.minY() - 0.5, area.maxY() + 0.5);
            assertThat(c.mark().distanceTo(c.centre())).isLessThanOrEqualTo(0.2);
        });
        assertThat(plan.route().keeps()).isNotEmpty();
        assertThat(plan.route().points().get(0)).isEqualTo(plan.route().start().at());
        Point last = plan.route().points().get(plan.route().points().size() - 1);
        assertThat(last.distanceTo(plan.route().end().at())).isLessThan(1e-6);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void areTheirMirrorImageWhenFirstTurnedTheOtherWay(CourseKind kind) {
        CoursePlan left = Course.standard(kind).plan();
        CoursePlan right = Course.standard(kind).mirrored().plan();
        for (int i = 0; i < left.cones().size(); i++) {
            assertThat(right.cones().get(i).centre().x())
                    .isCloseTo(left.cones().get(i).centre().x(), within(ROUNDING_METRES));
            assertThat(right.cones().get(i).centre().y())
                    .isCloseTo(-left.cones().get(i).centre().y(), within(ROUNDING_METRES));
        }
        assertThat(right.mirrored().route()).isEqualTo(left.route());
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void drawTheirLengthsAsLongAsTheyAre(CourseKind kind) {
        Course course = Course.standard(kind);
        List<CoursePlan.Measure> measures = course.plan().measures();
        assertThat(measures)
                .extracting(CoursePlan.Measure::name)
                .contains(kind.ladder().name());
        for (CoursePlan.Measure m : measures) {
            assertThat(m.from().distanceTo(m.to()))
                    .as(m.name())
                    .isCloseTo(course.settings().of(dimension(kind, m.name())), within(ROUNDING_METRES));
        }
    }

    /** Positions as the trade gives them, x along the run and y to the left. */
    @ParameterizedTest
    @CsvSource({
        "straight-weave, 1, 0, 0",
        "straight-weave, 4, 13.5, 0",
        "straight-weave, ER, -5, -0.8",
        "offset-weave, 1, 0, -1",
        "offset-weave, 2, 6.5, 1",
        "lane, R, 0, -0.7",
        "lane, L3, 7.5, 0.7",
        "plank-crossing, L, 0, 0.7",
        "u-turn-box, B, 7.5, 0",
        "u-turn-box, D, 0, 7.2",
        "figure-eight-box, C, 18, 3.75",
        "return-gates, 3L, 0, 9.9",
        "return-gates, 2R, 0, 3.6",
        "weave-and-turn, G2, -9, 0",
        "weave-and-turn, K1, -4, 7.6",
        "crossroads, C1, 3.75, 3.75",
        "turning-circle-test, S, 0, -0.4"
    })
    void standWhereTheyShould(String kind, String label, double x, double y) {
        Cone cone = Course.standard(CourseKinds.find(kind).orElseThrow()).plan().cones().stream()
                .filter(c -> c.label().equals(label))
                .findFirst()
                .orElseThrow();
        assertThat(cone.mark().x()).isCloseTo(x, within(ROUNDING_METRES));
        assertThat(cone.mark().y()).isCloseTo(y, within(ROUNDING_METRES));
    }

    /** n = π / asin(c/D): 16 m and 6 m give 8.18, so 8 cones, 16·sin(π/8) = 6.123 m apart. */
    @Test
    void aCircleWeaveByWantedSpacingSaysTheTrueSpacing() {
        CourseKind kind = CourseKinds.find("circle-weave").orElseThrow();
        Course course = Course.standard(kind).with(option(kind, "given"), "SPACING");
        CoursePlan plan = course.plan();
        assertThat(plan.cones()).hasSize(8);
        assertThat(plan.notes().get(0)).asString().contains("8 cones", "6.12 m");
        // 9 cones would stand 16·sin(π/9) = 5.472 m apart.
        assertThat(plan.notes().get(1)).asString().contains("6.00 m does not divide", "9 cones", "5.47 m");
        assertThat(plan.notes().get(2)).asString().contains("even");
        Course odd = Course.standard(kind).with(dimension(kind, "coneCount"), 9);
        assertThat(odd.plan().notes().get(1)).asString().contains("change over");
        assertThat(plan.cones().get(0).centre().distanceTo(plan.cones().get(1).centre()))
                .isCloseTo(16 * Math.sin(Math.PI / 8), within(ROUNDING_METRES));
    }

    @ParameterizedTest
    @CsvSource({
        "stop-boxes, boxDepthMetres, 5, stopSpacingMetres, 4",
        "figure-eight, centresMetres, 5, diameterMetres, 6",
        "figure-eight-box, lengthMetres, 9, widthMetres, 8",
        "return-gates, gateMetres, 4, pitchMetres, 4",
        "circle, coneCount, 24, diameterMetres, 0.6",
        "crossroads, legLengthMetres, 6, legWidthMetres, 8",
    })
    void pointOutDimensionsThatContradict(String id, String named, double value, String other, double otherValue) {
        CourseKind kind = CourseKinds.find(id).orElseThrow();
        CourseSettings settings = CourseSettings.standard(kind)
                .with(dimension(kind, named), value)
                .with(dimension(kind, other), otherValue);
        assertThat(settings.check(kind)).extracting(Finding::where).containsExactly(named);
    }

    /** Ridden within, no cone stands inside a ring, and those of an eight leave it open towards the middle. */
    @ParameterizedTest
    @CsvSource({"circle, 7", "figure-eight, 7"})
    void ringsRiddenWithinHaveTheirConesOutside(String id, double diameter) {
        CourseKind kind = CourseKinds.find(id).orElseThrow();
        Course course = Course.standard(kind).with(kind.ladder(), diameter).with(option(kind, "ridden"), "WITHIN");
        double half = id.equals("circle") ? 0 : course.settings().of(dimension(kind, "centresMetres")) / 2;
        assertThat(course.plan().cones()).hasSizeGreaterThan(5).allSatisfy(c -> {
            Point centre = new Point(Math.copySign(half, c.mark().x()), 0);
            assertThat(c.mark().distanceTo(centre)).isCloseTo(diameter / 2, within(ROUNDING_METRES));
            assertThat(c.centre().distanceTo(centre)).isGreaterThan(diameter / 2);
            assertThat(half == 0 || Math.abs(c.mark().x()) > half - diameter / 4 - ROUNDING_METRES)
                    .isTrue();
        });
    }

    /** With the plank under the rear wheel the way begins on it, and from a stop. */
    @Test
    void aPlankIsRolledOverOrStartedFrom() {
        CourseKind kind = CourseKinds.find("plank-crossing").orElseThrow();
        Course rolled = Course.standard(kind);
        Course started = rolled.with(option(kind, "start"), "ON_THE_PLANK");
        assertThat(rolled.plan().route().pace()).isEqualTo(Pace.ROLLING);
        assertThat(rolled.plan().route().start().at().x()).isNegative();
        assertThat(started.plan().route().pace()).isEqualTo(Pace.FROM_A_STOP);
        assertThat(started.plan().route().start().at()).isEqualTo(new Point(0, 0));
    }

    /** What can be leaned over is cleared by the wheels; what stands high, by all of the machine. */
    @ParameterizedTest
    @CsvSource({"FLAT, WHEELS", "BAYS, WHEELS", "TALL, BODY"})
    void aLaneIsClearedByWhatItsMarksAskFor(String marking, Barrier.Part part) {
        CourseKind kind = CourseKinds.find("lane").orElseThrow();
        Course lane = Course.standard(kind).with(option(kind, "marking"), marking);
        assertThat(lane.plan().route().keeps())
                .allSatisfy(k -> assertThat(k.part()).isEqualTo(part));
    }

    /** Right and left about are each other's mirror image in what they turn, whole turns counted. */
    @Test
    void crossroadsAreTurnedRoundToBothSides() {
        CourseKind kind = CourseKinds.find("crossroads").orElseThrow();
        assertThat(turned(kind, "U")).isCloseTo(Math.PI, within(1e-6));
        assertThat(turned(kind, "V")).isCloseTo(-Math.PI, within(1e-6));
        assertThat(turned(kind, "RL")).isCloseTo(Math.PI, within(1e-6));
    }

    /** Two turns within a box may be ridden anywhere in it; two round rings only at their rings. */
    @Test
    void onlyABoxIsBoundedAlikeAllTheWayOfAnEight() {
        assertThat(routeOf("figure-eight-box").isBoundedAlike()).isTrue();
        assertThat(routeOf("figure-eight").isBoundedAlike()).isFalse();
        assertThat(routeOf("return-gates").isBoundedAlike()).isFalse();
    }

    private static Route routeOf(String kind) {
        return Course.standard(CourseKinds.find(kind).orElseThrow()).plan().route();
    }

    private static double turned(CourseKind kind, String calls) {
        return Course.standard(kind)
                .with(option(kind, "calls"), calls)
                .plan()
                .route()
                .turnedRadians();
    }

    @ParameterizedTest
    @CsvSource({"''", "X", "rl", "RLSURLS"})
    void refuseCallsThatCannotBeObeyed(String calls) {
        CourseKind kind = CourseKinds.find("crossroads").orElseThrow();
        assertThat(CourseSettings.standard(kind)
                        .with(option(kind, "calls"), calls)
                        .check(kind))
                .extracting(Finding::where)
                .containsExactly("calls");
    }

    @Test
    void drawTheSameCallsFromTheSameSeed() {
        assertThat(Crossroads.draw(5, 7)).isEqualTo(Crossroads.draw(5, 7)).matches("[RLSUV]{5}");
        assertThat(Crossroads.draw(6, 7)).isNotEqualTo(Crossroads.draw(6, 8));
    }

    private static CourseDimension dimension(CourseKind kind, String name) {
        return kind.dimensions().stream()
                .filter(d -> d.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static CourseOption option(CourseKind kind, String name) {
        return kind.options().stream()
                .filter(o -> o.name().equals(name))
                .findFirst()
                .orElseThrow();
    }
}
