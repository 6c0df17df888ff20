package wrenlane.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.ConeSort;
import wrenlane.course.plan.Marker;
import wrenlane.course.plan.MarkerColour;
import wrenlane.course.plan.MarkerCount;
import wrenlane.course.plan.Markers;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.setup.Changeover.Step;
import wrenlane.setup.Changeover.StopAction;
import wrenlane.setup.StackWalk.Stop;
import wrenlane.units.LengthSystem;

class ChangeoverTest {
    private static final Point STACK = new Point(0, -2);

    private static final Marker TALL = Markers.STANDARD.tall();
    private static final Marker FLAT = Markers.STANDARD.flat();
    private static final Marker DISC = new Marker("yellow disc", ConeSort.FLAT, 0.19, 0.05, MarkerColour.YELLOW);

    private static Marker[] any(SplittableRandom random, int n) {
        List<Marker> all = List.of(TALL, FLAT, DISC);
        return Stream.generate(() -> all.get(random.nextInt(3))).limit(n).toArray(Marker[]::new);
    }

    private static SetupSheet sheet(SplittableRandom random, Marker... markers) {
        return sheet(
                Stream.of(markers)
                        .map(marker -> new Point(random.nextDouble(0, 20), random.nextDouble(0, 10)))
                        .toList(),
                markers);
    }

