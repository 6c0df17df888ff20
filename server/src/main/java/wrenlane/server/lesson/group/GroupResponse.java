package wrenlane.server.lesson.group;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.server.progress.ChanceJson;
import wrenlane.server.progress.EstimateJson;

/**
 * A day's riders side by side.
 *
 * @param aimedAt how many runs in 100 should be clean
 * @param courses of the day, in their order
 * @param unfinished whether time ran out before everybody was looked at; asked again, it goes on from there
 */
record GroupResponse(long dayId, int aimedAt, List<GroupCourse> courses, boolean unfinished) {
    /**
     * One course.
     *
     * @param settingLabel what its sizes turn
     * @param stands settings in metres, the widest first
     * @param nextMetres the setting at which these riders come nearest to what is aimed at; missing where nothing is known
     * @param riders in the order of the day
     */
    record GroupCourse(
            long courseId,
            String name,
            String settingLabel,
            List<Double> stands,
            @Nullable Double nextMetres,
            List<GroupRider> riders) {}

    /**
     * One rider on it.
     *
     * @param left estimate, where there are runs enough
     * @param right estimate, where there are runs enough
     * @param weakSide missing where both are level, or one is not known
     * @param workingMetres the size to work on; missing where there is none
     * @param next chance of a clean run at the setting proposed, to the side where it is less; missing where nothing is known
     */
    record GroupRider(
            long riderId,
            String name,
            String machineName,
            @Nullable EstimateJson left,
            @Nullable EstimateJson right,
            @Nullable Side weakSide,
            @Nullable Double workingMetres,
            @Nullable ChanceJson next) {}
}
