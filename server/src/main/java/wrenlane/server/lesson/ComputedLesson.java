package wrenlane.server.lesson;

import java.util.List;
import java.util.Optional;
import wrenlane.lesson.Lesson;
import wrenlane.lesson.PlanRepair;
import wrenlane.server.lesson.drill.RiderDrills;

/**
 * The lesson of a day with what it was planned from.
 *
 * @param lesson missing where nobody takes part, or somebody has nothing to ride at all
 * @param repairs of what the lesson breaks
 */
public record ComputedLesson(LessonInput gathered, Optional<Lesson> lesson, List<PlanRepair> repairs) {
    LessonResponse answer() {
        return LessonAnswer.of(gathered, lesson, repairs);
    }

    /** Whether asking again, of the same stored data, gives the same. */
    boolean isWhole() {
        return !gathered.unfinished() && gathered.riders().stream().noneMatch(RiderDrills::unfinished);
    }
}
