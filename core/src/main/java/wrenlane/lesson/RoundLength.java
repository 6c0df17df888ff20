package wrenlane.lesson;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** How long stations that are ridden at the same time may be ridden, and have to be. */
final class RoundLength {
    /** Shortest useful time of one rider at one station, in minutes; from practice. */
    private static final int SHORTEST_EACH = 2;

    /** A round that is shorter than this is not worth walking to, in minutes; chosen by us. */
    private static final int SHORTEST_ROUND = 10;

    /** Longest time at one station, in minutes; from practice: attention goes before the clutch does. */
    static final int LONGEST_ROUND = 25;

    private final LessonBrief brief;
    private final int areas;

    /** What each station alone asks for: it is asked very often. */
    private final Map<Station, StationMinutes> ofOne = new IdentityHashMap<>();

    /**
     * Of one station.
     *
     * @param least minutes in which everybody of the largest group rides twice
     * @param timedRide shortest of the longest timed rides there, in minutes
     */
    private record StationMinutes(int least, int timedRide) {}

    RoundLength(LessonBrief brief, Timetable timetable, int areas) {
        this.brief = brief;
        this.areas = areas;
        brief.stations()
                .forEach(s -> ofOne.put(s, new StationMinutes(timetable.twoRunsEach(s), s.shortestTimedRideMinutes())));
    }

    private StationMinutes of(Station station) {
        return Objects.requireNonNull(ofOne.get(station));
    }

    /** As short as riders can still make use of: two minutes each, and two runs. */
    int shortest(List<Station> together) {
        int group = (brief.riders().size() + areas - 1) / areas;
        int shortest = Math.max(SHORTEST_ROUND, group * SHORTEST_EACH);
        for (Station station : together) {
            shortest = Math.max(shortest, of(station).least());
        }
        return shortest;
    }

    /** As long as attention, heat and clutches last: riders take turns, so a group rides that many times a timed ride. */
    int longest(List<Station> together) {
        int group = Math.max(1, brief.riders().size() / areas);
        int longest = Math.min(LONGEST_ROUND, brief.weather().longestMinutes());
        for (Station station : together) {
            longest = Math.min(longest, of(station).timedRide() * group);
        }
        return Math.max(shortest(together), longest);
    }
}
