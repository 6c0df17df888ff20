package wrenlane.server.exchange.days;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wrenlane.id.MachineId;
import wrenlane.id.YardId;
import wrenlane.rider.Rider;
import wrenlane.server.course.CourseRequest;
import wrenlane.server.course.CourseService;
import wrenlane.server.exchange.days.ImportDocument.CalibrationItem;
import wrenlane.server.exchange.days.ImportDocument.CircleItem;
import wrenlane.server.exchange.days.ImportDocument.CourseItem;
import wrenlane.server.exchange.days.ImportDocument.DiagonalItem;
import wrenlane.server.exchange.days.ImportDocument.GoalItem;
import wrenlane.server.exchange.days.ImportDocument.GroundItem;
import wrenlane.server.exchange.days.ImportDocument.MachineItem;
import wrenlane.server.exchange.days.ImportDocument.OutlineItem;
import wrenlane.server.exchange.days.ImportDocument.RiderItem;
import wrenlane.server.exchange.days.ImportDocument.ShownItem;
import wrenlane.server.exchange.days.ImportDocument.YardItem;
import wrenlane.server.ground.yard.GroundJson;
import wrenlane.server.ground.yard.YardRequest;
import wrenlane.server.ground.yard.YardService;
import wrenlane.server.lesson.drill.MasteredDrills;
import wrenlane.server.lesson.goal.GoalJson;
import wrenlane.server.lesson.goal.GoalService;
import wrenlane.server.people.machine.MachineRequest;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.platform.length.CalibrationJson;

/** Writes yards, machines, riders and courses as items of a file. */
@Component
class ItemWriter {
    private final YardService yards;
    private final MachineService machines;
    private final CourseService courses;
    private final MasteredDrills drills;
    private final GoalService goals;
    private final UnknownFields kept;

    ItemWriter(
            YardService yards,
            MachineService machines,
            CourseService courses,
            MasteredDrills drills,
            GoalService goals,
            UnknownFields kept) {
        this.yards = yards;
        this.machines = machines;
        this.courses = courses;
        this.drills = drills;
        this.goals = goals;
        this.kept = kept;
    }

    /** Ids of the machines that what is written of a rider names. */
    Set<Long> machinesOf(Rider rider) {
        Set<Long> ids = new LinkedHashSet<>();
        rider.machineId().map(MachineId::value).ifPresent(ids::add);
        drills.seen(rider.id().value()).forEach(seen -> ids.add(seen.machineId()));
        goals.find(rider.id().value()).ifPresent(goal -> ids.add(goal.machineId()));
        return ids;
    }

    YardItem yardItem(String key, YardId id) {
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

    MachineItem machineItem(String key, long id) {
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

    RiderItem riderItem(String key, Rider r, ItemKeys machineKeys) {
        return new RiderItem(
                key,
                r.name(),
                r.level(),
                r.school(),
                r.mostLeanRadians().orElse(null),
                r.machineId().map(id -> machineKeys.of(id.value())).orElse(null),
                r.reach().orElse(null),
                r.notes(),
                drills.seen(r.id().value()).stream()
                        .map(seen -> new ShownItem(machineKeys.of(seen.machineId()), seen.drillIds(), seen.on()))
                        .toList(),
                goals.find(r.id().value())
                        .map(goal -> goalItem(goal, machineKeys.of(goal.machineId())))
                        .orElse(null),
                kept.of("rider", r.id().value()));
    }

    private static GoalItem goalItem(GoalJson goal, String machine) {
        return new GoalItem(
                goal.name(), goal.kind(), machine, LengthItem.of(goal.setting()), goal.by(), null, goal.everyDays());
    }

    static <T> @Nullable List<T> orMissing(List<T> some) {
        return some.isEmpty() ? null : some;
    }

    CourseItem courseItem(String key, long id) {
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
