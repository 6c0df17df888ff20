package wrenlane.server.course;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import wrenlane.course.CourseKind;
import wrenlane.course.NamedCourse;
import wrenlane.course.kind.CourseKinds;
import wrenlane.id.CourseId;
import wrenlane.machine.Side;
import wrenlane.server.course.kit.KitService;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.length.LengthJson;
import wrenlane.server.platform.problem.ConflictException;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.reference.Uses;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.platform.version.Stamp;
import wrenlane.server.platform.version.Stamps;

/** Courses as stored. */
@Service
public class CourseService {
    /** Memory for courses that were read, in bytes. */
    private static final long MOST_BYTES = 2_000_000;

    /** One of them, in bytes, about. */
    private static final int COURSE_BYTES = 3_000;

    private final BoundedCache<Stamp, StoredCourse> kept = BoundedCache.within(MOST_BYTES, stamped -> COURSE_BYTES);
    private final CourseMapper mapper;
    private final Stamps stamps;
    private final KitService kit;
    private final Uses uses;
    private final Storage storage;
    private final Clock clock;

    CourseService(CourseMapper mapper, Stamps stamps, KitService kit, Uses uses, Storage storage, Clock clock) {
        this.mapper = mapper;
        this.stamps = stamps;
        this.kit = kit;
        this.uses = uses;
        this.storage = storage;
        this.clock = clock;
    }

    /** Those that are not archived. */
    public List<NamedCourse> all() {
        return storage.read(() -> mapper.all().stream()
                .filter(row -> row.archivedAt() == null)
                .map(row -> stored(row).named())
                .toList());
    }

    /** What the courses are called, the archived ones too. */
    public Map<CourseId, String> names() {
        return storage.read(() -> mapper.all().stream()
                .collect(Collectors.toMap(row -> new CourseId(Objects.requireNonNull(row.id())), CourseRow::name)));
    }

    public NamedCourse get(long id) {
        return one(id).named();
    }

    public NamedCourse get(CourseId id) {
        return get(id.value());
    }

    /** Several courses, in the order of their ids. */
    public List<NamedCourse> get(List<CourseId> ids) {
        return ids.stream().map(this::get).toList();
    }

    /** A course as a person would type it again. */
    public CourseRequest typed(long id) {
        return one(id).typed();
    }

    List<CourseResponse> responses() {
        return storage.read(
                () -> mapper.all().stream().map(row -> stored(row).response()).toList());
    }

    CourseResponse response(long id) {
        return one(id).response();
    }

    private StoredCourse one(long id) {
        return storage.read(() -> kept.get(
                stamps.of(Stamps.Aggregate.COURSE, id),
                () -> mapper.find(id).map(this::stored).orElseThrow(() -> new NotFoundException("course", id))));
    }

    /** Whether there is one that is not archived. */
    public boolean isThere(long id) {
        return mapper.isThere(id);
    }

    CourseResponse create(CourseRequest request) {
        request.course();
        return storage.write(() -> response(insert(request)));
    }

    /** Stores one that was checked before, and gives its number. */
    public long insert(CourseRequest checked) {
        return storage.write(() -> {
            long id = mapper.insert(CourseRow.of(null, checked));
            writeSettings(id, checked);
            return id;
        });
    }

    CourseResponse update(long id, ExpectedVersion expected, CourseRequest request) {
        request.course();
        return storage.write(() -> {
            if (expected(id, expected, request).archived()) {
                throw new ConflictException("This course is archived. Restore it before you change it.");
            }
            mapper.update(CourseRow.of(id, request));
            writeSettings(id, request);
            return response(id);
        });
    }

    private CourseResponse expected(long id, ExpectedVersion expected, Object... wanted) {
        CourseResponse stored = response(id);
        expected.check(stored.version(), () -> stored, wanted);
        return stored;
    }

    /** Takes a course off every list and day, or puts it back; runs ridden on it keep what they were ridden on. */
    CourseResponse archive(long id, ExpectedVersion expected, boolean archived) {
        return storage.write(() -> {
            CourseResponse stored = expected(id, expected);
            if (stored.archived() != archived) {
                mapper.archive(id, archived ? clock.instant().toString() : null);
            }
            return response(id);
        });
    }

    void delete(long id, ExpectedVersion expected) {
        storage.change(() -> {
            expected(id, expected);
            uses.noneOfCourse(id);
            mapper.delete(id);
        });
    }

    private void writeSettings(long id, CourseRequest c) {
        mapper.clearDimensions(id);
        mapper.clearCounts(id);
        mapper.clearOptions(id);
        c.lengths().forEach((name, length) -> mapper.insertDimension(id, DimensionRow.of(name, length)));
        c.counts().forEach((name, count) -> mapper.insertCount(id, name, count));
        c.options().forEach((name, choice) -> mapper.insertOption(id, name, choice));
        kit.putOfCourse(id, c.own(), c.ownWithin());
    }

    /** A course as a person would type it again. */
    private record StoredCourse(long id, long version, CourseRequest typed, boolean archived) {
        CourseResponse response() {
            return CourseResponse.of(id, version, typed, archived);
        }

        NamedCourse named() {
            return new NamedCourse(new CourseId(id), typed.name(), typed.course());
        }
    }

    /** What is stored, and the kind's own where a dimension has come to it since. */
    private StoredCourse stored(CourseRow row) {
        long id = Objects.requireNonNull(row.id());
        CourseKind kind = CourseKinds.find(row.kind())
                .orElseThrow(() -> new IllegalStateException("course " + id + " is of an unknown kind: " + row.kind()));
        Map<String, LengthJson> lengths =
                mapper.dimensions(id).stream().collect(Collectors.toMap(DimensionRow::name, DimensionRow::length));
        Map<String, Integer> counts =
                mapper.counts(id).stream().collect(Collectors.toMap(CountRow::name, CountRow::value));
        Map<String, String> options =
                mapper.options(id).stream().collect(Collectors.toMap(OptionRow::name, OptionRow::value));
        CourseRequest all = CourseRequest.standard(kind)
                .as(
                        row.name(),
                        lengths,
                        counts,
                        options,
                        Side.valueOf(row.firstTurn()),
                        kit.ofCourse(id),
                        kit.within(id));
        return new StoredCourse(id, Objects.requireNonNull(row.version()), all, row.archivedAt() != null);
    }
}
