package wrenlane.yard;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import wrenlane.finding.Finding;
import wrenlane.finding.Sentence;
import wrenlane.units.LengthMethod;
import wrenlane.units.MeasuredLength;

/**
 * An outline as it is measured: walked round with the yard at the left hand, side by side.
 *
 * @param sides the first from corner A to corner B, the last back to A
 * @param corners what is known of each, the first of A
 * @param diagonals taped besides, in any number
 */
public record MeasuredOutline(List<MeasuredLength> sides, List<Corner> corners, List<Diagonal> diagonals) {
    /** Most sides understood; chosen by us: corners have a letter each, and a yard with more is measured as a simpler one. */
    public static final int MOST_SIDES = 16;

    /**
     * A length from corner to corner across the yard.
     *
     * @param from number of a corner, 0 for A
     * @param to number of a corner that is neither that one nor its neighbour
     */
    public record Diagonal(int from, int to, MeasuredLength length) {
        /** The letters of its ends. */
        String name() {
            return "diagonal " + letter(from) + letter(to);
        }
    }

    public MeasuredOutline {
        sides = List.copyOf(sides);
        corners = List.copyOf(corners);
        diagonals = List.copyOf(diagonals);
    }

    /** Four square corners: length along AB, width along BC. */
    public static MeasuredOutline rectangle(MeasuredLength length, MeasuredLength width) {
        return new MeasuredOutline(
                List.of(length, width, length, width), Collections.nCopies(4, Corner.SQUARE), List.of());
    }

    /** The letter of a corner, 0 for A. */
    public static String letter(int corner) {
        return String.valueOf((char) ('A' + corner));
    }

    /** The letters of a side's ends. */
    String sideName(int side) {
        return "side " + letter(side) + letter((side + 1) % sides.size());
    }

    /** What keeps this from being an outline at all, before any length is looked at. */
    public List<Finding> check() {
        List<Finding> findings = new ArrayList<>();
        int n = sides.size();
        if (n < 3 || n > MOST_SIDES) {
            findings.add(new Finding(
                    "outline-sides",
                    "outline.sides",
                    "An outline has from 3 to " + MOST_SIDES + " sides, not " + n + "."));
        }
        if (corners.size() != n) {
            findings.add(new Finding(
                    "outline-corners",
                    "outline.corners",
                    "There are " + n + " sides and " + corners.size() + " corners; give as many of each."));
        }
        for (Diagonal d : diagonals) {
            boolean apart = d.from >= 0
                    && d.to >= 0
                    && d.from < n
                    && d.to < n
                    && (n + d.to - d.from) % n > 1
                    && (n + d.from - d.to) % n > 1;
            if (!apart) {
                findings.add(new Finding(
                        "outline-diagonal",
                        "outline.diagonals",
                        "A diagonal joins two corners of the outline that are not neighbours, such as A and C."));
            }
        }
        return findings;
    }

    /** What to mind where some of it is drawn by eye and not measured; empty where nothing is. */
    public Optional<Caution> drawn() {
        List<String> drawn = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            if (sides.get(i).method() == LengthMethod.DRAWN) {
                drawn.add(sideName(i));
            }
        }
        diagonals.stream().filter(d -> d.length.method() == LengthMethod.DRAWN).forEach(d -> drawn.add(d.name()));
        return drawn.isEmpty()
                ? Optional.empty()
                : Optional.of(new Caution(
                        "outline-drawn",
                        "Drawn by eye, still to be measured: " + Sentence.listed(drawn)
                                + ". Until then this yard is an estimate."));
    }

    /**
     * The outline that agrees best with everything measured.
     *
     * @throws IllegalArgumentException where {@link #check} finds something
     */
    public SurveyedOutline survey() {
        List<Finding> findings = check();
        if (!findings.isEmpty()) {
            throw new IllegalArgumentException(findings.get(0).message() + " Check with MeasuredOutline.check first.");
        }
        return new OutlineSurvey(this).adjusted();
    }
}
