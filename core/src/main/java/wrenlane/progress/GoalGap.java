package wrenlane.progress;

import java.util.List;
import java.util.Optional;
import wrenlane.verdict.Ladder;

/**
 * How far off a goal is: a setting to be ridden clean four times in five, to both sides.
 *
 * @param tightness still to be gained on the side that is farther off; zero where the goal is reached
 * @param steps rungs from the one ridden clean four times in five to the goal, which counts as one
 * @param chance of a clean run there, to the side where it is less
 * @param pace of the side that is farther off; empty before there are two estimates, and where the goal is reached
 */
public record GoalGap(double tightness, int steps, double chance, Optional<Pace> pace) {
    /**
     * Of one side.
     *
     * @param now what is known of it
     * @param days estimates at the end of each lesson that has one, oldest first
     */
    public record OfSide(CleanChance now, List<CleanSetting> days) {
        public OfSide {
            days = List.copyOf(days);
        }

        private double gapTo(double goal) {
            return Math.max(0, now.fourInFive().tightness() - goal);
        }
    }

    /**
     * The gap to a goal. The side that is farther off decides.
     *
     * @param goalTightness of the goal on the machine it is meant for, of the harder side
     * @param ladder of that machine
     */
    public static GoalGap to(double goalTightness, Ladder ladder, OfSide left, OfSide right) {
        if (!(goalTightness > 0)) {
            throw new IllegalArgumentException("tightness of the goal is " + goalTightness + "; it lies above 0");
        }
        OfSide behind = left.gapTo(goalTightness) >= right.gapTo(goalTightness) ? left : right;
        double gap = behind.gapTo(goalTightness);
        double now = behind.now().fourInFive().tightness();
        int between = (int) ladder.rungs().stream()
                .flatMap(r -> r.tightness().stream())
                .filter(t -> t < now && t > goalTightness)
                .count();
        return new GoalGap(
                gap,
                gap > 0 ? between + 1 : 0,
                Math.min(left.now().at(goalTightness), right.now().at(goalTightness)),
                gap > 0 ? Pace.of(behind.days()) : Optional.empty());
    }

    /** Lessons still needed at that pace; empty where nobody can say. */
    public Optional<Pace.Lessons> lessons() {
        return pace.flatMap(p -> p.to(tightness));
    }

    /** How far off it is, in words. */
    public String sentence() {
        return tightness == 0 ? "Reached." : steps + (steps == 1 ? " step off." : " steps off.");
    }

    /** How long it takes, as far as that can be said; empty words where the goal is reached. */
    public String paceSentence() {
        return tightness == 0
                ? ""
                : lessons().map(Pace.Lessons::sentence).orElse("How many lessons cannot be said yet.");
    }
}
