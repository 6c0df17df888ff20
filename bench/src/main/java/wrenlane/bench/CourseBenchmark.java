package wrenlane.bench;

import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.verdict.CourseFit;
import wrenlane.verdict.LineChoice;
import wrenlane.verdict.SpeedWindow;

/**
 * What one answer costs, per kind at its standards: cold, from the line found before while a dimension is dragged by
 * steps of 1 cm, and with the whole speed window. A dragged answer holds two lines, the roomiest and the one drawn; a cold one all three, at the best speed.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class CourseBenchmark {
    @Param({
        "lane",
        "stop-boxes",
        "plank-crossing",
        "turning-circle-test",
        "circle",
        "straight-weave",
        "u-turn-box",
        "full-lock-start",
        "figure-eight",
        "figure-eight-box",
        "offset-weave",
        "circle-weave",
        "return-gates",
        "weave-and-turn",
        "crossroads"
    })
    public String kind = "u-turn-box";

    private final Ride ride = Ride.firm(
            MachineTurn.computed(MachineClass.find("tourer-850").orElseThrow().typical()),
            RiderLevel.DEVELOPING.limits());
    private Course course = Course.standard(CourseKinds.uTurnBox());
    private CourseFit.ResumableFit before = CourseFit.of(course, ride);
    private int step;

    /** The course, and a line of it to start from. */
    @Setup
    public void standard() {
        CourseKind chosen = CourseKinds.find(kind).orElseThrow();
        course = Course.standard(chosen);
        before = CourseFit.of(course, ride);
    }

    /** The best speed and every line, from the route alone. */
    @Benchmark
    public CourseFit cold() {
        return CourseFit.of(course, ride).fit();
    }

    /** Both lines, from those found a centimetre before: there and back over 20 cm, as a hand drags. */
    @Benchmark
    public CourseFit dragged() {
        int at = step++ % 40;
        double by = 0.01 * Math.min(at, 40 - at);
        before = CourseFit.dragged(
                course.with(course.kind().ladder(), course.settingMetres() + by),
                ride,
                before.memory().speedMetresPerSecond(),
                LineChoice.COMFORTABLE,
                before.memory());
        return before.fit();
    }

    /** The same and the speed window. */
    @Benchmark
    public Optional<SpeedWindow> whole() {
        CourseFit.of(course, ride);
        return SpeedWindow.of(course, ride);
    }
}
