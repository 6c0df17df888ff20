package wrenlane.server.progress.run;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import wrenlane.run.Run;

/**
 * Some of the runs that count, by the time they were ridden.
 *
 * @param next where the next page begins; empty after the last
 */
public record RunPage(List<Run> runs, Optional<Place> next) {
    /** A place in the order of runs: by time, then as they were stored. */
    public record Place(long loggedAtMs, long rowNumber) {
        /** Before the first run. */
        public static final Place START = new Place(Long.MIN_VALUE, 0);

        static Place of(RunRow row) {
            return new Place(row.loggedAtMs(), Objects.requireNonNull(row.rowNumber(), "a stored row has its number"));
        }
    }
}
