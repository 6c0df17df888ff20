package wrenlane.server.exchange.days;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;
import wrenlane.day.Day;
import wrenlane.id.CourseId;
import wrenlane.id.MachineId;
import wrenlane.id.YardId;
import wrenlane.lesson.Station;
import wrenlane.rider.Rider;
import wrenlane.server.course.CourseRequest;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.exchange.days.ImportDocument.CalibrationItem;
import wrenlane.server.exchange.days.ImportDocument.CircleItem;
import wrenlane.server.exchange.days.ImportDocument.CourseItem;
import wrenlane.server.exchange.days.ImportDocument.DayItem;
import wrenlane.server.exchange.days.ImportDocument.DayRiderItem;
import wrenlane.server.exchange.days.ImportDocument.DiagonalItem;
import wrenlane.server.exchange.days.ImportDocument.GoalItem;
import wrenlane.server.exchange.days.ImportDocument.GroundItem;
import wrenlane.server.exchange.days.ImportDocument.LessonItem;
import wrenlane.server.exchange.days.ImportDocument.MachineItem;
import wrenlane.server.exchange.days.ImportDocument.OutlineItem;
import wrenlane.server.exchange.days.ImportDocument.RiderItem;
import wrenlane.server.exchange.days.ImportDocument.ShownItem;
import wrenlane.server.exchange.days.ImportDocument.StandItem;
import wrenlane.server.exchange.days.ImportDocument.StandsAtItem;
import wrenlane.server.exchange.days.ImportDocument.WishItem;
import wrenlane.server.exchange.days.ImportDocument.YardItem;
import wrenlane.server.ground.placement.StandJson;
import wrenlane.server.ground.yard.GroundJson;
import wrenlane.server.ground.yard.YardRequest;
import wrenlane.server.ground.yard.YardService;
import wrenlane.server.lesson.LessonSettings;
import wrenlane.server.lesson.LessonStore;
import wrenlane.server.lesson.drill.RiderDrillService;
import wrenlane.server.lesson.goal.GoalJson;
import wrenlane.server.lesson.goal.GoalService;
import wrenlane.server.people.machine.MachineRequest;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.length.CalibrationJson;
import wrenlane.server.platform.storage.Storage;

/** Writes a course or a day, with all it refers to, as a file that {@link ImportService} brings in again. */
@Service
class ExportService {
    private final YardService yards;
    private final MachineService machines;
    private final RiderService riders;
    private final CourseService courses;
    private final DayService days;
    private final LessonStore lessons;
    private final RiderDrillService drills;
    private final GoalService goals;
    private final KeptFields kept;
    private final Storage storage;
    private final JsonMapper json;

    ExportService(
            YardService yards,
            MachineService machines,
            RiderService riders,
            CourseService courses,
            DayService days,
            LessonStore lessons,
            RiderDrillService drills,
            GoalService goals,
            KeptFields kept,
            Storage storage,
            JsonMapper json) {
        this.yards = yards;
        this.machines = machines;
        this.riders = riders;
        this.courses = courses;
        this.days = days;
        this.lessons = lessons;
        this.drills = drills;
        this.goals = goals;
        this.kept = kept;
        this.storage = storage;
        this.json = json;
    }

    /** A course alone. */
    String course(long id) {
        return written(storage.read(() -> documentOfCourse(id)));
    }

    private ImportDocument documentOfCourse(long id) {
        return new ImportDocument(
                ImportDocument.FORMAT,
                null,
                List.of(),
                List.of(),
                List.of(),
                List.of(courseItem("course-1", id)),
                List.of(),
                null);
    }

    /** A day with its yard, courses, riders and machines; runs are not part of it. */
    String day(long id) {
        return written(storage.read(() -> documentOfDay(id)));
    }

    private ImportDocument documentOfDay(long id) {
        Day day = days.get(id);
        Set<Long> machineIds = new LinkedHashSet<>();
        List<Rider> all = day.riderIds().stream().map(riders::get).toList();
        day.machineIds().forEach(machine -> machineIds.add(machine.value()));
        all.forEach(r -> {
            r.machineId().map(MachineId::value).ifPresent(machineIds::add);
            drills.seen(r.id().value()).forEach(seen -> machineIds.add(seen.machineId()));
            goals.find(r.id().value()).ifPresent(goal -> machineIds.add(goal.machineId()));
        });
        Map<Long, String> machineKeys = keys("machine", List.copyOf(machineIds));
        Map<Long, String> riderKeys =
                keys("rider", all.stream().map(r -> r.id().value()).toList());
        Map<Long, String> courseKeys =
                keys("course", day.courseIds().stream().map(CourseId::value).toList());
        return new ImportDocument(
                ImportDocument.FORMAT,
                null,
                day.yardId().map(yard -> yardItem("yard-1", yard)).stream().toList(),
                each(machineKeys, (key, machineId) -> machineItem(key, machineId)),
                each(riderKeys, (key, riderId) -> riderItem(key, riders.get(riderId), machineKeys)),
                each(courseKeys, (key, courseId) -> courseItem(key, courseId)),
                List.of(new DayItem(
                        day.date(),
                        null,
                        day.title(),
                        day.yardId().map(yard -> "yard-1").orElse(null),
                        day.courseIds().stream()
                                .map(c -> key(courseKeys, c.value()))
                                .toList(),
                        day.placements().entrySet().stream()
                                .map(p ->
                                        new StandItem(key(courseKeys, p.getKey().value()), StandJson.of(p.getValue())))
                                .toList(),
                        orMissing(day.courses().stream()
                                .filter(c -> !c.activeSizesMetres().isEmpty())
                                .map(c -> new StandsAtItem(
                                        key(courseKeys, c.courseId().value()), c.activeSizesMetres()))
                                .toList()),
                        day.riders().stream()
                                .map(r -> new DayRiderItem(
                                        key(riderKeys, r.riderId().value()),
                                        key(machineKeys, r.machineId().value())))
                                .toList(),
                        lessons.settings(id)
                                .map(said -> lessonItem(day, said, riderKeys, courseKeys))
                                .orElse(null),
                        kept.of("day", id))),
                null);
    }

