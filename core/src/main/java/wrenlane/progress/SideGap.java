package wrenlane.progress;

import wrenlane.machine.Side;

/**
 * How far one side is behind the other.
 *
 * @param behind the side that needs more room
 * @param tightness how much, not below zero
 * @param certainty 0 to 1: how likely it is the side that is behind at all
 * @param clear whether that is likely enough to call it the weak side
 */
public record SideGap(Side behind, double tightness, double certainty, boolean clear) {
    /** Between the estimates of both sides. */
    public static SideGap of(CleanChance left, CleanChance right) {
        double gap = left.fourInFive().tightness() - right.fourInFive().tightness();
        Side behind = gap >= 0 ? Side.LEFT : Side.RIGHT;
        CleanChance weak = behind == Side.LEFT ? left : right;
        CleanChance other = behind == Side.LEFT ? right : left;
        return new SideGap(behind, Math.abs(gap), weak.chanceBehind(other), Trend.isClearlyBehind(weak, other));
    }

    /**
     * As one sentence, no surer than it is.
     *
     * @param by how far, in words
     */
    public String sentence(String by) {
        String sure = Certainty.words(certainty);
        return clear
                ? "The " + behind.word() + " side is " + by + " behind, " + sure + ": start on it, and alternate."
                : "No side is clearly behind: " + behind.word() + " by " + by + ", " + sure + ".";
    }
}
