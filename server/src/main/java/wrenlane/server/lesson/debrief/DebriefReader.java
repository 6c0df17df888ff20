package wrenlane.server.lesson.debrief;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wrenlane.day.Day;
import wrenlane.drill.Catalogue;
import wrenlane.id.CourseId;
import wrenlane.id.RiderId;
import wrenlane.lesson.LiveLesson;
import wrenlane.rider.Rider;
import wrenlane.run.Run;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.lesson.drill.DrillService;
import wrenlane.server.lesson.live.LiveLessonRepository;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.progress.DayProgress;
import wrenlane.server.progress.DayProgress.DayHistory;
import wrenlane.server.progress.run.RunRepository;

/** Reads what a debrief is made from. */
@Component
class DebriefReader {
    private final DebriefTexts texts;
    private final DayService days;
    private final RunRepository runs;
    private final RiderService riders;
    private final DrillService drills;
    private final DayProgress progress;
    private final LiveLessonRepository live;
    private final CourseService courses;

    DebriefReader(
            DebriefTexts texts,
            DayService days,
            RunRepository runs,
            RiderService riders,
            DrillService drills,
            DayProgress progress,
            LiveLessonRepository live,
            CourseService courses) {
        this.texts = texts;
        this.days = days;
        this.runs = runs;
        this.riders = riders;
        this.drills = drills;
        this.progress = progress;
        this.live = live;
        this.courses = courses;
    }

    /** What is read of one state of the data. */
    record DebriefInput(
            Day day,
            List<Run> runs,
            List<DebriefRider> riders,
            Catalogue catalogue,
            Optional<LiveLesson> begun,
            boolean over,
            Map<String, String> riderNames,
            Map<CourseId, String> courseNames) {}

    record DebriefRider(Rider rider, Optional<DayHistory> day, DebriefText own) {}

    DebriefInput read(long dayId) {
        Day day = days.get(dayId);
        Map<RiderId, DebriefText> own = texts.of(day);
        return new DebriefInput(
                day,
                runs.ofDay(dayId),
                day.riderIds().stream()
                        .map(riders::get)
                        .map(rider -> new DebriefRider(
                                rider, progress.readDay(rider, dayId), Objects.requireNonNull(own.get(rider.id()))))
                        .toList(),
                drills.catalogue(),
                live.begun(dayId),
                live.find(dayId).map(LiveLesson::isOver).orElse(true),
                riders.all().stream().collect(Collectors.toMap(r -> String.valueOf(r.id()), Rider::name)),
                courses.names());
    }
}
