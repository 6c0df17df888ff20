package wrenlane.server.exchange.days;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToLongFunction;
import org.springframework.stereotype.Component;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.exchange.days.ImportDocument.LessonItem;
import wrenlane.server.exchange.days.PreparedDays.ReadyItem;
import wrenlane.server.ground.yard.YardService;
import wrenlane.server.lesson.LessonStore;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.progress.run.RunRepository;

/** Stores what was prepared. Called while the writer is held: nothing is computed here. */
@Component
class Arrival {
    private final YardService yards;
    private final MachineService machines;
    private final RiderArrival riders;
    private final CourseService courses;
    private final DayService days;
    private final LessonStore lessons;
    private final RunRepository runs;
    private final UnknownFields kept;

    Arrival(
            YardService yards,
            MachineService machines,
            RiderArrival riders,
            CourseService courses,
            DayService days,
            LessonStore lessons,
            RunRepository runs,
            UnknownFields kept) {
        this.yards = yards;
        this.machines = machines;
        this.riders = riders;
        this.courses = courses;
        this.days = days;
        this.lessons = lessons;
        this.runs = runs;
        this.kept = kept;
    }

    /** Stores a file, and the runs its virtual riders made. */
    void store(PreparedDays file, List<SimulatedRuns.SimulatedRun> ridden) {
        Keys<Long> yardIds = each("yard", file.yards(), yards::insert);
        Keys<Long> machineIds = each("machine", file.machines(), m -> machines.insert(m.request(), m.turn()));
        Keys<Long> riderIds = each("rider", file.riders(), ready -> riders.store(ready, machineIds));
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

    private <T> Keys<Long> each(String sort, List<ReadyItem<T>> things, ToLongFunction<T> store) {
        Keys<Long> ids = new Keys<>(sort);
        for (ReadyItem<T> ready : things) {
            long id = store.applyAsLong(ready.thing());
            if (!ready.key().isEmpty()) {
                ids.put(ready.key(), id);
            }
            kept.keep(sort, id, ready.more());
        }
        return ids;
    }
}
