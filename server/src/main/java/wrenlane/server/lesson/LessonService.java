package wrenlane.server.lesson;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import wrenlane.course.NestedCourse;
import wrenlane.drill.Catalogue;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;
import wrenlane.lesson.Block;
import wrenlane.lesson.Lesson;
import wrenlane.lesson.LessonBrief;
import wrenlane.lesson.LessonPlanner;
import wrenlane.lesson.LessonTasks;
import wrenlane.lesson.LessonTemplate;
import wrenlane.lesson.RangeCheck;
import wrenlane.lesson.RunningLesson;
import wrenlane.lesson.Station;
import wrenlane.lesson.WayOut;
import wrenlane.lesson.Wish;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineDimension;
import wrenlane.server.course.CourseResponse;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayRequest.DayRider;
import wrenlane.server.day.DayResponse;
import wrenlane.server.day.DayService;
import wrenlane.server.day.StandingService;
import wrenlane.server.day.StandingService.Rides;
import wrenlane.server.drill.DrillService;
import wrenlane.server.drill.RiderDrillService;
import wrenlane.server.drill.RiderDrills;
import wrenlane.server.http.Expected;
import wrenlane.server.http.RefusedException;
import wrenlane.server.http.Versioned;
import wrenlane.server.lesson.LessonResponse.LessonRider;
import wrenlane.server.lesson.LessonResponse.StationText;
import wrenlane.server.lesson.LessonResponse.WayOutJson;
import wrenlane.server.lesson.LessonSettings.WishJson;
import wrenlane.server.lesson.LessonStore.Said;
import wrenlane.server.machine.MachineService;
import wrenlane.server.machine.RiddenMachine;
import wrenlane.server.news.News;
import wrenlane.server.news.Newsroom;
import wrenlane.server.reckoning.Kept;
import wrenlane.server.rider.RiderResponse;
import wrenlane.server.rider.RiderService;
import wrenlane.server.storage.Storage;
import wrenlane.server.yard.YardResponse;
import wrenlane.server.yard.YardService;
import wrenlane.units.LengthSystem;
import wrenlane.yard.SharedCones;
import wrenlane.yard.StandingCourse;

/** Plans the lesson of a day from what is stored of it. */
@Service
public class LessonService {
    /** Memory for plans, in bytes. */
    private static final long MOST_BYTES = 3_000_000;

    /** A plan with its brief, in bytes: an estimate for a dozen riders. */
    private static final int PLAN_BYTES = 30_000;

    /** What a course stands at, in bytes: an estimate. */
    private static final int COURSE_BYTES = 10_000;

    private final Kept<LessonBrief, Planned> plans = Kept.within(MOST_BYTES, brief -> PLAN_BYTES);
    /** Courses walked through once. */
    private final Kept<NestedCourse, Station.Laying> laying = Kept.within(MOST_BYTES, course -> COURSE_BYTES);

    private final LessonStore store;
    private final DayService days;
    private final CourseService courses;
    private final DrillService drills;
    private final RiderDrillService standings;
    private final StandingService standing;
    private final RiderService riders;
    private final MachineService machines;
    private final YardService yards;
    private final Newsroom newsroom;
    private final Storage storage;

    LessonService(
            LessonStore store,
            DayService days,
            CourseService courses,
            DrillService drills,
            RiderDrillService standings,
            StandingService standing,
            RiderService riders,
            MachineService machines,
            YardService yards,
            Newsroom newsroom,
            Storage storage) {
        this.store = store;
        this.days = days;
        this.courses = courses;
        this.drills = drills;
        this.standings = standings;
        this.standing = standing;
        this.riders = riders;
        this.machines = machines;
        this.yards = yards;
        this.newsroom = newsroom;
        this.storage = storage;
    }

    /** A lesson, and the ways out of what it breaks. */
    private record Planned(Lesson lesson, List<WayOut> waysOut) {
        static Planned of(LessonBrief brief) {
            Lesson lesson = LessonPlanner.plan(brief);
            return new Planned(lesson, WayOut.of(brief, lesson));
        }
    }

    /** What is read of one state of the data. */
    private record Read(
            DayResponse day,
            List<CourseResponse> courses,
            Catalogue catalogue,
            LessonSettings settings,
            long version) {}

