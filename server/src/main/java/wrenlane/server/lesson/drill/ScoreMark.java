package wrenlane.server.lesson.drill;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.drill.PassMark;
import wrenlane.run.Score;

/**
 * What a drill is mastered by, other than clean runs.
 *
 * @param measured what is measured with a tape for it; missing where it is timed
 * @param target in metres, or in seconds or minutes where it is timed
 */
public record ScoreMark(Score.@Nullable TapeMeasure measured, double target, boolean lessIsBetter) {
    /** Of a pass mark; empty where clean runs are counted. */
    public static Optional<ScoreMark> of(PassMark mark) {
        return mark.target()
                .map(target -> new ScoreMark(
                        mark.measure().measured().orElse(null),
                        target,
                        mark.measure().lessIsBetter()));
    }
}
