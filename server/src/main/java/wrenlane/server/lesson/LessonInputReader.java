package wrenlane.server.lesson;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import wrenlane.course.NestedCourse;
import wrenlane.day.DayRider;
import wrenlane.id.CourseId;
import wrenlane.lesson.LessonTasks;
import wrenlane.lesson.Station;
import wrenlane.server.lesson.drill.RiderDrillService;
import wrenlane.server.lesson.drill.RiderDrills;
import wrenlane.server.lesson.size.DaySizeService;
import wrenlane.server.lesson.size.DaySizeService.Rides;
import wrenlane.server.platform.calculation.BoundedCache;
import wrenlane.units.LengthSystem;
import wrenlane.yard.PlacedGround;
import wrenlane.yard.SharedCones;

/** Gathers who takes part in a lesson and where each could ride what. */
@Component
public class LessonInputReader {
    /** Memory for how long courses take to set out, in bytes. */
    private static final long MOST_BYTES = 3_000_000;

    /** What a course stands at, in bytes: an estimate. */
    private static final int COURSE_BYTES = 10_000;

    /** Courses walked through once. */
    private final BoundedCache<NestedCourse, Station.SetupMinutes> laying =
            BoundedCache.within(MOST_BYTES, course -> COURSE_BYTES);

    private final RiderDrillService drills;
    private final DaySizeService standing;

    LessonInputReader(RiderDrillService drills, DaySizeService standing) {
        this.drills = drills;
        this.standing = standing;
    }

    /**
     * With the settings at which each rides what stands.
     *
     * @param system whose lengths the sizes are that riders begin at
     */
    public LessonInput gather(LessonOfDay of, List<DayRider> riders, LengthSystem system) {
        return gather(of, riders, standing.rides(of.day(), of.courses(), system));
    }

    /** Without those settings, which take longest to compute. */
    LessonInput atAnySetting(LessonOfDay of, List<DayRider> riders) {
        return gather(of, riders, Map.of());
    }

    private LessonInput gather(LessonOfDay of, List<DayRider> riders, Map<Long, Map<Long, Rides>> rides) {
        // By the method of the day, where it has one.
        List<RiderDrills> stand = drills.masteryOfDrills(
                of.catalogue(), riders, Optional.ofNullable(of.settings().school()));
        Map<String, LessonTasks> tasks = new LinkedHashMap<>();
        stand.forEach(r -> tasks.put(String.valueOf(r.riderId()), r.tasks(of.catalogue())));
        return new LessonInput(of, stand, tasks, rides, stations(of, tasks, rides));
    }

    private List<Station> stations(LessonOfDay of, Map<String, LessonTasks> tasks, Map<Long, Map<Long, Rides>> rides) {
        LessonStations made = new LessonStations(
                of.catalogue(), tasks, rides, course -> laying.get(course, () -> Station.SetupMinutes.of(course)));
        Map<CourseId, Set<String>> placed = sharing(of.day().standing(of.courses()));
        List<Station> stations = new ArrayList<>(List.of(made.open()));
        of.courses().forEach(c -> stations.add(made.of(c, of.day().nested(c), placed.get(c.id()))));
        return stations;
    }

    /** Which stations each course shares ground with, of those that stand. */
    private static Map<CourseId, Set<String>> sharing(Map<CourseId, PlacedGround> standing) {
        List<CourseId> ids = List.copyOf(standing.keySet());
        List<List<Integer>> with = SharedCones.sharingGround(List.copyOf(standing.values()));
        Map<CourseId, Set<String>> sharing = new HashMap<>();
        for (int i = 0; i < ids.size(); i++) {
            sharing.put(
                    ids.get(i),
                    with.get(i).stream().map(j -> String.valueOf(ids.get(j))).collect(Collectors.toSet()));
        }
        return sharing;
    }
}
