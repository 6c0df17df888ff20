package wrenlane.drill;

import java.util.Collections;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import wrenlane.machine.Transmission;

/**
 * How long a drill is ridden without a break. The minutes are the instructor's, editable estimates; the signs come first.
 *
 * @param longestMinutes by transmission, 1 to 60
 * @param stopSigns what ends it at once, whatever the clock says
 */
public record TimedRideLimit(Map<Transmission, Integer> longestMinutes, Set<StopSign> stopSigns) {
    /** What ends a timed ride at once. */
    public enum StopSign {
        LOST_FREE_PLAY("free play gone at the lever"),
        SMELL("a hot smell"),
        FADING_BRAKE("a pedal that goes soft"),
        TIRED_HAND("a hand that shakes or hurts"),
        TIRED_LEGS("legs that shake"),
        DIZZY("a head that swims");

        private final String label;

        StopSign(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public TimedRideLimit {
        longestMinutes = Collections.unmodifiableMap(new TreeMap<>(longestMinutes));
        stopSigns = Collections.unmodifiableSet(new TreeSet<>(stopSigns));
        longestMinutes.forEach((transmission, minutes) -> {
            if (!(minutes >= 1 && minutes <= 60)) {
                throw new IllegalArgumentException(
                        "longestMinutes is " + minutes + " min for " + transmission + "; it lies between 1 and 60 min");
            }
        });
    }
}
