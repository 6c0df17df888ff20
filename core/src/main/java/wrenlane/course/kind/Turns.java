package wrenlane.course.kind;

import wrenlane.course.plan.CourseLayout;

/** Guesses of ways that turn round. */
final class Turns {
    /** How far from a line the rear wheel is guessed to turn, in metres: the front reaches further. */
    private static final double INSET_METRES = 0.5;

    private Turns() {}

    /** How far inside its line a way is guessed to run in a box of a width, in metres. */
    static double inset(double width) {
        return Math.min(INSET_METRES, width / 8);
    }

    /** A left turn round in 0 ≤ x ≤ depth, 0 ≤ y ≤ width, from and to lines an inset inside. */
    static void uTurn(CourseLayout layout, double depth, double width) {
        double inset = inset(width);
        double radius = width / 2 - inset;
        double centre = Math.max(0, depth - radius - FRONT_METRES);
        layout.go(centre, inset);
        layout.goRound(centre, width / 2, Math.PI);
    }

    /** How far beyond the rear wheel's turn the front is guessed to reach, in metres. */
    private static final double FRONT_METRES = 0.9;

    /**
     * An eight from (x, y) = (middle, 0), first round the right-hand end anticlockwise, then round the left-hand end
     * clockwise, along tangents that cross in the middle.
     *
     * @param half distance of each end's centre from the middle
     * @param radius of each end
     */
    static void eight(CourseLayout layout, double middle, double half, double radius) {
        double slant = slant(half, radius);
        double tangent = half * Math.cos(slant);
        double x = tangent * Math.cos(slant);
        double y = tangent * Math.sin(slant);
        layout.start(middle, 0);
        layout.go(middle + x, -y);
        layout.goRound(middle + half, 0, Math.PI + 2 * slant);
        layout.go(middle, 0);
        layout.go(middle - x, -y);
        layout.goRound(middle - half, 0, -(Math.PI + 2 * slant));
        layout.go(middle, 0);
    }

    /** The angle at which an eight crosses its long axis, in radians: sin = radius over half. */
    static double slant(double half, double radius) {
        return Math.asin(Math.min(MOST_SLANT, radius / half));
    }

    private static final double MOST_SLANT = 0.95;
}
