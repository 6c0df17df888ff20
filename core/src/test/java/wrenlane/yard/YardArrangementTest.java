package wrenlane.yard;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.finding.Finding;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.riding.Ground;
import wrenlane.units.MeasuredLength;

class YardArrangementTest {
    private static Yard apron(double length, double width, Obstacle... obstacles) {
        return new Yard(
                MeasuredOutline.rectangle(MeasuredLength.taped(length), MeasuredLength.taped(width))
                        .survey()
                        .corners(),
                Surface.CONCRETE,
                new Fall(1.2, -Math.PI / 2),
                List.of(obstacles),
                List.of(),
                Optional.of(new Point(2, 0)));
    }

    private static CourseGround wanted(String kind) {
        return CourseGround.of(kind, Course.standard(CourseKinds.find(kind).orElseThrow()));
    }

    @Test
    void placesThreeCoursesOnAnApronWithNothingAgainstIt() {
        Yard yard = apron(46.5, 21.8, new Obstacle(Obstacle.Kind.POST, "", new Point(30, 18), 0.2, 0.2, 0, 1));
        List<CourseGround> wanted = List.of(wanted("u-turn-box"), wanted("straight-weave"), wanted("figure-eight"));
        YardArrangement placing = YardArrangement.find(yard, List.of(), wanted);
        assertThat(placing.stands()).allMatch(Optional::isPresent);
        assertThat(placing.findings()).isEmpty();
        assertThat(placing.waiting()).isPresent();
        assertThat(new PlanChecker(yard, standing(wanted, placing)).faults()).isEmpty();
    }

    @Test
    void saysByHowMuchACourseDoesNotFitBesideTheOthers() {
        Yard yard = apron(30, 14);
        List<CourseGround> wanted = List.of(wanted("u-turn-box"), wanted("figure-eight"));
        YardArrangement placing = YardArrangement.find(yard, List.of(), wanted);
        assertThat(placing.findings()).extracting(Finding::code).containsExactly("no-place-found");
        assertThat(placing.findings().get(0).message().toString()).contains("m shorter", "Alone it fits");
        assertThat(placing.stands().stream().filter(Optional::isPresent)).hasSize(1);
    }

    @Test
    void onlyWhatIsProvedIsSaidNotToFit() {
        YardArrangement placing = YardArrangement.find(apron(12, 9), List.of(), List.of(wanted("figure-eight")));
        assertThat(placing.findings()).extracting(Finding::code).containsExactly("course-too-large");
    }

    @Test
    void turnsThatEnterUphillComeFirst() {
        Yard yard = apron(46.5, 21.8);
        YardArrangement placing = YardArrangement.find(yard, List.of(), List.of(wanted("u-turn-box")));
        CoursePlacement stand = placing.stands().get(0).orElseThrow();
        double start =
                Course.standard(CourseKinds.uTurnBox()).plan().route().start().headingRadians();
        assertThat(yard.fall().downhillPercent(stand.turnRadians() + start)).isLessThanOrEqualTo(1e-9);
    }

