package wrenlane.progress;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import wrenlane.run.Fault;
import wrenlane.run.Run;

/**
 * Runs counted.
 *
 * @param runs all of them
 * @param clean how many were clean
 * @param faults how often each fault was seen
 */
public record Tally(int runs, int clean, Map<Fault, Integer> faults) {
    public Tally {
        faults = Map.copyOf(faults);
    }

    /** Counts runs. */
    public static Tally of(List<Run> runs) {
        Map<Fault, Integer> faults = new EnumMap<>(Fault.class);
        runs.forEach(run -> run.faults().forEach(fault -> faults.merge(fault, 1, Integer::sum)));
        return new Tally(runs.size(), (int) runs.stream().filter(Run::isClean).count(), faults);
    }
}
