package wrenlane.server.lesson.live;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import wrenlane.lesson.Block;
import wrenlane.lesson.RunningLesson;

/**
 * A running lesson as it is stored.
 *
 * @param blocks the running order it was begun with
 * @param pausedAt missing while it goes on
 */
record RunningState(
        List<Block> blocks,
        Instant begunAt,
        int step,
        Instant since,
        @Nullable Instant pausedAt,
        Set<String> away,
        List<RunningLesson.Passed> passed) {
    static RunningState of(RunningLesson lesson) {
        return new RunningState(
                lesson.blocks(),
                lesson.begunAt(),
                lesson.step(),
                lesson.since(),
                lesson.pausedAt().orElse(null),
                lesson.away(),
                lesson.passed());
    }

    RunningLesson lesson() {
        return new RunningLesson(blocks, begunAt, step, since, Optional.ofNullable(pausedAt), away, passed);
    }
}
