package wrenlane.server.lesson.briefing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import wrenlane.course.Course;
import wrenlane.course.NamedCourse;
import wrenlane.course.kind.CourseKinds;
import wrenlane.day.Day;
import wrenlane.server.course.CourseService;
import wrenlane.server.course.kit.KitService;
import wrenlane.server.day.DayService;
import wrenlane.server.ground.yard.YardService;
import wrenlane.server.lesson.LessonStore;
import wrenlane.server.progress.Participant;
import wrenlane.server.progress.RiderSizesService;
import wrenlane.server.progress.run.RunRepository;
import wrenlane.yard.NamedYard;

/** Reads what a briefing is made from. */
@Component
class BriefingReader {
    private final DayService days;
    private final YardService yards;
    private final CourseService courses;
    private final RiderSizesService sizesOfRiders;
    private final KitService kit;
    private final LessonStore lessons;
    private final RunRepository runs;

    BriefingReader(
            DayService days,
            YardService yards,
            CourseService courses,
            RiderSizesService sizesOfRiders,
            KitService kit,
            LessonStore lessons,
            RunRepository runs) {
        this.days = days;
        this.yards = yards;
        this.courses = courses;
        this.sizesOfRiders = sizesOfRiders;
        this.kit = kit;
        this.lessons = lessons;
        this.runs = runs;
    }

    /**
     * What is stored of a day.
     *
     * @param owned markers of the school, by name
     * @param lesson whether somebody said what the lesson is planned from
     * @param logged runs of the day
     */
    record BriefingInput(
            Day day,
            Optional<NamedYard> yard,
            List<NamedCourse> courses,
            List<Participant> riders,
            Map<String, Integer> owned,
            boolean lesson,
            int logged) {
        /** The course that sizes are said for: the day's first. */
        Course first() {
            return BriefingReader.first(courses);
        }
    }

    BriefingInput read(long dayId) {
        Day day = days.get(dayId);
        List<NamedCourse> set = courses.get(day.courseIds());
        return new BriefingInput(
                day,
                day.yardId().map(yards::get),
                set,
                sizesOfRiders.participants(day, first(set).kind()),
                kit.get().ownedByName(),
                lessons.isSaid(dayId),
                runs.countOnDay(dayId));
    }

    private static Course first(List<NamedCourse> set) {
        return set.isEmpty() ? Course.standard(CourseKinds.usual()) : set.get(0).course();
    }
}
