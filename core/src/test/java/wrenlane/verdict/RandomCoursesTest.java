package wrenlane.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
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
import wrenlane.rideline.LineTask;
import wrenlane.rideline.RideLine;
import wrenlane.rideline.solve.LineSearch;
import wrenlane.rideline.solve.Resimulation;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Grip;
import wrenlane.riding.Ride;
import wrenlane.riding.RidingStyle;

/** Courses and machines drawn at random, from a seed: what is said to fit holds when it is ridden again. */
class RandomCoursesTest {
    private static final int SAMPLE = 100;

    /** A sample; {@code ./wren bench courses} draws two thousand, or as many as are asked for. */
    private static final int COURSES = Integer.getInteger("wren.courses", SAMPLE);

    /** A course drawn, what was said of it, and the first rule that a line said to fit breaks. */
    private record RandomCourse(long seed, Course course, FitAnswer answer, Optional<String> broken) {}

    @Test
    void everyLineThatFitsHoldsWhenItIsRiddenAgain() {
        List<RandomCourse> all = LongStream.range(0, COURSES)
                .parallel()
                .mapToObj(RandomCoursesTest::draw)
                .toList();
        Map<FitAnswer, Long> answers =
                all.stream().collect(Collectors.groupingBy(RandomCourse::answer, Collectors.counting()));
        System.out.println("random courses: " + answers);
        assertThat(all)
                .allSatisfy(d -> assertThat(d.broken())
                        .as("seed %d, %s", d.seed(), d.course())
                        .isEmpty());
        assertThat(answers.getOrDefault(FitAnswer.FITS, 0L)).isGreaterThan(COURSES / 4);
        assertThat(answers.getOrDefault(FitAnswer.DOES_NOT_FIT, 0L)).isGreaterThan(COURSES / 50);
        assertThat(answers.getOrDefault(FitAnswer.NOT_SOLVED, 0L)).isLessThanOrEqualTo(COURSES / 100);
    }

    /**
     * What is said not to fit at the speed it is judged at fits at no other: each is looked for from the route by itself,
     * not followed from the line of another speed. One course in four lacks room.
     */
    @Test
    void whatIsSaidNotToFitFitsAtNoSpeed() {
        List<String> fitting = LongStream.range(0, COURSES / 2)
                .parallel()
                .boxed()
                .flatMap(seed -> fittingThough(seed).stream())
                .toList();
        assertThat(fitting).isEmpty();
    }

    /** Of a thousand, those where a search from the route alone ends up to three metres from any line that holds. */
    @ParameterizedTest
    @ValueSource(longs = {320, 375, 939, 956})
    void aSearchThatWentAstrayIsNotBelieved(long seed) {
        assertThat(fittingThough(seed)).isEmpty();
    }

    /** A speed at which a course fits that is said not to, if there is one. */
    private static Optional<String> fittingThough(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Course course = course(random);
        Ride ride = ride(random);
        CourseFit judged = CourseFit.clearanceOnly(course, ride);
        if (judged.answer() != FitAnswer.DOES_NOT_FIT) {
            return Optional.empty();
        }
        return speeds(ride)
                .filter(speed -> new LineSearch(LineTask.of(course, ride, speed))
                        .roomiest(null)
                        .holds())
                .mapToObj(speed -> "seed %d: lacks %.2f m at %.1f km/h, fits at %.1f: %s"
                        .formatted(
                                seed,
                                -judged.spare().metres(),
                                3.6 * judged.left().speedMetresPerSecond(),
                                3.6 * speed,
                                course))
                .findFirst();
    }

    /** Every km/h and a half: others than are looked at first. */
    private static DoubleStream speeds(Ride ride) {
        return DoubleStream.iterate(
                ride.limits().lowestSpeedMetresPerSecond(),
                speed -> speed < SpeedScan.FASTEST,
                speed -> speed + 1.5 / 3.6);
    }

    /** None of the defaults, of any kind and class of machine, is left without an answer. */
    @Test
    void everyKindIsSolvedForEveryClassAtItsStandards() {
        List<String> unsolved = new ArrayList<>();
        List<MachineClass> classes = MachineClass.all();
        // The suite looks at each kind with every third class, the next kind with the next.
        int step = COURSES > SAMPLE ? 1 : 3;
        for (int k = 0; k < CourseKinds.all().size(); k++) {
            CourseKind kind = CourseKinds.all().get(k);
            for (int i = k % step; i < classes.size(); i += step) {
                MachineClass machine = classes.get(i);
                Ride ride = Ride.firm(MachineTurn.computed(machine.typical()), RiderLevel.DEVELOPING.limits());
                CourseFit fit = CourseFit.of(Course.standard(kind), ride).fit();
                if (fit.answer() != FitAnswer.FITS || fit.easiest().isEmpty()) {
                    unsolved.add(kind.id() + " " + machine.id() + " " + fit.answer());
                }
            }
        }
        assertThat(unsolved).isEmpty();
    }

