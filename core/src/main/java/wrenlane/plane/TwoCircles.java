package wrenlane.plane;

/** Two lengths held from two places: where their ends meet. */
public final class TwoCircles {
    private TwoCircles() {}

    /**
     * Where circles about two places cross.
     *
     * <p>With b from one to the other, the crossing lies u = (r₁² − r₂² + b²) / 2b along from the first and √(r₁² − u²) off
     * the line; by Pythagoras twice. Where they do not meet it is the place on the line nearest to both.
     *
     * @param onTheLeft which of the two: to the left of the line from the first place to the second
     */
    public static Point crossing(
            Point first, double firstMetres, Point second, double secondMetres, boolean onTheLeft) {
        double b = first.distanceTo(second);
        double u = (firstMetres * firstMetres - secondMetres * secondMetres + b * b) / (2 * b);
        double off = Math.sqrt(Math.max(0, firstMetres * firstMetres - u * u)) * (onTheLeft ? 1 : -1);
        double ex = (second.x() - first.x()) / b;
        double ey = (second.y() - first.y()) / b;
        return new Point(first.x() + u * ex - off * ey, first.y() + u * ey + off * ex);
    }
}
