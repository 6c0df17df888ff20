package wrenlane.progress;

import java.util.List;
import java.util.Optional;
import wrenlane.verdict.SizeLadder;

/**
 * How far off a goal is: a setting to be ridden clean four times in five, to both sides.
 *
 * @param difficulty still to be gained on the side that is farther off; zero where the goal is reached
 * @param steps sizes from the one ridden clean four times in five to the goal, which counts as one
 * @param chance of a clean run there, to the side where it is less
 * @param pace of the side that is farther off; empty before there are two estimates, and where the goal is reached
 */
public record GoalGap(double difficulty, int steps, double chance, Optional<Pace> pace) {
    /**
     * Of one side.
     *
     * @param now what is known of it
     * @param days estimates at the end of each lesson that has one, oldest first
     */
    public record SideForecast(CleanChance now, List<CleanSetting> days) {
        public SideForecast {
            days = List.copyOf(days);
        }

        private double gapTo(double goal) {
            return Math.max(0, goal - now.fourInFive().difficulty());
        }
    }

    /**
     * The gap to a goal. The side that is farther off decides.
     *
     * @param goalDifficulty of the goal on the machine it is meant for, of the harder side
     * @param ladder of that machine
     */
    public static GoalGap to(double goalDifficulty, SizeLadder ladder, SideForecast left, SideForecast right) {
        if (!(goalDifficulty > 0)) {
            throw new IllegalArgumentException("difficulty of the goal is " + goalDifficulty + "; it lies above 0");
        }
        SideForecast behind = left.gapTo(goalDifficulty) >= right.gapTo(goalDifficulty) ? left : right;
        double gap = behind.gapTo(goalDifficulty);
        double now = behind.now().fourInFive().difficulty();
        int between = (int) ladder.sizes().stream()
                .flatMap(r -> r.difficulty().stream())
                .filter(d -> d > now && d < goalDifficulty)
                .count();
        return new GoalGap(
                gap,
                gap > 0 ? between + 1 : 0,
                Math.min(left.now().at(goalDifficulty), right.now().at(goalDifficulty)),
                gap > 0 ? Pace.of(behind.days()) : Optional.empty());
    }

    /** Lessons still needed at that pace; empty where nobody can say. */
    public Optional<Pace.Lessons> lessons() {
        return pace.flatMap(p -> p.to(difficulty));
    }

    /** How far off it is, in words. */
    public String sentence() {
        return difficulty == 0 ? "Reached." : steps + (steps == 1 ? " step off." : " steps off.");
    }

    /** How long it takes, as far as that can be said; empty words where the goal is reached. */
    public String paceSentence() {
        return difficulty == 0
                ? ""
                : lessons().map(Pace.Lessons::sentence).orElse("How many lessons cannot be said yet.");
    }
}
