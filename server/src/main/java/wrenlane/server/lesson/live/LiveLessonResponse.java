package wrenlane.server.lesson.live;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.drill.DrillRiding.SpeedBand;
import wrenlane.drill.DrillScoring;
import wrenlane.lesson.Block;
import wrenlane.machine.Side;
import wrenlane.server.lesson.drill.ScoreMark;

/**
 * Where a lesson is.
 *
 * @param step which of its steps is on, the first is 0
 * @param steps how many there are
 * @param now by this server's clock, to which the other instants belong
 * @param on what is on, one for each area; none before it has begun and when it is over
 * @param next what comes after
 * @param endsAt when this step should end
 * @param restAt when the next rest should begin
 * @param behindMinutes how far behind the plan it will be when this step ends; below zero where it is ahead
 * @param riders everybody of the lesson plan
 */
record LiveLessonResponse(
        long dayId,
        Status status,
        int step,
        int steps,
        Instant now,
        List<LiveBlock> on,
        List<LiveBlock> next,
        @Nullable Instant endsAt,
        @Nullable Instant restAt,
        long behindMinutes,
        List<LiveRider> riders) {
    /** Where it is. */
    enum Status {
        NOT_BEGUN,
        ON,
        PAUSED,
        OVER
    }

    /**
     * A block that is on, or comes after.
     *
     * @param label what happens, in words
     * @param stationName missing for talks and rests
     * @param courseId missing in the open, and for talks and rests
     * @param order everybody with turns left, the next first
     * @param done everybody who has ridden all of theirs
     */
    record LiveBlock(
            Block.Sort sort,
            String label,
            int minutes,
            @Nullable String stationName,
            @Nullable Long courseId,
            List<NextRiderJson> order,
            List<NextRiderJson> done) {}

    /**
     * Somebody with turns in a block.
     *
     * @param drill stands beside the rest in the JSON
     * @param side to turn to; missing where sides are not ridden one at a time
     * @param settingMetres of what stands; missing in the open, and where it is not known
     * @param done turns ridden, or gone by
     * @param of how many are planned
     */
    record NextRiderJson(
            long riderId,
            String riderName,
            String machineName,
            @JsonUnwrapped NextDrill drill,
            @Nullable Side side,
            @Nullable Double settingMetres,
            int done,
            int of) {}

    /**
     * The drill somebody is up for.
     *
     * @param loggedBy what one entry in the log is for it
     * @param longestMinutes without a break, on this rider's machine
     * @param speed the band it is ridden in; missing where the machine stands
     * @param mark what it is mastered by; missing where by clean runs
     */
    record NextDrill(
            String drillId,
            String drillName,
            DrillScoring.LogEntry loggedBy,
            String cue,
            int longestMinutes,
            @Nullable SpeedBand speed,
            @Nullable ScoreMark mark) {}

    /** A rider of the lesson plan. */
    record LiveRider(long riderId, String name, boolean away) {}
}
