package wrenlane.server.lesson.drill;

import java.util.List;
import wrenlane.drill.DrillRuns.Progress;
import wrenlane.drill.PassMark;
import wrenlane.server.progress.run.RunResponse;

/**
 * What the range shows of one rider on a drill that is ridden on no course.
 *
 * @param runs the latest of this day, oldest first
 * @param pass the mark asked for
 * @param progress towards it on this machine, over all days
 */
record DrillRange(List<RunResponse> runs, PassMark pass, Progress progress) {}
