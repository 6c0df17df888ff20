package wrenlane.run;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import wrenlane.finding.Checks;
import wrenlane.finding.Finding;

/**
 * What an entry says beside its faults.
 *
 * @param sort of entry
 * @param seconds by the watch, for the entry as a whole
 * @param minutes of a timed ride
 * @param laps of a timed ride
 * @param faultCounts how often each fault was seen in a timed ride; empty for anything else
 * @param note short, in the instructor's words; empty where there is none
 * @param observed how it was ridden, where somebody said
 * @param score what was measured of it; missing where nothing was
 */
public record RunDetail(
        RunSort sort,
        Optional<Double> seconds,
        Optional<Double> minutes,
        Optional<Integer> laps,
        Map<Fault, Integer> faultCounts,
        String note,
        Observation observed,
        Optional<Score> score) {
    /** A plain run. */
    public static final RunDetail PLAIN = seen(Observation.NOTHING);

    /** A run of which only technique was noted. */
    public static RunDetail seen(Observation observed) {
        return new RunDetail(RunSort.RUN, Optional.empty(), Optional.empty(), Optional.empty(), Map.of(), "", observed);
    }

    /** Longest time by the watch, in seconds: an hour. */
    public static final double MOST_SECONDS = 3600;

    /** Longest timed ride, in minutes; longer than any clutch lasts. */
    public static final double MOST_MINUTES = 60;

    /** Most laps of a timed ride, and most faults of one sort in it. */
    public static final int MOST_LAPS = 500;

    /** Longest note, in characters. */
    public static final int LONGEST_NOTE = 200;

    /** Of which nothing was measured. */
    public RunDetail(
            RunSort sort,
            Optional<Double> seconds,
            Optional<Double> minutes,
            Optional<Integer> laps,
            Map<Fault, Integer> faultCounts,
            String note,
            Observation observed) {
        this(sort, seconds, minutes, laps, faultCounts, note, observed, Optional.empty());
    }

    public RunDetail {
        faultCounts = Map.copyOf(faultCounts);
    }

    /**
     * What is wrong with it.
     *
     * @param faults that were logged with it
     */
    public List<Finding> check(Set<Fault> faults) {
        Checks checks = new Checks();
        seconds.ifPresent(s -> checks.add(Checks.range("seconds", "The time", s, 0.1, MOST_SECONDS, "s")));
        minutes.ifPresent(m -> checks.add(Checks.range("minutes", "The timed ride", m, 0.1, MOST_MINUTES, "min")));
        laps.ifPresent(l -> checks.add(Checks.range("laps", "The number of laps", l, 1, MOST_LAPS, "")));
        faultCounts.forEach((fault, n) ->
                checks.add(Checks.range("faultCounts." + fault, "How often it was seen", n, 1, MOST_LAPS, "")));
        if (note.length() > LONGEST_NOTE) {
            checks.add("note-too-long", "note", "A note is at most " + LONGEST_NOTE + " characters long.");
        }
        if (sort == RunSort.SPELL) {
            if (minutes.isEmpty() && laps.isEmpty()) {
                checks.add("timed-ride-without-length", "minutes", "Say how many minutes or laps the timed ride was.");
            }
            if (!faults.equals(faultCounts.keySet())) {
                checks.add("faults-not-counted", "faultCounts", "Say how often each fault of the timed ride was seen.");
            }
        } else if (minutes.isPresent() || laps.isPresent() || !faultCounts.isEmpty()) {
            checks.add("not-a-timed-ride", "sort", "Minutes, laps and counted faults belong to a timed ride.");
        }
        if (sort == RunSort.BROKEN_OFF && !faults.isEmpty()) {
            checks.add("broken-off-with-faults", "faults", "An abandoned run is neither clean nor a fault.");
        }
        checks.add(score.flatMap(Score::check));
        checks.addAll(observed.check(faults));
        return checks.findings();
    }

    /** Faults a lap; empty where laps were not counted. */
    public OptionalDouble faultsPerLap() {
        int all = faultCounts.values().stream().mapToInt(Integer::intValue).sum();
        return laps.map(l -> OptionalDouble.of((double) all / l)).orElseGet(OptionalDouble::empty);
    }

    /** The counts in the order of the faults. */
    public Map<Fault, Integer> counted() {
        Map<Fault, Integer> counted = new EnumMap<>(Fault.class);
        counted.putAll(faultCounts);
        return counted;
    }
}
