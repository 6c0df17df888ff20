package wrenlane.server.day;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wrenlane.finding.Checks;
import wrenlane.server.day.DayRequest.DayRider;
import wrenlane.server.day.DayRequest.DayStand;
import wrenlane.server.http.NotFoundException;
import wrenlane.server.http.RefusedException;
import wrenlane.server.placing.StandJson;

/** Days as stored. */
@Service
public class DayService {
    private final DayMapper mapper;

    DayService(DayMapper mapper) {
        this.mapper = mapper;
    }

    /** Newest first. */
    public List<DayResponse> all() {
        return mapper.all().stream().map(this::response).toList();
    }

    public DayResponse get(long id) {
        return mapper.find(id).map(this::response).orElseThrow(() -> new NotFoundException("day", id));
    }

    @Transactional
    public DayResponse create(DayRequest request) {
        check(request);
        long id = mapper.insert(DayRow.of(null, request));
        writeParts(id, request);
        return get(id);
    }

    @Transactional
    public DayResponse update(long id, DayRequest request) {
        check(request);
        if (mapper.update(DayRow.of(id, request)) == 0) {
            throw new NotFoundException("day", id);
        }
        writeParts(id, request);
        return get(id);
    }

    @Transactional
    public void delete(long id) {
        if (mapper.delete(id) == 0) {
            throw new NotFoundException("day", id);
        }
    }

    private static void check(DayRequest request) {
        Checks checks = new Checks();
        if (request.date().getYear() < 1990 || request.date().getYear() > 2200) {
            checks.add("date-unlikely", "date", "The date must lie between 1990 and 2200.");
        }
        if (new HashSet<>(request.courseIds()).size() < request.courseIds().size()) {
            checks.add("course-twice", "courseIds", "A course is on the day twice.");
        }
        if (request.riders().stream().map(DayRider::riderId).distinct().count()
                < request.riders().size()) {
            checks.add("rider-twice", "riders", "A rider is on the day twice.");
        }
        if (!request.courseIds()
                .containsAll(request.stands().stream().map(DayStand::courseId).toList())) {
            checks.add("stand-without-course", "stands", "A course has a place on the yard, but is not on the day.");
        }
        request.stands().forEach(s -> checks.addAll(s.stand().check("stands." + s.courseId())));
        RefusedException.unlessNone(checks);
    }

    private void writeParts(long id, DayRequest request) {
        mapper.clearCourses(id);
        mapper.clearRiders(id);
        int position = 0;
        Map<Long, StandJson> stands = new HashMap<>();
        request.stands().forEach(s -> stands.put(s.courseId(), s.stand()));
        for (Long courseId : request.courseIds()) {
            mapper.insertCourse(id, DayCourseRow.of(courseId, stands.get(courseId)), position++);
        }
        for (DayRider rider : request.riders()) {
            mapper.insertRider(id, new DayRiderRow(rider.riderId(), rider.machineId()), position++);
        }
    }

    private DayResponse response(DayRow row) {
        long id = id(row.id());
        List<DayCourseRow> courses = mapper.courses(id);
        return new DayResponse(
                id,
                LocalDate.parse(row.date()),
                row.title(),
                row.yardId(),
                courses.stream().map(DayCourseRow::courseId).toList(),
                courses.stream()
                        .map(DayCourseRow::stand)
                        .flatMap(Stream::ofNullable)
                        .toList(),
                mapper.riders(id).stream()
                        .map(r -> new DayRider(r.riderId(), r.machineId()))
                        .toList());
    }

    private static long id(@Nullable Long id) {
        return id == null ? 0 : id;
    }
}
