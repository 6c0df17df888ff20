package wrenlane.server.lesson.goal;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import wrenlane.coaching.Programme;
import wrenlane.coaching.Programme.Sufficiency;
import wrenlane.coaching.Rhythm;
import wrenlane.drill.TaughtDrill;
import wrenlane.finding.Sentence;
import wrenlane.verdict.SizeLadder;

/**
 * Lessons on the way to a goal: an estimate.
 *
 * @param enough whether they are likely to do
 * @param sentence the same in words
 * @param why what a lesson has gained beside what the goal asks for, in words
 * @param lessons in their order
 * @param likelyLessons how many would be likely to do; missing where those planned are, and where it cannot be said
 * @param likelySchedule how so many find room, later or more often; missing where the number is, or is one
 * @param likelySize the tightest size that those planned are likely to reach, where not the goal; missing where there is none
 */
public record ProgrammeJson(
        Sufficiency enough,
        String sentence,
        Sentence why,
        List<LessonJson> lessons,
        @Nullable Integer likelyLessons,
        Rhythm.@Nullable Schedule likelySchedule,
        SizeLadder.@Nullable SizeStep likelySize) {
    /**
     * One lesson.
     *
     * @param begin size it begins on
     * @param aim size to be ridden clean at its end
     * @param drills to be mastered in it, in their order
     */
    public record LessonJson(
            LocalDate on, SizeLadder.SizeStep begin, SizeLadder.SizeStep aim, List<DrillName> drills) {}

    /** A drill by its name. */
    public record DrillName(String id, String name) {}

    static ProgrammeJson of(Programme programme, List<TaughtDrill> before, IntFunction<Rhythm.Schedule> scheduleOf) {
        Map<String, DrillName> named = before.stream()
                .collect(Collectors.toMap(TaughtDrill::id, drill -> new DrillName(drill.id(), drill.name())));
        Function<String, DrillName> name = id -> Objects.requireNonNull(named.get(id));
        return new ProgrammeJson(
                programme.enough(),
                programme.sentence(),
                programme.why(),
                programme.lessons().stream()
                        .map(l -> new LessonJson(
                                l.on(),
                                l.begin(),
                                l.aim(),
                                l.drills().stream().map(name).toList()))
                        .toList(),
                programme.likelyLessons().orElse(null),
                programme
                        .likelyLessons()
                        .filter(lessons -> lessons > 1)
                        .map(scheduleOf::apply)
                        .orElse(null),
                programme.likelySize().orElse(null));
    }
}
