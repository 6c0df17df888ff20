package wrenlane.lesson;

import java.util.Optional;

/**
 * What the instructor wants: a station in its place in the order, and how long if that is fixed.
 *
 * @param station id
 * @param minutes fixed, 5 to 120; missing where the planner shares the time out
 */
public record Wish(String station, Optional<Integer> minutes) {
    public Wish {
        if (minutes.isPresent() && !(minutes.get() >= 5 && minutes.get() <= 120)) {
            throw new IllegalArgumentException("minutes is " + minutes.get() + " min; it lies between 5 and 120 min");
        }
    }
}
