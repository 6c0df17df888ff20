package wrenlane.server.lesson;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Finding;
import wrenlane.lesson.Block;
import wrenlane.lesson.RiderTask;
import wrenlane.server.lesson.LessonSettings.WishJson;
import wrenlane.server.platform.http.VersionedResource;
import wrenlane.server.progress.ChanceJson;

/**
 * A lesson as planned.
 *
 * @param version where nothing was said yet and the usual holds, the least there is
 * @param kept whether the settings were stored; the usual hold where they were not
 * @param riders who takes part, in the order they ride
 * @param stations there are to choose from
 * @param blocks empty where nobody takes part
 * @param order stations in the order they are ridden, as wishes: those of the settings, or what the planner chose
 * @param unfinished whether it is still computed who rides what of what stands; asked again a little later, it is there
 * @param findings what could not be met; {@code where} names the block, as blocks.3, or the station, as stations.2
 * @param repairs changes after which nothing of it would be broken; empty where nothing is
 */
public record LessonResponse(
        long dayId,
        long version,
        boolean kept,
        LessonSettings settings,
        List<LessonRider> riders,
        List<StationText> stations,
        List<PlannedBlock> blocks,
        List<WishJson> order,
        List<Finding> findings,
        boolean unfinished,
        List<PlanRepairJson> repairs)
        implements VersionedResource {

    /**
     * Something that would mend the lesson.
     *
     * @param said as something to do
     * @param settings that do it; missing where people have to agree on it
     */
    public record PlanRepairJson(String said, @Nullable LessonSettings settings) {}

    /**
     * Somebody who takes part.
     *
     * @param meanwhile what they can do while others ride, without eyes on them; missing where there is nothing
     */
    public record LessonRider(
            long id,
            String name,
            String machineName,
            @Nullable RiderTask meanwhile,
            int runs) {}

    /**
     * Ground to ride on.
     *
     * @param activeSizes settings that stand, in metres, the widest first; none in the open
     * @param without names of those who have nothing to ride there yet
     * @param passSeconds one run with the way back and a word: an estimate
     */
    public record StationText(
            String id, String name, List<Double> activeSizes, List<String> without, int passSeconds) {}

    /**
     * A stretch of the lesson.
     *
     * @param label what happens, in words
     * @param station id; missing for talks and rests
     * @param stationName missing for talks and rests
     * @param place of its station in the order, from 0; missing for what the app puts in by itself
     * @param fixed whether somebody fixed its minutes
     */
    public record PlannedBlock(
            Block.Sort sort,
            String label,
            int startMinute,
            int minutes,
            int area,
            @Nullable String station,
            @Nullable String stationName,
            List<PlannedTurn> turns,
            @Nullable Integer place,
            boolean fixed) {}

    /**
     * One rider's part.
     *
     * @param runs in all
     * @param left of them to the left, where sides are ridden one at a time
     * @param right of them to the right
     * @param chance of a clean run on what they ride: an estimate; missing in the open, and where nothing is known of it
     */
    public record PlannedTurn(
            long riderId,
            String riderName,
            RiderTask task,
            int runs,
            int left,
            int right,
            boolean easier,
            @Nullable ChanceJson chance) {}
}
