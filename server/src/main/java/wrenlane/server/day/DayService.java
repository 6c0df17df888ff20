package wrenlane.server.day;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.NestedCourse;
import wrenlane.day.Day;
import wrenlane.day.DayCourse;
import wrenlane.finding.Checks;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.id.YardId;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayRequest.DayPlacement;
import wrenlane.server.day.DayRequest.DayRider;
import wrenlane.server.day.DayRequest.DaySettings;
import wrenlane.server.ground.placement.PlacementJson;
import wrenlane.server.ground.yard.YardService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.event.News;
import wrenlane.server.platform.event.Newsroom;
import wrenlane.server.platform.http.ExpectedVersion;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.reference.Uses;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.platform.version.Edition;

/** Days as stored. */
@Service
public class DayService {
    /** Days in one answer; chosen by us: half a year of teaching, in some 50 kB. */
    private static final int PAGE = 100;

    private final DayMapper mapper;
    private final YardService yards;
    private final CourseService courses;
    private final RiderService riders;
    private final MachineService machines;
    private final Uses uses;
    private final Newsroom newsroom;
    private final Storage storage;

    DayService(
            DayMapper mapper,
            YardService yards,
            CourseService courses,
            RiderService riders,
            MachineService machines,
            Uses uses,
            Newsroom newsroom,
            Storage storage) {
        this.mapper = mapper;
        this.yards = yards;
        this.courses = courses;
        this.riders = riders;
        this.machines = machines;
        this.uses = uses;
        this.newsroom = newsroom;
        this.storage = storage;
    }

    /** Newest first. */
    public List<Day> all() {
        return storage.read(
                () -> editions(mapper.all()).stream().map(Edition::value).toList());
    }

    /**
     * Some of them, newest first.
     *
     * @param before id of a day, before which they lie; missing for the newest
     */
    List<Edition<Day>> page(@Nullable Long before) {
        return storage.read(() -> editions(mapper.page(before == null ? null : row(before), PAGE)));
    }

    public Day get(long id) {
        return edition(id).value();
    }

    Edition<Day> edition(long id) {
        return storage.read(() -> editions(List.of(row(id))).get(0));
    }

    /** The day alone, without its riders and courses. */
    private DayRow row(long id) {
        return storage.read(() -> mapper.find(id).orElseThrow(() -> new NotFoundException("day", id)));
    }

    /** Stores a new day, and returns its id. */
    public long create(DayRequest request) {
        check(request);
        return storage.write(() -> {
            allThere(request, Optional.empty());
            long id = mapper.insert(DayRow.of(null, request));
            writeParts(id, request);
            newsroom.tell(News.Topic.DAY, id);
            return id;
        });
    }

    /**
     * Stores a day like another one: the same yard, courses and placements, with its riders that are still taught.
     *
     * @param sizesMetres the one size each course is set up at; a course that is missing is set up as it says itself
     * @return its id
     */
    public long repeat(long dayId, LocalDate date, String title, Map<CourseId, Double> sizesMetres) {
        return storage.write(() -> create(DayRequest.like(
                get(dayId),
                date,
                title,
                sizesMetres,
                rider -> !riders.get(rider).archived())));
    }

    Edition<Day> update(long id, ExpectedVersion expected, DayRequest request) {
        check(request);
        return storage.write(() -> {
            Edition<Day> stored = check(id, expected, request);
            allThere(request, Optional.of(stored.value()));
            mapper.update(DayRow.of(id, request));
            writeParts(id, request);
            newsroom.tell(News.Topic.DAY, id);
            return edition(id);
        });
    }

    void delete(long id, ExpectedVersion expected) {
        storage.change(() -> {
            check(id, expected);
            uses.noneOfDay(id);
            mapper.delete(id);
            newsroom.tell(News.Topic.DAY, id);
        });
    }

    private Edition<Day> check(long id, ExpectedVersion expected, Object... wanted) {
        Edition<Day> stored = edition(id);
        expected.check(stored.version(), () -> DayResponse.of(stored), wanted);
        return stored;
    }

    /** Date and title of a stored day. */
    public DayHeading heading(long id) {
        DayRow day = row(id);
        return new DayHeading(LocalDate.parse(day.date()), day.title());
    }

    /** Whether a rider is on a day. */
    public boolean hasRider(long dayId, long riderId) {
        return mapper.hasRider(dayId, riderId);
    }

    /** Whether a course is on a day, also one that was archived since. */
    public boolean hasCourse(long dayId, long courseId) {
        return mapper.hasCourse(dayId, courseId);
    }

