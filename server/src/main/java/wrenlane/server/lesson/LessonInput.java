package wrenlane.server.lesson;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wrenlane.lesson.LessonBrief;
import wrenlane.lesson.LessonTasks;
import wrenlane.lesson.Station;
import wrenlane.server.lesson.LessonSettings.WishJson;
import wrenlane.server.lesson.drill.RiderDrills;
import wrenlane.server.lesson.size.DaySizeService.Rides;

/**
 * Who takes part in a lesson and where each could ride what.
 *
 * @param riders in the order they ride, with how far each is with the drills
 * @param tasks what each could ride, by the rider's id
 * @param rides of what stands, by course and rider, as far as it is known
 * @param stations the open ground, then the day's courses
 */
public record LessonInput(
        LessonOfDay of,
        List<RiderDrills> riders,
        Map<String, LessonTasks> tasks,
        Map<Long, Map<Long, Rides>> rides,
        List<Station> stations) {

    /** What the lesson is planned from; empty where nobody takes part, or somebody has nothing to ride at all. */
    public Optional<LessonBrief> brief() {
        Set<String> ids = tasks.keySet();
        if (ids.isEmpty() || !stations.get(0).isForAll(ids)) {
            return Optional.empty();
        }
        LessonSettings settings = of.settings();
        return Optional.of(new LessonBrief(
                settings.minutes(),
                List.copyOf(ids),
                stations,
                settings.areas(),
                settings.helpers(),
                settings.weather(),
                settings.wishes().stream().map(WishJson::wish).toList()));
    }

    /** Whether it is still computed who rides what of what stands. */
    boolean unfinished() {
        int all = of.day().riders().size();
        return rides.values().stream().anyMatch(onIt -> onIt.size() < all);
    }

    /** What a station is called. */
    String nameOf(String station) {
        return stations.stream()
                .filter(s -> s.id().equals(station))
                .map(Station::name)
                .findFirst()
                .orElse(station);
    }
}
