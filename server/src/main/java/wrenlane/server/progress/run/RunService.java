package wrenlane.server.progress.run;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.drill.Drill;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.TypedText;
import wrenlane.machine.Side;
import wrenlane.server.course.CourseResponse;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.calculation.Kept;
import wrenlane.server.platform.event.News;
import wrenlane.server.platform.event.Newsroom;
import wrenlane.server.platform.problem.ConflictException;
import wrenlane.server.platform.problem.NotFoundException;
import wrenlane.server.platform.problem.RefusedException;
import wrenlane.server.platform.storage.Storage;
import wrenlane.server.platform.version.Stamped;
import wrenlane.server.platform.version.Stamps;

/**
 * Runs as stored. A run is stored once, however often it is sent, and never changes afterwards: a correction is a run of its
 * own that stands in the place of the one it corrects, which stays on record as withdrawn.
 */
@Service
public class RunService {
    /** Ids asked for in one question: SQLite takes a few thousand. */
    private static final int ASKED_AT_ONCE = 1000;

    /** How far a page's clock may be ahead of ours. */
    private static final Duration CLOCK_AHEAD = Duration.ofDays(1);

    /** Longest name of a device, in characters. */
    private static final int LONGEST_DEVICE = 40;

    private static final Pattern ID = Pattern.compile("[0-9A-Za-z-]{8,64}");

    /** Memory for runs that were read, in bytes. */
    private static final long MOST_BYTES = 8_000_000;

    /** One of them, in bytes, about. */
    private static final int RUN_BYTES = 700;

    /** What was asked for, of runs as they were. */
    private record Latest(Stamped riders, String kind, int most) {}

    private final Kept<Latest, List<RiddenRun>> latest =
            Kept.within(MOST_BYTES, asked -> Side.values().length * asked.most() * RUN_BYTES);
    private final Kept<Latest, Map<String, List<RiddenRun>>> elsewhere =
            Kept.within(MOST_BYTES, asked -> Side.values().length * asked.most() * RUN_BYTES);

    /** All of a rider: one page asks for them several times over. */
    private final Kept<Stamped, List<RiddenRun>> ofRider =
            Kept.within(2 * MOST_BYTES, (rider, runs) -> runs.size() * RUN_BYTES + RUN_BYTES);

    private final RunMapper mapper;
    private final Stamps stamps;
    private final CourseService courses;
    private final MachineService machines;
    private final RiderService riders;
    private final DayService days;
    private final DrillLookup drills;
    private final Newsroom newsroom;
    private final Storage storage;
    private final Clock clock;

    RunService(
            RunMapper mapper,
            Stamps stamps,
            CourseService courses,
            MachineService machines,
            RiderService riders,
            DayService days,
            DrillLookup drills,
            Newsroom newsroom,
            Storage storage,
            Clock clock) {
        this.mapper = mapper;
        this.stamps = stamps;
        this.courses = courses;
        this.machines = machines;
        this.riders = riders;
        this.days = days;
        this.drills = drills;
        this.newsroom = newsroom;
        this.storage = storage;
        this.clock = clock;
    }

    /**
     * Stores a run, or gives the one already stored under this id, whatever has become since of what it was ridden on. What
     * it takes to reckon is done before the writer is taken.
     */
    public RunResponse put(String id, RunRequest request) {
        check(id, request);
        Optional<RunResponse> stored = again(id, request);
        if (stored.isPresent()) {
            return stored.get();
        }
        RunRow row = storage.read(() -> row(id, request));
        return storage.write(() -> again(id, request).orElseGet(() -> {
            Optional<RunRow> before = corrected(request);
            ofTheDay(request, before);
            before.ifPresent(old -> mapper.withdraw(old.id(), clock.instant().toString(), request.deviceName()));
            mapper.insert(row);
            newsroom.tell(News.Topic.RUNS, row.dayId());
            return row.response();
        }));
    }

    /** The run a request corrects; nobody else has corrected it meanwhile. */
    private Optional<RunRow> corrected(RunRequest request) {
        if (request.replaces() == null) {
            return Optional.empty();
        }
        RunRow old = mapper.find(request.replaces())
                .orElseThrow(() -> RefusedException.of(
                        "no-such-run", "replaces", "There is no run here to correct: it never reached the server."));
        if (!old.dayId().equals(request.dayId())) {
            throw RefusedException.of("another-day", "dayId", "A run stays on the day it was ridden.");
        }
        mapper.correctionOf(old.id()).ifPresent(RunService::meanwhile);
        return Optional.of(old);
    }

    private static void meanwhile(RunRow newer) {
        String where = newer.device().isEmpty() ? "elsewhere" : "on " + newer.device();
        throw new ConflictException(
                "This run was corrected " + where + " meanwhile. Nothing was changed: look at it there first.");
    }

