package wrenlane.server.lesson;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import wrenlane.course.NamedCourse;
import wrenlane.day.Day;
import wrenlane.day.DayRider;
import wrenlane.drill.Catalogue;
import wrenlane.finding.Checks;
import wrenlane.id.RiderId;
import wrenlane.lesson.Station;
import wrenlane.server.lesson.LessonSettings.WishJson;
import wrenlane.server.platform.problem.RefusedException;

/**
 * What is stored of a day's lesson, as of one moment.
 *
 * @param courses of the day, in its order
 * @param catalogue drills there are to ride
 * @param settings what the lesson is planned from
 * @param version of the settings; the least there is where the usual hold
 * @param kept whether the settings were stored; the usual hold where they were not
 */
public record LessonOfDay(
        Day day, List<NamedCourse> courses, Catalogue catalogue, LessonSettings settings, long version, boolean kept) {

    /** Riders of the day who are there. */
    public List<DayRider> present() {
        return day.riders().stream()
                .filter(r -> !settings.absent().contains(r.riderId().value()))
                .toList();
    }

    /** The same without wishes for courses, and absences of riders, that are no longer on the day. */
    LessonOfDay withoutWhatIsGone() {
        Set<String> stations = stationIds();
        Set<Long> riders = day.riderIds().stream().map(RiderId::value).collect(Collectors.toSet());
        return with(
                new LessonSettings(
                        settings.startsAt(),
                        settings.minutes(),
                        settings.areas(),
                        settings.helpers(),
                        settings.weather(),
                        settings.absent().stream().filter(riders::contains).toList(),
                        settings.wishes().stream()
                                .filter(w -> stations.contains(w.station()))
                                .toList(),
                        settings.school()),
                version,
                kept);
    }

    /**
     * The same with other settings.
     *
     * @throws RefusedException where they wish for a course that is not on the day
     */
    LessonOfDay wanting(LessonSettings wanted, long version) {
        Checks checks = new Checks();
        Set<String> stations = stationIds();
        List<WishJson> wishes = wanted.wishes();
        for (int i = 0; i < wishes.size(); i++) {
            if (!stations.contains(wishes.get(i).station())) {
                checks.add(
                        "no-such-station",
                        "wishes." + i + ".station",
                        "That course is not on this day. Put it on the day, or leave it out.");
            }
        }
        RefusedException.unlessNone(checks);
        return with(wanted, version, true);
    }

    private LessonOfDay with(LessonSettings other, long otherVersion, boolean otherKept) {
        return new LessonOfDay(day, courses, catalogue, other, otherVersion, otherKept);
    }

    private Set<String> stationIds() {
        Set<String> ids = new HashSet<>(Set.of(Station.OPEN));
        day.courseIds().forEach(id -> ids.add(String.valueOf(id)));
        return ids;
    }

    /** Settings that a station stands at, in metres, the widest first; none in the open. */
    List<Double> activeSizes(Station station) {
        return courses.stream()
                .filter(c -> String.valueOf(c.id()).equals(station.id()))
                .flatMap(c -> day.nested(c).settingsMetres().stream())
                .toList();
    }
}
