package wrenlane.server.day.tick;

import java.util.List;
import org.springframework.stereotype.Service;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.platform.storage.Storage;

/** Cones that are on the ground. Ticking one twice, or late, says the same. */
@Service
class TickService {
    private final TickMapper mapper;
    private final DayService days;
    private final CourseService courses;
    private final Storage storage;

    TickService(TickMapper mapper, DayService days, CourseService courses, Storage storage) {
        this.mapper = mapper;
        this.days = days;
        this.courses = courses;
        this.storage = storage;
    }

    List<String> labels(long dayId, long courseId) {
        return storage.read(() -> {
            require(dayId, courseId);
            return mapper.labels(dayId, courseId);
        });
    }

    /** A cone stands, or was picked up again. */
    void put(long dayId, long courseId, String label, boolean stands) {
        storage.change(() -> {
            require(dayId, courseId);
            if (stands) {
                mapper.insert(dayId, courseId, label);
            } else {
                mapper.delete(dayId, courseId, label);
            }
        });
    }

    private void require(long dayId, long courseId) {
        days.get(dayId);
        courses.get(courseId);
    }
}
