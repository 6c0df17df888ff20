package wrenlane.setout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.ConeSort;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.setout.ChangeOver.ConeMove;
import wrenlane.setout.ChangeOver.Doing;
import wrenlane.units.LengthSystem;

class ChangeOverTest {
    private static final Point STACK = new Point(0, -2);

    private static SetOutSheet sheet(SplittableRandom random, int tall, int flat) {
        List<SetOutStep> steps = new ArrayList<>();
        for (int i = 0; i < tall + flat; i++) {
            Point at = new Point(random.nextDouble(0, 20), random.nextDouble(0, 10));
            ConeSort sort = i < tall ? ConeSort.TALL : ConeSort.FLAT;
            steps.add(SetOutStep.taped(new Cone(String.valueOf(i + 1), ConeRole.EDGE, sort, at, at), at.x(), at.y()));
        }
        return new SetOutSheet(
                steps,
                0.01,
                new Baseline("a kerb", new Point(0, 0), 0, Side.LEFT),
                List.of(),
                Map.of(),
                Optional.empty(),
                0);
    }

    private static List<Point> places(SetOutSheet sheet, ConeSort sort) {
        return sheet.steps().stream()
                .filter(s -> s.cone().sort() == sort)
                .map(SetOutStep::place)
                .toList();
    }

    /** The least carrying of one sort, by trying every cone for every place. */
    private static double leastCarried(List<Point> from, List<Point> to) {
        if (to.isEmpty()) {
            return from.stream().mapToDouble(STACK::distanceTo).sum();
        }
        Point place = to.get(0);
        List<Point> rest = to.subList(1, to.size());
        double best = STACK.distanceTo(place) + leastCarried(from, rest);
        for (Point cone : from) {
            List<Point> others = new ArrayList<>(from);
            others.remove(cone);
            best = Math.min(best, cone.distanceTo(place) + leastCarried(others, rest));
        }
        return best;
    }

    /** What someone does who always moves the pair that is nearest. */
    private static double greedy(List<Point> from, List<Point> to) {
        List<Point> cones = new ArrayList<>(from);
        List<Point> open = new ArrayList<>(to);
        double sum = 0;
        while (!cones.isEmpty() && !open.isEmpty()) {
            Point cone = cones.stream()
                    .min(Comparator.comparingDouble(
                            c -> open.stream().mapToDouble(c::distanceTo).min().orElseThrow()))
                    .orElseThrow();
            Point place = open.stream()
                    .min(Comparator.comparingDouble(cone::distanceTo))
                    .orElseThrow();
            sum += cone.distanceTo(place);
            cones.remove(cone);
            open.remove(place);
        }
        return sum
                + cones.stream().mapToDouble(STACK::distanceTo).sum()
                + open.stream().mapToDouble(STACK::distanceTo).sum();
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11})
    void carriesTheLeastThereIs(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        SetOutSheet first = sheet(random, random.nextInt(0, 5), random.nextInt(1, 6));
        SetOutSheet second = sheet(random, random.nextInt(0, 5), random.nextInt(1, 6));
        ChangeOver change = ChangeOver.between(first, second, STACK);
        double least = 0;
        double greedy = 0;
        for (ConeSort sort : ConeSort.values()) {
            least += leastCarried(places(first, sort), places(second, sort));
            greedy += greedy(places(first, sort), places(second, sort));
        }
        assertThat(change.carriedMetres()).isCloseTo(least, within(1e-9)).isLessThanOrEqualTo(greedy + 1e-9);
    }

    /** From any kind to any other at their standards: every cone is seen to, every place is filled by its sort. */
    @Test
    void everyConeIsSeenToAndEveryPlaceFilled() {
        for (CourseKind a : CourseKinds.all()) {
            SetOutSheet first = SetOutSheet.of(Course.standard(a), LengthSystem.METRIC);
            for (CourseKind b : CourseKinds.all()) {
                SetOutSheet second = SetOutSheet.of(Course.standard(b), LengthSystem.METRIC);
                ChangeOver change = ChangeOver.between(first, second, STACK);
                assertThat(change.steps().stream()
                                .filter(s -> s.doing() != Doing.COMES)
                                .map(ConeMove::fromLabel))
                        .as("%s to %s", a.id(), b.id())
                        .containsExactlyInAnyOrderElementsOf(labels(first));
                assertThat(change.steps().stream()
                                .filter(s -> s.doing() != Doing.GOES)
                                .map(ConeMove::toLabel))
                        .containsExactlyInAnyOrderElementsOf(labels(second));
                assertThat(change.steps().stream().filter(s -> s.doing() != Doing.GOES))
                        .allSatisfy(s -> assertThat(sortOf(second, s.toLabel())).isEqualTo(s.sort()));
            }
        }
    }

    private static List<String> labels(SetOutSheet sheet) {
        return sheet.steps().stream().map(s -> s.cone().label()).toList();
    }

    private static ConeSort sortOf(SetOutSheet sheet, String label) {
        return sheet.steps().stream()
                .filter(s -> s.cone().label().equals(label))
                .findFirst()
                .orElseThrow()
                .cone()
                .sort();
    }

    @Test
    void nothingIsDoneFromACourseToItself() {
        SetOutSheet sheet = SetOutSheet.of(Course.standard(CourseKinds.uTurnBox()), LengthSystem.METRIC);
        ChangeOver change = ChangeOver.between(sheet, sheet, STACK);
        assertThat(change.steps()).extracting(ConeMove::doing).containsOnly(Doing.STAYS);
        assertThat(change.carriedMetres()).isZero();
        assertThat(change.minutes()).isZero();
    }

    /** Sixty cones to sixty other places: every number of theirs is used once. */
    @Test
    void changesSixtyCones() {
        SplittableRandom random = new SplittableRandom(60);
        ChangeOver change = ChangeOver.between(sheet(random, 0, 60), sheet(random, 0, 60), STACK);
        assertThat(change.steps()).hasSize(60);
        assertThat(IntStream.rangeClosed(1, 60).mapToObj(String::valueOf))
                .containsExactlyInAnyOrderElementsOf(
                        change.steps().stream().map(ConeMove::toLabel).toList());
    }
}
