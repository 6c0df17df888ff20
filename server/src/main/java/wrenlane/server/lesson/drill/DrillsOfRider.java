package wrenlane.server.lesson.drill;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.drill.DrillScoring;

/**
 * What one rider can ride on a day.
 *
 * @param machineId ridden on the day
 * @param drills on the day's courses and on none, in the order of the stages
 */
record DrillsOfRider(long riderId, long machineId, List<DrillOfDay> drills) {
    /**
     * A drill that a rider can ride on a day.
     *
     * @param courseIds courses of the day that it is ridden on; empty where it is ridden on none
     * @param usualOn those of them that are ridden as this drill unless another is chosen
     * @param eachSide whether sides are ridden one at a time
     * @param loggedBy what one entry in the log is
     * @param longestMinutes without a break on this rider's machine; missing where nobody said
     * @param mark what it is mastered by; missing where by clean runs
     */
    record DrillOfDay(
            String id,
            String name,
            List<Long> courseIds,
            List<Long> usualOn,
            boolean eachSide,
            DrillScoring.LogEntry loggedBy,
            @Nullable Integer longestMinutes,
            @Nullable ScoreMark mark) {}
}
