package wrenlane.server.yard;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wrenlane.server.http.NotFoundException;

/** Yards as stored. */
@Service
public class YardService {
    private final YardMapper mapper;

    YardService(YardMapper mapper) {
        this.mapper = mapper;
    }

    public List<YardResponse> all() {
        return mapper.all().stream().map(YardRow::response).toList();
    }

    public YardResponse get(long id) {
        return mapper.find(id).map(YardRow::response).orElseThrow(() -> new NotFoundException("yard", id));
    }

    @Transactional
    public YardResponse create(YardRequest request) {
        request.yard();
        return get(mapper.insert(YardRow.of(null, request)));
    }

    @Transactional
    public YardResponse update(long id, YardRequest request) {
        request.yard();
        if (mapper.update(YardRow.of(id, request)) == 0) {
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