    private Optional<RunResponse> again(String id, RunRequest request) {
        Optional<RunRow> stored = mapper.find(id);
        if (stored.isPresent() && !stored.get().says(request)) {
            throw new ConflictException("Another run is stored under this id. Nothing was changed.");
        }
        return stored.map(RunRow::response);
    }

    /** A correction may keep who and what is on the day no longer. */
    private void ofTheDay(RunRequest request, Optional<RunRow> before) {
        Checks checks = new Checks();
        if (before.filter(old -> old.riderId().equals(request.riderId())).isEmpty()
                && !days.hasRider(request.dayId(), request.riderId())) {
            checks.add("rider-not-of-day", "riderId", "This rider is not on that day. Put the rider on the day first.");
        }
        Long course = request.courseId();
        if (course != null
                && before.filter(old -> course.equals(old.courseId())).isEmpty()
                && !days.hasCourse(request.dayId(), course)) {
            checks.add(
                    "course-not-of-day",
                    "courseId",
                    "This course is not on that day. Put the course on the day first.");
        }
        RefusedException.unlessNone(checks);
    }

    /** When a run can have been ridden at the latest: clocks of devices may be ahead. */
    public Instant latestPossible() {
        return clock.instant().plus(CLOCK_AHEAD);
    }

    /** Whether a text can be the id of a run. */
    public static boolean isId(String text) {
        return ID.matcher(text).matches();
    }

    /** Those of some ids that runs are stored under, also runs that were undone. */
    public Set<String> stored(List<String> ids) {
        Set<String> stored = new HashSet<>();
        for (int from = 0; from < ids.size(); from += ASKED_AT_ONCE) {
            stored.addAll(mapper.stored(ids.subList(from, Math.min(ids.size(), from + ASKED_AT_ONCE))));
        }
        return stored;
    }

    /** Stores runs as they were reckoned or read before; nobody else's are under their ids. */
    public void insertAll(List<RunRow> rows) {
        storage.change(() -> rows.forEach(mapper::insert));
    }

    /** Undoes a run: it stays on record as withdrawn, so that sending it again does not bring it back. */
    public void withdraw(String id, String device) {
        String on = TypedText.line(device);
        RefusedException.unlessNone(new Checks().add(longName(on)));
        storage.change(() -> {
            RunRow row = mapper.find(id).orElseThrow(() -> new NotFoundException("run", id));
            mapper.correctionOf(id).ifPresent(RunService::meanwhile);
            mapper.withdraw(id, clock.instant().toString(), on);
            newsroom.tell(News.Topic.RUNS, row.dayId());
        });
    }

    private static Optional<Finding> longName(String device) {
        return device.length() <= LONGEST_DEVICE
                ? Optional.empty()
                : Optional.of(new Finding(
                        "device-name", "device", "A device's name is at most " + LONGEST_DEVICE + " characters long."));
    }

    /** All that was logged on a day, the newest first, with what was corrected and undone. */
    public List<LoggedRun> logOf(long dayId) {
        return storage.read(() -> {
            days.heading(dayId);
            return LoggedRun.of(
                    mapper.everOfDay(dayId).stream().map(RunRow::response).toList());
        });
    }

    /** Kinds of course a rider has runs on that still count. */
    public List<String> kindsRidden(long riderId) {
        return mapper.kindsRidden(riderId);
    }

    /** The latest runs of a rider on a kind that still count, so many to each side, oldest first. */
    public List<RiddenRun> latest(long riderId, String kind, int most) {
        return storage.read(() -> latest.get(
                new Latest(stamps.of(Stamps.Of.RUNS_OF_RIDER, riderId), kind, most),
                () -> RunRow.ridden(Arrays.stream(Side.values())
                        .flatMap(side -> oldestFirst(mapper.latest(riderId, kind, side.name(), most)))
                        .sorted(Comparator.comparing(RunRow::loggedAtMs))
                        .toList())));
    }

    /** The same on every other kind that the rider has runs on, by kind. */
    public Map<String, List<RiddenRun>> latestElsewhere(long riderId, String kind, int most) {
        return storage.read(() ->
                elsewhere.get(new Latest(stamps.of(Stamps.Of.RUNS_OF_RIDER, riderId), kind, most), () -> {
                    Map<String, List<RiddenRun>> byKind = new TreeMap<>();
                    kindsRidden(riderId).stream()
                            .filter(other -> !other.equals(kind))
                            .forEach(other -> byKind.put(other, latest(riderId, other, most)));
                    return byKind;
                }));
    }

    /** The latest runs of a rider on one day and course that still count, oldest first. */
    public List<RiddenRun> latestOfDay(long riderId, long dayId, long courseId, int most) {
        return RunRow.ridden(
                oldestFirst(mapper.latestOfDay(riderId, dayId, courseId, most)).toList());
    }

    private static Stream<RunRow> oldestFirst(List<RunRow> newestFirst) {
        return IntStream.range(0, newestFirst.size()).mapToObj(i -> newestFirst.get(newestFirst.size() - 1 - i));
    }

