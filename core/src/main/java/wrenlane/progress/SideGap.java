package wrenlane.progress;

import java.util.Optional;
import wrenlane.finding.Sentence;
import wrenlane.machine.Side;

/**
 * How far one side is behind the other.
 *
 * @param behind the side that rides the easier sizes
 * @param difficulty how much, not below zero
 * @param certainty 0 to 1: how likely it is the side that is behind at all
 * @param clear whether that is likely enough to call it the weak side
 */
public record SideGap(Side behind, double difficulty, double certainty, boolean clear) {
    /** Between the estimates of both sides. */
    public static SideGap of(CleanChance left, CleanChance right) {
        double gap = right.fourInFive().difficulty() - left.fourInFive().difficulty();
        Side behind = gap >= 0 ? Side.LEFT : Side.RIGHT;
        CleanChance weak = behind == Side.LEFT ? left : right;
        CleanChance other = behind == Side.LEFT ? right : left;
        return new SideGap(behind, Math.abs(gap), weak.chanceBehind(other), Trend.isClearlyBehind(weak, other));
    }

    /**
     * As one sentence, no surer than it is.
     *
     * @param metres how far on a machine; by how much of difficulty where missing
     */
    public Sentence sentence(Optional<Double> metres) {
        Object by = metres.<Object>map(Sentence::metres)
                .orElseGet(() -> Sentence.of("%s of difficulty", Percent.points(difficulty)));
        String sure = Certainty.words(certainty);
        return clear
                ? Sentence.of("The %s side is %s behind, %s: start on it, and alternate.", behind.word(), by, sure)
                : Sentence.of("No side is clearly behind: %s by %s, %s.", behind.word(), by, sure);
    }
}
