package wrenlane.drill;

import java.util.Optional;

/**
 * One step of a drill's ladder. Not always a length: tall for flat, rolling for a pause, no brake for a dragged one.
 *
 * @param change what changes with it
 * @param says the step in words
 * @param difficulty of a size, 0 to 1, on kinds that turn
 * @param roomBesideWheelsMetres of a rung, on kinds that are ridden straight on: room to each side of the wheels
 */
public record DrillStep(
        Change change, String says, Optional<Double> difficulty, Optional<Double> roomBesideWheelsMetres) {

    /** What changes from one step to the next. */
    public enum Change {
        RUNG,
        MARKERS,
        START,
        FEET,
        BRAKE,
        CLUTCH,
        POSTURE,
        GAZE,
        SPEED,
        SPELL,
        SURFACE,
        TASK
    }

    public DrillStep {
        if (difficulty.isPresent() && !(difficulty.get() >= 0.1 && difficulty.get() <= 1.1)) {
            throw new IllegalArgumentException("difficulty is " + difficulty.get() + "; it lies between 0.1 and 1.1");
        }
        if (roomBesideWheelsMetres.isPresent()
                && !(roomBesideWheelsMetres.get() >= 0.02 && roomBesideWheelsMetres.get() <= 3)) {
            throw new IllegalArgumentException(
                    "roomBesideWheelsMetres is " + roomBesideWheelsMetres.get() + " m; it lies between 0.02 and 3 m");
        }
    }
}
