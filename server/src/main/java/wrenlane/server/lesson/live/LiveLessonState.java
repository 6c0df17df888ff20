package wrenlane.server.lesson.live;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wrenlane.lesson.Block;
import wrenlane.lesson.LiveLesson;

/**
 * A running lesson as it is stored.
 *
 * @param blocks the lesson plan it was begun with
 * @param pausedAt missing while it goes on
 */
record LiveLessonState(
        List<Block> blocks,
        Instant begunAt,
        int step,
        Instant since,
        @Nullable Instant pausedAt,
        Set<String> away,
        List<LiveLesson.SkippedTurn> passed) {
    static LiveLessonState of(LiveLesson lesson) {
        return new LiveLessonState(
                lesson.blocks(),
                lesson.begunAt(),
                lesson.step(),
                lesson.since(),
                lesson.pausedAt().orElse(null),
                lesson.away(),
                lesson.passed());
    }

    LiveLesson lesson() {
        return new LiveLesson(blocks, begunAt, step, since, Optional.ofNullable(pausedAt), away, passed);
    }
}
