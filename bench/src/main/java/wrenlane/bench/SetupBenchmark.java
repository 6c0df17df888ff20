package wrenlane.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.course.plan.Cone;
import wrenlane.course.plan.ConeRole;
import wrenlane.course.plan.Markers;
import wrenlane.machine.Side;
import wrenlane.plane.Point;
import wrenlane.setup.Baseline;
import wrenlane.setup.Changeover;
import wrenlane.setup.SetupSheet;
import wrenlane.setup.SetupStep;
import wrenlane.setup.TwoTapes;
import wrenlane.setup.WalkingOrder;
import wrenlane.units.MeasuredLength;
import wrenlane.yard.CourseGround;
import wrenlane.yard.Fall;
import wrenlane.yard.Surface;
import wrenlane.yard.Yard;
import wrenlane.yard.YardArrangement;

/** Sixty cones anywhere on 30 m by 20 m: their order, their two tapes, and the change to sixty other places. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class SetupBenchmark {
    private static final int CONES = 60;

    private final SetupSheet first = sheet(1);
    private final SetupSheet second = sheet(2);

    private static SetupSheet sheet(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<SetupStep> steps = new ArrayList<>();
        for (int i = 0; i < CONES; i++) {
            Point at = new Point(random.nextDouble(0, 30), random.nextDouble(0, 20));
            Cone cone = new Cone(String.valueOf(i), ConeRole.EDGE, Markers.STANDARD.flat(), at, at);
            steps.add(new SetupStep(cone, at.x(), at.y(), 0.05));
        }
        return new SetupSheet(
                steps,
                0.01,
                new Baseline("a kerb", SetupSheet.DATUM, 0, Side.LEFT),
                List.of(),
                List.of(),
                Optional.empty(),
                0);
    }

    private static final Yard APRON = Yard.rectangle(
            MeasuredLength.taped(46.5), MeasuredLength.taped(21.8), Surface.CONCRETE, new Fall(1.2, -Math.PI / 2));
    private static final List<CourseGround> THREE =
            List.of(ground("u-turn-box"), ground("straight-weave"), ground("figure-eight"));

    private static CourseGround ground(String kind) {
        return CourseGround.of(kind, Course.standard(CourseKinds.find(kind).orElseThrow()));
    }

    /** Three courses placed on an apron. */
    @Benchmark
    public YardArrangement places() {
        return YardArrangement.find(APRON, List.of(), THREE);
    }

    /** The order of placing. */
    @Benchmark
    public WalkingOrder order() {
        return first.walk();
    }

    /** Both tapes. */
    @Benchmark
    public TwoTapes tapes() {
        return TwoTapes.of(first);
    }

    /** The changeover, its order included. */
    @Benchmark
    public Changeover changeover() {
        return Changeover.between(first, second, SetupSheet.DATUM);
    }
}