    /** What is stored of a lesson, shown to somebody who would have written over it. */
    private record Stored(long version, LessonSettings settings) implements Versioned {}

    /** The lesson of a day as it stands. */
    public LessonResponse get(long dayId, LengthSystem system) {
        return planned(storage.read(() -> read(dayId)), system);
    }

    /** The lesson that other settings would give; nothing is stored. */
    LessonResponse preview(long dayId, LessonSettings settings, LengthSystem system) {
        Read read = storage.read(() -> read(dayId));
        Read other = new Read(read.day(), read.courses(), read.catalogue(), settings, read.version());
        check(other);
        return planned(other, system);
    }

    /** Stores settings, and plans. */
    LessonResponse put(long dayId, Expected expected, LessonSettings settings, LengthSystem system) {
        Read stored = storage.write(() -> {
            Read read = read(dayId);
            expected.check(read.version(), () -> new Stored(read.version(), read.settings()), settings);
            Read wanted = new Read(read.day(), read.courses(), read.catalogue(), settings, read.version() + 1);
            check(wanted);
            store.put(dayId, new Said(wanted.version(), settings));
            newsroom.tell(News.Topic.DAY, dayId);
            return wanted;
        });
        return planned(stored, system);
    }

    private Read read(long dayId) {
        DayResponse day = days.get(dayId);
        Optional<Said> said = store.find(dayId);
        LessonSettings settings = said.map(Said::settings).orElse(LessonSettings.USUAL);
        return new Read(
                day,
                day.courseIds().stream().map(courses::get).toList(),
                drills.catalogue(),
                stillThere(settings, day),
                said.map(Said::version).orElse(0L));
    }

    /** Without wishes for courses, and absences of riders, that are no longer on the day. */
    private static LessonSettings stillThere(LessonSettings s, DayResponse day) {
        Set<String> there = stationIds(day);
        Set<Long> riders = day.riders().stream().map(DayRider::riderId).collect(Collectors.toSet());
        return new LessonSettings(
                s.startsAt(),
                s.minutes(),
                s.areas(),
                s.helpers(),
                s.weather(),
                s.absent().stream().filter(riders::contains).toList(),
                s.wishes().stream().filter(w -> there.contains(w.station())).toList(),
                s.school());
    }

    private static Set<String> stationIds(DayResponse day) {
        Set<String> ids = new HashSet<>(Set.of(Station.OPEN));
        day.courseIds().forEach(id -> ids.add(String.valueOf(id)));
        return ids;
    }

    private static void check(Read wanted) {
        Checks checks = new Checks();
        Set<String> there = stationIds(wanted.day());
        List<WishJson> wishes = wanted.settings().wishes();
        for (int i = 0; i < wishes.size(); i++) {
            if (!there.contains(wishes.get(i).station())) {
                checks.add(
                        "no-such-station",
                        "wishes." + i + ".station",
                        "That course is not on this day. Put it on the day, or leave it out.");
            }
        }
        RefusedException.unlessNone(checks);
    }

    /** What was said of a day's lesson, or the usual. */
    LessonSettings settings(long dayId) {
        return store.settings(dayId).orElse(LessonSettings.USUAL);
    }

    /** What a day is like, for the range check. */
    RangeCheck.Facts facts(long dayId) {
        Read read = storage.read(() -> read(dayId));
        Set<String> drillIds = new HashSet<>();
        planned(read, LengthSystem.METRIC)
                .blocks()
                .forEach(b -> b.turns().forEach(t -> drillIds.add(t.task().drillId())));
        return storage.read(() -> new RangeCheck.Facts(
                Optional.ofNullable(read.day().yardId()).map(yards::get).map(YardResponse::yard),
                read.settings().weather(),
                riding(read.day()),
                drillIds.stream()
                        .flatMap(id -> read.catalogue().find(id).stream())
                        .toList(),
                read.settings().areas()));
    }