    /** 300 yards and sets of courses, seeded; whatever is accepted is checked by sampled points, without the geometry library. */
    @Test
    void everyAcceptedPlanPassesAnIndependentCheck() {
        Random random = new Random(20260514);
        List<CourseKind> kinds = CourseKinds.all();
        List<Case> cases = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            List<CourseGround> wanted = new ArrayList<>();
            for (int c = 1 + random.nextInt(3); c > 0; c--) {
                Course course = Course.standard(kinds.get(random.nextInt(kinds.size())));
                wanted.add(CourseGround.of("course " + c, random.nextBoolean() ? course : course.mirrored()));
            }
            cases.add(new Case(randomYard(random), wanted));
        }
        int asked = cases.stream().mapToInt(c -> c.wanted().size()).sum();
        int placed =
                cases.parallelStream().mapToInt(YardArrangementTest::checked).sum();
        // Enough of both, so that the check is not of empty yards.
        assertThat(placed).isGreaterThan(asked / 3).isLessThan(asked);
    }

    private record Case(Yard yard, List<CourseGround> wanted) {}

    /** How many courses were placed, all of them checked. */
    private static int checked(Case c) {
        YardArrangement placing = YardArrangement.find(c.yard(), List.of(), c.wanted());
        List<PlacedGround> standing = standing(c.wanted(), placing);
        assertThat(new PlanChecker(c.yard(), standing).faults()).as("%s", c).isEmpty();
        assertThat(placing.findings()).hasSize(c.wanted().size() - standing.size());
        return standing.size();
    }

    private static Yard randomYard(Random random) {
        double length = 25 + 40 * random.nextDouble();
        double width = 15 + 25 * random.nextDouble();
        double cut = 3 + 6 * random.nextDouble();
        double skew = 6 * random.nextDouble() - 3;
        List<Point> corners = switch (random.nextInt(3)) {
            case 0 ->
                List.of(
                        new Point(0, 0),
                        new Point(length, 0),
                        new Point(length + skew, width),
                        new Point(skew / 2, width));
            case 1 ->
                List.of(
                        new Point(0, 0),
                        new Point(length, 0),
                        new Point(length, width - cut),
                        new Point(length - cut, width),
                        new Point(0, width));
            default ->
                List.of(
                        new Point(0, 0),
                        new Point(length, 0),
                        new Point(length, width),
                        new Point(length / 2, width),
                        new Point(length / 2, width - cut),
                        new Point(0, width - cut));
        };
        List<Obstacle> obstacles = new ArrayList<>();
        for (int i = random.nextInt(4); i > 0; i--) {
            Obstacle.Kind kind = Obstacle.Kind.values()[random.nextInt(Obstacle.Kind.values().length)];
            Point at = new Point(length * random.nextDouble(), (width - cut) * random.nextDouble());
            obstacles.add(new Obstacle(
                    kind, "", at, 0.2 + 4 * random.nextDouble(), 0.2, 3 * random.nextDouble(), random.nextDouble()));
        }
        return new Yard(
                corners,
                Surface.ASPHALT,
                new Fall(2 * random.nextDouble(), 6 * random.nextDouble()),
                obstacles,
                List.of(new BayRow(new Point(1, 1), 0.4 * random.nextDouble(), 8, 2.5, 5)),
                random.nextBoolean() ? Optional.of(new Point(length / 3, 0)) : Optional.empty());
    }

    private static List<PlacedGround> standing(List<CourseGround> wanted, YardArrangement placing) {
        List<PlacedGround> standing = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            CourseGround w = wanted.get(i);
            placing.stands().get(i).ifPresent(s -> standing.add(w.at(s)));
        }
        return standing;
    }

    @Test
    void aCourseThatStandsIsLeftWhereItIs() {
        Yard yard = apron(46.5, 21.8);
        PlacedGround there = wanted("figure-eight").at(new CoursePlacement(15, 11, 0));
        YardArrangement placing = YardArrangement.find(yard, List.of(there), List.of(wanted("u-turn-box")));
        List<PlacedGround> all = new ArrayList<>(standing(List.of(wanted("u-turn-box")), placing));
        assertThat(all).hasSize(1);
        all.add(there);
        assertThat(new PlanChecker(yard, all).faults()).isEmpty();
    }

    @Test
    void mirroredCoursesTakeMirroredGround() {
        Course left = Course.standard(CourseKinds.uTurnBox());
        Ground g = Ground.withRunOut(left.plan());
        Ground m = Ground.withRunOut(left.mirrored().plan());
        assertThat(left.mirrored().firstTurn()).isEqualTo(Side.RIGHT);
        assertThat(m).isEqualTo(new Ground(g.minX(), g.maxX(), -g.maxY(), -g.minY()));
    }
}
