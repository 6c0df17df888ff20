package wrenlane.server.rider;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wrenlane.server.http.NotFoundException;

/** Riders as stored. */
@Service
public class RiderService {
    private final RiderMapper mapper;

    RiderService(RiderMapper mapper) {
        this.mapper = mapper;
    }

    public List<RiderResponse> all() {
        return mapper.all().stream().map(RiderRow::response).toList();
    }

    public RiderResponse get(long id) {
        return mapper.find(id).map(RiderRow::response).orElseThrow(() -> new NotFoundException("rider", id));
    }

    @Transactional
    public RiderResponse create(RiderRequest request) {
        return get(mapper.insert(RiderRow.of(null, request)));
    }

    @Transactional
    public RiderResponse update(long id, RiderRequest request) {
        if (mapper.update(RiderRow.of(id, request)) == 0) {
            throw new NotFoundException("rider", id);
        }
        return get(id);
    }

    @Transactional
    public void delete(long id) {
        if (mapper.delete(id) == 0) {
            throw new NotFoundException("rider", id);
        }
    }
}
