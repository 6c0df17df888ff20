package wrenlane.server.ground.yard;

import java.util.Arrays;
import java.util.List;
import wrenlane.plane.Point;
import wrenlane.yard.BayRow;
import wrenlane.yard.Obstacle;

/**
 * What things on a yard measure as a rule, to begin with.
 *
 * @param obstacles of every kind
 * @param bayRow of painted bays
 */
record UsualGround(List<UsualObstacle> obstacles, GroundJson.BayRowJson bayRow) {
    /**
     * A kind of obstacle.
     *
     * @param label in words
     * @param blocks whether a machine is stopped by it; it only slips on the others
     * @param lengthMetres of one as a rule
     * @param widthMetres of one as a rule
     * @param keepClearMetres ground to leave free all round one as a rule
     */
    record UsualObstacle(
            Obstacle.Kind kind,
            String label,
            boolean blocks,
            double lengthMetres,
            double widthMetres,
            double keepClearMetres) {
        static UsualObstacle of(Obstacle.Kind kind) {
            Obstacle usual = kind.usual(new Point(0, 0));
            return new UsualObstacle(
                    kind,
                    kind.label(),
                    kind.blocks(),
                    usual.lengthMetres(),
                    usual.widthMetres(),
                    usual.keepClearMetres());
        }
    }

    static UsualGround get() {
        return new UsualGround(
                Arrays.stream(Obstacle.Kind.values()).map(UsualObstacle::of).toList(),
                GroundJson.BayRowJson.of(BayRow.USUAL));
    }
}
