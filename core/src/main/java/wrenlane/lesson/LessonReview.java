package wrenlane.lesson;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A lesson held against its plan, for whoever gave it: what was ridden of what was planned, and what to change.
 *
 * @param over whether nothing of the plan is still to come
 * @param ends planned and real; missing where the lesson was not begun with a lesson plan
 * @param stations that were planned or ridden, in the order they come first
 * @param riders who were planned or rode, in the order they come first
 */
public record LessonReview(boolean over, Optional<EndTimes> ends, List<Part> stations, List<Part> riders) {
    /**
     * When the riding ended, from the start of the lesson.
     *
     * @param plannedMinutes by the lesson plan
     * @param minutes of the last run
     */
    public record EndTimes(int plannedMinutes, int minutes) {
        int late() {
            return minutes - plannedMinutes;
        }
    }

    /**
     * What one station or one rider had.
     *
     * @param id of the station or rider
     * @param planned runs; 0 where there was no plan
     * @param ridden entries in the log: runs, timed rides and runs broken off
     * @param scored entries that are clean or not
     * @param clean of those
     * @param drops among all
     */
    public record Part(String id, int planned, int ridden, int scored, int clean, int drops) {}

    /**
     * An entry in the log.
     *
     * @param scored whether it is clean or not: neither a timed ride nor a run broken off
     * @param clean only where it is scored
     */
    public record Entry(String rider, String station, Instant at, boolean scored, boolean clean, boolean drop) {}

    /** Under this share of what was planned too little was ridden; chosen by us. */
    private static final double TOO_LITTLE = 0.75;

    /** Fewest runs planned of which a share says something; chosen by us. */
    private static final int FEWEST_PLANNED = 4;

    /** Minutes after the planned end that are late; chosen by us: a rest's length. */
    private static final int LATE_MINUTES = 10;

    /** Drops in one place, or of one rider, that are more than bad luck; chosen by us. */
    private static final int MANY_DROPS = 2;

    public LessonReview {
        stations = List.copyOf(stations);
        riders = List.copyOf(riders);
    }

    /**
     * Holds what was logged against what was planned.
     *
     * @param lesson as it was begun; missing where it was not. Turns of riders who were away are left out, and those in the
     *     open where nothing was logged there
     * @param over whether the lesson has ended, or was put away
     * @param log of the day, in any order
     */
    public static LessonReview of(Optional<LiveLesson> lesson, boolean over, List<Entry> log) {
        List<Entry> entries =
                log.stream().sorted(Comparator.comparing(Entry::at)).toList();
        List<Block> blocks = lesson.map(LiveLesson::blocks).orElse(List.of());
        Set<String> away = lesson.map(LiveLesson::away).orElse(Set.of());
        Map<String, Integer> ofStation = new LinkedHashMap<>();
        Map<String, Integer> ofRider = new LinkedHashMap<>();
        boolean logsOpen = entries.stream().anyMatch(e -> e.station().equals(Station.OPEN));
        for (Block block : blocks) {
            block.station()
                    .filter(s -> logsOpen || !s.equals(Station.OPEN))
                    .ifPresent(station -> block.turns().stream()
                            .filter(turn -> !away.contains(turn.rider()))
                            .forEach(turn -> {
                                ofStation.merge(station, turn.runs(), Integer::sum);
                                ofRider.merge(turn.rider(), turn.runs(), Integer::sum);
                            }));
        }
        return new LessonReview(
                over,
                lesson.flatMap(l -> ends(l, entries)),
                parts(ofStation, entries, Entry::station),
                parts(ofRider, entries, Entry::rider));
    }

    private static Optional<EndTimes> ends(LiveLesson lesson, List<Entry> entries) {
        return lesson.blocks().stream()
                .filter(b -> b.sort().isRiding())
                .map(Block::endMinute)
                .max(Comparator.naturalOrder())
                .flatMap(planned -> entries.stream()
                        .map(Entry::at)
                        .filter(at -> !at.isBefore(lesson.begunAt()))
                        .max(Comparator.naturalOrder())
                        .map(last -> new EndTimes(planned, (int)
                                Duration.between(lesson.begunAt(), last).toMinutes())));
    }

