package wrenlane.progress;

import java.time.Instant;
import java.util.Optional;
import wrenlane.run.AssessedRun;
import wrenlane.run.Run;
import wrenlane.run.RunDetail;

/**
 * What one entry of the log says of what a rider can do: runs at a difficulty, so many of them clean. A timed ride says less than
 * its laps would one by one, since laps that follow on one another are alike.
 *
 * @param difficulty above zero
 * @param clean how many clean runs it counts as, not below zero
 * @param faulty how many others
 * @param at when it was ridden
 */
public record Trial(double difficulty, double clean, double faulty, Instant at) {
    /** Laps of a timed ride that say as much as one run; chosen by us. */
    static final double LAPS_A_RUN = 3;

    /** Most runs a timed ride counts as; chosen by us: a timed ride is one sitting, on one line found once. */
    static final double MOST_OF_TIMED_RIDE = 4;

    /** Runs told of, and seen by nobody else, that say as much as one seen; chosen by us, as with laps. */
    static final double TOLD_A_RUN = 3;

    public Trial {
        if (!(difficulty > 0 && clean >= 0 && faulty >= 0 && Double.isFinite(difficulty + clean + faulty))) {
            throw new IllegalArgumentException("difficulty " + difficulty + " lies above 0, clean " + clean
                    + " and faulty " + faulty + " are not below 0");
        }
    }

    /**
     * An entry of the log; empty where it says nothing: broken off, a timed ride without laps, no known difficulty. A lap has a
     * fault with the share of faults to laps, at most one.
     */
    public static Optional<Trial> of(AssessedRun assessed) {
        return assessed.difficulty().flatMap(difficulty -> of(assessed.run(), difficulty));
    }

    private static Optional<Trial> of(Run run, double difficulty) {
        RunDetail detail = run.detail();
        return switch (detail.sort()) {
            case BROKEN_OFF -> Optional.empty();
            case RUN -> Optional.of(new Trial(difficulty, run.isClean() ? 1 : 0, run.isClean() ? 0 : 1, run.at()));
            case SPELL ->
                detail.laps().map(laps -> {
                    double weight = Math.min(MOST_OF_TIMED_RIDE, laps / LAPS_A_RUN);
                    double faulty = weight * Math.min(1, detail.faultsPerLap().orElseThrow());
                    return new Trial(difficulty, weight - faulty, faulty, run.at());
                });
        };
    }

    /**
     * Practice alone to a side, as told: a third of what an instructor would have seen, and no more than a timed ride; empty where
     * nothing was counted.
     */
    public static Optional<Trial> told(double difficulty, Practice.SideRuns told, Instant at) {
        if (told.runs() == 0) {
            return Optional.empty();
        }
        double weight = Math.min(MOST_OF_TIMED_RIDE, told.runs() / TOLD_A_RUN);
        double clean = weight * told.clean() / told.runs();
        return Optional.of(new Trial(difficulty, clean, weight - clean, at));
    }
}
