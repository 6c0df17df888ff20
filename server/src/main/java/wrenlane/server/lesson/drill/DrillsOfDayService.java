package wrenlane.server.lesson.drill;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import wrenlane.course.Course;
import wrenlane.day.Day;
import wrenlane.day.DayRider;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.drill.DrillCourse;
import wrenlane.drill.DrillRiding;
import wrenlane.drill.TaughtDrill;
import wrenlane.machine.Transmission;
import wrenlane.rider.Rider;
import wrenlane.server.course.CourseService;
import wrenlane.server.day.DayService;
import wrenlane.server.lesson.drill.DrillsOfRider.DrillOfDay;
import wrenlane.server.lesson.teaching.TeachingService;
import wrenlane.server.people.machine.MachineService;
import wrenlane.server.people.rider.RiderService;
import wrenlane.server.platform.storage.Storage;

/** What riders can ride on a day: the drills taught to them, on its courses and on none. */
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

    /** Of every rider of the day, in its order. */
    List<DrillsOfRider> of(long dayId) {
        return storage.read(() -> {
            Day day = days.get(dayId);
            Map<Long, Course> ofDay = new LinkedHashMap<>();
            courses.get(day.courseIds()).forEach(course -> ofDay.put(course.id().value(), course.course()));
            Catalogue catalogue = drills.catalogue();
            return day.riders().stream()
                    .map(pair -> new DrillsOfRider(
                            pair.riderId().value(), pair.machineId().value(), of(pair, catalogue, ofDay)))
                    .toList();
        });
    }

    /** In the order of the stages; those whose course is not on the day are left out. */
    private List<DrillOfDay> of(DayRider pair, Catalogue catalogue, Map<Long, Course> ofDay) {
        Rider rider = riders.get(pair.riderId());
        Transmission transmission =
                machines.get(pair.machineId()).turn().machine().transmission();
        Set<Long> taken = new HashSet<>();
        List<DrillOfDay> ridden = new ArrayList<>();
        for (TaughtDrill taught : catalogue.taught(teaching.of(rider.school()), transmission, rider.level())) {
            Drill drill = catalogue.find(taught.id()).orElseThrow();
            List<Long> on = ofDay.entrySet().stream()
                    .filter(c ->
                            drill.course().filter(d -> d.suits(c.getValue())).isPresent())
                    .map(Map.Entry::getKey)
                    .toList();
            if (drill.course().isEmpty() || !on.isEmpty()) {
                // The first that such a course is for.
                boolean plain = drill.course().filter(DrillCourse::plain).isPresent();
                List<Long> usual = plain ? on.stream().filter(taken::add).toList() : List.of();
                ridden.add(of(drill, transmission, on, usual));
            }
        }
        return ridden;
    }

    private static DrillOfDay of(Drill drill, Transmission transmission, List<Long> on, List<Long> usual) {
        return new DrillOfDay(
                drill.id(),
                drill.name(),
                on,
                usual,
                drill.riding().sides() == DrillRiding.Sides.EACH,
                drill.loggedBy(),
                drill.scoring().timedRide().longestMinutes().get(transmission),
                ScoreMark.of(drill.pass()).orElse(null));
    }
}
