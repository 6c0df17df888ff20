package wrenlane.course.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wrenlane.course.plan.Barrier.Part;
import wrenlane.finding.Sentence;
import wrenlane.machine.Side;
import wrenlane.plane.Point;

/**
 * Lays a course out step by step: cones and lines where they stand, and the way through, walked like a path on the
 * ground. What is passed is said where the way passes it.
 */
public final class CourseLayout {
    /** How far before and after the place where a cone is passed its side counts, in metres; chosen by us. */
    private static final double PASSED_WITHIN_METRES = 2.5;

    /** Turned polylines have a corner about every so many metres. */
    private static final double ARC_STEP_METRES = 0.25;

    /** A way's length is not known while it is laid; no course is longer, in metres. */
    private static final double TO_THE_END = 1e4;

    private final Markers markers;
    private final List<Cone> cones = new ArrayList<>();
    private final List<CourseLine> lines = new ArrayList<>();
    private final List<Point> points = new ArrayList<>();
    private final List<Barrier> keeps = new ArrayList<>();
    private final List<Route.RouteLeg> oneWays = new ArrayList<>();
    private final List<Sentence> notes = new ArrayList<>();
    private final List<CoursePlan.Measure> measures = new ArrayList<>();
    private final List<ConePass> passings = new ArrayList<>();
    private final List<Cone> ends = new ArrayList<>();
    private double station;
    private Pace pace = Pace.ROLLING;

    /** A course that is set out in some markers. */
    public CourseLayout(Markers markers) {
        this.markers = markers;
    }

    /** A cone that is passed; the station is not a number where it is not passed in its turn. */
    private record ConePass(Cone cone, Side side, double station, double from, double to) {}

    /** Stands a cone with its centre on a place. */
    public Cone cone(String label, ConeRole role, ConeSort sort, double x, double y) {
        return coneOutside(label, role, sort, x, y, 0, 0);
    }

    /** Stands a cone beside a mark: its base touches the mark, its centre lies half a base off towards (outX, outY). */
    public Cone coneOutside(String label, ConeRole role, ConeSort sort, double x, double y, double outX, double outY) {
        Marker marker = markers.of(sort);
        double half = marker.baseMetres() / 2;
        Cone cone = new Cone(label, role, marker, new Point(x, y), new Point(x + outX * half, y + outY * half));
        cones.add(cone);
        return cone;
    }

    /**
     * Stands marks along a line between its ends, as evenly as keeps them within a spacing, each outside the line.
     *
     * @param label the first part of every label
     */
    public void edge(
            String label,
            ConeSort sort,
            double x1,
            double y1,
            double x2,
            double y2,
            double spacingMetres,
            double outX,
            double outY) {
        int pieces = (int) Math.ceil(Math.hypot(x2 - x1, y2 - y1) / spacingMetres - TOUCHING);
        for (int i = 1; i < pieces; i++) {
            double share = (double) i / pieces;
            coneOutside(label + i, ConeRole.EDGE, sort, x1 + share * (x2 - x1), y1 + share * (y2 - y1), outX, outY);
        }
    }

    /** Marks closer together than this share of a spacing are one. */
    private static final double TOUCHING = 1e-6;

    /** Draws a line that is ridden over. */
    public void mark(String name, double x1, double y1, double x2, double y2) {
        lines.add(new CourseLine(name, new Point(x1, y1), new Point(x2, y2), CourseLine.Sort.MARK));
    }

    /** Draws a boundary with the course on its left, looking from its first end to its second. */
    public void boundary(String name, Part part, double x1, double y1, double x2, double y2) {
        boundary(name, part, x1, y1, x2, y2, CourseLine.Sort.BOUNDARY, 0, TO_THE_END);
    }

    /** As {@link #boundary}, for the end of the ground the course takes, which nothing marks. */
    public void limit(String name, double x1, double y1, double x2, double y2) {
        boundary(name, Part.WHEELS, x1, y1, x2, y2, CourseLine.Sort.AREA, 0, TO_THE_END);
    }

    /** A boundary that counts on a stretch of the way only. */
    public void boundary(
            String name,
            Part part,
            double x1,
            double y1,
            double x2,
            double y2,
            CourseLine.Sort sort,
            double fromStation,
            double toStation) {
        boundary(name, part, new Point(x1, y1), new Point(x2, y2), sort, fromStation, toStation);
    }

    /** The same between two places. */
    public void boundary(
            String name, Part part, Point from, Point to, CourseLine.Sort sort, double fromStation, double toStation) {
        lines.add(new CourseLine(name, from, to, sort));
        keeps.add(new Barrier.LineBarrier(name, part, from, to, Side.LEFT, fromStation, toStation, false));
    }

    /** A boundary at the end of the course, from a station on: not to be crossed, but it leaves the room no less. */
    public void endBoundary(String name, Point from, Point to, double fromStation) {
        keeps.add(new Barrier.LineBarrier(name, Part.WHEELS, from, to, Side.LEFT, fromStation, TO_THE_END, true));
    }

    /** A gate at the end of the course: two flat markers beside the way, left and right of (x, 0). */
    public void endGate(String label, ConeRole role, double x, double widthMetres) {
        ends.add(coneOutside(label + "R", role, ConeSort.FLAT, x, -widthMetres / 2, 0, -1));
        ends.add(coneOutside(label + "L", role, ConeSort.FLAT, x, widthMetres / 2, 0, 1));
    }

