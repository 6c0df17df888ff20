package wrenlane.progress;

import java.time.LocalDate;
import java.util.Optional;
import wrenlane.finding.Checks;

/**
 * What a rider practised alone, as they tell it.
 *
 * @param on which day
 * @param minutes ridden
 * @param settingMetres what was ridden, of the ladder's dimension of the kind; missing where nothing was counted
 * @param left runs to the left
 * @param right runs to the right
 */
public record Practice(LocalDate on, double minutes, Optional<Double> settingMetres, SideRuns left, SideRuns right) {
    private static final double LONGEST_MINUTES = 240;

    private static final int MOST_RUNS = 100;

    /** Runs to a side, as counted by whoever rode them. */
    public record SideRuns(int runs, int clean) {
        /** Nothing counted. */
        public static final SideRuns NOTHING = new SideRuns(0, 0);
    }

    /**
     * What is wrong with it.
     *
     * @param today nobody tells of tomorrow
     */
    public Checks check(LocalDate today) {
        Checks checks = new Checks();
        if (on.isAfter(today)) {
            checks.add("practice-later", "on", "What was practised lies in the past; this day is still to come.");
        }
        checks.add(Checks.range("minutes", "What was practised", minutes, 1, LONGEST_MINUTES, "min"));
        check("left", left, checks);
        check("right", right, checks);
        if (settingMetres.isEmpty() && left.runs() + right.runs() > 0) {
            checks.add("practice-setting", "setting", "Say how wide it was, so that the runs can count.");
        }
        return checks;
    }

    private static void check(String where, SideRuns told, Checks checks) {
        checks.add(Checks.range(where + ".runs", "Runs", told.runs(), 0, MOST_RUNS, ""));
        if (told.clean() < 0 || told.clean() > told.runs()) {
            checks.add(
                    "practice-clean",
                    where + ".clean",
                    "Of " + told.runs() + " runs no more than that can be clean, and no fewer than none.");
        }
    }
}
