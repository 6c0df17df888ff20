package wrenlane.server.progress;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import wrenlane.machine.Side;
import wrenlane.progress.CleanChance;
import wrenlane.verdict.Difficulty;

/**
 * A rider's chances on a course and a machine.
 *
 * @param left to the left
 * @param right to the right
 * @param overLeft how tight each setting is to the left
 * @param overRight how tight it is to the right
 */
public record Chances(CleanChance left, CleanChance right, Difficulty overLeft, Difficulty overRight) {
    /** Of a clean run to a side at a setting in metres; empty where nothing is known of how tight that is. */
    public Optional<ChanceJson> at(Side side, double settingMetres) {
        Difficulty over = side == Side.LEFT ? overLeft : overRight;
        return over.at(settingMetres).map(t -> ChanceJson.of(of(side), t));
    }

    /** The same to the side where it is less. */
    public Optional<ChanceJson> at(double settingMetres) {
        return Arrays.stream(Side.values())
                .flatMap(side -> at(side, settingMetres).stream())
                .min(Comparator.comparingDouble(ChanceJson::chance));
    }

    /** The chance of a clean run at a difficulty, to the side where it is less. */
    public double less(double difficulty) {
        return Math.min(left.at(difficulty), right.at(difficulty));
    }

    private CleanChance of(Side side) {
        return side == Side.LEFT ? left : right;
    }
}