    private List<RangeCheck.Rides> riding(DayResponse day) {
        Map<Long, RiddenMachine> ridden = machines.ridden(
                day.riders().stream().map(DayRider::machineId).distinct().toList());
        List<RangeCheck.Rides> riding = new ArrayList<>();
        for (DayRider pair : day.riders()) {
            RiderResponse rider = riders.get(pair.riderId());
            Machine machine =
                    Objects.requireNonNull(ridden.get(pair.machineId())).turn().machine();
            boolean usual = rider.machineId() == null || rider.machineId().equals(pair.machineId());
            riding.add(new RangeCheck.Rides(
                    String.valueOf(rider.id()),
                    rider.name(),
                    rider.level(),
                    machine.value(MachineDimension.MASS),
                    usual,
                    Optional.ofNullable(rider.reach())));
        }
        return riding;
    }

    /** @param system whose lengths the rungs are that riders begin at */
    private LessonResponse planned(Read read, LengthSystem system) {
        List<DayRider> present = present(read);
        List<RiderDrills> stand = standings(read, present);
        Map<String, LessonTasks> tasks = tasks(read.catalogue(), stand);
        Map<Long, Map<Long, Rides>> rides = standing.rides(read.day(), read.courses(), system);
        List<Station> stations = stations(read, tasks, rides);
        Optional<Planned> planned = brief(read.settings(), tasks.keySet(), stations)
                .map(brief -> plans.get(brief, () -> Planned.of(brief)));
        Optional<Lesson> lesson = planned.map(Planned::lesson);
        return new LessonResponse(
                read.day().id(),
                read.version(),
                read.settings(),
                stand.stream()
                        .map(r -> new LessonRider(
                                r.riderId(),
                                r.riderName(),
                                r.machineName(),
                                Objects.requireNonNull(tasks.get(String.valueOf(r.riderId())))
                                        .meanwhile()
                                        .orElse(null),
                                lesson.map(l -> l.runs(String.valueOf(r.riderId())))
                                        .orElse(0)))
                        .toList(),
                stations.stream()
                        .map(s -> new StationText(
                                s.id(), s.name(), standsAt(read, s), without(s, stand), s.passSeconds()))
                        .toList(),
                lesson.map(l -> PlannedBlocks.of(l, stand, stations, rides)).orElse(List.of()),
                lesson.map(Lesson::findings).orElseGet(() -> nobody(present)),
                rides.values().stream()
                        .anyMatch(onIt -> onIt.size() < read.day().riders().size()),
                planned.map(Planned::waysOut).orElse(List.of()).stream()
                        .map(way -> new WayOutJson(
                                way.said(id -> PlannedBlocks.name(stations, id)),
                                way.change() == WayOut.Change.FEWER_RIDERS ? null : settings(read.settings(), way)))
                        .toList());
    }

    private static LessonSettings settings(LessonSettings s, WayOut way) {
        return new LessonSettings(
                s.startsAt(),
                way.brief().minutes(),
                s.areas(),
                way.brief().helpers(),
                s.weather(),
                s.absent(),
                way.brief().wishes().stream().map(WishJson::of).toList(),
                s.school());
    }

    /**
     * The rest of a lesson that is on, planned anew for who is there: in the time that its settings leave, with what was still to
     * come as far as it fits.
     *
     * @throws RefusedException where there is too little time left, or nobody is there
     */
    List<Block> rest(long dayId, RunningLesson running, Instant now, LengthSystem system) {
        Read read = storage.read(() -> read(dayId));
        List<DayRider> there = present(read).stream()
                .filter(r -> !running.away().contains(String.valueOf(r.riderId())))
                .toList();
        Map<String, LessonTasks> tasks = tasks(read.catalogue(), standings(read, there));
        List<Station> stations = stations(read, tasks, standing.rides(read.day(), read.courses(), system));
        int left = read.settings().minutes() - running.minuteAfterStep(now);
        if (left < LessonBrief.SHORTEST) {
            throw RefusedException.of(
                    "too-little-left",
                    "minutes",
                    "Fewer than " + LessonBrief.SHORTEST
                            + " minutes are left after this. Make the lesson longer on Lesson, or end it as it was planned.");
        }
        LessonBrief brief = brief(read.settings(), tasks.keySet(), stations)
                .orElseThrow(() ->
                        RefusedException.of("nobody", "riders", "Nobody is here who could ride: say on Range who is."));
        List<Wish> toCome = running.stationsToCome().stream()
                .filter(id -> brief.station(id).isPresent())
                .map(id -> new Wish(id, Optional.empty()))
                .toList();
        Lesson rest = LessonPlanner.rest(
                brief.rest(left, toCome, new LessonBrief.UnderWay(running.riddenAtEndOfStep(), running.standing())));
        rest.findings().stream()
                .filter(f -> f.code().equals("too-short"))
                .findFirst()
                .ifPresent(f -> {
                    throw RefusedException.of(
                            f.code(),
                            f.where(),
                            f.message() + " Make the lesson longer on Lesson, or end it as it was planned.");
                });
        return rest.blocks();
    }

