package wrenlane.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import wrenlane.drill.DrillMastery;
import wrenlane.drill.Stage;
import wrenlane.lesson.Lesson;
import wrenlane.lesson.LessonBrief;
import wrenlane.lesson.LessonPlanner;
import wrenlane.lesson.RiderTask;
import wrenlane.lesson.Station;
import wrenlane.lesson.Weather;
import wrenlane.lesson.Wish;

/** Twelve riders, four hours, ten stations: planned, and planned again around what is fixed. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class LessonBenchmark {
    private final LessonBrief brief = brief(List.of());
    private final LessonBrief locked = brief(List.of(
            new Wish("course3", Optional.of(25)),
            new Wish("course1", Optional.empty()),
            new Wish("course5", Optional.empty())));

    private static LessonBrief brief(List<Wish> wishes) {
        List<String> riders =
                IntStream.rangeClosed(1, 12).mapToObj(i -> "r" + i).toList();
        List<Station> stations = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            Map<String, RiderTask> tasks = new LinkedHashMap<>();
            Stage stage = Stage.values()[i % 6];
            riders.forEach(r ->
                    tasks.put(r, new RiderTask("d", "Drill", "Cue", stage, DrillMastery.State.WORKING_ON, true, 8)));
            Station.SetupMinutes laying = new Station.SetupMinutes(i / 2.0, i / 10.0);
            stations.add(new Station(i == 0 ? Station.OPEN : "course" + i, "S" + i, laying, i % 2 == 0, 20 + i, tasks));
        }
        return new LessonBrief(240, riders, stations, 2, 1, Weather.DRY, wishes);
    }

    @Benchmark
    public Lesson planned() {
        return LessonPlanner.plan(brief);
    }

    @Benchmark
    public Lesson plannedAroundWhatIsFixed() {
        return LessonPlanner.plan(locked);
    }
}
