package wrenlane.server.progress.range;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.coaching.advice.Advice;
import wrenlane.server.progress.ChanceJson;
import wrenlane.server.progress.RiderSizes;
import wrenlane.server.progress.run.RunResponse;

/**
 * What the range shows of one rider on one course.
 *
 * @param riderSizes before today's next run
 * @param runs the latest of this day on this course, oldest first
 * @param unscored ids of those that are the first at a setting new to the rider
 * @param nextLeft advice if the next run goes left at the setting asked about
 * @param nextRight advice if it goes right
 * @param backLeft what to go back to where that is to widen, and somebody said how it was ridden
 * @param backRight the same to the right
 * @param chanceLeft of a clean run to the left at the setting asked about
 * @param chanceRight the same to the right
 */
record RangeResponse(
        RiderSizes riderSizes,
        List<RunResponse> runs,
        List<String> unscored,
        @Nullable Advice nextLeft,
        @Nullable Advice nextRight,
        @Nullable Remedy backLeft,
        @Nullable Remedy backRight,
        @Nullable ChanceJson chanceLeft,
        @Nullable ChanceJson chanceRight) {}
