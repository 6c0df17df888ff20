package wrenlane.server.course;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseStart;
import wrenlane.course.UTurnBox;
import wrenlane.machine.Side;
import wrenlane.server.http.NotFoundException;
import wrenlane.server.length.LengthJson;

/** Courses as stored. */
@Service
public class CourseService {
    private final CourseMapper mapper;

    CourseService(CourseMapper mapper) {
        this.mapper = mapper;
    }

    public List<CourseResponse> all() {
        return mapper.all().stream().map(this::response).toList();
    }

    public CourseResponse get(long id) {
        return mapper.find(id).map(this::response).orElseThrow(() -> new NotFoundException("course", id));
    }

    @Transactional
    public CourseResponse create(CourseRequest request) {
        request.box();
        long id = mapper.insert(CourseRow.of(null, request));
        writeDimensions(id, request);
        return get(id);
    }

    @Transactional
    public CourseResponse update(long id, CourseRequest request) {
        request.box();
        if (mapper.update(CourseRow.of(id, request)) == 0) {
            throw new NotFoundException("course", id);
        }
        writeDimensions(id, request);
        return get(id);
    }

    @Transactional
    public void delete(long id) {
        if (mapper.delete(id) == 0) {
            throw new NotFoundException("course", id);
        }
    }

    private void writeDimensions(long id, CourseRequest c) {
        mapper.clearDimensions(id);
        mapper.insertDimension(id, DimensionRow.of(UTurnBox.WIDTH.name(), c.width()));
        mapper.insertDimension(id, DimensionRow.of(UTurnBox.DEPTH.name(), c.depth()));
        mapper.insertDimension(id, DimensionRow.of(UTurnBox.EDGE_SPACING.name(), c.edgeSpacing()));
    }

    private CourseResponse response(CourseRow row) {
        long id = row.id() == null ? 0 : row.id();
        Map<String, LengthJson> lengths =
                mapper.dimensions(id).stream().collect(Collectors.toMap(DimensionRow::name, DimensionRow::length));
        return new CourseResponse(
                id,
                row.name(),
                row.kind(),
                length(lengths, UTurnBox.WIDTH),
                length(lengths, UTurnBox.DEPTH),
                length(lengths, UTurnBox.EDGE_SPACING),
                Side.valueOf(row.entrySide()),
                CourseStart.valueOf(row.start()));
    }

    private static LengthJson length(Map<String, LengthJson> lengths, CourseDimension dimension) {
        LengthJson length = lengths.get(dimension.name());
        return length == null ? LengthJson.taped(dimension.defaultMetres()) : length;
    }
}
