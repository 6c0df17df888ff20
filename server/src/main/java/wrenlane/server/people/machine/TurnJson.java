package wrenlane.server.people.machine;

import wrenlane.machine.SteeredTurn;

/**
 * A full-lock turn in the figures people use.
 *
 * @param circleWidthMetres full circle between walls, front tyre edge to edge
 * @param uTurnWidthMetres U-turn between two lines, entered along one of them, bars turned at once
 */
public record TurnJson(
        double rearRadiusMetres, double frontRadiusMetres, double circleWidthMetres, double uTurnWidthMetres) {
    static TurnJson of(SteeredTurn turn, double tyreMetres) {
        return new TurnJson(
                turn.rearRadiusMetres(),
                turn.frontRadiusMetres(),
                turn.circleWidthMetres(tyreMetres),
                turn.uTurnWidthMetres(tyreMetres));
    }
}
