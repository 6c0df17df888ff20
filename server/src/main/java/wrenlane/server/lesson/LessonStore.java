package wrenlane.server.lesson;

import java.util.Optional;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.platform.storage.Storage;

/** What was said of the lessons of days, as it is stored. */
@Component
public class LessonStore {
    private final LessonMapper mapper;
    private final JsonMapper json;
    private final Storage storage;

    LessonStore(LessonMapper mapper, JsonMapper json, Storage storage) {
        this.mapper = mapper;
        this.json = json;
        this.storage = storage;
    }

    /** Settings with how often they were changed. */
    record StoredSettings(long version, LessonSettings settings) {}

    /** What was said of a day's lesson; empty where nothing was. */
    Optional<StoredSettings> find(long dayId) {
        return mapper.find(dayId)
                .map(row -> new StoredSettings(row.version(), json.readValue(row.settings(), LessonSettings.class)));
    }

    /** The settings alone. */
    public Optional<LessonSettings> settings(long dayId) {
        return find(dayId).map(StoredSettings::settings);
    }

    /** Stores settings in the place of any there were. */
    void put(long dayId, StoredSettings said) {
        mapper.put(new LessonRow(dayId, said.version(), json.writeValueAsString(said.settings())));
    }

    /** Stores settings for a day that has none. */
    public void putFirst(long dayId, LessonSettings settings) {
        put(dayId, new StoredSettings(storage.leastVersion() + 1, settings));
    }

    /** Whether anything was said of the day's lesson. */
    public boolean isSaid(long dayId) {
        return mapper.find(dayId).isPresent();
    }
}
