package wrenlane.drill;

import java.util.Optional;

/**
 * One step of a drill's ladder. Not always a length: tall for flat, rolling for a pause, no brake for a dragged one.
 *
 * @param change what changes with it
 * @param says the step in words
 * @param difficulty of a size, 0 to 1, on kinds that turn
 * @param clearanceBesideWheelsMetres of a size, on kinds that are ridden straight on: to each side of the wheels
 */
public record DrillStep(
        Change change, String says, Optional<Double> difficulty, Optional<Double> clearanceBesideWheelsMetres) {

    /** What changes from one step to the next. */
    public enum Change {
        SIZE,
        MARKERS,
        START,
        FEET,
        BRAKE,
        CLUTCH,
        POSTURE,
        GAZE,
        SPEED,
        TIMED_RIDE,
        SURFACE,
        TASK
    }

    public DrillStep {
        if (difficulty.isPresent() && !(difficulty.get() >= 0.1 && difficulty.get() <= 1.1)) {
            throw new IllegalArgumentException("difficulty is " + difficulty.get() + "; it lies between 0.1 and 1.1");
        }
        if (clearanceBesideWheelsMetres.isPresent()
                && !(clearanceBesideWheelsMetres.get() >= 0.02 && clearanceBesideWheelsMetres.get() <= 3)) {
            throw new IllegalArgumentException("clearanceBesideWheelsMetres is " + clearanceBesideWheelsMetres.get()
                    + " m; it lies between 0.02 and 3 m");
        }
    }
}
