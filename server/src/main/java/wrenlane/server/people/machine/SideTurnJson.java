package wrenlane.server.people.machine;

import org.jspecify.annotations.Nullable;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Posture;
import wrenlane.machine.Side;

/**
 * The turn of a machine to one side in one posture, computed beside measured.
 *
 * @param computed from the figures
 * @param measured from the circle, where there is one
 * @param best measured where there is a circle, else computed with the effective lock and lean
 * @param circleUncertaintyMetres one standard deviation of the best circle's width
 * @param leanRadians computed with
 * @param effectiveLockRadians computed with
 */
public record SideTurnJson(
        Side side,
        Posture posture,
        TurnJson computed,
        @Nullable TurnJson measured,
        TurnJson best,
        double circleUncertaintyMetres,
        double leanRadians,
        double effectiveLockRadians) {

    static SideTurnJson of(MachineTurn turn, Side side, Posture posture) {
        double tyre = turn.frontTyreMetres();
        return new SideTurnJson(
                side,
                posture,
                TurnJson.of(turn.computed(side, posture), tyre),
                turn.measured(side, posture).map(t -> TurnJson.of(t, tyre)).orElse(null),
                TurnJson.of(turn.best(side, posture), tyre),
                turn.uncertaintyOf(t -> t.best(side, posture).circleWidthMetres(t.frontTyreMetres())),
                posture == Posture.UPRIGHT ? 0 : turn.usableLeanRadians(side),
                turn.effectiveLockRadians(side));
    }
}