    private List<Station> stations(Read read, Map<String, LessonTasks> tasks, Map<Long, Map<Long, Rides>> rides) {
        LessonStations made = new LessonStations(
                read.catalogue(), tasks, rides, course -> laying.get(course, () -> Station.Laying.of(course)));
        Map<Long, Set<String>> placed = sharing(read.day().standing(read.courses()));
        List<Station> stations = new ArrayList<>(List.of(made.open()));
        read.courses().forEach(c -> stations.add(made.of(c, read.day().nested(c), placed.get(c.id()))));
        return stations;
    }

    /** Which stations each course shares ground with, of those that stand. */
    private static Map<Long, Set<String>> sharing(Map<Long, StandingCourse> standing) {
        List<Long> ids = List.copyOf(standing.keySet());
        List<List<Integer>> with = SharedCones.sharingGround(List.copyOf(standing.values()));
        Map<Long, Set<String>> sharing = new HashMap<>();
        for (int i = 0; i < ids.size(); i++) {
            sharing.put(
                    ids.get(i),
                    with.get(i).stream().map(j -> String.valueOf(ids.get(j))).collect(Collectors.toSet()));
        }
        return sharing;
    }

    /** Empty where nobody takes part, or somebody has nothing to ride at all. */
    private static Optional<LessonBrief> brief(LessonSettings settings, Set<String> riders, List<Station> stations) {
        if (riders.isEmpty() || !stations.get(0).isForAll(riders)) {
            return Optional.empty();
        }
        return Optional.of(new LessonBrief(
                settings.minutes(),
                List.copyOf(riders),
                stations,
                settings.areas(),
                settings.helpers(),
                settings.weather(),
                settings.wishes().stream().map(WishJson::wish).toList()));
    }

    /** Lessons to begin from, for who takes part in a day and what there is to ride on. */
    List<TemplateJson> templates(long dayId) {
        Read read = storage.read(() -> read(dayId));
        Map<String, LessonTasks> tasks = tasks(read.catalogue(), standings(read, present(read)));
        return brief(read.settings(), tasks.keySet(), stations(read, tasks, Map.of())).stream()
                .flatMap(brief -> Arrays.stream(LessonTemplate.values()).map(t -> TemplateJson.of(t, brief)))
                .toList();
    }

    private static Map<String, LessonTasks> tasks(Catalogue catalogue, List<RiderDrills> stand) {
        Map<String, LessonTasks> tasks = new LinkedHashMap<>();
        stand.forEach(r -> tasks.put(String.valueOf(r.riderId()), r.tasks(catalogue)));
        return tasks;
    }

    /** By the method of the day, where it has one. */
    private List<RiderDrills> standings(Read read, List<DayRider> riders) {
        return standings.of(
                read.catalogue(), riders, Optional.ofNullable(read.settings().school()));
    }

    private static List<DayRider> present(Read read) {
        return read.day().riders().stream()
                .filter(r -> !read.settings().absent().contains(r.riderId()))
                .toList();
    }

    private static List<Double> standsAt(Read read, Station station) {
        return read.courses().stream()
                .filter(c -> String.valueOf(c.id()).equals(station.id()))
                .flatMap(c -> read.day().nested(c).settingsMetres().stream())
                .toList();
    }

    private static List<String> without(Station station, List<RiderDrills> stand) {
        return stand.stream()
                .filter(r -> !station.isForAll(Set.of(String.valueOf(r.riderId()))))
                .map(RiderDrills::riderName)
                .toList();
    }

    private static List<Finding> nobody(List<DayRider> present) {
        return List.of(
                present.isEmpty()
                        ? new Finding("nobody", "riders", "Nobody takes part yet: put riders on the day first.")
                        : new Finding(
                                "nothing-to-ride",
                                "riders",
                                "Somebody has no drill left that needs no cones: take in again one that was left out."));
    }
}
