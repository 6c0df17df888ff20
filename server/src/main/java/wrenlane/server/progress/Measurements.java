package wrenlane.server.progress;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import wrenlane.progress.Drift;
import wrenlane.run.Score;
import wrenlane.server.progress.ProgressResponse.Measurement;
import wrenlane.server.progress.ProgressResponse.Measurement.Unit;
import wrenlane.server.progress.run.RiddenRun;
import wrenlane.server.progress.run.RunResponse;

/** What was measured of a rider's runs, and where it is going: by the watch, over a lane, by tape. */
final class Measurements {
    private Measurements() {}

    /**
     * Each that was measured at all.
     *
     * @param runs of one rider on one kind, oldest first
     */
    static List<Measurement> of(List<RiddenRun> runs) {
        Stream<Measurement> byTape = Arrays.stream(Score.Measured.values())
                .flatMap(m -> of(runs, m.label(), Unit.METRES, run -> metres(run, m)));
        return Stream.of(
                        of(runs, "the time by the watch", Unit.SECONDS, RunResponse::seconds),
                        of(runs, "the speed over the lane", Unit.METRES_PER_SECOND, RunResponse::speedMetresPerSecond),
                        byTape)
                .flatMap(m -> m)
                .toList();
    }

    private static @Nullable Double metres(RunResponse run, Score.Measured measured) {
        return run.score() == null || run.score().measured() != measured
                ? null
                : run.score().metres();
    }

    private static Stream<Measurement> of(
            List<RiddenRun> runs, String what, Unit unit, Function<RunResponse, @Nullable Double> value) {
        Map<Long, List<Double>> byDay = new LinkedHashMap<>();
        runs.stream().map(RiddenRun::run).forEach(run -> {
            Double measured = value.apply(run);
            if (measured != null) {
                byDay.computeIfAbsent(run.dayId(), d -> new ArrayList<>()).add(measured);
            }
        });
        return Drift.of(List.copyOf(byDay.values())).stream()
                .map(drift -> new Measurement(what, unit, drift, drift.isClear()));
    }
}