    /** A round boundary, as the regular polygon whose sides touch the circle; the course lies within. */
    public void ringAround(
            String name,
            double x,
            double y,
            double radiusMetres,
            CourseLine.Sort sort,
            double fromStation,
            double toStation,
            java.util.function.DoublePredicate where) {
        int sides = RING_SIDES;
        double reach = radiusMetres / Math.cos(Math.PI / sides);
        for (int i = 0; i < sides; i++) {
            double a = 2 * Math.PI * i / sides;
            double b = 2 * Math.PI * (i + 1) / sides;
            if (where.test((a + b) / 2)) {
                boundary(
                        name,
                        Part.WHEELS,
                        x + reach * Math.cos(a),
                        y + reach * Math.sin(a),
                        x + reach * Math.cos(b),
                        y + reach * Math.sin(b),
                        sort,
                        fromStation,
                        toStation);
            }
        }
    }

    /** Sides of a ring's polygon: it lies at most 0.9 % of the radius outside the circle. */
    private static final int RING_SIDES = 24;

    /** A round patch that is kept off, such as the inside of an arc lane. */
    public void island(String name, double x, double y, double radiusMetres, Side side) {
        keeps.add(new Barrier.ConeBarrier(
                name, Part.WHEELS, new Point(x, y), radiusMetres, 0, Optional.of(side), 0, TO_THE_END, false));
    }

    /** Begins the way at a place. */
    public void start(double x, double y) {
        points.add(new Point(x, y));
    }

    /** Goes straight to a place. */
    public void go(double x, double y) {
        Point to = new Point(x, y);
        station += points.get(points.size() - 1).distanceTo(to);
        points.add(to);
    }

    /**
     * Goes round a centre.
     *
     * @param turnRadians how far; anticlockwise where above zero
     */
    public void goRound(double x, double y, double turnRadians) {
        Point from = points.get(points.size() - 1);
        double radius = Math.hypot(from.x() - x, from.y() - y);
        double at = Math.atan2(from.y() - y, from.x() - x);
        int pieces = Math.max(4, (int) Math.ceil(Math.abs(turnRadians) * radius / ARC_STEP_METRES));
        for (int i = 1; i <= pieces; i++) {
            double a = at + turnRadians * i / pieces;
            go(x + radius * Math.cos(a), y + radius * Math.sin(a));
        }
    }

    /** Metres along the way so far. */
    public double station() {
        return station;
    }

    /**
     * Says that the way passes a cone about here, the cone on a side of the rider: from halfway after the place passed
     * before to halfway to the next, so that nothing can be passed out of its turn.
     */
    public void pass(Cone cone, Side side) {
        passings.add(new ConePass(cone, side, station, station - PASSED_WITHIN_METRES, station + PASSED_WITHIN_METRES));
    }

    /** Says that a cone lies on a side of the rider on a stretch of the way. */
    public void pass(Cone cone, Side side, double fromStation, double toStation) {
        passings.add(new ConePass(cone, side, Double.NaN, fromStation, toStation));
    }

    /** The stretch of a passing, cut short halfway to its neighbours. */
    private ConePass cutShort(ConePass p) {
        double from = p.from();
        double to = p.to();
        for (ConePass other : passings) {
            double halfway = (p.station() + other.station()) / 2;
            if (other.station() < p.station()) {
                from = Math.max(from, halfway);
            } else if (other.station() > p.station()) {
                to = Math.min(to, halfway);
            }
        }
        return new ConePass(p.cone(), p.side(), p.station(), from, to);
    }

    /** Says that the bars are turned to one side only on a stretch. */
    public void oneWay(Side side, double fromStation, double toStation) {
        oneWays.add(new Route.RouteLeg(side, fromStation, toStation));
    }

    /** Says how it is ridden; rolling unless said. */
    public void pace(Pace ridden) {
        pace = ridden;
    }

    /** Draws a dimension between two places, beside them. */
    public void measure(
            String dimension, double x1, double y1, double x2, double y2, LabelDirection away, double gain) {
        measures.add(new CoursePlan.Measure(
                dimension, new Point(x1, y1), new Point(x2, y2), new Point(away.x, away.y), gain));
    }

    /** Which way a drawn dimension lies from what it measures. */
    public enum LabelDirection {
        AHEAD(1, 0),
        BEHIND(-1, 0),
        LEFT(0, 1),
        RIGHT(0, -1);

        private final double x;
        private final double y;

        LabelDirection(double x, double y) {
            this.x = x;
            this.y = y;
        }
    }

    /** Adds a sentence worth knowing. */
    public void note(Sentence sentence) {
        notes.add(sentence);
    }

    /** The same of a sentence without lengths. */
    public void note(String sentence) {
        note(Sentence.plain(sentence));
    }

    /** The plan: cones that are passed keep their side where they are passed, and are not touched elsewhere. */
    public CoursePlan finish(RouteEnd start, RouteEnd end, CoursePlan.Area area) {
        for (Cone cone : cones) {
            double free = 0;
            List<ConePass> here = passings.stream()
                    .filter(p -> p.cone() == cone)
                    .map(this::cutShort)
                    .sorted(Comparator.comparingDouble(ConePass::from))
                    .toList();
            for (ConePass p : here) {
                if (p.from() > free) {
                    keeps.add(off(cone, Optional.empty(), free, p.from()));
                }
                keeps.add(off(cone, Optional.of(p.side()), Math.max(0, p.from()), p.to()));
                free = Math.max(free, p.to());
            }
            if (free < station) {
                keeps.add(off(cone, Optional.empty(), free, TO_THE_END));
            }
        }
        return new CoursePlan(cones, lines, new Route(points, start, end, keeps, oneWays, pace), area, measures, notes);
    }

    private Barrier off(Cone cone, Optional<Side> side, double from, double to) {
        return Barrier.ConeBarrier.of("cone " + cone.label(), cone, side, from, to, ends.contains(cone));
    }
}
