package wrenlane.coaching;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import wrenlane.finding.Finding;

/**
 * When a day stops, or everybody rests. From practice: three drops end a lesson, two of one rider end it for them, and hands
 * and heads tire before anybody says so. Said, never enforced.
 *
 * @param dropsOfAll drops of the day, all riders together, at which the lesson stops
 * @param dropsOfOne drops of one rider at which they stop
 * @param restMinutes how long nobody rides where it counts as a rest
 */
public record StopRules(int dropsOfAll, int dropsOfOne, int restMinutes) {
    /** Three drops of all, two of one, eight minutes of rest. */
    public static final StopRules USUAL = new StopRules(3, 2, 8);

    public StopRules {
        within("dropsOfAll", dropsOfAll);
        within("dropsOfOne", dropsOfOne);
        within("restMinutes", restMinutes);
    }

    private static void within(String name, int value) {
        if (!(value >= 1 && value <= 60)) {
            throw new IllegalArgumentException(name + " is " + value + "; it lies between 1 and 60");
        }
    }

    /**
     * A run as far as it counts here.
     *
     * @param rider name
     * @param at when it was logged
     * @param drop whether the machine was dropped
     */
    public record CountedRun(String rider, Instant at, boolean drop) {}

    /**
     * What speaks for stopping now, the gravest first.
     *
     * @param today runs and timed rides of the day, in any order
     * @param longestMinutes of riding between two rests in this weather
     * @param now the time of the day
     */
    public List<Finding> watch(List<CountedRun> today, int longestMinutes, Instant now) {
        List<Finding> findings = new ArrayList<>();
        long drops = today.stream().filter(CountedRun::drop).count();
        if (drops >= dropsOfAll) {
            findings.add(new Finding(
                    "drops-of-all",
                    "day",
                    said(
                            "%d drops today: stop the lesson. Look at riders and machines and find the cause before anyone"
                                    + " rides on.",
                            drops)));
        }
        dropsByRider(today).forEach((rider, n) -> {
            if (n >= dropsOfOne) {
                findings.add(new Finding(
                        "drops-of-one",
                        rider,
                        said("%s has dropped the machine %d times today: enough for this rider.", rider, n)));
            }
        });
        long ridden = minutesWithoutRest(today, now);
        if (ridden > longestMinutes) {
            findings.add(new Finding(
                    "rest-due",
                    "day",
                    said(
                            "Riding has gone on for %d min without a rest of %d; %d is enough in this weather. Rest now:"
                                    + " hands and heads tire first.",
                            ridden, restMinutes, longestMinutes)));
        }
        return findings;
    }

    private static Map<String, Integer> dropsByRider(List<CountedRun> today) {
        Map<String, Integer> drops = new LinkedHashMap<>();
        today.stream().filter(CountedRun::drop).forEach(r -> drops.merge(r.rider(), 1, Integer::sum));
        return drops;
    }

    /** From the first run after the last rest to now; nothing while there is a rest. */
    private long minutesWithoutRest(List<CountedRun> today, Instant now) {
        List<Instant> newestFirst = today.stream()
                .map(CountedRun::at)
                .filter(at -> !at.isAfter(now))
                .sorted(Comparator.reverseOrder())
                .toList();
        Instant from = now;
        for (Instant at : newestFirst) {
            if (Duration.between(at, from).toMinutes() >= restMinutes) {
                break;
            }
            from = at;
        }
        return Duration.between(from, now).toMinutes();
    }

    private static String said(String format, Object... args) {
        return String.format(Locale.ROOT, format, args);
    }
}