    private static List<Part> parts(Map<String, Integer> planned, List<Entry> log, Function<Entry, String> whose) {
        Map<String, List<Entry>> logged =
                log.stream().collect(Collectors.groupingBy(whose, LinkedHashMap::new, Collectors.toList()));
        return Stream.concat(planned.keySet().stream(), logged.keySet().stream())
                .distinct()
                .map(id -> {
                    List<Entry> own = logged.getOrDefault(id, List.of());
                    return new Part(
                            id,
                            planned.getOrDefault(id, 0),
                            own.size(),
                            (int) own.stream().filter(Entry::scored).count(),
                            (int) own.stream()
                                    .filter(e -> e.scored() && e.clean())
                                    .count(),
                            (int) own.stream().filter(Entry::drop).count());
                })
                .toList();
    }

    private int sum(ToIntFunction<Part> of) {
        return stations.stream().mapToInt(of).sum();
    }

    /** Runs planned in all; 0 where there was no plan. */
    public int planned() {
        return sum(Part::planned);
    }

    /** Entries in all. */
    public int ridden() {
        return sum(Part::ridden);
    }

    /**
     * What to change next time, as sentences, each with what speaks for it; empty where nothing stands out. Whoever was there
     * knows why; these only point.
     *
     * @param station what a station is called
     * @param rider what a rider is called
     */
    public List<String> changes(Function<String, String> station, Function<String, String> rider) {
        List<String> changes = new ArrayList<>();
        if (over) {
            shortfalls(changes, station, rider);
        }
        drops(changes, stations, id -> "at " + station.apply(id), "stand wider there, or come back to it later.");
        drops(changes, riders, rider, "begin wider, and rest sooner.");
        return changes;
    }

    private void shortfalls(List<String> changes, Function<String, String> station, Function<String, String> rider) {
        for (Part part : stations) {
            if (isMissing(part)) {
                changes.add(station.apply(part.id()) + " was planned and not ridden: plan a course less.");
            } else if (isShort(part)) {
                changes.add("At " + station.apply(part.id()) + " " + counted(part)
                        + ": plan a longer round there, or fewer runs.");
            }
        }
        riders.stream()
                .filter(LessonReview::isMissing)
                .forEach(part -> changes.add(rider.apply(part.id())
                        + " was planned and did not ride: say on Lesson who is not there, and the others ride more."));
        // Where all rode too little the stations say so; a rider is named who had less than the others.
        if (ridden() >= TOO_LITTLE * planned()) {
            riders.stream()
                    .filter(part -> isShort(part) && !isMissing(part))
                    .forEach(part -> changes.add(
                            rider.apply(part.id()) + ": " + counted(part) + ". First in the order next time."));
        }
        ends.filter(e -> e.late() >= LATE_MINUTES)
                .ifPresent(e -> changes.add("The riding ended " + e.late() + " min later than planned, at minute "
                        + e.minutes() + " instead of " + e.plannedMinutes() + ": plan less of it, or more time."));
    }

    private static boolean isMissing(Part part) {
        return part.planned() >= FEWEST_PLANNED && part.ridden() == 0;
    }

    private static boolean isShort(Part part) {
        return part.planned() >= FEWEST_PLANNED && part.ridden() < TOO_LITTLE * part.planned();
    }

    private static String counted(Part part) {
        return part.ridden() + " of " + part.planned() + " planned runs were ridden";
    }

    private static void drops(List<String> changes, List<Part> parts, Function<String, String> named, String then) {
        parts.stream()
                .filter(part -> part.drops() >= MANY_DROPS)
                .forEach(part -> changes.add(part.drops() + " drops, " + named.apply(part.id()) + ": " + then));
    }
}