    /** What is no longer on the day is left out. */
    private static LessonItem lessonItem(
            Day day, LessonSettings said, Map<Long, String> riderKeys, Map<Long, String> courseKeys) {
        Set<String> there =
                day.courseIds().stream().map(String::valueOf).collect(Collectors.toCollection(HashSet::new));
        there.add(Station.OPEN);
        return new LessonItem(
                said.startsAt(),
                said.minutes(),
                said.areas(),
                said.helpers(),
                said.weather(),
                said.absent().stream()
                        .filter(riderKeys::containsKey)
                        .map(r -> key(riderKeys, r))
                        .toList(),
                said.wishes().stream()
                        .filter(w -> there.contains(w.station()))
                        .map(w -> new WishItem(
                                w.station().equals(Station.OPEN) ? null : key(courseKeys, Long.valueOf(w.station())),
                                w.minutes()))
                        .toList(),
                said.school());
    }

    private String written(ImportDocument document) {
        return json.writerWithDefaultPrettyPrinter().writeValueAsString(document);
    }

    /** Keys by place, so that the same day always has the same file. */
    private static Map<Long, String> keys(String sort, List<Long> ids) {
        Map<Long, String> keys = new LinkedHashMap<>();
        ids.forEach(id -> keys.putIfAbsent(id, sort + "-" + (keys.size() + 1)));
        return keys;
    }

    private static String key(Map<Long, String> keys, @Nullable Long id) {
        String key = keys.get(id);
        if (key == null) {
            throw new IllegalStateException("there is no key for " + id);
        }
        return key;
    }

    private interface Written<T> {
        T of(String key, long id);
    }

    private static <T> List<T> each(Map<Long, String> keys, Written<T> item) {
        List<T> items = new ArrayList<>();
        keys.forEach((id, key) -> items.add(item.of(key, id)));
        return items;
    }

    private YardItem yardItem(String key, YardId id) {
        YardRequest y = yards.typed(id);
        GroundJson g = y.ground();
        OutlineItem outline = new OutlineItem(
                g.outline().sides().stream().map(LengthItem::of).toList(),
                g.outline().corners(),
                g.outline().diagonals().stream()
                        .map(d -> new DiagonalItem(d.from(), d.to(), LengthItem.of(d.length())))
                        .toList());
        return new YardItem(
                key,
                y.name(),
                new GroundItem(
                        outline,
                        g.surface(),
                        g.fallPercent(),
                        g.fallTowardsRadians(),
                        g.obstacles(),
                        g.bayRows(),
                        g.entrance(),
                        g.sideNames()),
                y.notes(),
                calibration(y.pace()),
                calibration(y.bay()),
                kept.of("yard", id.value()));
    }

    private static @Nullable CalibrationItem calibration(@Nullable CalibrationJson c) {
        return c == null ? null : new CalibrationItem(c.count(), LengthItem.of(c.taped()));
    }

    private MachineItem machineItem(String key, long id) {
        MachineRequest m = machines.typed(id);
        return new MachineItem(
                key,
                m.name(),
                m.classId(),
                m.transmission(),
                m.figures(),
                m.circles().stream()
                        .map(c -> new CircleItem(c.side(), c.posture(), LengthItem.of(c.diameter())))
                        .toList(),
                kept.of("machine", id));
    }

    private RiderItem riderItem(String key, Rider r, Map<Long, String> machineKeys) {
        return new RiderItem(
                key,
                r.name(),
                r.level(),
                r.school(),
                r.mostLeanRadians().orElse(null),
                r.machineId().map(id -> key(machineKeys, id.value())).orElse(null),
                r.reach().orElse(null),
                r.notes(),
                drills.seen(r.id().value()).stream()
                        .map(seen -> new ShownItem(key(machineKeys, seen.machineId()), seen.drillIds(), seen.on()))
                        .toList(),
                goals.find(r.id().value())
                        .map(goal -> goalItem(goal, key(machineKeys, goal.machineId())))
                        .orElse(null),
                kept.of("rider", r.id().value()));
    }

    private static GoalItem goalItem(GoalJson goal, String machine) {
        return new GoalItem(
                goal.name(), goal.kind(), machine, LengthItem.of(goal.setting()), goal.by(), null, goal.everyDays());
    }

    private static <T> @Nullable List<T> orMissing(List<T> some) {
        return some.isEmpty() ? null : some;
    }

    private CourseItem courseItem(String key, long id) {
        CourseRequest c = courses.typed(id);
        Map<String, LengthItem> lengths = new LinkedHashMap<>();
        c.lengths().forEach((name, length) -> lengths.put(name, LengthItem.of(length)));
        return new CourseItem(
                key,
                c.name(),
                c.kind(),
                lengths,
                c.counts(),
                c.options(),
                c.firstTurn(),
                orMissing(c.own()),
                orMissing(c.ownWithin()),
                kept.of("course", id));
    }
}
