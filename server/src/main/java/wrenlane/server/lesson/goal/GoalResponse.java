package wrenlane.server.lesson.goal;

import org.jspecify.annotations.Nullable;
import wrenlane.progress.GoalGap;
import wrenlane.server.platform.http.VersionedResource;

/**
 * A rider's goal and how far off it is.
 *
 * @param version where there never was one, the least there is
 * @param goal missing where there is none
 * @param off how far; missing without a goal
 */
public record GoalResponse(
        long version, @Nullable GoalJson goal, @Nullable GoalDistance off) implements VersionedResource {
    /**
     * How far off: estimates.
     *
     * @param machineName it is to be ridden on
     * @param kindLabel in words
     * @param difficulty of the goal on that machine; missing on kinds that are ridden straight on, and where the machine cannot
     *     ride it
     * @param gap missing where the difficulty is
     * @param runs on that kind that speak for it
     * @param runsElsewhere on other kinds that speak for it besides
     * @param sentence how far off it is in words; empty where the gap is missing
     * @param pace how long it takes in words; empty where that cannot be asked
     * @param programme lessons until the day it is wanted by; missing without such a day, and where the goal is reached or
     *     cannot be judged
     */
    public record GoalDistance(
            String machineName,
            String kindLabel,
            @Nullable Double difficulty,
            @Nullable GoalGap gap,
            int runs,
            int runsElsewhere,
            String sentence,
            String pace,
            @Nullable ProgrammeJson programme) {}
}
