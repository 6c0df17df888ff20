package wrenlane.server.lesson;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import wrenlane.lesson.Block;
import wrenlane.lesson.Lesson;
import wrenlane.lesson.LessonBrief;
import wrenlane.lesson.LessonPlanner;
import wrenlane.lesson.LessonTemplate;
import wrenlane.lesson.PlanRepair;
import wrenlane.server.lesson.LessonStore.StoredSettings;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.platform.calculation.StateCache;
import wrenlane.server.platform.event.News;
import wrenlane.server.platform.event.Newsroom;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.http.VersionedResource;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.units.LengthSystem;

/** Plans the lesson of a day from what is stored of it. */
@Service
public class LessonService {
    /** Memory for plans, in bytes. */
    private static final long MOST_BYTES = 3_000_000;

    /** A plan with its brief, in bytes: an estimate for a dozen riders. */
    private static final int PLAN_BYTES = 30_000;

    /** A lesson with all that it was planned from, in bytes: an estimate for a dozen riders. */
    private static final int LESSON_BYTES = 300_000;

    private final BoundedCache<LessonBrief, PlanResult> plans = BoundedCache.within(MOST_BYTES, brief -> PLAN_BYTES);
    private final StateCache<LessonKey, ComputedLesson> kept;

    private final LessonReader lessons;
    private final LessonInputReader gathering;
    private final LessonStore store;
    private final Newsroom newsroom;
    private final Storage storage;

    LessonService(
            LessonReader lessons, LessonInputReader gathering, LessonStore store, Newsroom newsroom, Storage storage) {
        this.lessons = lessons;
        this.gathering = gathering;
        this.store = store;
        this.newsroom = newsroom;
        this.storage = storage;
        this.kept = new StateCache<>(storage::state, MOST_BYTES, lesson -> LESSON_BYTES, ComputedLesson::isWhole);
    }

    /** Which lesson is asked for, and whose lengths the sizes are that riders begin at. */
    private record LessonKey(long dayId, LengthSystem system) {}

    /** A lesson, and the ways out of what it breaks. */
    private record PlanResult(Lesson lesson, List<PlanRepair> repairs) {
        static PlanResult of(LessonBrief brief) {
            Lesson lesson = LessonPlanner.plan(brief);
            return new PlanResult(lesson, PlanRepair.of(brief, lesson));
        }
    }

    /** What is stored of a lesson, shown to somebody who would have written over it. */
    private record StoredLesson(long version, LessonSettings settings) implements VersionedResource {}

    /**
     * The lesson of a day as it stands.
     *
     * @param system whose lengths the sizes are that riders begin at
     */
    public LessonResponse get(long dayId, LengthSystem system) {
        return computed(dayId, system).answer();
    }

    /** The same as it was computed. */
    public ComputedLesson computed(long dayId, LengthSystem system) {
        return kept.get(new LessonKey(dayId, system), () -> computed(lessons.read(dayId), system));
    }

    /** Plans with other settings, then stores them: what cannot be planned is not stored. */
    LessonResponse put(long dayId, ExpectedVersion expected, LessonSettings settings, LengthSystem system) {
        computed(storage.read(() -> wanting(dayId, expected, settings)), system);
        LessonOfDay now = storage.write(() -> {
            LessonOfDay wanted = wanting(dayId, expected, settings);
            store.put(dayId, new StoredSettings(wanted.version(), settings));
            newsroom.tell(News.Topic.DAY, dayId);
            return wanted;
        });
        return computed(now, system).answer();
    }

    private LessonOfDay wanting(long dayId, ExpectedVersion expected, LessonSettings settings) {
        LessonOfDay of = lessons.read(dayId);
        expected.check(of.version(), () -> new StoredLesson(of.version(), of.settings()), settings);
        return of.wanting(settings, of.version() + 1);
    }

    /**
     * What happens in the lesson of a day, in its order.
     *
     * @throws RefusedException where nobody takes part
     */
    public List<Block> blocks(long dayId, LengthSystem system) {
        return computed(dayId, system)
                .lesson()
                .map(Lesson::blocks)
                .filter(blocks -> !blocks.isEmpty())
                .orElseThrow(() -> RefusedException.of(
                        "no-lesson-plan",
                        "riders",
                        "There is no lesson plan to begin with: put riders on the day, then look at Lesson."));
    }

    private ComputedLesson computed(LessonOfDay of, LengthSystem system) {
        LessonInput gathered = gathering.gather(of, of.present(), system);
        Optional<PlanResult> planned = gathered.brief().map(brief -> plans.get(brief, () -> PlanResult.of(brief)));
        return new ComputedLesson(
                gathered,
                planned.map(PlanResult::lesson),
                planned.map(PlanResult::repairs).orElse(List.of()));
    }

    /** Lessons to begin from, for who takes part in a day and what there is to ride on. */
    List<TemplateJson> templates(long dayId) {
        LessonOfDay of = lessons.read(dayId);
        return gathering.atAnySetting(of, of.present()).brief().stream()
                .flatMap(brief -> Arrays.stream(LessonTemplate.values()).map(t -> TemplateJson.of(t, brief)))
                .toList();
    }
}
