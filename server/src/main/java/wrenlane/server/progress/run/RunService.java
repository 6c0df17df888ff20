package wrenlane.server.progress.run;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.course.CourseKind;
import wrenlane.course.kind.CourseKinds;
import wrenlane.drill.Drill;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.finding.TypedText;
import wrenlane.id.CourseId;
import wrenlane.id.DayId;
import wrenlane.id.RunId;
import wrenlane.machine.Side;
import wrenlane.run.CourseRide;
import wrenlane.run.Run;
import wrenlane.run.RunHistory;
import wrenlane.run.RunLog;
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

    /** Memory for runs that were read, in bytes. */
    private static final long MOST_BYTES = 8_000_000;

    /** One of them, in bytes, about. */
    private static final int RUN_BYTES = 700;

    /** What was asked for, of runs as they were. */
    private record Latest(Stamped riders, String kind, int most) {}

    private final Kept<Latest, List<Run>> latest =
            Kept.within(MOST_BYTES, asked -> Side.values().length * asked.most() * RUN_BYTES);
    private final Kept<Latest, Map<String, List<Run>>> elsewhere =
            Kept.within(MOST_BYTES, asked -> Side.values().length * asked.most() * RUN_BYTES);

    /** All of a rider: one page asks for them several times over. */
    private final Kept<Stamped, List<Run>> ofRider =
            Kept.within(2 * MOST_BYTES, (rider, runs) -> runs.size() * RUN_BYTES + RUN_BYTES);

    private final RunMapper mapper;
    private final RunRows rows;
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
            RunRows rows,
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
        this.rows = rows;
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
    Run put(String id, RunRequest request) {
        check(id, request);
        Optional<Run> stored = again(id, request);
        if (stored.isPresent()) {
            return stored.get();
        }
        Run run = storage.read(() -> run(id, request));
        return storage.write(() -> again(id, request).orElseGet(() -> {
            Optional<Run> before = corrected(request);
            ofTheDay(request, before);
            before.ifPresent(
                    old -> mapper.withdraw(old.id().value(), clock.instant().toString(), request.deviceName()));
            mapper.insert(rows.row(run));
            newsroom.tell(News.Topic.RUNS, run.dayId().value());
            return run;
        }));
    }

    private Optional<Run> find(String id) {
        return mapper.find(id).map(rows::run);
    }

    /** The run a request corrects; nobody else has corrected it meanwhile. */
    private Optional<Run> corrected(RunRequest request) {
        if (request.replaces() == null) {
            return Optional.empty();
        }
        Run old = find(request.replaces())
                .orElseThrow(() -> RefusedException.of(
                        "no-such-run", "replaces", "There is no run here to correct: it never reached the server."));
        if (!old.isOfDay(new DayId(request.dayId()))) {
            throw RefusedException.of("another-day", "dayId", "A run stays on the day it was ridden.");
        }
        refuseIfCorrected(old.id().value());
        return Optional.of(old);
    }

    private void refuseIfCorrected(String id) {
        mapper.correctionOf(id).map(rows::run).ifPresent(newer -> {
            String device = newer.log().device();
            throw new ConflictException("This run was corrected " + (device.isEmpty() ? "elsewhere" : "on " + device)
                    + " meanwhile. Nothing was changed: look at it there first.");
        });
    }

    private Optional<Run> again(String id, RunRequest request) {
        Optional<Run> stored = find(id);
        if (stored.isPresent() && !request.isSameAs(stored.get())) {
            throw new ConflictException("Another run is stored under this id. Nothing was changed.");
        }
        return stored;
    }

    /** A correction may keep who and what is on the day no longer. */
    private void ofTheDay(RunRequest request, Optional<Run> before) {
        Checks checks = new Checks();
        if (before.filter(old -> old.riderId().value() == request.riderId()).isEmpty()
                && !days.hasRider(request.dayId(), request.riderId())) {
            checks.add("rider-not-of-day", "riderId", "This rider is not on that day. Put the rider on the day first.");
        }
        Long course = request.courseId();
        if (course != null
                && before.filter(old -> old.isOn(new CourseId(course))).isEmpty()
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
        return RunId.isValid(text);
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
    public void insertAll(List<Run> runs) {
        List<RunRow> all = runs.stream().map(rows::row).toList();
        storage.change(() -> all.forEach(mapper::insert));
    }

    /** Undoes a run: it stays on record as withdrawn, so that sending it again does not bring it back. */
    public void withdraw(String id, String device) {
        String on = TypedText.line(device);
        RefusedException.unlessNone(new Checks().add(longName(on)));
        storage.change(() -> {
            RunRow row = mapper.find(id).orElseThrow(() -> new NotFoundException("run", id));
            refuseIfCorrected(id);
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
    List<RunHistory> historiesOfDay(long dayId) {
        return storage.read(() -> {
            days.heading(dayId);
            return RunHistory.of(rows.runs(mapper.everOfDay(dayId)));
        });
    }

    /** Kinds of course a rider has runs on that still count. */
    public List<String> kindsRidden(long riderId) {
        return mapper.kindsRidden(riderId);
    }

    /** The latest runs of a rider on a kind that still count, so many to each side, oldest first. */
    public List<Run> latest(long riderId, String kind, int most) {
        return storage.read(() -> latest.get(
                new Latest(stamps.of(Stamps.Of.RUNS_OF_RIDER, riderId), kind, most),
                () -> rows.runs(sides(kind)
                        .flatMap(side -> oldestFirst(mapper.latest(riderId, kind, side, most)))
                        .sorted(Comparator.comparing(RunRow::loggedAtMs))
                        .toList())));
    }

    /** The sides runs on a kind are stored with: none on one that is ridden straight on. */
    private static Stream<@Nullable Side> sides(String kind) {
        return CourseKinds.find(kind).filter(CourseKind::isStraight).isPresent()
                ? Stream.of((@Nullable Side) null)
                : Arrays.stream(Side.values());
    }

    /** The same on every other kind that the rider has runs on, by kind. */
    public Map<String, List<Run>> latestElsewhere(long riderId, String kind, int most) {
        return storage.read(() ->
                elsewhere.get(new Latest(stamps.of(Stamps.Of.RUNS_OF_RIDER, riderId), kind, most), () -> {
                    Map<String, List<Run>> byKind = new TreeMap<>();
                    kindsRidden(riderId).stream()
                            .filter(other -> !other.equals(kind))
                            .forEach(other -> byKind.put(other, latest(riderId, other, most)));
                    return byKind;
                }));
    }

    /** The latest runs of a rider on one day and course that still count, oldest first. */
    public List<Run> latestOfDay(long riderId, long dayId, long courseId, int most) {
        return rows.runs(
                oldestFirst(mapper.latestOfDay(riderId, dayId, courseId, most)).toList());
    }

    private static Stream<RunRow> oldestFirst(List<RunRow> newestFirst) {
        return IntStream.range(0, newestFirst.size()).mapToObj(i -> newestFirst.get(newestFirst.size() - 1 - i));
    }

    /** Runs of a rider on courses that still count, oldest first. */
    public List<Run> ofRider(long riderId) {
        return storage.read(() ->
                ofRider.get(stamps.of(Stamps.Of.RUNS_OF_RIDER, riderId), () -> rows.runs(mapper.ofRider(riderId))));
    }

    /** The latest runs of a rider that count and name a drill, so many at most, oldest first. */
    public List<Run> latestOfDrill(long riderId, String drillId, int most) {
        return rows.runs(oldestFirst(mapper.ofDrill(riderId, drillId, most)).toList());
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
    public List<Run> everOfRider(long riderId) {
        return rows.runs(mapper.everOfRider(riderId));
    }

    /** Runs of a day that still count, oldest first. */
    public List<Run> ofDay(long dayId) {
        return rows.runs(mapper.ofDay(dayId));
    }

    /**
     * Runs that count, by the time they were ridden, a page at a time.
     *
     * @param riderId of everybody where missing
     * @param dayId of all days where missing
     * @param after the place where the page before ended
     */
    public RunPage page(@Nullable Long riderId, @Nullable Long dayId, RunPage.Place after, int most) {
        List<RunRow> found =
                storage.read(() -> mapper.page(riderId, dayId, after.loggedAtMs(), after.rowNumber(), most));
        return new RunPage(
                rows.runs(found),
                found.size() < most ? Optional.empty() : Optional.of(RunPage.Place.of(found.get(found.size() - 1))));
    }

    /** How many runs of a day still count. */
    public int countOnDay(long dayId) {
        return mapper.countOnDay(dayId);
    }

    private void check(String id, RunRequest request) {
        Checks checks = new Checks();
        if (!RunId.isValid(id)) {
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

    private Run run(String id, RunRequest request) {
        riders.get(request.riderId());
        machines.require(request.machineId());
        Optional<Run> before = Optional.ofNullable(request.replaces()).flatMap(this::find);
        Optional<Drill> drill = Optional.ofNullable(request.drillId()).map(this::drill);
        Optional<CourseThen> course = Optional.ofNullable(request.courseId()).map(courseId -> course(courseId, before));
        RefusedException.unlessNone(place(request, drill, course));
        return new Run(
                new RunId(id),
                request.context(drill),
                course.map(c -> c.ride(request)),
                Optional.ofNullable(request.side()),
                request.faults(),
                request.detail(),
                log(request, before));
    }

    private static RunLog log(RunRequest request, Optional<Run> before) {
        return before.map(old -> new RunLog(
                        old.at(),
                        old.log().simulated(),
                        request.deviceName(),
                        Optional.of(new RunLog.Correction(old.id(), millis(request.loggedAt()))),
                        Optional.empty()))
                .orElseGet(() -> RunLog.first(millis(request.loggedAt()), false, request.deviceName()));
    }

    /** To the millisecond, as it is stored. */
    private static Instant millis(Instant at) {
        return at.truncatedTo(ChronoUnit.MILLIS);
    }

    private Drill drill(String id) {
        return drills.drill(id)
                .orElseThrow(() -> RefusedException.of(
                        "no-such-drill", "drillId", "This drill is no longer here. Choose another one."));
    }

    /** A course as a run keeps it, before it is known at which size and to which side it was ridden. */
    private record CourseThen(long id, String name, Course course) {
        CourseRide ride(RunRequest request) {
            double size = Objects.requireNonNull(request.settingMetres(), "checked before");
            Course sized = course.with(course.kind().ladder(), size);
            return new CourseRide(
                    new CourseId(id),
                    name,
                    size,
                    request.side() == null ? sized : new Course(sized.kind(), sized.settings(), request.side()));
        }
    }

    /** A course as it is set now, or as it was for the run that is corrected. */
    private CourseThen course(long courseId, Optional<Run> before) {
        return before.flatMap(Run::ride)
                .filter(ride -> ride.courseId().value() == courseId)
                .map(ride -> new CourseThen(courseId, ride.courseName(), ride.course()))
                .orElseGet(() -> {
                    CourseResponse course = courses.get(courseId);
                    return new CourseThen(courseId, course.name(), course.course());
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
    private static Checks place(RunRequest request, Optional<Drill> drill, Optional<CourseThen> course) {
        Checks checks = new Checks();
        drill.ifPresent(d -> checks.addAll(
                d.checkRun(course.map(c -> c.course().kind().id()), Optional.ofNullable(request.side()))));
        Double size = request.settingMetres();
        if (course.isPresent() && size != null) {
            CourseKind kind = course.get().course().kind();
            checks.add(kind.ladder().check(size));
            if (request.side() == null && !kind.isStraight()) {
                checks.add("side-missing", "side", "A run on this course has a side: the first it turns to.");
            }
        }
        return checks;
    }
}