    private static RandomCourse draw(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Course course = course(random);
        Ride ride = ride(random);
        double speed = ride.limits().lowestSpeedMetresPerSecond() * random.nextDouble(1, 1.6);
        return seed % 4 == 0 ? asDrawn(seed, course, ride) : roomiest(seed, course, ride, speed);
    }

    /** Every line at the speed to ride at, as the pages show them: of one in four, for they take longer. */
    private static RandomCourse asDrawn(long seed, Course course, Ride ride) {
        CourseFit fit = CourseFit.of(course, ride).fit();
        Optional<String> broken = fit.answer() == FitAnswer.FITS
                ? broken(fit.task(), ride, fit.roomiest().line())
                        .or(() -> fit.easiest().flatMap(e -> broken(fit.task(), ride, e.line())))
                        .or(() -> fit.comfortable().flatMap(e -> broken(fit.task(), ride, e.line())))
                : Optional.empty();
        return new RandomCourse(seed, course, fit.answer(), broken);
    }

    /** The line with the most room alone, as the day's table shows it. */
    private static RandomCourse roomiest(long seed, Course course, Ride ride, double speed) {
        LineTask task = LineTask.of(course, ride, speed);
        LineSearch.FoundLine found = new LineSearch(task).roomiest(null);
        return new RandomCourse(
                seed,
                course,
                found.holds()
                        ? FitAnswer.FITS
                        : found.settled() && found.checked().obeysTheRider()
                                ? FitAnswer.DOES_NOT_FIT
                                : FitAnswer.NOT_SOLVED,
                found.holds() ? broken(task, ride, found.checked().line()) : Optional.empty());
    }

    /** Curvature, its rate and clearances ridden again, and every pose by exact kinematics. */
    private static Optional<String> broken(LineTask task, Ride ride, RideLine line) {
        return Resimulation.broken(task, line).or(() -> PoseCheck.broken(task, ride, line));
    }

    /** Any kind, each dimension around its standard, any choice; drawn again where dimensions contradict. */
    private static Course course(SplittableRandom random) {
        while (true) {
            CourseKind kind =
                    CourseKinds.all().get(random.nextInt(CourseKinds.all().size()));
            CourseSettings settings = CourseSettings.standard(kind);
            for (CourseDimension d : kind.dimensions()) {
                double value = d.standard() * random.nextDouble(0.65, 1.7);
                double whole = d.quantity() == CourseDimension.Quantity.COUNT ? Math.rint(value) : value;
                settings = settings.with(d, Math.min(d.max(), Math.max(d.min(), whole)));
            }
            for (CourseOption o : kind.options()) {
                if (!o.choices().isEmpty()) {
                    settings = settings.with(
                            o,
                            o.choices().get(random.nextInt(o.choices().size())).value());
                } else {
                    settings = settings.with(o, CourseKinds.drawCalls(1 + random.nextInt(3), random.nextLong()));
                }
            }
            if (settings.check(kind).isEmpty()) {
                return new Course(kind, settings, random.nextBoolean() ? Side.LEFT : Side.RIGHT);
            }
        }
    }

    /** Any machine, a rider of any level, on ground of any grip. */
    private static Ride ride(SplittableRandom random) {
        return new Ride(
                MachineTurn.computed(machine(random)),
                List.of(RiderLevel.values()).get(random.nextInt(3)).limits(),
                RidingStyle.inLine(Grip.firm(random.nextDouble(0.4, 0.9))));
    }

    /** Any class, its lock to either side and its wheelbase a little off. */
    private static Machine machine(SplittableRandom random) {
        Machine m = MachineClass.all()
                .get(random.nextInt(MachineClass.all().size()))
                .typical();
        for (MachineDimension d :
                List.of(MachineDimension.LOCK_LEFT, MachineDimension.LOCK_RIGHT, MachineDimension.WHEELBASE)) {
            m = m.with(d, m.value(d) * random.nextDouble(0.92, 1.08));
        }
        return m;
    }
}
