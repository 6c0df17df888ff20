package wrenlane.yard;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.distribution.continuous.ChiSquaredDistribution;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Polygon;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.plane.Point;
import wrenlane.yard.SurveyedOutline.MeasurementAdjustment;

/**
 * Judges a measured outline as surveyors do: from what was measured of it to where its corners lie ({@link
 * OutlineAdjustment}), or to what contradicts what.
 *
 * <p>If all is measured as well as its deviation says, the sum of squares left follows the chi-square distribution with as many degrees
 * of freedom as there are equations to spare. Above its 99.9 % point something is wrong. Then each measurement is left out
 * in turn: where the others agree without it, it alone explains the misfit, and what they make of it is its likely true
 * value.
 */
final class OutlineSurvey {
    /**
     * How far a corner called square may be off, one standard deviation, in radians; chosen by us: what a taped triangle of
     * 3, 4 and 5 m leaves. By the law of cosines dγ = c·dc / (a·b), with dc = 1 cm 0.24°.
     */
    private static final double SQUARE_DEVIATION = Math.toRadians(0.25);

    /** Most explanations told; chosen by us: more are not acted on. */
    private static final int MOST_TOLD = 3;

    private final MeasuredOutline outline;
    private final int n;
    private final List<OutlineMeasure> measures;

    OutlineSurvey(MeasuredOutline outline) {
        this.outline = outline;
        this.n = outline.sides().size();
        this.measures = measures();
    }

