package wrenlane.simulation;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import wrenlane.machine.Side;
import wrenlane.run.Fault;
import wrenlane.run.Technique;
import wrenlane.verdict.SizeLadder;

/**
 * A simulated rider whose skill grows from day to day and whose weak side shows. Stands in for people in the demo day.
 *
 * <p>The chance of a clean run at difficulty d is 1 / (1 + exp((ln d − ln m)/w)), m rising with every run by the side's
 * learning rate towards the best the rider will reach. The same seed gives the same runs.
 */
public final class VirtualRider {
    /** Width of the change from clean to failing, as a share of difficulty; chosen by us, a little wider than the estimate assumes. */
    private static final double SLOPE = 0.1;

    /** How often an instructor says how a run with a fault was ridden; chosen by us. */
    private static final double SAID = 0.8;

    private final SplittableRandom random;
    /** Apart from the riding, so that what is said of it does not change it. */
    private final SplittableRandom said;

    private final Skill skill;
    private final Map<Side, Double> comfort = new EnumMap<>(Side.class);

    /**
     * How a simulated rider begins and grows.
     *
     * @param startDifficulty difficulty ridden clean every other time at first, on the better side
     * @param bestDifficulty where it would end after endless practice
     * @param weakSide the side that lags
     * @param weakBy how much less difficulty it can do at first
     * @param learning share of the way to the best gained per run
     */
    public record Skill(double startDifficulty, double bestDifficulty, Side weakSide, double weakBy, double learning) {
        public Skill {
            if (!(startDifficulty > 0.1 && bestDifficulty >= startDifficulty && bestDifficulty <= 1.5)) {
                throw new IllegalArgumentException("difficulty goes from " + startDifficulty + " to " + bestDifficulty
                        + "; it rises, and lies between 0.1 and 1.5");
            }
            if (!(weakBy >= 0 && weakBy < startDifficulty && learning >= 0 && learning < 1)) {
                throw new IllegalArgumentException("weakBy is " + weakBy + " (0 to " + startDifficulty
                        + "), learning is " + learning + " (0 to 1)");
            }
        }
    }

    public VirtualRider(Skill skill, long seed) {
        this.skill = skill;
        this.random = new SplittableRandom(seed);
        this.said = new SplittableRandom(~seed);
        for (Side side : Side.values()) {
            comfort.put(side, skill.startDifficulty() - (side == skill.weakSide() ? skill.weakBy() : 0));
        }
    }

    /** Rides once, learns from it, and gives the faults seen: none for a clean run. */
    public Set<Fault> ride(Side side, double difficulty) {
        double now = comfort(side);
        double chance = 1 / (1 + Math.exp(Math.log(difficulty / now) / SLOPE));
        double best = skill.bestDifficulty() - (side == skill.weakSide() ? skill.weakBy() / 3 : 0);
        comfort.put(side, now + skill.learning() * (best - now));
        return random.nextDouble() < chance ? Set.of() : faults(chance);
    }

    /** The size such a rider would be set: the smallest with at least two chances in three of a clean run. */
    public SizeLadder.SizeStep choose(SizeLadder ladder, Side side) {
        return ladder.sizes().stream()
                .filter(r -> r.difficulty().orElse(0.0) <= comfort(side) * Math.pow(0.5, SLOPE))
                .reduce((wide, tight) -> tight)
                .orElse(ladder.sizes().get(0));
    }

    private double comfort(Side side) {
        return comfort.getOrDefault(side, skill.startDifficulty());
    }

    /**
     * What an instructor might say of a run: on the weak side the head goes late and the line is run over, elsewhere people
     * are too slow to lean or pull the clutch in.
     */
    public Set<Technique> seen(Side side, Set<Fault> faults) {
        if (faults.isEmpty() || said.nextDouble() > SAID) {
            return Set.of();
        }
        if (faults.contains(Fault.LINE)) {
            boolean habit = said.nextDouble() < (side == skill.weakSide() ? 0.85 : 0.4);
            return Set.of(habit ? Technique.HEAD_LATE : Technique.TOO_FAST);
        }
        if (faults.contains(Fault.FOOT)) {
            return Set.of(said.nextDouble() < 0.6 ? Technique.TOO_SLOW : Technique.CLUTCH_IN);
        }
        return Set.of(said.nextBoolean() ? Technique.LOOKED_DOWN : Technique.SURGING);
    }

    /** Far beyond comfort people put a foot down; near it they run over the line. */
    private Set<Fault> faults(double chance) {
        double draw = random.nextDouble();
        EnumSet<Fault> faults = EnumSet.of(
                draw < 0.45
                        ? Fault.LINE
                        : draw < 0.72
                                ? Fault.FOOT
                                : draw < 0.84 ? Fault.STALL : draw < 0.95 ? Fault.CONE : Fault.STOPPED);
        if (random.nextDouble() > chance + 0.75) {
            faults.add(random.nextDouble() < 0.15 ? Fault.DROP : Fault.FOOT);
        }
        return faults;
    }
}
