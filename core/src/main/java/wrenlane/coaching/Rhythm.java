package wrenlane.coaching;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wrenlane.finding.Checks;

/**
 * Lessons at equal distances up to the day a goal is wanted by.
 *
 * @param by that day; a lesson may be on it
 * @param everyDays from one lesson to the next
 */
public record Rhythm(LocalDate by, int everyDays) {
    /** A lesson a week; chosen by us. */
    public static final int USUAL_DAYS = 7;

    /** Fewer lessons a month than one are no programme; chosen by us. */
    private static final int MOST_DAYS = 60;

    /** How far ahead a programme is laid; chosen by us. */
    private static final int MOST_YEARS = 2;

    /**
     * What is wrong with it.
     *
     * @param today a goal is not wanted by a day that has passed
     */
    public Checks check(LocalDate today) {
        Checks checks = new Checks();
        if (by.isBefore(today)) {
            checks.add("goal-passed", "by", "The day a goal is wanted by lies ahead; this one has passed.");
        }
        if (by.isAfter(today.plusYears(MOST_YEARS))) {
            checks.add("goal-far", "by", "The day a goal is wanted by lies within " + MOST_YEARS + " years.");
        }
        return checks.add(Checks.range("everyDays", "From one lesson to the next", everyDays, 1, MOST_DAYS, "days"));
    }

    /**
     * The days of the lessons: the first so long after the last one that was ridden, but not before today.
     *
     * @param last day of the last lesson ridden; empty before the first, which can be today
     */
    public List<LocalDate> days(Optional<LocalDate> last, LocalDate today) {
        return Stream.iterate(first(last, today), day -> !day.isAfter(by), day -> day.plusDays(everyDays))
                .toList();
    }

    private LocalDate first(Optional<LocalDate> last, LocalDate today) {
        return last.map(day -> day.plusDays(everyDays))
                .filter(day -> day.isAfter(today))
                .orElse(today);
    }

    /**
     * How so many lessons find room.
     *
     * @param by on which day the last one is, as often as now
     * @param everyDays how often they would have to be to end by the day wanted; empty where a lesson a day is not enough
     */
    public record Schedule(LocalDate by, Optional<Integer> everyDays) {}

    /**
     * How more lessons than there are find room: later, or more often from the first one on.
     *
     * @param lessons at least two
     * @param last as {@link #days} takes it
     */
    public Schedule scheduleOf(int lessons, Optional<LocalDate> last, LocalDate today) {
        if (lessons < 2) {
            throw new IllegalArgumentException("lessons are " + lessons + "; a distance lies between two or more");
        }
        LocalDate first = first(last, today);
        int often = (int) Math.floorDiv(ChronoUnit.DAYS.between(first, by), lessons - 1);
        return new Schedule(
                first.plusDays((long) everyDays * (lessons - 1)), often >= 1 ? Optional.of(often) : Optional.empty());
    }
}
