package wrenlane.server.progress;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wrenlane.coaching.Aim;
import wrenlane.machine.MachineTurn;
import wrenlane.run.Run;
import wrenlane.server.progress.practice.SelfReportedRuns;

/**
 * Runs as read, with the turns of the machines they were ridden on.
 *
 * @param runs oldest first
 * @param aim how often the next should be clean
 * @param told runs practised alone, oldest first
 * @param elsewhere the same of the rider's other kinds that ask for a turn
 */
public record RiderRuns(
        List<Run> runs, Map<Long, MachineTurn> turns, Aim aim, List<SelfReportedRuns> told, List<RiderRuns> elsewhere) {
    /** These, and what was read of other kinds. */
    Stream<RiderRuns> withElsewhere() {
        return Stream.concat(Stream.of(this), elsewhere.stream());
    }
}
