package wrenlane.run;

import java.util.Optional;

/**
 * A run with how hard it was.
 *
 * @param difficulty of the size ridden, on the machine it was ridden on, to its side; empty without a course, on kinds ridden
 *     straight on, and where it is not known
 */
public record AssessedRun(Run run, Optional<Double> difficulty) {
    public AssessedRun {
        if (difficulty.isPresent() && !(difficulty.get() > 0 && difficulty.get() < 1000)) {
            throw new IllegalArgumentException("difficulty is " + difficulty.get() + "; it lies between 0 and 1000");
        }
    }

    /** Whether nothing went wrong. */
    public boolean isClean() {
        return run.isClean();
    }
}
