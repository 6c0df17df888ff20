package wrenlane.server.lesson;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import wrenlane.course.Course;
import wrenlane.course.NamedCourse;
import wrenlane.course.NestedCourse;
import wrenlane.drill.Catalogue;
import wrenlane.drill.Drill;
import wrenlane.lesson.LessonTasks;
import wrenlane.lesson.PassTime;
import wrenlane.lesson.RiderTask;
import wrenlane.lesson.Station;
import wrenlane.server.lesson.size.DaySizeService.Rides;

/** Makes stations of open ground and the day's courses, with what each rider would ride there. */
final class LessonStations {
    /** One run in the open where no drill says how long it takes, in seconds; chosen by us. */
    private static final int OPEN_SECONDS = 35;

    private final Catalogue catalogue;
    private final Map<String, LessonTasks> riders;
    private final Map<Long, Map<Long, Rides>> rides;
    private final Function<NestedCourse, Station.SetupMinutes> laying;

    /**
     * For some riders.
     *
     * @param riders by their id
     * @param rides of what stands, by course and rider, as far as it is known
     * @param laying how long a course takes to set out
     */
    LessonStations(
            Catalogue catalogue,
            Map<String, LessonTasks> riders,
            Map<Long, Map<Long, Rides>> rides,
            Function<NestedCourse, Station.SetupMinutes> laying) {
        this.catalogue = catalogue;
        this.riders = riders;
        this.rides = rides;
        this.laying = laying;
    }

    /** Open ground, where nobody needs a cone. */
    Station open() {
        Map<String, RiderTask> tasks = new LinkedHashMap<>();
        riders.forEach((id, of) -> of.inTheOpen().ifPresent(task -> tasks.put(id, task)));
        int seconds = tasks.values().stream()
                .flatMap(t -> catalogue.find(t.drillId()).stream())
                .flatMap(d -> d.riding().passSeconds().stream())
                .mapToInt(Integer::intValue)
                .max()
                .orElse(OPEN_SECONDS);
        return new Station(Station.OPEN, "Open ground", Station.SetupMinutes.NONE, true, seconds, tasks);
    }

    /**
     * A course of the day.
     *
     * @param sharing ids of what it shares ground with; missing where it does not stand from the start
     */
    Station of(NamedCourse stored, NestedCourse nested, @Nullable Set<String> sharing) {
        Course course = nested.widest();
        Map<String, RiderTask> tasks = new LinkedHashMap<>();
        riders.forEach((id, of) ->
                of.on(course).ifPresent(task -> tasks.put(id, ridden(stored.id().value(), id, task))));
        List<Integer> seconds = new ArrayList<>();
        for (RiderTask task : tasks.values()) {
            Optional<Drill> drill = catalogue.find(task.drillId());
            seconds.add(PassTime.seconds(
                    course.plan().route().points(),
                    drill.flatMap(d -> d.riding().speed())));
        }
        return new Station(
                String.valueOf(stored.id()),
                stored.name(),
                sharing != null ? Station.SetupMinutes.NONE : laying.apply(nested),
                sharing != null,
                seconds.stream().mapToInt(Integer::intValue).max().orElse(OPEN_SECONDS),
                tasks,
                sharing != null ? sharing : Set.of());
    }

    private RiderTask ridden(long courseId, String rider, RiderTask task) {
        Rides of = rides.getOrDefault(courseId, Map.of()).get(Long.valueOf(rider));
        return of == null ? task : task.on(of.settingMetres(), of.weakSide());
    }
}