    /**
     * Refuses what names something that is not there, or cannot stand, each with its place.
     *
     * @param before the day as it is stored; sizes it has already are not asked about again
     */
    private void allThere(DayRequest request, Optional<Day> before) {
        Checks checks = new Checks();
        for (DaySettings settings : request.settings()) {
            if (!isActive(settings, before) && courses.isThere(settings.courseId())) {
                NestedCourse.check(courses.get(settings.courseId()).course(), settings.metres())
                        .forEach(f -> checks.add(f.code(), "activeSizes." + settings.courseId(), f.message()));
            }
        }
        Long yardId = request.yardId();
        if (yardId != null && !yards.isThere(yardId)) {
            checks.add("no-such-yard", "yardId", "The yard of this day is not there. Choose another.");
        }
        for (int i = 0; i < request.courseIds().size(); i++) {
            if (!courses.isThere(request.courseIds().get(i))) {
                checks.add(
                        "no-such-course",
                        "courseIds." + i,
                        "Course " + request.courseIds().get(i)
                                + " is archived or never was: restore it, or leave it out.");
            }
        }
        for (int i = 0; i < request.riders().size(); i++) {
            DayRider pair = request.riders().get(i);
            if (!riders.isThere(pair.riderId())) {
                checks.add("no-such-rider", "riders." + i + ".riderId", "Rider " + pair.riderId() + " is not there.");
            }
            if (!machines.isThere(pair.machineId())) {
                checks.add(
                        "no-such-machine",
                        "riders." + i + ".machineId",
                        "Machine " + pair.machineId() + " is not there.");
            }
        }
        RefusedException.unlessNone(checks);
    }

    private static boolean isActive(DaySettings settings, Optional<Day> before) {
        return before.map(day -> day.activeSizes(new CourseId(settings.courseId())))
                .filter(sizes -> sizes.equals(settings.metres()))
                .isPresent();
    }

    /** Refuses what contradicts itself, whatever is stored. */
    public static void check(DayRequest request) {
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
        if (request.stands().stream().map(DayPlacement::courseId).distinct().count()
                < request.stands().size()) {
            checks.add("stand-twice", "stands", "A course has two places on the yard. Give it one.");
        }
        if (!request.courseIds()
                .containsAll(
                        request.stands().stream().map(DayPlacement::courseId).toList())) {
            checks.add("stand-without-course", "stands", "A course has a place on the yard, but is not on the day.");
        }
        List<Long> settled =
                request.settings().stream().map(DaySettings::courseId).toList();
        if (new HashSet<>(settled).size() < settled.size()
                || !request.courseIds().containsAll(settled)) {
            checks.add(
                    "settings-without-course",
                    "activeSizes",
                    "Settings name a course twice, or one that is not on the day.");
        }
        request.stands().forEach(s -> checks.addAll(s.stand().check("stands." + s.courseId())));
        RefusedException.unlessNone(checks);
    }

    private void writeParts(long id, DayRequest request) {
        mapper.clearCourses(id);
        mapper.clearRiders(id);
        int position = 0;
        Map<Long, PlacementJson> stands = new HashMap<>();
        request.stands().forEach(s -> stands.put(s.courseId(), s.stand()));
        for (Long courseId : request.courseIds()) {
            mapper.insertCourse(DayCourseRow.of(id, courseId, stands.get(courseId)), position++);
        }
        request.settings()
                .forEach(s -> s.metres().forEach(size -> mapper.insertSize(new DaySizeRow(id, s.courseId(), size))));
        for (DayRider rider : request.riders()) {
            mapper.insertRider(new DayRiderRow(id, rider.riderId(), rider.machineId()), position++);
        }
    }

    /** Whole days, read together. */
    private List<Edition<Day>> editions(List<DayRow> rows) {
        List<Long> ids =
                rows.stream().map(row -> Objects.requireNonNull(row.id())).toList();
        if (ids.isEmpty()) {
            return List.of();
        }
        Map<Long, List<DayCourseRow>> courses =
                mapper.courses(ids).stream().collect(Collectors.groupingBy(DayCourseRow::dayId));
        Map<Long, List<DaySizeRow>> sizes =
                mapper.sizes(ids).stream().collect(Collectors.groupingBy(DaySizeRow::dayId));
        Map<Long, List<DayRiderRow>> riders =
                mapper.riders(ids).stream().collect(Collectors.groupingBy(DayRiderRow::dayId));
        return rows.stream()
                .map(row -> edition(
                        row,
                        courses(courses.getOrDefault(row.id(), List.of()), sizes.getOrDefault(row.id(), List.of())),
                        riders.getOrDefault(row.id(), List.of())))
                .toList();
    }

    private static List<DayCourse> courses(List<DayCourseRow> courses, List<DaySizeRow> sizes) {
        Map<Long, List<Double>> metres = sizes.stream()
                .collect(Collectors.groupingBy(
                        DaySizeRow::courseId, Collectors.mapping(DaySizeRow::sizeM, Collectors.toList())));
        return courses.stream()
                .map(c -> c.course(metres.getOrDefault(c.courseId(), List.of())))
                .toList();
    }

    private static Edition<Day> edition(DayRow row, List<DayCourse> courses, List<DayRiderRow> riders) {
        Day day = new Day(
                new DayId(Objects.requireNonNull(row.id())),
                LocalDate.parse(row.date()),
                row.title(),
                Optional.ofNullable(row.yardId()).map(YardId::new),
                courses,
                riders.stream().map(DayRiderRow::rider).toList());
        return new Edition<>(Objects.requireNonNull(row.version()), day);
    }
}
