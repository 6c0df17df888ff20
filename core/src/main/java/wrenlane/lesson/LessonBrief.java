package wrenlane.lesson;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a lesson is planned from.
 *
 * @param minutes from the first word to the last, 20 to 480
 * @param riders ids, in the order they ride
 * @param stations open ground among them
 * @param areas on the yard that can be ridden on at once
 * @param helpers beside the instructor, each able to watch an area
 * @param weather of the day
 * @param wishes stations in the order they are wanted; empty where the planner chooses
 * @param underWay where a lesson is on already, of which the rest is planned; missing for a whole one
 */
public record LessonBrief(
        int minutes,
        List<String> riders,
        List<Station> stations,
        int areas,
        int helpers,
        Weather weather,
        List<Wish> wishes,
        Optional<LessonInProgress> underWay) {
    /**
     * Of a lesson that is on: riders are briefed and warm.
     *
     * @param riddenMinutes since the last rest or talk
     * @param standing id of the station that stands in each area, the first area's first
     */
    public record LessonInProgress(int riddenMinutes, List<String> standing) {
        public LessonInProgress {
            standing = List.copyOf(standing);
            if (riddenMinutes < 0) {
                throw new IllegalArgumentException("riddenMinutes is " + riddenMinutes + " min; it is not below 0");
            }
        }
    }

    /** Of a whole lesson. */
    public LessonBrief(
            int minutes,
            List<String> riders,
            List<Station> stations,
            int areas,
            int helpers,
            Weather weather,
            List<Wish> wishes) {
        this(minutes, riders, stations, areas, helpers, weather, wishes, Optional.empty());
    }

    /** Shortest lesson there is, in minutes. */
    public static final int SHORTEST = 20;

    /** Longest, in minutes. */
    public static final int LONGEST = 480;

    /** Most riders. */
    public static final int MOST_RIDERS = 60;

    /** Most areas. */
    public static final int MOST_AREAS = 8;

    /** Most helpers. */
    public static final int MOST_HELPERS = 20;

    public LessonBrief {
        riders = List.copyOf(riders);
        stations = List.copyOf(stations);
        wishes = List.copyOf(wishes);
        within("minutes", minutes, SHORTEST, LONGEST);
        within("riders", riders.size(), 1, MOST_RIDERS);
        within("areas", areas, 1, MOST_AREAS);
        within("helpers", helpers, 0, MOST_HELPERS);
        if (new HashSet<>(riders).size() < riders.size()) {
            throw new IllegalArgumentException("riders names somebody twice: " + riders);
        }
        for (Wish wish : wishes) {
            if (stations.stream().noneMatch(s -> s.id().equals(wish.station()))) {
                throw new IllegalArgumentException("wishes name a station that is not there: " + wish.station());
            }
        }
    }

    /** Whether the wish at a place fixes its minutes; not where the planner chooses. */
    boolean isFixed(int place) {
        return place < wishes.size() && wishes.get(place).minutes().isPresent();
    }

    private static void within(String name, int value, int min, int max) {
        if (!(value >= min && value <= max)) {
            throw new IllegalArgumentException(name + " is " + value + "; it lies between " + min + " and " + max);
        }
    }

    /** Areas that can be ridden on at once: one machine moves in each, and somebody has to watch it. */
    public int watchedAreas() {
        return Math.min(Math.min(areas, 1 + helpers), riders.size());
    }

    /** The station of an id. */
    public Optional<Station> station(String id) {
        return stations.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The same with another length and other wishes. */
    LessonBrief with(int otherMinutes, List<Wish> otherWishes) {
        return new LessonBrief(otherMinutes, riders, stations, areas, helpers, weather, otherWishes, underWay);
    }

    /** The same for other riders, with other helpers. */
    LessonBrief with(List<String> otherRiders, int otherHelpers) {
        return new LessonBrief(minutes, otherRiders, stations, areas, otherHelpers, weather, wishes, underWay);
    }

    /**
     * The rest of a lesson that is on.
     *
     * @param left minutes to the end, {@link #SHORTEST} and more
     */
    public LessonBrief rest(int left, List<Wish> wishesLeft, LessonInProgress now) {
        return new LessonBrief(left, riders, stations, areas, helpers, weather, wishesLeft, Optional.of(now));
    }

    /** Minutes ridden since the last rest or talk when it begins. */
    int riddenBefore() {
        return underWay.map(LessonInProgress::riddenMinutes).orElse(0);
    }

    /** What stands in an area when it begins; empty where nothing does, or nobody knows. */
    Optional<Station> standing(int area) {
        return underWay.map(LessonInProgress::standing)
                .filter(standing -> area < standing.size())
                .flatMap(standing -> station(standing.get(area)));
    }

    /** All riders. */
    Set<String> everyone() {
        return new LinkedHashSet<>(riders);
    }
}
