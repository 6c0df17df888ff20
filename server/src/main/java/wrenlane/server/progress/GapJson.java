package wrenlane.server.progress;

import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.progress.CleanChance;
import wrenlane.progress.Trend;

/**
 * How far one side is behind the other.
 *
 * @param behind the side that needs more room
 * @param tightness how much, above zero
 * @param metres the same on the machine reckoned for; missing where nothing is known of it
 * @param certainty 0 to 1: how likely it is the side that is behind at all
 * @param clear whether that is likely enough to call it the weak side
 */
record GapJson(Side behind, double tightness, @Nullable Double metres, double certainty, boolean clear) {
    static GapJson of(EstimateJson left, EstimateJson right, CleanChance ofLeft, CleanChance ofRight) {
        double gap = left.tightness() - right.tightness();
        Side behind = gap >= 0 ? Side.LEFT : Side.RIGHT;
        CleanChance weak = behind == Side.LEFT ? ofLeft : ofRight;
        CleanChance other = behind == Side.LEFT ? ofRight : ofLeft;
        Double metres =
                left.metres() == null || right.metres() == null ? null : Math.abs(left.metres() - right.metres());
        return new GapJson(behind, Math.abs(gap), metres, weak.chanceBehind(other), Trend.isClearlyBehind(weak, other));
    }
}
