package wrenlane.server.course;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wrenlane.course.CourseDimension;
import wrenlane.course.CourseDimension.Quantity;
import wrenlane.course.CourseKind;
import wrenlane.course.CourseKinds;
import wrenlane.course.CourseOption;
import wrenlane.machine.Side;
import wrenlane.server.http.NotFoundException;
import wrenlane.server.length.LengthJson;

/** Courses as stored. */
@Service
public class CourseService {
    private final CourseMapper mapper;
    private final Clock clock;

    CourseService(CourseMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    public List<CourseResponse> all() {
        return mapper.all().stream().map(this::response).toList();
    }

    public CourseResponse get(long id) {
        return mapper.find(id).map(this::response).orElseThrow(() -> new NotFoundException("course", id));
    }

    @Transactional
    public CourseResponse create(CourseRequest request) {
        request.course();
        long id = mapper.insert(CourseRow.of(null, request));
        writeSettings(id, request);
        return get(id);
    }

    @Transactional
    public CourseResponse update(long id, CourseRequest request) {
        request.course();
        if (mapper.update(CourseRow.of(id, request)) == 0) {
            throw new NotFoundException("course", id);
        }
        writeSettings(id, request);
        return get(id);
    }

    /** Takes a course away from every list and day; runs ridden on it keep what they were ridden on. */
    @Transactional
    public void takeAway(long id) {
        if (mapper.takeAway(id, clock.instant().toString()) == 0) {
            throw new NotFoundException("course", id);
        }
    }

    /** Brings a course back that was taken away. */
    @Transactional
    public CourseResponse bringBack(long id) {
        if (mapper.bringBack(id) == 0) {
            throw new NotFoundException("course", id);
        }
        return get(id);
    }

    private void writeSettings(long id, CourseRequest c) {
        mapper.clearDimensions(id);
        mapper.clearCounts(id);
        mapper.clearOptions(id);
        c.lengths().forEach((name, length) -> mapper.insertDimension(id, DimensionRow.of(name, length)));
        c.counts().forEach((name, count) -> mapper.insertCount(id, name, count));
        c.options().forEach((name, choice) -> mapper.insertOption(id, name, choice));
    }

    /** What is stored, and the kind's own where a dimension has come to it since. */
    private CourseResponse response(CourseRow row) {
        long id = row.id() == null ? 0 : row.id();
        CourseKind kind = CourseKinds.find(row.kind())
                .orElseThrow(() -> new IllegalStateException("course " + id + " is of an unknown kind: " + row.kind()));
        Map<String, LengthJson> lengths =
                mapper.dimensions(id).stream().collect(Collectors.toMap(DimensionRow::name, DimensionRow::length));
        Map<String, Integer> counts =
                mapper.counts(id).stream().collect(Collectors.toMap(CountRow::name, CountRow::value));
        Map<String, String> options =
                mapper.options(id).stream().collect(Collectors.toMap(OptionRow::name, OptionRow::value));
        Map<String, LengthJson> allLengths = new LinkedHashMap<>();
        Map<String, Integer> allCounts = new LinkedHashMap<>();
        for (CourseDimension d : kind.dimensions()) {
            if (d.quantity() == Quantity.METRES) {
                LengthJson length = lengths.get(d.name());
                allLengths.put(d.name(), length == null ? LengthJson.taped(d.standard()) : length);
            } else {
                allCounts.put(d.name(), counts.getOrDefault(d.name(), (int) d.standard()));
            }
        }
        Map<String, String> allOptions = new LinkedHashMap<>();
        for (CourseOption o : kind.options()) {
            allOptions.put(o.name(), options.getOrDefault(o.name(), o.standard()));
        }
        return new CourseResponse(
                id, row.name(), row.kind(), allLengths, allCounts, allOptions, Side.valueOf(row.firstTurn()));
    }
}
