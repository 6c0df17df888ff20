package wrenlane.server.progress;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Sentence;
import wrenlane.machine.Side;
import wrenlane.progress.SideGap;

/**
 * How far one side is behind the other.
 *
 * @param behind the side that needs more room
 * @param difficulty how much, not below zero
 * @param metres the same on the machine computed for; missing where nothing is known of it
 * @param certainty 0 to 1: how likely it is the side that is behind at all
 * @param clear whether that is likely enough to call it the weak side
 * @param sentence the same in words
 */
public record GapJson(
        Side behind, double difficulty, @Nullable Double metres, double certainty, boolean clear, Sentence sentence) {
    /** Of a machine's standing; null where too few runs speak for a side. */
    static @Nullable GapJson of(RiderSizes riderSizes) {
        EstimateJson left = riderSizes.left();
        EstimateJson right = riderSizes.right();
        if (left == null || right == null) {
            return null;
        }
        SideGap gap =
                SideGap.of(riderSizes.chances().left(), riderSizes.chances().right());
        Double metres =
                left.metres() == null || right.metres() == null ? null : Math.abs(left.metres() - right.metres());
        return new GapJson(
                gap.behind(),
                gap.difficulty(),
                metres,
                gap.certainty(),
                gap.clear(),
                gap.sentence(Optional.ofNullable(metres)));
    }
}
