package wrenlane.server.drill;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.drill.DrillCourse;
import wrenlane.drill.DrillRiding;
import wrenlane.drill.TaughtDrill;
import wrenlane.machine.Transmission;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.machine.MachineService;
import wrenlane.server.rider.RiderResponse;
import wrenlane.server.rider.RiderService;
import wrenlane.server.storage.Storage;

/** What a rider can ride on a day: the drills taught to them, on its courses and on none. */
@Service
class DrillsOfDayService {
    private final DrillService drills;
    private final TeachingService teaching;
    private final DayService days;
    private final CourseService courses;
    private final RiderService riders;
    private final MachineService machines;
    private final Storage storage;

    DrillsOfDayService(
            DrillService drills,
            TeachingService teaching,
            DayService days,
            CourseService courses,
            RiderService riders,
            MachineService machines,
            Storage storage) {
        this.drills = drills;
        this.teaching = teaching;
        this.days = days;
        this.courses = courses;
        this.riders = riders;
        this.machines = machines;
        this.storage = storage;
    }

    /** In the order of the stages; those whose course is not on the day are left out. */
    List<DrillOfDay> of(long dayId, long riderId, long machineId) {
        return storage.read(() -> {
            Map<Long, Course> ofDay = new LinkedHashMap<>();
            days.get(dayId)
                    .courseIds()
                    .forEach(id -> ofDay.put(id, courses.get(id).course()));
            RiderResponse rider = riders.get(riderId);
            Transmission transmission = machines.turn(machineId).machine().transmission();
            Catalogue catalogue = drills.catalogue();
            Set<Long> taken = new HashSet<>();
            List<DrillOfDay> ridden = new ArrayList<>();
            for (TaughtDrill taught : catalogue.taught(teaching.of(rider.school()), transmission, rider.level())) {
                Drill drill = catalogue.find(taught.id()).orElseThrow();
                List<Long> on = ofDay.entrySet().stream()
                        .filter(c -> drill.course()
                                .filter(d -> d.suits(c.getValue()))
                                .isPresent())
                        .map(Map.Entry::getKey)
                        .toList();
                if (drill.course().isEmpty() || !on.isEmpty()) {
                    // The first that such a course is for.
                    boolean plain = drill.course().filter(DrillCourse::plain).isPresent();
                    List<Long> usual = plain ? on.stream().filter(taken::add).toList() : List.of();
                    ridden.add(of(drill, taught, transmission, on, usual));
                }
            }
            return ridden;
        });
    }

    private static DrillOfDay of(
            Drill drill, TaughtDrill taught, Transmission transmission, List<Long> on, List<Long> usual) {
        return new DrillOfDay(
                drill.id(),
                drill.name(),
                drill.stage().label(),
                taught.cue(),
                on,
                usual,
                drill.riding().sides() == DrillRiding.Sides.EACH,
                drill.loggedBy(),
                drill.spell().longestMinutes().get(transmission),
                ScoreMark.of(drill.pass()).orElse(null));
    }
}
