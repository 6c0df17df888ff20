package wrenlane.server.people.machine;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.SteeredTurn;
import wrenlane.rider.RiderLevel;

/**
 * A machine at full lock at a lean, to the side that turns wider: an estimate.
 *
 * @param level whose most lean it is, or as near to scraping as that level goes; missing upright
 * @param leanRadians of the machine
 * @param circleMetres between walls, front tyre edge to edge
 * @param uTurnMetres between two lines, with the bars turned at once
 * @param savedMetres how much narrower the U-turn is than upright
 */
public record LeanedTurnJson(
        @Nullable RiderLevel level, double leanRadians, double circleMetres, double uTurnMetres, double savedMetres) {
    /** Upright, then at the lean of each level. */
    static List<LeanedTurnJson> of(MachineTurn turn) {
        List<LeanedTurnJson> leans = new ArrayList<>();
        leans.add(of(turn, null, 0));
        for (RiderLevel level : RiderLevel.values()) {
            leans.add(of(turn, level, Math.max(0, level.limits().mostLeanRadians(turn.scrapeLeanRadians()))));
        }
        return List.copyOf(leans);
    }

    private static LeanedTurnJson of(MachineTurn turn, @Nullable RiderLevel level, double lean) {
        SteeredTurn wider = turn.widerFullLock(lean);
        double tyre = turn.frontTyreMetres();
        double uTurn = wider.uTurnWidthMetres(tyre);
        return new LeanedTurnJson(
                level,
                lean,
                wider.circleWidthMetres(tyre),
                uTurn,
                turn.widerFullLock(0).uTurnWidthMetres(tyre) - uTurn);
    }
}
