package wrenlane.rideline.solve;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.course.Course;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.rideline.CheckedLine;
import wrenlane.rideline.LineTask;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;

/**
 * The easiest line, before it is smoothed, against a finer reference, on courses drawn from a seed: nodes half as far apart, more guesses, and the
 * rounds begun again from where they came to rest until that gains nothing.
 */
class EasiestPeakTest {
    /** A sample; {@code ./wren bench peaks} draws three hundred, or as many as are asked for. */
    private static final int COURSES = Integer.getInteger("wren.peaks", 16);

    /** How far above the reference any peak may lie, as a share. */
    private static final double SHARE = 0.01;

    private static final List<String> KINDS =
            List.of("straight-weave", "u-turn-box", "figure-eight-box", "figure-eight");

    /** A course drawn, the peak of its easiest line and the reference's, as shares of the turn there is. */
    private record Peaks(long seed, Course course, double found, double reference) {
        double above() {
            return found / reference - 1;
        }
    }

    @Test
    void isWithinAPercentOfAFinerReference() {
        List<Peaks> all = LongStream.iterate(0, seed -> seed + 1)
                .parallel()
                .mapToObj(EasiestPeakTest::drawn)
                .filter(Objects::nonNull)
                .limit(COURSES)
                .toList();
        double[] above = all.stream().mapToDouble(Peaks::above).sorted().toArray();
        System.out.printf(
                "easiest peaks of %d courses against a finer reference: median %.3f %%, worst %.3f %%, %d above 1 %%%n",
                above.length,
                100 * above[above.length / 2],
                100 * above[above.length - 1],
                all.stream().filter(p -> p.above() > SHARE).count());
        assertThat(all)
                .hasSize(COURSES)
                .allSatisfy(p -> assertThat(p.above())
                        .as("seed %d, %s", p.seed(), p.course())
                        .isLessThanOrEqualTo(SHARE));
    }

    /** On these boxes a search from the roomiest line and one from the route agree on a line that is not the easiest. */
    @ParameterizedTest
    @ValueSource(longs = {28, 229, 249})
    void isNotTheFirstThatTwoSearchesAgreeOn(long seed) {
        Peaks peaks = Objects.requireNonNull(drawn(seed));
        assertThat(peaks.above()).as(peaks.course().toString()).isLessThanOrEqualTo(SHARE);
    }

    /** Nothing where the course drawn does not fit. */
    private static @Nullable Peaks drawn(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Course standard = Tasks.course(KINDS.get(random.nextInt(KINDS.size())));
        double setting = standard.settingMetres() * random.nextDouble(0.75, 1.3);
        if (standard.kind().ladder().check(setting).isPresent()) {
            return null;
        }
        Course course = standard.with(standard.kind().ladder(), setting);
        List<MachineClass> machines = MachineClass.all();
        Ride ride = Ride.firm(
                MachineTurn.computed(
                        machines.get(random.nextInt(machines.size())).typical()),
                List.of(RiderLevel.values()).get(random.nextInt(3)).limits());
        LineTask task =
                LineTask.of(course, ride, ride.limits().lowestSpeedMetresPerSecond() * random.nextDouble(1, 1.8));
        LineSearch search = new LineSearch(task);
        LineSearch.FoundLine roomy = search.roomiest(null);
        if (!roomy.holds()) {
            return null;
        }
        double found =
                search.easiestOfAll(roomy.nodes()).orElseThrow().checked().steeringShare();
        return new Peaks(seed, course, found, reference(task));
    }

    /** Room asked of the reference, in metres: the first at which it holds between its nodes too counts. */
    private static final double[] CLEAR_METRES = {2e-4, 5e-4, 1e-3, 3e-3};

    private static double reference(LineTask task) {
        LineNodes fine = LineNodes.along(task.route(), LineNodes.SPACING_METRES / 2);
        LineNodes wide =
                new LineSolver(task, LineAim.mostClearance()).solve(fine).line();
        for (double clear : CLEAR_METRES) {
            LineSolver easiest = new LineSolver(task, LineAim.easiest(clear));
            OptionalDouble peak = Stream.of(fine, wide)
                    .map(guess -> rested(easiest, guess).checked(task))
                    .filter(line -> line.binding().clearanceMetres() >= 0 && line.keepsToTheWay())
                    .mapToDouble(CheckedLine::steeringShare)
                    .min();
            if (peak.isPresent()) {
                return peak.getAsDouble();
            }
        }
        throw new AssertionError("no reference for " + task);
    }

    private static LineNodes rested(LineSolver solver, LineNodes guess) {
        LineSolver.Outcome here = solver.solve(guess);
        for (int again = 0; again < 20; again++) {
            LineSolver.Outcome there = solver.solve(here.line());
            boolean better = there.share() < here.share() - 1e-5;
            here = better ? there : here;
            if (!better) {
                break;
            }
        }
        return here.line();
    }
}