    private List<OutlineMeasure> measures() {
        List<OutlineMeasure> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            all.add(OutlineMeasure.length(
                    outline.sideName(i), i, (i + 1) % n, outline.sides().get(i)));
        }
        for (int i = 0; i < n; i++) {
            Corner corner = outline.corners().get(i);
            if (corner.square()) {
                all.add(new OutlineMeasure(
                        "corner " + MeasuredOutline.letter(i),
                        i,
                        (i + n - 1) % n,
                        (i + 1) % n,
                        true,
                        corner.interiorRadians(),
                        SQUARE_DEVIATION));
            }
        }
        for (MeasuredOutline.Diagonal d : outline.diagonals()) {
            all.add(OutlineMeasure.length(d.name(), d.from(), d.to(), d.length()));
        }
        return all;
    }

    SurveyedOutline adjusted() {
        Point[] guess = new OutlineGuess(outline).corners();
        if (!OutlineAdjustment.determined(measures, guess)) {
            return new SurveyedOutline(List.of(guess), 0, 0, List.of(), List.of(loose(guess)));
        }
        OutlineAdjustment solved = OutlineAdjustment.of(measures, guess);
        Polygon polygon = Shapes.polygon(List.of(solved.at()));
        if (!polygon.isValid() || !Orientation.isCCW(polygon.getExteriorRing().getCoordinates())) {
            return new SurveyedOutline(List.of(solved.at()), 0, 0, List.of(), List.of(crosses()));
        }
        int spare = measures.size() - OutlineAdjustment.unknowns(n);
        List<Finding> findings =
                solved.squares() > likelyUpTo(spare) ? List.of(misfit(solved, spare)) : List.<Finding>of();
        return new SurveyedOutline(
                List.of(solved.at()), polygon.getArea(), closingError(solved.at()), told(solved.at()), findings);
    }

    private List<MeasurementAdjustment> told(Point[] at) {
        return measures.stream()
                .map(m -> new MeasurementAdjustment(m.what(), m.angle(), m.measured(), m.of(at)))
                .toList();
    }

    /** The 99.9 % point of the chi-square distribution; zero degrees leave nothing to tell, so a trace of rounding. */
    static double likelyUpTo(int degrees) {
        if (degrees == 0) {
            return 1e-6;
        }
        return new ChiSquaredDistribution(degrees).inverseCumulativeProbability(LIKELY);
    }

    /** What is less likely than one in a thousand is not chance; chosen by us: a yard is measured once. */
    private static final double LIKELY = 0.999;

    /** A measurement that alone explains the misfit, with what the others make of it. */
    private record Suspect(OutlineMeasure measure, double others, double squares) {}

    private Finding misfit(OutlineAdjustment solved, int spare) {
        List<Suspect> suspects = new ArrayList<>();
        for (OutlineMeasure m : measures) {
            List<OutlineMeasure> others = measures.stream().filter(o -> o != m).toList();
            if (OutlineAdjustment.determined(others, solved.at())) {
                OutlineAdjustment without = OutlineAdjustment.of(others, solved.at());
                if (without.squares() <= likelyUpTo(spare - 1)) {
                    suspects.add(new Suspect(m, m.of(without.at()), without.squares()));
                }
            }
        }
        suspects.sort(Comparator.comparingDouble(Suspect::squares));
        if (suspects.isEmpty()) {
            return new Finding(
                    SurveyedOutline.MISFIT,
                    "outline",
                    "The lengths and corners contradict each other, and no single one explains it. Measure the "
                            + worst(solved.at()) + " again first.");
        }
        Suspect first = suspects.get(0);
        String what = first.measure.what();
        Sentence told = said(first, Character.toUpperCase(what.charAt(0)) + what.substring(1));
        for (Suspect s : suspects.subList(1, Math.min(MOST_TOLD, suspects.size()))) {
            told = Sentence.of("%s, or %s", told, said(s, s.measure.what()));
        }
        return new Finding(
                SurveyedOutline.MISFIT,
                what,
                Sentence.of("%s. Measure %s again.", told, suspects.size() == 1 ? "it" : "these"));
    }

    private String worst(Point[] at) {
        return measures.stream()
                .max(Comparator.comparingDouble(m -> Math.abs(m.residual(at))))
                .map(OutlineMeasure::what)
                .orElse("sides");
    }

    private static Sentence said(Suspect s, String what) {
        if (s.measure.angle()) {
            return Sentence.of("%s is not square: all else makes it %.1f°", what, Math.toDegrees(s.others));
        }
        double off = s.measure.measured() - s.others;
        return Sentence.of(
                "%s is %s too %s: all else makes it %s",
                what, Sentence.metres(Math.abs(off)), off < 0 ? "short" : "long", Sentence.metres(s.others));
    }

    private Finding loose(Point[] at) {
        List<String> wanted = new Bracing(outline, at)
                .wanted().stream()
                        .map(d -> MeasuredOutline.letter(d.from()) + " to " + MeasuredOutline.letter(d.to()))
                        .toList();
        int missing = Math.max(1, wanted.size());
        return new Finding(
                SurveyedOutline.LOOSE,
                "outline",
                "These lengths fit many shapes. Tape "
                        + (missing == 1 ? "one more diagonal" : missing + " more diagonals")
                        + (wanted.isEmpty() ? "" : ", such as " + Sentence.listed(wanted))
                        + ", or mark the corners that are square.");
    }

    private static Finding crosses() {
        return new Finding(
                SurveyedOutline.CROSSES,
                "outline",
                "Sides of this outline cross each other. Walk it with the yard at your left hand, and see which corners turn"
                        + " back into the yard.");
    }

    /** Where a walk ends that takes the lengths as measured, and turns square where square, else as adjusted. */
    private double closingError(Point[] at) {
        double x = 0;
        double y = 0;
        double heading = 0;
        for (int i = 0; i < n; i++) {
            x += outline.sides().get(i).metres() * Math.cos(heading);
            y += outline.sides().get(i).metres() * Math.sin(heading);
            int next = (i + 1) % n;
            Corner corner = outline.corners().get(next);
            heading += Math.PI
                    - (corner.square()
                            ? corner.interiorRadians()
                            : OutlineMeasure.interior(at[i], at[next], at[(next + 1) % n]));
        }
        return Math.hypot(x, y);
    }
}