    private static SetupSheet sheet(List<Point> places, Marker... markers) {
        List<SetupStep> steps = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Point at = places.get(i);
            steps.add(SetupStep.taped(
                    new Cone(String.valueOf(i + 1), ConeRole.EDGE, markers[i], at, at), at.x(), at.y()));
        }
        return new SetupSheet(
                steps,
                0.01,
                new Baseline("a kerb", new Point(0, 0), 0, Side.LEFT),
                List.of(),
                List.of(),
                Optional.empty(),
                0);
    }

    /** Walks it again, stop by stop: nothing is laid down that is not in hand, the hand is never too full, none is left. */
    private static double walkedAgain(Changeover change, int holds) {
        Point at = STACK;
        Map<Marker, Integer> inHand = new HashMap<>();
        double metres = 0;
        for (Step s : change.steps()) {
            if (s.doing() == StopAction.STAYS) {
                continue;
            }
            metres += at.distanceTo(s.place());
            at = s.place();
            if (s.doing() == StopAction.AT_STACK) {
                assertThat(s.place()).isEqualTo(STACK);
            } else {
                assertThat(s.change()).extracting(c -> Math.abs(c.count())).containsExactly(1);
            }
            s.change().forEach(c -> inHand.merge(c.marker(), c.count(), Integer::sum));
            inHand.values().removeIf(n -> n == 0);
            assertThat(s.inHand().stream().collect(Collectors.toMap(MarkerCount::marker, MarkerCount::count)))
                    .isEqualTo(inHand);
            assertThat(inHand.values()).allMatch(n -> n > 0);
            assertThat(inHand.values().stream().mapToInt(n -> n).sum()).isLessThanOrEqualTo(holds);
        }
        assertThat(inHand).isEmpty();
        return metres;
    }

    /** Looks for any walk shorter than one that is known, by going on from every stop to every other and to the stack. */
    private static final class WalkImprover {
        private final List<Stop> stops;
        private final int holds;
        private final double known;

        WalkImprover(List<Stop> stops, int holds, double known) {
            this.stops = stops;
            this.holds = holds;
            this.known = known - 1e-7;
        }

        boolean exists() {
            return fromStack(0, STACK, 0);
        }

        private boolean fromStack(int done, Point at, double metres) {
            double there = metres + at.distanceTo(STACK);
            if (there >= known) {
                return false;
            }
            // Nobody takes more of a marker than there are marks of it still to fill.
            int[] most = new int[3];
            for (int i = 0; i < stops.size(); i++) {
                Stop s = stops.get(i);
                most[s.marker()] += (done & 1 << i) == 0 && !s.pickUp() ? 1 : 0;
            }
            for (int hand = 0; hand < (most[0] + 1) * (most[1] + 1) * (most[2] + 1); hand++) {
                int[] inHand = {
                    hand % (most[0] + 1), hand / (most[0] + 1) % (most[1] + 1), hand / (most[0] + 1) / (most[1] + 1)
                };
                if (Arrays.stream(inHand).sum() <= holds && goesOn(done, STACK, inHand, there, false)) {
                    return true;
                }
            }
            return false;
        }

        private boolean goesOn(int done, Point at, int[] hand, double metres, boolean mayTurnBack) {
            int held = Arrays.stream(hand).sum();
            if (done == (1 << stops.size()) - 1) {
                return metres + (held > 0 ? at.distanceTo(STACK) : 0) < known;
            }
            for (int i = 0; i < stops.size(); i++) {
                Stop s = stops.get(i);
                double then = metres + at.distanceTo(s.place());
                if ((done & 1 << i) != 0 || held + s.change() > holds || then >= known) {
                    continue;
                }
                hand[s.marker()] += s.change();
                boolean shorter = hand[s.marker()] >= 0 && goesOn(done | 1 << i, s.place(), hand, then, true);
                hand[s.marker()] -= s.change();
                if (shorter) {
                    return true;
                }
            }
            return mayTurnBack && fromStack(done, at, metres);
        }
    }

    private static List<Stop> stops(SetupSheet first, SetupSheet second) {
        List<Stop> stops = new ArrayList<>();
        List<Marker> markers = List.of(TALL, FLAT, DISC);
        first.steps()
                .forEach(s ->
                        stops.add(new Stop(s.place(), markers.indexOf(s.cone().marker()), true)));
        second.steps()
                .forEach(s ->
                        stops.add(new Stop(s.place(), markers.indexOf(s.cone().marker()), false)));
        return stops;
    }

    /** Up to five cones to up to five marks, and as few as one in hand. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11})
    void noWalkIsShorter(int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        SetupSheet first = sheet(random, any(random, random.nextInt(0, 6)));
        SetupSheet second = sheet(random, any(random, random.nextInt(1, 6)));
        int holds = 1 + seed % 4;
        Changeover change = Changeover.between(first, second, STACK, holds);
        assertThat(walkedAgain(change, holds)).isCloseTo(change.walkedMetres(), within(1e-9));
        assertThat(new WalkImprover(stops(first, second), holds, change.walkedMetres()).exists())
                .isFalse();
        assertThat(new WalkImprover(stops(first, second), holds, change.walkedMetres() + 1e-3).exists())
                .as("the search itself finds what there is")
                .isTrue();
    }

    /** What someone walks who carries each cone alone: the nearest one to each mark, else one of the stack's. */
    private static double oneByOne(SetupSheet first, SetupSheet second) {
        List<Stop> cones = new ArrayList<>(stops(first, second.cleared()));
        Point at = STACK;
        double metres = 0;
        for (Stop mark : stops(first.cleared(), second)) {
            Optional<Stop> cone = cones.stream()
                    .filter(c -> c.marker() == mark.marker())
                    .min(Comparator.comparingDouble(c -> c.place().distanceTo(mark.place())));
            Point from = cone.map(Stop::place).orElse(STACK);
            metres += at.distanceTo(from) + from.distanceTo(mark.place());
            cone.ifPresent(cones::remove);
            at = mark.place();
        }
        for (Stop cone : cones) {
            metres += at.distanceTo(cone.place()) + cone.place().distanceTo(STACK);
            at = STACK;
        }
        return metres;
    }

    /** Many cones, any hand: it can be walked, never above one cone at a time, and never longer with a larger hand. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5})
    void aLargerHandNeverWalksFurther(int seed) {
        SplittableRandom random = new SplittableRandom(100 + seed);
        SetupSheet first = sheet(random, any(random, random.nextInt(0, 32)));
        SetupSheet second = sheet(random, any(random, random.nextInt(1, 32)));
        double before = oneByOne(first, second);
        for (int holds : new int[] {1, 4, 12}) {
            Changeover change = Changeover.between(first, second, STACK, holds);
            assertThat(walkedAgain(change, holds)).isCloseTo(change.walkedMetres(), within(1e-9));
            assertThat(change.walkedMetres()).as("%d in hand", holds).isLessThanOrEqualTo(before + 1e-9);
            before = change.walkedMetres();
        }
    }

    /** From any kind to any other at their standards: every cone is seen to, every place is filled by its sort. */
    @Test
    void everyConeIsSeenToAndEveryPlaceFilled() {
        for (CourseKind a : CourseKinds.all()) {
            SetupSheet first = SetupSheet.of(Course.standard(a), LengthSystem.METRIC);
            for (CourseKind b : CourseKinds.all()) {
                SetupSheet second = SetupSheet.of(Course.standard(b), LengthSystem.METRIC);
                Changeover change = Changeover.between(first, second, STACK);
                assertThat(change.steps().stream().map(Step::fromLabel).filter(l -> !l.isEmpty()))
                        .as("%s to %s", a.id(), b.id())
                        .containsExactlyInAnyOrderElementsOf(labels(first));
                assertThat(change.steps().stream().map(Step::toLabel).filter(l -> !l.isEmpty()))
                        .containsExactlyInAnyOrderElementsOf(labels(second));
                assertThat(change.steps().stream().filter(s -> !s.toLabel().isEmpty()))
                        .allSatisfy(s -> assertThat(s.marker()).contains(markerOf(second, s.toLabel())));
                assertThat(walkedAgain(change, Changeover.USUAL_STACK)).isCloseTo(change.walkedMetres(), within(1e-9));
            }
        }
    }

    private static List<String> labels(SetupSheet sheet) {
        return sheet.steps().stream().map(s -> s.cone().label()).toList();
    }

    private static Marker markerOf(SetupSheet sheet, String label) {
        return sheet.steps().stream()
                .filter(s -> s.cone().label().equals(label))
                .findFirst()
                .orElseThrow()
                .cone()
                .marker();
    }

    @Test
    void nothingIsDoneFromACourseToItself() {
        SetupSheet sheet = SetupSheet.of(Course.standard(CourseKinds.uTurnBox()), LengthSystem.METRIC);
        Changeover change = Changeover.between(sheet, sheet, STACK);
        assertThat(change.steps()).extracting(Step::doing).containsOnly(StopAction.STAYS);
        assertThat(change.walkedMetres()).isZero();
        assertThat(change.minutes()).isZero();
    }

    /** Sixty cones to sixty other places: every one is picked up and every mark has one. */
    @Test
    void changesSixtyCones() {
        SplittableRandom random = new SplittableRandom(60);
        Marker[] sixty = Collections.nCopies(60, FLAT).toArray(Marker[]::new);
        Changeover change = Changeover.between(sheet(random, sixty), sheet(random, sixty), STACK);
        assertThat(change.conesTouched()).isEqualTo(60);
        assertThat(walkedAgain(change, Changeover.USUAL_STACK)).isCloseTo(change.walkedMetres(), within(1e-9));
        assertThat(IntStream.rangeClosed(1, 60).mapToObj(String::valueOf))
                .containsExactlyInAnyOrderElementsOf(change.steps().stream()
                        .map(Step::toLabel)
                        .filter(l -> !l.isEmpty())
                        .toList());
    }

    /** Two marks beyond two cones in a row: 2 m to the stack's first cone, on to the last mark, 13 m in all, by hand. */
    @Test
    void picksUpAndLaysDownOnTheWay() {
        SetupSheet first = row(0, 1);
        SetupSheet second = row(9, 10);
        Changeover change = Changeover.between(first, second, new Point(-3, 0));
        assertThat(change.steps())
                .extracting(Step::doing)
                .containsExactly(StopAction.PICK_UP, StopAction.PICK_UP, StopAction.LAY_DOWN, StopAction.LAY_DOWN);
        assertThat(change.walkedMetres()).isCloseTo(13, within(1e-9));
        // 13 m at 1.1 m/s, two cones bent for and two laid down.
        assertThat(change.minutes()).isCloseTo((13 / 1.1 + 2 * 6 + 2 * 25) / 60, within(1e-9));
        // With one in hand: to 0, to 9, back to 1, to 10.
        assertThat(Changeover.between(first, second, new Point(-3, 0), 1).walkedMetres())
                .isCloseTo(3 + 9 + 8 + 9, within(1e-9));
    }

    private static SetupSheet row(double... along) {
        return sheet(
                Arrays.stream(along).mapToObj(x -> new Point(x, 0)).toList(),
                Arrays.stream(along).mapToObj(x -> FLAT).toArray(Marker[]::new));
    }
}
