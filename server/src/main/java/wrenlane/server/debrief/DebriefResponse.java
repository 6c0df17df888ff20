package wrenlane.server.debrief;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.coaching.Homework;

/**
 * A day told to its riders.
 *
 * @param runs that count, of all riders
 * @param clean how many of them were clean
 * @param drops of the day
 * @param minutes from the first entry to the last; 0 where there are none
 * @param unfinished whether time ran out before every rider was looked at; asked again, it goes on from there
 */
public record DebriefResponse(
        long dayId,
        LocalDate date,
        String title,
        int runs,
        int clean,
        int drops,
        long minutes,
        List<RiderDebrief> riders,
        boolean unfinished) {
    /**
     * One rider's day.
     *
     * @param kindLabel the kind of course ridden most; missing where none was
     * @param runs that count, on that kind
     * @param better what went well
     * @param holdsBack what does not yet
     * @param next what comes next
     * @param homework short practices alone; empty where the rider has no run or machine
     * @param own what the instructor said instead; empty text where nothing
     */
    public record RiderDebrief(
            long riderId,
            String riderName,
            @Nullable String machineName,
            @Nullable String kindLabel,
            int runs,
            int clean,
            String better,
            String holdsBack,
            String next,
            List<Homework> homework,
            DebriefText own) {}
}
