package wrenlane.server.lesson;

import org.springframework.stereotype.Component;
import wrenlane.server.day.DayLessons;

/** Tells days whether they have a lesson. */
@Component
class SaidLessons implements DayLessons {
    private final LessonMapper mapper;

    SaidLessons(LessonMapper mapper) {
        this.mapper = mapper;
    }

    @Override
    public boolean isSaid(long dayId) {
        return mapper.find(dayId).isPresent();
    }
}
