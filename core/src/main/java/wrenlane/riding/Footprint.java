package wrenlane.riding;

import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;

/**
 * The ground a machine takes.
 *
 * <p>Its body is computed as everything within half the machine's width of the line between its contacts. That is more
 * than most machines take near the ground, so a line that clears with it clears with the machine.
 *
 * @param wheelbaseMetres p
 * @param tyreMetres width of either tyre
 * @param widthMetres w, at the widest
 */
public record Footprint(double wheelbaseMetres, double tyreMetres, double widthMetres) {
    public Footprint {
        if (!(wheelbaseMetres > 0 && wheelbaseMetres < 10 && tyreMetres >= 0 && tyreMetres < 1)) {
            throw new IllegalArgumentException("wheelbaseMetres is " + wheelbaseMetres + " m and tyreMetres "
                    + tyreMetres + " m; they lie between 0 and 10 m and between 0 and 1 m");
        }
        if (!(widthMetres >= tyreMetres && widthMetres < 5)) {
            throw new IllegalArgumentException(
                    "widthMetres is " + widthMetres + " m; it lies between the tyre's width and 5 m");
        }
    }

    /** The footprint of a machine. */
    public static Footprint of(MachineTurn turn) {
        return new Footprint(
                turn.wheelbaseMetres(), turn.frontTyreMetres(), turn.machine().value(MachineDimension.WIDTH));
    }

    /**
     * How far the body reaches to a side at a height, leaned.
     *
     * <p>A point at half the width and at height h comes to ½·w·cos φ + h·sin φ on the inside of the lean φ, and to
     * ½·w·cos φ − h·sin φ on the outside; never less than half a tyre, which stays where it is.
     *
     * @param leanToThatSideRadians φ, above zero where the machine leans to that side
     */
    public double reachMetres(double heightMetres, double leanToThatSideRadians) {
        return reachMetres(heightMetres, Math.cos(leanToThatSideRadians), Math.sin(leanToThatSideRadians));
    }

    /** The same with the lean given by its cosine and sine. */
    public double reachMetres(double heightMetres, double cos, double sin) {
        return Math.max(tyreMetres / 2, widthMetres / 2 * cos + heightMetres * sin);
    }

    /** Change of {@link #reachMetres} with the lean, in metres per radian. */
    public double reachSlope(double heightMetres, double cos, double sin) {
        double reach = widthMetres / 2 * cos + heightMetres * sin;
        return reach < tyreMetres / 2 ? 0 : heightMetres * cos - widthMetres / 2 * sin;
    }
}
