package wrenlane.setup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wrenlane.plane.Point;
import wrenlane.plane.TwoCircles;
import wrenlane.units.LengthMethod;

/**
 * Each cone by its distances from two marks on the ground: two tapes drawn tight cross at the cone.
 *
 * <p>The marks lie on a line beside the course, so that every cone is on the same side of it. Where the tapes cross at an
 * angle α, errors e₁, e₂ of the distances move the crossing by √(e₁² + e₂²) / sin α (both tapes shift the other's line
 * sideways; the shift along a tape is 1/sin α of it), so the marks are chosen to make the flattest crossing as steep as
 * can be, among lines on all four sides of the cones and some way off them.
 *
 * @param first along and across from the datum, in metres, rounded
 * @param second the same
 * @param apartMetres from one to the other
 * @param steps in the order of the sheet's steps
 * @param stepMetres what the distances are rounded to
 * @param roundingMetres how far the worst cone is off for the rounding alone
 */
public record TwoTapes(
        Point first, Point second, double apartMetres, List<Crossing> steps, double stepMetres, double roundingMetres) {
    /** Tapes that cross flatter than this put a cone badly, in radians: 25°. */
    public static final double FLAT_RADIANS = Math.toRadians(25);

    public TwoTapes {
        steps = List.copyOf(steps);
    }

    /**
     * One cone.
     *
     * @param label of the cone
     * @param firstMetres from the first mark, rounded
     * @param secondMetres from the second mark, rounded
     * @param crossingRadians α, between the tapes, up to a right angle
     * @param errorMetres expected error of the place, one standard deviation
     * @param flat whether the tapes cross too flat
     */
    public record Crossing(
            String label,
            double firstMetres,
            double secondMetres,
            double crossingRadians,
            double errorMetres,
            boolean flat) {
        Crossing(String label, double firstMetres, double secondMetres, double crossingRadians, double errorMetres) {
            this(label, firstMetres, secondMetres, crossingRadians, errorMetres, crossingRadians < FLAT_RADIANS);
        }
    }

    /** A line's marks as tried: their places, and the flattest crossing they give. */
    private record Marks(Point first, Point second, double flattest) {}

    /** Shares of the course's extent at which marks are tried, off the cones and past their ends. */
    private static final double[] OFF = {0.15, 0.3, 0.5, 0.75};

    private static final double[] PAST = {-0.25, 0, 0.25, 0.5};

    /** Least distance of the marks' line from the cones, in metres: a course of one row has no width. */
    private static final double LEAST_OFF_METRES = 1.5;

    /** Shortest line between the marks, in metres. */
    private static final double LEAST_APART_METRES = 2;

    /** The two-tape figures of a sheet. */
    public static TwoTapes of(SetupSheet sheet) {
        double step = sheet.stepMetres();
        List<Point> places = sheet.steps().stream().map(SetupStep::place).toList();
        Marks marks = best(places, step);
        List<Crossing> steps = new ArrayList<>();
        double worst = 0;
        for (SetupStep s : sheet.steps()) {
            Point place = s.place();
            double first = SetupSheet.rounded(marks.first.distanceTo(place), step);
            double second = SetupSheet.rounded(marks.second.distanceTo(place), step);
            double crossing = crossing(marks.first, marks.second, place);
            double error =
                    Math.hypot(LengthMethod.TAPE.uncertaintyMetres(first), LengthMethod.TAPE.uncertaintyMetres(second))
                            / Math.sin(crossing);
            steps.add(new Crossing(s.cone().label(), first, second, crossing, error));
            worst = Math.max(
                    worst,
                    crossingPlace(marks.first, marks.second, first, second, place)
                            .distanceTo(place));
        }
        return new TwoTapes(marks.first, marks.second, marks.first.distanceTo(marks.second), steps, step, worst);
    }

    private static Marks best(List<Point> places, double step) {
        double minX = places.stream().mapToDouble(Point::x).min().orElse(0);
        double maxX = places.stream().mapToDouble(Point::x).max().orElse(0);
        double minY = places.stream().mapToDouble(Point::y).min().orElse(0);
        double maxY = places.stream().mapToDouble(Point::y).max().orElse(0);
        double size = Math.max(maxX - minX, maxY - minY);
        List<Marks> tried = new ArrayList<>();
        for (double share : OFF) {
            double off = Math.max(LEAST_OFF_METRES, share * size);
            for (double p : PAST) {
                for (double q : PAST) {
                    for (double y : new double[] {minY - off, maxY + off}) {
                        add(tried, places, step, new Point(minX - p * size, y), new Point(maxX + q * size, y));
                    }
                    for (double x : new double[] {minX - off, maxX + off}) {
                        add(tried, places, step, new Point(x, minY - p * size), new Point(x, maxY + q * size));
                    }
                }
            }
        }
        return tried.stream().max(Comparator.comparingDouble(Marks::flattest)).orElseThrow();
    }

    private static void add(List<Marks> tried, List<Point> places, double step, Point first, Point second) {
        Point a = new Point(SetupSheet.rounded(first.x(), step), SetupSheet.rounded(first.y(), step));
        Point b = new Point(SetupSheet.rounded(second.x(), step), SetupSheet.rounded(second.y(), step));
        boolean turnedRound = b.x() < a.x() || b.y() < a.y();
        if (!turnedRound && a.distanceTo(b) >= LEAST_APART_METRES) {
            double flattest =
                    places.stream().mapToDouble(p -> crossing(a, b, p)).min().orElse(0);
            tried.add(new Marks(a, b, flattest));
        }
    }

    /** The angle at which two tapes cross, up to a right angle: sin α = |u × v| / |u||v|. */
    private static double crossing(Point first, Point second, Point place) {
        double ux = place.x() - first.x();
        double uy = place.y() - first.y();
        double vx = place.x() - second.x();
        double vy = place.y() - second.y();
        double sine = Math.abs(ux * vy - uy * vx) / (Math.hypot(ux, uy) * Math.hypot(vx, vy));
        return Math.asin(Math.min(1, sine));
    }

    /** Where two tapes cross, on the side of a place. */
    private static Point crossingPlace(Point first, Point second, double r1, double r2, Point near) {
        double side =
                (second.x() - first.x()) * (near.y() - first.y()) - (second.y() - first.y()) * (near.x() - first.x());
        return TwoCircles.crossing(first, r1, second, r2, side > 0);
    }
}
