package wrenlane.server.lesson;

import java.util.Optional;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.day.DayLessons;

/** What was said of the lessons of days, as it is stored. */
@Component
public class LessonStore implements DayLessons {
    private final LessonMapper mapper;
    private final JsonMapper json;

    LessonStore(LessonMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    /** Settings with how often they were changed. */
    record Said(long version, LessonSettings settings) {}

    /** What was said of a day's lesson; empty where nothing was. */
    Optional<Said> find(long dayId) {
        return mapper.find(dayId)
                .map(row -> new Said(row.version(), json.readValue(row.settings(), LessonSettings.class)));
    }

    /** The settings alone. */
    public Optional<LessonSettings> settings(long dayId) {
        return find(dayId).map(Said::settings);
    }

    /** Stores settings in the place of any there were. */
    void put(long dayId, Said said) {
        mapper.put(new LessonRow(dayId, said.version(), json.writeValueAsString(said.settings())));
    }

    /** Stores settings for a day that has none. */
    public void putFirst(long dayId, LessonSettings settings) {
        put(dayId, new Said(1, settings));
    }

    @Override
    public boolean isSaid(long dayId) {
        return mapper.find(dayId).isPresent();
    }
}
