package wrenlane.plane;

import java.util.List;

/** Places along a polyline by distance; before its start and past its end the end itself. */
public final class Polyline {
    private final List<Point> points;
    private final double[] stations;

    public Polyline(List<Point> points) {
        this.points = points;
        stations = new double[points.size()];
        for (int i = 1; i < stations.length; i++) {
            stations[i] = stations[i - 1] + points.get(i - 1).distanceTo(points.get(i));
        }
    }

    /** The place at a distance from the start, in metres. */
    public Point at(double distanceMetres) {
        int last = stations.length - 1;
        if (distanceMetres >= stations[last]) {
            return points.get(last);
        }
        int found = java.util.Arrays.binarySearch(stations, distanceMetres);
        int i = found >= 0 ? found : -found - 2;
        if (i < 0) {
            return points.get(0);
        }
        double piece = stations[i + 1] - stations[i];
        double share = piece == 0 ? 0 : (distanceMetres - stations[i]) / piece;
        Point a = points.get(i);
        Point b = points.get(i + 1);
        return new Point(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y()));
    }
}
