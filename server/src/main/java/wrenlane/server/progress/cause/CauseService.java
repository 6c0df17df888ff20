package wrenlane.server.progress.cause;

import java.util.List;
import org.springframework.stereotype.Service;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.coaching.Causes;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.progress.run.DrillLookup;

/** The table of causes as stored. */
@Service
public class CauseService {
    private final CauseMapper mapper;
    private final DrillLookup drills;
    private final Storage storage;
    private final JsonMapper json;

    CauseService(CauseMapper mapper, DrillLookup drills, Storage storage, JsonMapper json) {
        this.mapper = mapper;
        this.drills = drills;
        this.storage = storage;
        this.json = json;
    }

    /** For the core to name causes by. */
    public Causes causes() {
        return causes(mapper.get());
    }

    private Causes causes(CausesRow row) {
        String document = row.document();
        return document == null
                ? Causes.USUAL
                : causes(json.readValue(document, new TypeReference<List<CauseJson>>() {}));
    }

    private static Causes causes(List<CauseJson> rows) {
        return new Causes(rows.stream().map(CauseJson::cause).toList());
    }

    CausesResponse get() {
        CausesRow row = mapper.get();
        return new CausesResponse(
                row.version(),
                row.document() != null,
                causes(row).rows().stream().map(CauseJson::of).toList());
    }

    CausesResponse put(ExpectedVersion expected, List<CauseJson> rows) {
        return storage.write(() -> {
            expected.check(mapper.get().version(), this::get, rows);
            Causes causes = causes(rows);
            RefusedException.unlessNone(causes.check(drills.drillIds()));
            mapper.put(json.writeValueAsString(
                    causes.rows().stream().map(CauseJson::of).toList()));
            return get();
        });
    }

    CausesResponse restore(ExpectedVersion expected) {
        return storage.write(() -> {
            expected.check(mapper.get().version(), this::get);
            mapper.put(null);
            return get();
        });
    }
}
