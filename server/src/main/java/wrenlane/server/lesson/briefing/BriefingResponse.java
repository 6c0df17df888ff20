package wrenlane.server.lesson.briefing;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.briefing.ConeCount;
import wrenlane.briefing.Stop;
import wrenlane.briefing.StopState;
import wrenlane.rider.RiderLevel;
import wrenlane.server.progress.ChanceJson;
import wrenlane.server.progress.EstimateJson;
import wrenlane.verdict.SizeLadder;
import wrenlane.yard.Caution;

/**
 * The day on one page.
 *
 * @param cones to bring: for all courses that stand at once, or for any one set up after another, whichever takes more
 * @param besides what else to bring, in words
 * @param riders who rides what at which size
 * @param cautions of the ground, and of what stands on it
 * @param stops how far each stop of the lane is
 * @param next the stop to go on to
 * @param runs logged this day
 * @param unfinished whether time ran out before every rider's size was known; asked again, it goes on from there
 */
public record BriefingResponse(
        long dayId,
        List<ConeCount> cones,
        String besides,
        List<RiderBriefing> riders,
        List<Caution> cautions,
        List<StopState> stops,
        Stop next,
        int runs,
        boolean unfinished) {

    /**
     * One rider.
     *
     * @param size to begin on; missing where the machine has no size on this kind
     * @param ridesMetres the setting they ride of those that the day's first course stands at; missing where none suits
     * @param chance of a clean run on that, to the weaker side; missing where nothing is known
     * @param left tightest setting ridden clean four times in five, an estimate
     */
    public record RiderBriefing(
            long riderId,
            String riderName,
            RiderLevel level,
            @Nullable Double mostLeanRadians,
            long machineId,
            String machineName,
            SizeLadder.@Nullable SizeStep size,
            @Nullable Double ridesMetres,
            @Nullable ChanceJson chance,
            @Nullable EstimateJson left,
            @Nullable EstimateJson right) {}
}
