package wrenlane.rideline;

import java.util.List;
import wrenlane.course.Point;
import wrenlane.course.UTurnBox;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Side;
import wrenlane.rider.RiderLimits;

/**
 * Whether a machine and rider can turn round in a U-turn box to one side, and by how much.
 *
 * <p>The rider comes in with the rear wheel half a tyre inside the entry line and turns as tightly as the riding point
 * lets them, without swinging out. Width needed: reach of the line across plus a whole tyre (half at each line). Depth
 * needed: reach of the line beyond the mouth plus half a tyre, with the turn begun as the rear wheel crosses the mouth.
 *
 * @param need what machine and rider need, whatever the box
 * @param roomAcross width left over, negative where it lacks
 * @param roomDeep depth left over, negative where it lacks
 * @param tightness width over the machine's own limit; 1.00 is that limit
 * @param turnUsed peak curvature the width asks for, as a share of what rider and machine have; above 1 where it does
 *     not fit
 */
public record UTurnBoxFit(UTurnNeed need, Room roomAcross, Room roomDeep, double tightness, double turnUsed) {

    /** Standard deviations of width and depth of the box as set out, in metres. */
    public record BoxUncertainty(double widthMetres, double depthMetres) {
        public BoxUncertainty {
            if (!(widthMetres >= 0 && widthMetres < 100 && depthMetres >= 0 && depthMetres < 100)) {
                throw new IllegalArgumentException("uncertainties are " + widthMetres + " m and " + depthMetres
                        + " m; they lie between 0 and 100 m");
            }
        }
    }

    /** Reckons the box for one machine, rider and side. */
    public static UTurnBoxFit of(
            UTurnBox box, BoxUncertainty measured, MachineTurn turn, RiderLimits limits, Side side) {
        return of(box, measured, UTurnNeed.of(box.start(), turn, side, limits));
    }

    /** Reckons the box for a need already known. */
    public static UTurnBoxFit of(UTurnBox box, BoxUncertainty measured, UTurnNeed need) {
        return new UTurnBoxFit(
                need,
                new Room(
                        box.widthMetres() - need.widthMetres(),
                        Math.hypot(measured.widthMetres(), need.widthUncertaintyMetres())),
                new Room(
                        box.depthMetres() - need.depthMetres(),
                        Math.hypot(measured.depthMetres(), need.depthUncertaintyMetres())),
                box.widthMetres() / need.limitMetres(),
                need.turnUsed(box.widthMetres()));
    }

    /** The room that counts: the smaller of the two. */
    public Room room() {
        return acrossBinds() ? roomAcross : roomDeep;
    }

    /** Whether the exit line, rather than the far line, leaves the least room. */
    public boolean acrossBinds() {
        return roomAcross.metres() <= roomDeep.metres();
    }

    /** The line that leaves the least room. */
    public String bindingLine() {
        return acrossBinds() ? "exit line" : "far line";
    }

    /** The answer in one of three words. */
    public FitAnswer answer() {
        Room room = room();
        if (room.metres() > room.uncertaintyMetres()) {
            return FitAnswer.FITS;
        }
        return room.metres() < -room.uncertaintyMetres() ? FitAnswer.DOES_NOT_FIT : FitAnswer.TOO_CLOSE_TO_CALL;
    }

    /**
     * The line in the box's own axes: rear wheel half a tyre inside the entry line, begun as late as leaves half the
     * spare depth beyond the turn.
     */
    public List<LinePoint> line() {
        double startX = Math.max(0, roomDeep.metres() / 2);
        return need.line().points().stream()
                .map(p -> shifted(p, startX, need.frontTyreMetres() / 2))
                .map(p -> need.side() == Side.LEFT ? p : p.mirrored())
                .toList();
    }

    private static LinePoint shifted(LinePoint p, double dx, double dy) {
        return new LinePoint(
                p.distanceMetres(),
                new Point(p.rear().x() + dx, p.rear().y() + dy),
                new Point(p.front().x() + dx, p.front().y() + dy),
                p.headingRadians(),
                p.curvature());
    }
}
