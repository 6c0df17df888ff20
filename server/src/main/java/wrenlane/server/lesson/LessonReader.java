package wrenlane.server.lesson;

import java.util.Optional;
import org.springframework.stereotype.Component;
import wrenlane.day.Day;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.lesson.LessonStore.StoredSettings;
import wrenlane.server.lesson.drill.DrillService;
import wrenlane.server.platform.storage.Storage;

/** Reads what is stored of a day's lesson. */
@Component
public class LessonReader {
    private final LessonStore store;
    private final DayService days;
    private final CourseService courses;
    private final DrillService drills;
    private final Storage storage;

    LessonReader(LessonStore store, DayService days, CourseService courses, DrillService drills, Storage storage) {
        this.store = store;
        this.days = days;
        this.courses = courses;
        this.drills = drills;
        this.storage = storage;
    }

    /** All of it, of one state of the data. */
    public LessonOfDay read(long dayId) {
        return storage.read(() -> {
            Day day = days.get(dayId);
            Optional<StoredSettings> said = store.find(dayId);
            return new LessonOfDay(
                            day,
                            courses.get(day.courseIds()),
                            drills.catalogue(),
                            said.map(StoredSettings::settings).orElse(LessonSettings.USUAL),
                            said.map(StoredSettings::version).orElseGet(storage::leastVersion),
                            said.isPresent())
                    .withoutWhatIsGone();
        });
    }

    /** The settings alone, or the usual. */
    LessonSettings settings(long dayId) {
        return store.settings(dayId).orElse(LessonSettings.USUAL);
    }
}
