package wrenlane.progress;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.Run;
import wrenlane.run.RunFixture;

/** Runs for tests. */
final class Runs {
    private Runs() {}

    /** Runs at one setting: {@code .} is clean, another letter its fault. */
    static List<Run> of(Side side, double sizeMetres, String outcomes) {
        List<Run> runs = new ArrayList<>();
        for (int i = 0; i < outcomes.length(); i++) {
            runs.add(RunFixture.run(
                    side, sizeMetres, faults(outcomes.charAt(i)), Instant.EPOCH.plusSeconds(runs.size())));
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
