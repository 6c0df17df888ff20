package wrenlane.server.yard;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.server.http.NotFoundException;

/** Yards as stored. */
@Service
public class YardService {
    private final YardMapper mapper;
    private final JsonMapper json;

    YardService(YardMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    public List<YardResponse> all() {
        return mapper.all().stream().map(row -> row.response(json)).toList();
    }

    public YardResponse get(long id) {
        return mapper.find(id).map(row -> row.response(json)).orElseThrow(() -> new NotFoundException("yard", id));
    }

    @Transactional
    public YardResponse create(YardRequest request) {
        request.yard();
        return get(mapper.insert(YardRow.of(null, request, json)));
    }

    @Transactional
    public YardResponse update(long id, YardRequest request) {
        request.yard();
        if (mapper.update(YardRow.of(id, request, json)) == 0) {
            throw new NotFoundException("yard", id);
        }
        return get(id);
    }

    @Transactional
    public void delete(long id) {
        if (mapper.delete(id) == 0) {
            throw new NotFoundException("yard", id);
        }
    }
}
