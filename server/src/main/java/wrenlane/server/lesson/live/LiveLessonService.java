package wrenlane.server.lesson.live;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import wrenlane.day.Day;
import wrenlane.id.CourseId;
import wrenlane.lesson.Block;
import wrenlane.lesson.LiveLesson;
import wrenlane.lesson.LiveLesson.LessonRun;
import wrenlane.lesson.Station;
import wrenlane.run.Run;
import wrenlane.server.day.DayService;
import wrenlane.server.lesson.LessonService;
import wrenlane.server.lesson.live.LiveAction.Act;
import wrenlane.server.platform.event.News;
import wrenlane.server.platform.event.Newsroom;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.units.LengthSystem;

/** The lesson of a day while it is given: the same on every device. */
@Service
public class LiveLessonService {
    private final LiveLessonRepository live;
    private final LiveLessonAnswers answers;
    private final LessonService lessons;
    private final RestOfLesson rest;
    private final DayService days;
    private final Newsroom newsroom;
    private final Storage storage;
    private final Clock clock;

    LiveLessonService(
            LiveLessonRepository live,
            LiveLessonAnswers answers,
            LessonService lessons,
            RestOfLesson rest,
            DayService days,
            Newsroom newsroom,
            Storage storage,
            Clock clock) {
        this.live = live;
        this.answers = answers;
        this.lessons = lessons;
        this.rest = rest;
        this.days = days;
        this.newsroom = newsroom;
        this.storage = storage;
        this.clock = clock;
    }

    /** Where the lesson of a day is. */
    LiveLessonResponse get(long dayId) {
        return storage.read(() -> {
            Day day = days.get(dayId);
            return answers.answer(day, live.find(dayId));
        });
    }

    /** Does something to it, and says where it is then. */
    LiveLessonResponse act(long dayId, LiveAction act, LengthSystem system) {
        if (act.isOfRider() == (act.riderId() == null)) {
            throw RefusedException.of(
                    "whose-turn",
                    "riderId",
                    "Say which rider it is, where a rider skips, leaves or comes, and only there.");
        }
        // Planned before the writer is taken.
        List<Block> planned = act.act() == Act.BEGIN
                ? lessons.blocks(dayId, system)
                : act.act() == Act.PLAN_ANEW ? plannedAnew(dayId, act.step(), system) : List.of();
        return storage.write(() -> {
            Day day = days.get(dayId);
            Optional<LiveLesson> before = live.find(dayId);
            Optional<LiveLesson> after = act.act() == Act.BEGIN
                    ? Optional.of(before.orElseGet(() -> LiveLesson.begin(planned, Set.of(), clock.instant())))
                    : before.flatMap(lesson -> after(lesson, act, planned));
            if (!after.equals(before)) {
                after.ifPresentOrElse(lesson -> live.put(dayId, lesson), () -> live.archive(dayId));
                newsroom.tell(News.Topic.RUNS, dayId);
            }
            return answers.answer(day, after);
        });
    }

    private Optional<LiveLesson> after(LiveLesson lesson, LiveAction act, List<Block> planned) {
        if (act.step() != lesson.step()) {
            return Optional.of(lesson);
        }
        Instant now = clock.instant();
        String rider = String.valueOf(act.riderId());
        return switch (act.act()) {
            case BEGIN -> Optional.of(lesson);
            case ONWARD -> Optional.of(lesson.onward(now));
            case BACK -> Optional.of(lesson.back(now));
            case PAUSE -> Optional.of(lesson.pause(now));
            case GO_ON -> Optional.of(lesson.goOn(now));
            case PLAN_ANEW -> Optional.of(planned.isEmpty() ? lesson : lesson.planned(planned, now));
            case PASS -> Optional.of(lesson.pass(rider, now));
            case LEAVE -> Optional.of(lesson.withAway(rider, true));
            case COME -> Optional.of(lesson.withAway(rider, false));
            case PUT_AWAY -> Optional.empty();
        };
    }

    /** Of a lesson that is on at that step; nothing where it is not, for somebody else was first. */
    private List<Block> plannedAnew(long dayId, int step, LengthSystem system) {
        return storage.read(() -> live.find(dayId))
                .filter(lesson -> lesson.step() == step && !lesson.isOver())
                .map(lesson -> rest.plannedAnew(dayId, lesson, clock.instant(), system))
                .orElse(List.of());
    }

    public static LessonRun ridden(Run run) {
        return new LessonRun(run.riderId().toString(), stationOf(run), run.drillId(), run.side(), run.at());
    }

    /** The station a run was ridden at: its course, or the open ground. */
    public static String stationOf(Run run) {
        return run.courseId().map(CourseId::toString).orElse(Station.OPEN);
    }
}
