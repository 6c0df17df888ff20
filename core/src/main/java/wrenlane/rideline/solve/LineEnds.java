package wrenlane.rideline.solve;

import wrenlane.course.plan.Route;
import wrenlane.course.plan.RouteEnd;

/** Where and how a line has to begin and to end. */
final class LineEnds {
    private final Route route;
    private final double turned;

    LineEnds(Route route) {
        this.route = route;
        this.turned = route.turnedRadians();
    }

    /** A node seen from an end: metres along and to the left of its heading, radians turned from it. */
    private record Offset(RouteEnd end, int node, double cos, double sin, double along, double across, double turned) {
        /** @param heading of the end, whole turns counted as the line counts them */
        static Offset of(LineNodes line, int node, RouteEnd end, double heading) {
            double cos = Math.cos(end.headingRadians());
            double sin = Math.sin(end.headingRadians());
            double dx = line.x[node] - end.at().x();
            double dy = line.y[node] - end.at().y();
            return new Offset(
                    end, node, cos, sin, dx * cos + dy * sin, dy * cos - dx * sin, line.heading[node] - heading);
        }

        boolean sidewaysFree() {
            return end.leftMetres() + end.rightMetres() > 0;
        }
    }

    /** The heading at the start, that many whole turns on that the line begins near it. */
    private double startHeading(LineNodes line) {
        double heading = route.start().headingRadians();
        return heading + 2 * Math.PI * Math.rint((line.heading[0] - heading) / (2 * Math.PI));
    }

    private Offset start(LineNodes line) {
        return Offset.of(line, 0, route.start(), startHeading(line));
    }

    private Offset end(LineNodes line) {
        return Offset.of(line, line.segments, route.end(), startHeading(line) + turned);
    }

    /** How far a line's ends are from where they belong: metres, radians and 1/m summed up. */
    double gaps(LineNodes line) {
        return gap(line, start(line)) + gap(line, end(line));
    }

    private static double gap(LineNodes line, Offset o) {
        return Math.abs(o.along)
                + Math.max(0, Math.max(o.across - o.end.leftMetres(), -o.across - o.end.rightMetres()))
                + Math.max(0, Math.abs(o.turned) - o.end.headingFreeRadians())
                + (o.end.barsTurned() ? 0 : Math.abs(line.curvature[o.node] - o.end.curvature()));
    }

    /** Holds what is given at both ends. */
    void tie(StagedProgram p, LineNodes line) {
        tie(p.start::tie, line, start(line));
        tie(p.end::tie, line, end(line));
    }

    /** One end of a program's chain. */
    private interface Tie {
        void hold(double x, double y, double heading, double curvature, double target);
    }

    private static void tie(Tie tie, LineNodes line, Offset o) {
        tie.hold(o.cos, o.sin, 0, 0, -o.along);
        if (!o.sidewaysFree()) {
            tie.hold(-o.sin, o.cos, 0, 0, -o.across);
        }
        if (o.end.headingFreeRadians() == 0) {
            tie.hold(0, 0, 1, 0, -o.turned);
        }
        if (!o.end.barsTurned()) {
            tie.hold(0, 0, 0, 1, o.end.curvature() - line.curvature[o.node]);
        }
    }

    /** Bounds what is free within limits at a node, where it is an end. */
    void addRows(StageRows rows, LineNodes line, int node) {
        if (node == 0) {
            addRows(rows, start(line));
        }
        if (node == line.segments) {
            addRows(rows, end(line));
        }
    }

    private static void addRows(StageRows rows, Offset o) {
        if (o.sidewaysFree()) {
            addRow(rows, o.node, o.sin, -o.cos, 0, o.end.leftMetres() - o.across);
            addRow(rows, o.node, -o.sin, o.cos, 0, o.end.rightMetres() + o.across);
        }
        if (o.end.headingFreeRadians() > 0) {
            addRow(rows, o.node, 0, 0, -1, o.end.headingFreeRadians() - o.turned);
            addRow(rows, o.node, 0, 0, 1, o.end.headingFreeRadians() + o.turned);
        }
    }

    private static void addRow(StageRows rows, int node, double x, double y, double heading, double constant) {
        int row = rows.add(node);
        rows.set(row, CostToGo.X, x);
        rows.set(row, CostToGo.Y, y);
        rows.set(row, CostToGo.HEADING, heading);
        rows.constant[row] = constant;
    }
}
