package wrenlane.server.progress;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import wrenlane.id.DayId;
import wrenlane.progress.Drift;
import wrenlane.run.Run;
import wrenlane.run.Score;
import wrenlane.server.progress.ProgressResponse.Measurement;
import wrenlane.server.progress.ProgressResponse.Measurement.Unit;

/** What was measured of a rider's runs, and where it is going: by the watch, over a lane, by tape. */
final class Measurements {
    private Measurements() {}

    /**
     * Each that was measured at all.
     *
     * @param runs of one rider on one kind, oldest first
     */
    static List<Measurement> of(List<Run> runs) {
        Stream<Measurement> byTape = Arrays.stream(Score.TapeMeasure.values())
                .flatMap(m -> of(runs, m.label(), Unit.METRES, run -> metres(run, m)));
        return Stream.of(
                        of(
                                runs,
                                "the time by the watch",
                                Unit.SECONDS,
                                run -> run.detail().seconds()),
                        of(runs, "the speed over the lane", Unit.METRES_PER_SECOND, Run::speedMetresPerSecond),
                        byTape)
                .flatMap(m -> m)
                .toList();
    }

    private static Optional<Double> metres(Run run, Score.TapeMeasure measured) {
        return run.detail().score().filter(s -> s.measured() == measured).map(Score::metres);
    }

    private static Stream<Measurement> of(
            List<Run> runs, String what, Unit unit, Function<Run, Optional<Double>> value) {
        Map<DayId, List<Double>> byDay = new LinkedHashMap<>();
        runs.forEach(run -> value.apply(run)
                .ifPresent(measured -> byDay.computeIfAbsent(run.dayId(), d -> new ArrayList<>())
                        .add(measured)));
        return Drift.of(List.copyOf(byDay.values())).stream()
                .map(drift -> new Measurement(what, unit, drift, drift.isClear()));
    }
}
