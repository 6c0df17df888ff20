package wrenlane.server.ground.yard;

import java.util.List;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.id.YardId;
import wrenlane.server.course.evaluation.YardLookup;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.reference.Uses;
import wrenlane.server.platform.storage.Storage;
import wrenlane.yard.NamedYard;
import wrenlane.yard.Yard;

/** Yards as stored. */
@Service
public class YardService implements YardLookup {
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

    List<YardResponse> all() {
        return mapper.all().stream().map(row -> row.response(json)).toList();
    }

    @Override
    public Yard yard(long id) {
        return get(id).yard();
    }

    public NamedYard get(long id) {
        return row(id).named(json);
    }

    public NamedYard get(YardId id) {
        return get(id.value());
    }

    /** A yard as a person would type it again. */
    public YardRequest typed(YardId id) {
        return row(id.value()).typed(json);
    }

    YardResponse response(long id) {
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

    YardResponse update(long id, ExpectedVersion expected, YardRequest request) {
        request.yard();
        return storage.write(() -> {
                    YardRow stored = row(id);
                    expected.check(stored.counted(), () -> stored.response(json), request);
                    mapper.update(YardRow.of(id, request, json));
                    return row(id);
                })
                .response(json);
    }

    void delete(long id, ExpectedVersion expected) {
        storage.change(() -> {
            YardRow stored = row(id);
            expected.check(stored.counted(), () -> stored.response(json));
            uses.noneOfYard(id);
            mapper.delete(id);
        });
    }
}
