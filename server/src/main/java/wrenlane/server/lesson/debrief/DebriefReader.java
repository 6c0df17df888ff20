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
import wrenlane.lesson.RunningLesson;
import wrenlane.rider.Rider;
import wrenlane.run.Run;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.lesson.drill.DrillService;
import wrenlane.server.lesson.live.LiveLessonRepository;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.progress.DayProgress;
import wrenlane.server.progress.DayProgress.ReadDay;
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
    record Read(
            Day day,
            List<Run> runs,
            List<ReadRider> riders,
            Catalogue catalogue,
            Optional<RunningLesson> begun,
            boolean over,
            Map<String, String> riderNames,
            Map<CourseId, String> courseNames) {}

    record ReadRider(Rider rider, Optional<ReadDay> day, DebriefText own) {}

    Read read(long dayId) {
        Day day = days.get(dayId);
        Map<RiderId, DebriefText> own = texts.of(day);
        return new Read(
                day,
                runs.ofDay(dayId),
                day.riderIds().stream()
                        .map(riders::get)
                        .map(rider -> new ReadRider(
                                rider, progress.readDay(rider, dayId), Objects.requireNonNull(own.get(rider.id()))))
                        .toList(),
                drills.catalogue(),
                live.begun(dayId),
                live.find(dayId).map(RunningLesson::isOver).orElse(true),
                riders.all().stream().collect(Collectors.toMap(r -> String.valueOf(r.id()), Rider::name)),
                courses.names());
    }
}
