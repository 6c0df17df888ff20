package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import wrenlane.budget.Budget;
import wrenlane.budget.BudgetSpentException;
import wrenlane.course.Course;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseOption;
import wrenlane.course.CourseSettings;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Grip;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingStyle;

/**
 * Courses, machines and grounds at the edges of all that is accepted: whatever is asked of them, the calculation ends by
 * itself or with its budget, and leaves its thread free.
 */
@Execution(ExecutionMode.SAME_THREAD)
class EdgesTest {
    private static final int REQUESTS = Integer.getInteger("wren.edges", 2000);

    /** Pieces of work each may take: enough to come past the first line, and for all of them to end soon. */
    private static final long WORK = 24;

    /** A calculation that has not ended by then does not end: each takes a few hundredths of a second. */
    private static final Duration NEVER = Duration.ofSeconds(120);

    @Test
    void everyCalculationEndsAndLeavesItsThreadFree() throws InterruptedException {
        ExecutorService workers = Executors.newFixedThreadPool(2, task -> {
            Thread thread = new Thread(task, "edges");
            thread.setDaemon(true);
            return thread;
        });
        List<Future<?>> asked = LongStream.range(0, REQUESTS)
                .<Future<?>>mapToObj(seed -> workers.submit(() -> calculate(seed)))
                .toList();
        List<String> wrong = new ArrayList<>();
        for (int seed = 0; seed < REQUESTS && wrong.isEmpty(); seed++) {
            try {
                asked.get(seed).get(NEVER.toSeconds(), TimeUnit.SECONDS);
            } catch (TimeoutException e) {
                wrong.add("seed " + seed + " does not end");
            } catch (ExecutionException e) {
                wrong.add("seed " + seed + ": " + e.getCause());
            }
        }
        workers.shutdownNow();
        assertThat(wrong).isEmpty();
        assertThat(workers.awaitTermination(NEVER.toSeconds(), TimeUnit.SECONDS))
                .isTrue();
    }

    /** Fifteen cones 12 m apart with a lead of 15 m: nodes that crossed one another sent the scan of clearances round for ever. */
    @Test
    void theSmallestSpacingOfALongWeaveEnds() {
        CourseKind kind = CourseKinds.find("straight-weave").orElseThrow();
        CourseSettings settings = CourseSettings.standard(kind)
                .with(dimension(kind, "spacingMetres"), 12)
                .with(dimension(kind, "leadMetres"), 15)
                .with(dimension(kind, "coneCount"), 15);
        Machine heavy = MachineClass.find("tourer-1400").orElseThrow().typical();
        Ride ride = Ride.firm(
                MachineTurn.computed(
                        heavy.with(MachineDimension.WHEELBASE, 1.668).with(MachineDimension.WIDTH, 0.98)),
                RiderLevel.NOVICE.limits());
        assertThat(SmallestSize.of(new Course(kind, settings, Side.LEFT), kind.ladder(), ride))
                .hasValueSatisfying(t -> assertThat(t.metres()).isBetween(2.5, 4.0));
    }

    private static CourseDimension dimension(CourseKind kind, String name) {
        return kind.dimensions().stream()
                .filter(d -> d.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static void calculate(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Course course = course(random);
        Ride ride = ride(random);
        try {
            Budget.within(Budget.of(NEVER, WORK), () -> asked(random, course, ride));
        } catch (BudgetSpentException e) {
            // Ended, as it should.
        } catch (RuntimeException e) {
            throw new IllegalStateException(course + ", " + ride, e);
        }
    }

    private static Object asked(SplittableRandom random, Course course, Ride ride) {
        double slowest = ride.limits().lowestSpeedMetresPerSecond();
        return switch (random.nextInt(5)) {
            case 0 -> CourseFit.of(course, ride, edge(random, slowest, SpeedScan.FASTEST));
            case 1 -> CourseFit.of(course, ride);
            case 2 -> SpeedWindow.of(course, ride);
            case 3 -> Difficulty.exactly(course, ride.turn());
            default -> {
                List<CourseDimension> all = course.kind().dimensions().stream()
                        .filter(d -> d.quantity() != CourseDimension.Quantity.COUNT)
                        .toList();
                yield SmallestSize.of(course, all.get(random.nextInt(all.size())), ride);
            }
        };
    }

    /** At one limit, at the other, or anywhere between. */
    private static double edge(SplittableRandom random, double least, double most) {
        return switch (random.nextInt(3)) {
            case 0 -> least;
            case 1 -> most;
            default -> random.nextDouble(least, most);
        };
    }

    private static Course course(SplittableRandom random) {
        while (true) {
            CourseKind kind =
                    CourseKinds.all().get(random.nextInt(CourseKinds.all().size()));
            CourseSettings settings = CourseSettings.standard(kind);
            for (CourseDimension d : kind.dimensions()) {
                double value = edge(random, d.min(), d.max());
                settings = settings.with(d, d.quantity() == CourseDimension.Quantity.COUNT ? Math.rint(value) : value);
            }
            for (CourseOption o : kind.options()) {
                settings = settings.with(
                        o,
                        o.choices().isEmpty()
                                ? CourseKinds.drawCalls(1 + random.nextInt(3), random.nextLong())
                                : o.choices()
                                        .get(random.nextInt(o.choices().size()))
                                        .value());
            }
            if (settings.check(kind).isEmpty()) {
                return new Course(kind, settings, random.nextBoolean() ? Side.LEFT : Side.RIGHT);
            }
        }
    }

    private static Ride ride(SplittableRandom random) {
        List<MachineClass> classes = MachineClass.all();
        Machine machine = classes.get(random.nextInt(classes.size())).typical();
        for (MachineDimension d : MachineDimension.values()) {
            machine = random.nextInt(3) == 0 ? machine.with(d, edge(random, d.min(), d.max())) : machine;
        }
        RiderLevel level = RiderLevel.values()[random.nextInt(RiderLevel.values().length)];
        Grip grip = random.nextBoolean() ? Grip.firm(edge(random, 0.1, 1.2)) : Grip.loose(edge(random, 0.1, 1.2));
        return new Ride(
                MachineTurn.computed(machine),
                level.limits(),
                random.nextBoolean() ? RidingStyle.inLine(grip) : RidingStyle.bodyOut(grip));
    }
}
