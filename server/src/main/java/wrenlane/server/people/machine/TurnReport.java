package wrenlane.server.people.machine;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.finding.Finding;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Posture;
import wrenlane.machine.Side;

/**
 * What a machine can do.
 *
 * @param turns both sides, upright and leaned
 * @param leans full lock upright and at each level's lean
 * @param limitLeftMetres smallest U-turn to the left, with the bars turned at once
 * @param limitRightMetres smallest U-turn to the right
 * @param questions about measured circles that can hardly be
 * @param idleWalkingSpeedMetresPerSecond with the clutch home; missing where the drive lets go at idle
 */
public record TurnReport(
        List<SideTurnJson> turns,
        List<LeanedTurnJson> leans,
        double limitLeftMetres,
        double limitRightMetres,
        List<Finding> questions,
        @Nullable Double idleWalkingSpeedMetresPerSecond) {

    static TurnReport of(MachineTurn turn) {
        List<SideTurnJson> turns = new ArrayList<>();
        for (Posture posture : Posture.values()) {
            for (Side side : Side.values()) {
                turns.add(SideTurnJson.of(turn, side, posture));
            }
        }
        return new TurnReport(
                List.copyOf(turns),
                LeanedTurnJson.of(turn),
                turn.uTurnLimitMetres(Side.LEFT),
                turn.uTurnLimitMetres(Side.RIGHT),
                turn.questions(),
                turn.machine().idleWalkingSpeedMetresPerSecond().orElse(null));
    }
}
