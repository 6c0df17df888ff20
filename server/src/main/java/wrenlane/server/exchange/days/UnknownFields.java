package wrenlane.server.exchange.days;

import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what a file says beyond this version's schema, with the thing it was said of. */
@Component
class UnknownFields {
    private final UnknownFieldMapper mapper;
    private final JsonMapper json;

    UnknownFields(UnknownFieldMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    void keep(String sort, long id, @Nullable Map<String, JsonNode> more) {
        if (more != null && !more.isEmpty()) {
            mapper.insert(new UnknownFieldRow(sort, id, json.writeValueAsString(more)));
        }
    }

    /** None where there is nothing. */
    Map<String, JsonNode> of(String sort, long id) {
        return mapper.find(sort, id)
                .map(row -> json.readValue(row.fields(), new TypeReference<LinkedHashMap<String, JsonNode>>() {}))
                .orElseGet(LinkedHashMap::new);
    }
}
