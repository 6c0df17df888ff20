package wrenlane.server.exchange.days;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToLongFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import wrenlane.server.course.CourseService;
import wrenlane.server.course.kit.KitService;
import wrenlane.server.day.DayService;
import wrenlane.server.exchange.days.ImportDocument.LessonItem;
import wrenlane.server.exchange.days.ImportDocument.RiderItem;
import wrenlane.server.exchange.days.Prepared.Ready;
import wrenlane.server.ground.yard.YardService;
import wrenlane.server.lesson.LessonStore;
import wrenlane.server.lesson.drill.RiderDrillService;
import wrenlane.server.lesson.goal.GoalService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderRequest;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.progress.run.RunRepository;

/** Stores what was prepared. Called while the writer is held: nothing is reckoned here. */
@Component
class Arrival {
    private final YardService yards;
    private final MachineService machines;
    private final RiderService riders;
    private final CourseService courses;
    private final DayService days;
    private final LessonStore lessons;
    private final KitService kit;
    private final RunRepository runs;
    private final RiderDrillService drills;
    private final GoalService goals;
    private final KeptFields kept;

    Arrival(
            YardService yards,
            MachineService machines,
            RiderService riders,
            CourseService courses,
            DayService days,
            LessonStore lessons,
            KitService kit,
            RunRepository runs,
            RiderDrillService drills,
            GoalService goals,
            KeptFields kept) {
        this.yards = yards;
        this.machines = machines;
        this.riders = riders;
        this.courses = courses;
        this.days = days;
        this.lessons = lessons;
        this.kit = kit;
        this.runs = runs;
        this.drills = drills;
        this.goals = goals;
        this.kept = kept;
    }

    /** Stores a file, and the runs its virtual riders made. */
    void store(Prepared file, List<SimulatedRuns.Ridden> ridden) {
        if (file.kit() != null) {
            kit.bringIn(file.kit());
        }
        Keys<Long> yardIds = each("yard", file.yards(), yards::insert);
        Keys<Long> machineIds = each("machine", file.machines(), m -> machines.insert(m.request(), m.turn()));
        Keys<Long> riderIds = each("rider", file.riders(), ready -> {
            RiderItem r = ready.item();
            long id = riders.create(rider(r, machineIds));
            ItemReader.orNone(r.shown())
                    .forEach(shown -> drills.seen(id, machineIds.get(shown.machine()), shown.drills(), shown.on()));
            if (r.goal() != null && ready.goal() != null) {
                goals.bringIn(id, ready.goal().on(machineIds.get(r.goal().machine())));
            }
            return id;
        });
        Keys<Long> courseIds = each("course", file.courses(), c -> courses.insert(c.request()));
        List<Long> dayIds = new ArrayList<>();
        each("day", file.days(), d -> {
            long dayId = days.create(
                    Preparation.request(d.item(), d.draft().date(), yardIds, courseIds, riderIds, machineIds));
            dayIds.add(dayId);
            LessonItem lesson = d.item().lesson();
            if (lesson != null) {
                lessons.putFirst(dayId, Preparation.lesson(lesson, riderIds, courseIds));
            }
            return dayId;
        });
        runs.insertAll(ridden.stream()
                .map(r -> r.run(dayIds, riderIds, machineIds, courseIds))
                .toList());
    }

    private static RiderRequest rider(RiderItem r, Keys<Long> machineIds) {
        @Nullable Long machineId = machineIds.getOrNull(r.machine());
        return new RiderRequest(
                r.name(),
                r.level(),
                r.school(),
                r.mostLeanRadians(),
                machineId,
                r.reach(),
                ItemReader.orEmpty(r.notes()));
    }

    private <T> Keys<Long> each(String sort, List<Ready<T>> things, ToLongFunction<T> store) {
        Keys<Long> ids = new Keys<>(sort);
        for (Ready<T> ready : things) {
            long id = store.applyAsLong(ready.thing());
            if (!ready.key().isEmpty()) {
                ids.put(ready.key(), id);
            }
            kept.keep(sort, id, ready.more());
        }
        return ids;
    }
}
