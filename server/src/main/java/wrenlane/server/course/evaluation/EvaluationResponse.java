package wrenlane.server.course.evaluation;

import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.yard.Caution;

/**
 * A course computed for one machine and rider.
 *
 * @param plan the course on the ground
 * @param fit whether it can be ridden; missing without a machine
 * @param comfortable the easiest line that keeps a comfortable room everywhere, or the most there is; missing where
 *     none clears everything, or it was not wanted
 * @param easiest the line with the smallest peak; missing where none clears everything, or it was not wanted
 * @param roomiest the line that leaves the most room; missing where it was not wanted
 * @param cautions what does not suit the yard
 */
record EvaluationResponse(
        PlanJson plan,
        @Nullable FitJson fit,
        @Nullable LineJson comfortable,
        @Nullable LineJson easiest,
        @Nullable LineJson roomiest,
        List<Caution> cautions) {}
