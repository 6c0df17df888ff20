package wrenlane.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wrenlane.course.CourseStart;
import wrenlane.course.UTurnBox;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rideline.UTurnBoxFit;
import wrenlane.rideline.UTurnBoxFit.BoxUncertainty;
import wrenlane.rider.RiderLevel;
import wrenlane.units.Calibrations;
import wrenlane.units.LengthParser;
import wrenlane.units.LengthReading;
import wrenlane.units.LengthSystem;

/** What one answer costs while a width is dragged: one machine to one side, and a whole day of ten machines to both. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class UTurnBoxBenchmark {
    private static final BoxUncertainty TAPED = new BoxUncertainty(0.017, 0.017);
    private static final LengthParser PARSER = new LengthParser(Calibrations.NONE, LengthSystem.METRIC);

    /** How the turn is begun. */
    @Param({"ROLLING", "FROM_A_STOP"})
    public CourseStart start = CourseStart.ROLLING;

    private final List<MachineTurn> machines = MachineClass.all().stream()
            .map(MachineClass::typical)
            .map(MachineTurn::computed)
            .toList();

    /** One answer. */
    @Benchmark
    public UTurnBoxFit oneMachineToOneSide() {
        return fit(machines.get(2), Side.LEFT);
    }

    /** A whole day's table. */
    @Benchmark
    public double tenMachinesToBothSides() {
        double room = 0;
        for (MachineTurn machine : machines) {
            room += fit(machine, Side.LEFT).room().metres()
                    + fit(machine, Side.RIGHT).room().metres();
        }
        return room;
    }

    /** One length as typed. */
    @Benchmark
    public LengthReading oneLengthRead() {
        return PARSER.parse("23' 6\"");
    }

    private UTurnBoxFit fit(MachineTurn machine, Side side) {
        UTurnBox box = new UTurnBox(7.2, 7.5, side.opposite(), 2.5, start);
        return UTurnBoxFit.of(box, TAPED, machine, RiderLevel.DEVELOPING.limits(), side);
    }
}
