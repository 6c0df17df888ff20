package wrenlane.drill;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How a drill is ridden.
 *
 * @param controls those in focus, with their weight: 1 some, 2 much, 3 the point of it
 * @param speed the band it is ridden in; missing where the machine stands
 * @param passSeconds an estimate of one pass with the way back; missing where the course's own line says it
 * @param withoutEyes whether it can be done while the instructor watches somebody else
 */
public record DrillRiding(
        Start start,
        Posture posture,
        Feet feet,
        Sides sides,
        Map<Control, Integer> controls,
        Optional<SpeedBand> speed,
        Optional<Integer> passSeconds,
        boolean withoutEyes) {
    public DrillRiding {
        controls = Collections.unmodifiableMap(new TreeMap<>(controls));
    }

    /** How it begins. */
    public enum Start {
        DISMOUNTED,
        STANDING,
        ROLLING
    }

    /** How the rider is placed. */
    public enum Posture {
        BESIDE,
        SEATED,
        ON_THE_PEGS,
        BODY_OUT
    }

    /** Where the feet are. */
    public enum Feet {
        DOWN,
        LIGHT,
        UP
    }

    /** Which sides there are. */
    public enum Sides {
        /** Straight on. */
        STRAIGHT,
        /** One side at a time, and both equally. */
        EACH,
        /** Both in one run. */
        LINKED
    }

    /** What hands, feet, eyes and body work with. */
    public enum Control {
        CLUTCH,
        THROTTLE,
        REAR_BRAKE,
        GAZE,
        BODY,
        BARS
    }

    /**
     * Speeds a drill is ridden at.
     *
     * @param lowMetresPerSecond slowest, from 0
     * @param highMetresPerSecond fastest, at most 16 km/h: nothing on a yard is ridden faster
     */
    public record SpeedBand(double lowMetresPerSecond, double highMetresPerSecond) {
        /** 16 km/h, with what rounding leaves. */
        static final double FASTEST = 16.02 / 3.6;

        public SpeedBand {
            if (!(lowMetresPerSecond >= 0
                    && lowMetresPerSecond < highMetresPerSecond
                    && highMetresPerSecond <= FASTEST)) {
                throw new IllegalArgumentException("speed is " + lowMetresPerSecond + " to " + highMetresPerSecond
                        + " m/s; it rises, from 0 to " + FASTEST + " m/s (16 km/h)");
            }
        }
    }
}
