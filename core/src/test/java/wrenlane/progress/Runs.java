package wrenlane.progress;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.RunRecord;

/** Runs for tests. */
final class Runs {
    private Runs() {}

    /** Runs at one setting: {@code .} is clean, another letter its fault. */
    static List<RunRecord> of(Side side, double difficulty, String outcomes) {
        List<RunRecord> runs = new ArrayList<>();
        for (int i = 0; i < outcomes.length(); i++) {
            runs.add(new RunRecord(
                    side,
                    difficulty * 5,
                    Optional.of(difficulty),
                    faults(outcomes.charAt(i)),
                    Instant.EPOCH.plusSeconds(runs.size())));
        }
        return runs;
    }

    private static Set<Fault> faults(char letter) {
        for (Fault fault : Fault.values()) {
            if (fault.letter() == letter) {
                return Set.of(fault);
            }
        }
        return Set.of();
    }
}
