package wrenlane.server.yard;

import java.util.List;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.http.Expected;
import wrenlane.server.http.NotFoundException;
import wrenlane.server.storage.Storage;
import wrenlane.server.use.Uses;

/** Yards as stored. */
@Service
public class YardService {
    private final YardMapper mapper;
    private final JsonMapper json;
    private final Uses uses;
    private final Storage storage;

    YardService(YardMapper mapper, JsonMapper json, Uses uses, Storage storage) {
        this.mapper = mapper;
        this.json = json;
        this.uses = uses;
        this.storage = storage;
    }

    public List<YardResponse> all() {
        return mapper.all().stream().map(row -> row.response(json)).toList();
    }

    public YardResponse get(long id) {
        return row(id).response(json);
    }

    private YardRow row(long id) {
        return mapper.find(id).orElseThrow(() -> new NotFoundException("yard", id));
    }

    /** Whether there is one. */
    public boolean isThere(long id) {
        return mapper.find(id).isPresent();
    }

    YardResponse create(YardRequest request) {
        request.yard();
        return storage.write(() -> row(insert(request))).response(json);
    }

    /** Stores one that was checked before, and gives its number. */
    public long insert(YardRequest checked) {
        return storage.write(() -> mapper.insert(YardRow.of(null, checked, json)));
    }

    YardResponse update(long id, Expected expected, YardRequest request) {
        request.yard();
        return storage.write(() -> {
                    YardRow stored = row(id);
                    expected.check(stored.counted(), () -> stored.response(json), request);
                    mapper.update(YardRow.of(id, request, json));
                    return row(id);
                })
                .response(json);
    }

    void delete(long id, Expected expected) {
        storage.change(() -> {
            YardRow stored = row(id);
            expected.check(stored.counted(), () -> stored.response(json));
            uses.noneOfYard(id);
            mapper.delete(id);
        });
    }
}
