package wrenlane.server.progress.run;

import org.jspecify.annotations.Nullable;
import wrenlane.run.Run;
import wrenlane.run.RunDetail;

/**
 * Time and count of a run, as far as they were taken.
 *
 * @param seconds by the watch; missing where it was not used
 * @param speedMetresPerSecond over a course of known length that is ridden straight on
 * @param minutes of a timed ride
 * @param laps of a timed ride
 */
public record RunMeasures(
        @Nullable Double seconds,
        @Nullable Double speedMetresPerSecond,
        @Nullable Double minutes,
        @Nullable Integer laps) {

    public static RunMeasures of(Run run) {
        RunDetail detail = run.detail();
        return new RunMeasures(
                detail.seconds().orElse(null),
                run.speedMetresPerSecond().orElse(null),
                detail.minutes().orElse(null),
                detail.laps().orElse(null));
    }
}
