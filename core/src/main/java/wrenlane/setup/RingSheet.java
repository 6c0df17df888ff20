package wrenlane.setup;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wrenlane.plane.Point;
import wrenlane.plane.TwoCircles;
import wrenlane.units.LengthMethod;

/**
 * Cones that stand evenly on circles, each from the circle's centre and from the cone before.
 *
 * <p>The tape is held at the centre; the first cone is put down by its own figures, every other where the radius from the
 * centre meets the chord from the cone before. A regular ring of n cones on a diameter D has chords of D · sin(π/n), so
 * the last cone must lie a chord from the first again: the closing chord.
 *
 * @param rings each with its own centre
 * @param others labels of the cones that stand on none, put down along and across
 * @param roundingMetres how far the worst cone of a ring is off for the rounding alone
 */
public record RingSheet(List<Ring> rings, List<String> others, double roundingMetres) {
    /** Cones count as evenly on a circle within this, in metres: plans are exact but for rounding. */
    private static final double EVEN_METRES = 1e-6;

    /** Fewest cones that make a ring: two always lie on a circle. */
    private static final int FEWEST = 3;

    /**
     * One ring.
     *
     * @param centre along and across from the datum, rounded
     * @param radiusMetres rounded
     * @param first the cone put down by its own figures
     * @param steps the others, in order
     * @param closingChordMetres from the last cone to the first, as it has to come out
     * @param closingErrorMetres how far out the closing chord may be for measuring alone, one standard deviation
     */
    public record Ring(
            Point centre,
            double radiusMetres,
            SetupStep first,
            List<RingStep> steps,
            double closingChordMetres,
            double closingErrorMetres) {
        public Ring {
            steps = List.copyOf(steps);
        }
    }

    /**
     * One cone: the ring's radius from the centre, and a chord from the cone before.
     *
     * @param leftward whether the cone before lies on the left hand, seen from the centre: which of the two crossings it is
     * @param errorMetres how far off the mark it may stand, one standard deviation, an estimate
     */
    public record RingStep(
            String label,
            double radiusMetres,
            double chordMetres,
            String before,
            boolean leftward,
            double errorMetres) {}

    public RingSheet {
        rings = List.copyOf(rings);
        others = List.copyOf(others);
    }

    /** The rings among a sheet's cones; cones of one ring share the letters of their label. */
    public static RingSheet of(SetupSheet sheet) {
        Map<String, List<SetupStep>> byLetters = new LinkedHashMap<>();
        for (SetupStep s : sheet.steps()) {
            String letters = s.cone().label().replaceAll("\\d", "");
            byLetters.computeIfAbsent(letters, l -> new ArrayList<>()).add(s);
        }
        List<Ring> rings = new ArrayList<>();
        List<String> others = new ArrayList<>();
        double rounding = 0;
        for (List<SetupStep> group : byLetters.values()) {
            if (evenOnACircle(group)) {
                Ring ring = ring(group, sheet);
                rings.add(ring);
                rounding = Math.max(rounding, rounding(ring, group, sheet));
            } else {
                group.forEach(s -> others.add(s.cone().label()));
            }
        }
        return new RingSheet(rings, others, rounding);
    }

    private static Point centre(List<SetupStep> group) {
        return new Point(
                group.stream().mapToDouble(s -> s.cone().mark().x()).average().orElse(0),
                group.stream().mapToDouble(s -> s.cone().mark().y()).average().orElse(0));
    }

    private static double chord(List<SetupStep> group, int i) {
        return mark(group, i).distanceTo(mark(group, i + 1));
    }

    private static Point mark(List<SetupStep> group, int i) {
        return group.get(i % group.size()).cone().mark();
    }

    private static boolean evenOnACircle(List<SetupStep> group) {
        if (group.size() < FEWEST) {
            return false;
        }
        Point centre = centre(group);
        double radius = mark(group, 0).distanceTo(centre);
        double chord = chord(group, 0);
        for (int i = 0; i < group.size(); i++) {
            if (Math.abs(mark(group, i).distanceTo(centre) - radius) > EVEN_METRES
                    || Math.abs(chord(group, i) - chord) > EVEN_METRES) {
                return false;
            }
        }
        return true;
    }

    private static Ring ring(List<SetupStep> group, SetupSheet sheet) {
        double step = sheet.stepMetres();
        Point centre = sheet.baseline().figures(centre(group));
        double radius = SetupSheet.rounded(mark(group, 0).distanceTo(centre(group)), step);
        double chord = SetupSheet.rounded(chord(group, 0), step);
        double chordError = LengthMethod.TAPE.uncertaintyMetres(chord);
        double onCircle = Math.hypot(
                PlaceError.metres(LengthMethod.TAPE, LengthMethod.TAPE, centre.x(), centre.y()),
                LengthMethod.TAPE.uncertaintyMetres(radius));
        List<RingStep> steps = new ArrayList<>();
        for (int i = 1; i < group.size(); i++) {
            Point before = sheet.baseline().figures(mark(group, i - 1));
            Point here = sheet.baseline().figures(mark(group, i));
            double turn = (before.x() - centre.x()) * (here.y() - centre.y())
                    - (before.y() - centre.y()) * (here.x() - centre.x());
            steps.add(new RingStep(
                    group.get(i).cone().label(),
                    radius,
                    chord,
                    group.get(i - 1).cone().label(),
                    turn < 0,
                    Math.hypot(onCircle, Math.sqrt(i) * chordError)));
        }
        return new Ring(
                new Point(SetupSheet.rounded(centre.x(), step), SetupSheet.rounded(centre.y(), step)),
                radius,
                group.get(0),
                steps,
                chord,
                Math.sqrt(group.size()) * chordError);
    }

    /** Puts every cone down by the printed figures, and finds the one farthest off. */
    private static double rounding(Ring ring, List<SetupStep> group, SetupSheet sheet) {
        Point at = ring.first.place();
        double worst = 0;
        for (int i = 1; i < group.size(); i++) {
            RingStep step = ring.steps.get(i - 1);
            at = TwoCircles.crossing(ring.centre, step.radiusMetres, at, step.chordMetres, !step.leftward);
            worst = Math.max(worst, at.distanceTo(sheet.baseline().figures(mark(group, i))));
        }
        return worst;
    }
}