    /** Runs of a rider on courses that still count, oldest first. */
    public List<RiddenRun> ofRider(long riderId) {
        return storage.read(() ->
                ofRider.get(stamps.of(Stamps.Of.RUNS_OF_RIDER, riderId), () -> RunRow.ridden(mapper.ofRider(riderId))));
    }

    /** The latest runs of a rider that count and name a drill, so many at most, oldest first. */
    public List<DrillRun> latestOfDrill(long riderId, String drillId, int most) {
        return oldestFirst(mapper.ofDrill(riderId, drillId, most))
                .map(RunRow::ofDrill)
                .toList();
    }

    /** Drills that runs of a rider name which count. */
    public List<String> drillsRidden(long riderId) {
        return mapper.drillsRidden(riderId);
    }

    /** What a rider rode on each machine, the one last ridden first. */
    public List<RiddenMachineRuns> byMachine(long riderId) {
        return mapper.byMachine(riderId);
    }

    /** All that was ever logged of a rider, also what was corrected and undone, oldest first. */
    public List<RunResponse> everOfRider(long riderId) {
        return mapper.everOfRider(riderId).stream().map(RunRow::response).toList();
    }

    /** Runs of a day that still count, oldest first. */
    public List<RunResponse> ofDay(long dayId) {
        return mapper.ofDay(dayId).stream().map(RunRow::response).toList();
    }

    /** How many runs of a day still count. */
    public int countOnDay(long dayId) {
        return mapper.countOnDay(dayId);
    }

    private void check(String id, RunRequest request) {
        Checks checks = new Checks();
        if (!ID.matcher(id).matches()) {
            checks.add("run-id", "id", "A run's id is 8 to 64 letters, digits or hyphens.");
        }

        checks.add(longName(request.deviceName()));
        checks.addAll(request.detail().check(request.faults()));
        checks.addAll(parts(request).findings());
        if (request.loggedAt().isAfter(latestPossible()) || request.loggedAt().getEpochSecond() < 0) {
            checks.add("logged-at", "loggedAt", "The time of the run is not possible. Check the clock of this device.");
        }
        RefusedException.unlessNone(checks);
    }

    private RunRow row(String id, RunRequest request) {
        riders.get(request.riderId());
        machines.require(request.machineId());
        Optional<RunRow> before = Optional.ofNullable(request.replaces()).flatMap(mapper::find);
        Optional<Drill> drill = Optional.ofNullable(request.drillId()).map(this::drill);
        Optional<RunRow.OnCourse> on = Optional.ofNullable(request.courseId()).map(course -> on(course, before));
        RefusedException.unlessNone(place(request, drill, on));
        return before.map(old -> old.corrected(id, request, drill, on))
                .orElseGet(() -> RunRow.first(id, request, drill, on));
    }

    private Drill drill(String id) {
        return drills.drill(id)
                .orElseThrow(() -> RefusedException.of(
                        "no-such-drill", "drillId", "This drill is no longer here. Choose another one."));
    }

    /** What is kept of a course: as it is set now, or as it was for the run that is corrected. */
    private RunRow.OnCourse on(long courseId, Optional<RunRow> before) {
        return before.filter(old -> old.isOn(courseId))
                .flatMap(RunRow::onCourse)
                .orElseGet(() -> {
                    CourseResponse course = courses.get(courseId);
                    return RunRow.OnCourse.of(course.name(), course.course());
                });
    }

    /** What a request lacks, or has too much, whatever drill and course it names. */
    private static Checks parts(RunRequest request) {
        Checks checks = new Checks();
        boolean onCourse = request.courseId() != null;
        if (!onCourse && request.drillId() == null) {
            checks.add("nothing-ridden", "courseId", "Say which drill was ridden, or on which course.");
        }
        if (!onCourse && request.settingMetres() != null) {
            checks.add("size-without-course", "settingMetres", "A run without a course has no size.");
        }
        if (onCourse && request.settingMetres() == null) {
            checks.add("size-missing", "settingMetres", "Say at which size the course was ridden.");
        }
        return checks;
    }

    /** What is wrong with where a run was ridden, at which size and to which side. */
    private static Checks place(RunRequest request, Optional<Drill> drill, Optional<RunRow.OnCourse> on) {
        Checks checks = new Checks();
        drill.ifPresent(
                d -> checks.addAll(d.checkRun(on.map(RunRow.OnCourse::kind), Optional.ofNullable(request.side()))));
        Double size = request.settingMetres();
        if (on.isPresent() && size != null) {
            CourseKind kind = CourseKinds.find(on.get().kind()).orElseThrow();
            checks.add(kind.ladder().check(size));
            if (request.side() == null && !kind.isStraight()) {
                checks.add("side-missing", "side", "A run on this course has a side: the first it turns to.");
            }
        }
        return checks;
    }
}
