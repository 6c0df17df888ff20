package wrenlane.server.cause;

import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.coaching.Causes;
import wrenlane.drill.Drill;
import wrenlane.server.drill.DrillService;
import wrenlane.server.http.Expected;
import wrenlane.server.http.RefusedException;
import wrenlane.server.storage.Storage;

/** The table of causes as stored. */
@Service
public class CauseService {
    private final CauseMapper mapper;
    private final DrillService drills;
    private final Storage storage;
    private final JsonMapper json;

    CauseService(CauseMapper mapper, DrillService drills, Storage storage, JsonMapper json) {
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

    CausesResponse put(Expected expected, List<CauseJson> rows) {
        return storage.write(() -> {
            expected.check(mapper.get().version(), this::get, rows);
            Causes causes = causes(rows);
            RefusedException.unlessNone(causes.check(
                    drills.catalogue().drills().stream().map(Drill::id).collect(Collectors.toSet())));
            mapper.put(json.writeValueAsString(
                    causes.rows().stream().map(CauseJson::of).toList()));
            return get();
        });
    }

    CausesResponse restore(Expected expected) {
        return storage.write(() -> {
            expected.check(mapper.get().version(), this::get);
            mapper.put(null);
            return get();
        });
    }
}
