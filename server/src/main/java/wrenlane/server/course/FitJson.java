package wrenlane.server.course;

import org.jspecify.annotations.Nullable;
import wrenlane.machine.Side;
import wrenlane.rideline.FitAnswer;
import wrenlane.rideline.Room;
import wrenlane.rideline.UTurnBoxFit;

/**
 * Whether one machine and rider fit, to one side.
 *
 * @param bindingLine the line that leaves the least room
 * @param room the smaller of the two rooms
 * @param roomAcross to the exit line
 * @param roomDeep to the far line
 * @param widthNeededMetres for this rider, an estimate where rolling
 * @param limitMetres for the machine alone
 * @param tightness width over limit
 * @param turnUsed share of what rider and machine have; above 1 where it does not fit
 * @param speedMetresPerSecond ridden at; missing from a stop
 */
record FitJson(
        Side side,
        FitAnswer answer,
        String bindingLine,
        Room room,
        Room roomAcross,
        Room roomDeep,
        double widthNeededMetres,
        double depthNeededMetres,
        double limitMetres,
        double tightness,
        double turnUsed,
        double leanRadians,
        @Nullable Double speedMetresPerSecond) {
    static FitJson of(UTurnBoxFit fit) {
        return new FitJson(
                fit.need().side(),
                fit.answer(),
                fit.bindingLine(),
                fit.room(),
                fit.roomAcross(),
                fit.roomDeep(),
                fit.need().widthMetres(),
                fit.need().depthMetres(),
                fit.need().limitMetres(),
                fit.tightness(),
                fit.turnUsed(),
                fit.need().ridden().leanRadians(),
                fit.need().ridden().rollingSpeed().orElse(null));
    }
}
