package wrenlane.server.lesson.debrief;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.coaching.Homework;
import wrenlane.finding.Sentence;

/**
 * A day told to its riders.
 *
 * @param runs that count, of all riders
 * @param clean how many of them were clean
 * @param drops of the day
 * @param minutes from the first entry to the last; 0 where there are none
 * @param review for the instructor
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
        Review review,
        boolean unfinished) {
    /**
     * For the instructor: the lesson held against its plan.
     *
     * @param begun whether the lesson was begun with a lesson plan; without it nothing was planned
     * @param over whether nothing of the plan is still to come
     * @param plannedMinutes when the riding was to end, from the start of the lesson; missing without a plan
     * @param riddenMinutes when it did; missing without one
     * @param stations that were planned or ridden
     * @param riders who were planned or rode
     * @param changes what to change next time, with what speaks for it
     */
    public record Review(
            boolean begun,
            boolean over,
            @Nullable Integer plannedMinutes,
            @Nullable Integer riddenMinutes,
            List<ReviewPart> stations,
            List<ReviewPart> riders,
            List<String> changes) {}

    /**
     * What one station or rider had.
     *
     * @param planned runs; 0 without a plan
     * @param ridden entries in the log
     * @param scored of them that are clean or not
     * @param clean of those
     * @param drops among all
     */
    public record ReviewPart(String name, int planned, int ridden, int scored, int clean, int drops) {}

    /**
     * One rider's day.
     *
     * @param kindLabel the kind of course ridden most; missing where none was
     * @param runs that count, on that kind
     * @param better what went well
     * @param holdsBack what does not yet
     * @param next what comes next
     * @param drills ridden without a course
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
            Sentence better,
            Sentence holdsBack,
            Sentence next,
            List<DrillCount> drills,
            List<Homework> homework,
            DebriefText own) {}

    /**
     * What was logged of one drill.
     *
     * @param entries runs and timed rides
     * @param clean of them
     * @param minutes of timed rides; missing where none was timed
     */
    public record DrillCount(
            String name, int entries, int clean, @Nullable Double minutes) {}
}
