package wrenlane.server.lesson.live;

import java.util.Optional;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.lesson.LiveLesson;

/** Live lessons as stored. */
@Repository
public class LiveLessonRepository {
    private final LiveLessonMapper mapper;
    private final JsonMapper json;

    LiveLessonRepository(LiveLessonMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    /** The lesson of a day that was begun and not put away. */
    public Optional<LiveLesson> find(long dayId) {
        return mapper.find(dayId).map(this::read);
    }

    /** The lesson of a day as it was begun last, also after it was put away. */
    public Optional<LiveLesson> begun(long dayId) {
        return mapper.findBegun(dayId).map(this::read);
    }

    void put(long dayId, LiveLesson lesson) {
        mapper.put(dayId, json.writeValueAsString(LiveLessonState.of(lesson)));
    }

    void archive(long dayId) {
        mapper.archive(dayId);
    }

    private LiveLesson read(String state) {
        return json.readValue(state, LiveLessonState.class).lesson();
    }
}
