package wrenlane.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;
import static wrenlane.yard.Corner.OPEN;
import static wrenlane.yard.Corner.SQUARE;
import static wrenlane.yard.Corner.SQUARE_BACK;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import wrenlane.Draws;
import wrenlane.finding.Finding;
import wrenlane.plane.Point;
import wrenlane.units.LengthMethod;
import wrenlane.units.MeasuredLength;
import wrenlane.yard.MeasuredOutline.Diagonal;
import wrenlane.yard.OutlineSketch.Place;
import wrenlane.yard.OutlineSketch.SketchResult;

class OutlineSketchTest {
    private static SketchResult drawn(Point... corners) {
        return OutlineSketch.of(List.of(corners)).drawn(null);
    }

    private static Point at(double x, double y) {
        return new Point(x, y);
    }

    private static List<String> codes(List<Point> corners) {
        return OutlineSketch.of(corners).check().stream().map(Finding::code).toList();
    }

    @Test
    void aRectangleDrawnEitherWayRoundStandsAsItIsDrawn() {
        SketchResult clockwise = drawn(at(3, 14), at(33, 14), at(33, 4), at(3, 4));
        assertThat(clockwise.axes()).isEqualTo(new CoursePlacement(3, 4, 0));
        assertThat(clockwise.outline().sides())
                .extracting(MeasuredLength::metres)
                .containsExactly(30.0, 10.0, 30.0, 10.0);
        assertThat(clockwise.outline().corners()).containsOnly(SQUARE);
        assertThat(clockwise.outline().diagonals()).isEmpty();
        SketchResult anticlockwise = drawn(at(33, 4), at(33, 14), at(3, 14), at(3, 4));
        assertThat(anticlockwise.outline()).isEqualTo(clockwise.outline());
    }

    @Test
    void anInnerCornerTurnsBackAndNeedsNoDiagonal() {
        SketchResult l = drawn(at(0, 0), at(30, 0), at(30, 10), at(18, 10), at(18, 18), at(0, 18));
        assertThat(l.outline().corners()).containsExactly(SQUARE, SQUARE, SQUARE, SQUARE_BACK, SQUARE, SQUARE);
        assertThat(l.outline().diagonals()).isEmpty();
        assertThat(l.outline().survey().areaSquareMetres()).isCloseTo(30 * 10 + 18 * 8, within(1e-6));
    }

    @Test
    void aDiagonalIsDrawnForEveryCornerThatIsNotSquare() {
        // Four sides and two square corners are a measurement more than a quadrilateral has freedoms.
        MeasuredOutline skew = drawn(at(0, 0), at(20, 0), at(26, 15), at(0, 15)).outline();
        assertThat(skew.corners()).containsExactly(SQUARE, OPEN, OPEN, SQUARE);
        assertThat(skew.diagonals()).isEmpty();
        // Five sides without a square corner have two freedoms left.
        MeasuredOutline five =
                drawn(at(0, 0), at(20, -3), at(27, 12), at(12, 22), at(-6, 14)).outline();
        assertThat(five.diagonals()).hasSize(2);
        assertThat(five.survey().findings()).isEmpty();
    }

    /** Held by a diagonal that leads straight on, a corner could still be pushed sideways. */
    @Test
    void aCornerOnAStraightSideIsHeldFromAcross() {
        MeasuredOutline outline =
                drawn(at(0, 0), at(15, 0), at(30, 0), at(27, 14), at(4, 17)).outline();
        assertThat(outline.diagonals()).noneMatch(d -> d.from() == 0 && d.to() == 2);
        SurveyedOutline surveyed = outline.survey();
        assertThat(surveyed.findings()).isEmpty();
        assertThat(surveyed.corners().get(2).y()).isCloseTo(0, within(1e-3));
    }

    /** Round a middle, each corner in a sector of its own, so that no two sides cross. */
    private static List<Point> yard(Draws draws) {
        int n = draws.whole(3, 12);
        List<Point> corners = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            double angle = 2 * Math.PI * (k + draws.between(0, 0.8)) / n;
            double radius = draws.between(8, 38);
            corners.add(at(radius * Math.cos(angle), radius * Math.sin(angle)));
        }
        return corners;
    }

    @Test
    void measuredAsDrawnItComesToTheSameShape() {
        Draws.each(60, draws -> {
            List<Point> corners = yard(draws);
            SketchResult drawn = OutlineSketch.of(corners).drawn(null);
            SurveyedOutline surveyed = drawn.outline().survey();
            assertThat(surveyed.blocking()).isEmpty();
            // A corner within 4° of square is taken for square, which moves what hangs on it by up to a fourteenth.
            boolean asDrawn = drawn.outline().corners().stream().noneMatch(Corner::square);
            double size = Math.sqrt(surveyed.areaSquareMetres());
            for (Point corner : surveyed.corners()) {
                Point there = drawn.axes().toYard(corner);
                double off = corners.stream()
                        .mapToDouble(c -> c.distanceTo(there))
                        .min()
                        .orElseThrow();
                assertThat(off).isLessThan(asDrawn ? 1e-4 : 0.15 * size);
            }
        });
    }

    /** n sides leave n − 3 of 2n − 3 unknowns free, and a square corner holds one of them. */
    @Test
    void noDrawnDiagonalIsOneTooMany() {
        Draws.each(60, draws -> {
            MeasuredOutline outline = OutlineSketch.of(yard(draws)).drawn(null).outline();
            int free = outline.sides().size() - 3;
            if (outline.corners().stream().noneMatch(Corner::square)) {
                assertThat(outline.diagonals()).hasSize(free);
            } else {
                assertThat(outline.diagonals()).hasSizeLessThanOrEqualTo(free);
            }
        });
    }

    @Test
    void whatIsTapedAfterwardsDecides() {
        // Drawn with side CD a metre and a half too long; A(0,0) B(40,0) C(40,15) D(30,25) E(0,25) is true.
        MeasuredOutline drawn =
                drawn(at(0, 0), at(40, 0), at(40, 15), at(29, 26), at(0, 26)).outline();
        List<MeasuredLength> sides = new ArrayList<>(drawn.sides());
        double[] taped = {40, 15, Math.hypot(10, 10), 30, 25};
        for (int i = 0; i < taped.length; i++) {
            sides.set(i, MeasuredLength.taped(taped[i]));
        }
        SurveyedOutline surveyed = new MeasuredOutline(sides, drawn.corners(), drawn.diagonals()).survey();
        assertThat(surveyed.findings()).isEmpty();
        assertThat(surveyed.corners().get(3).distanceTo(at(30, 25))).isLessThan(0.02);
    }

    @Test
    void aDrawingSaysWhatIsStillToBeMeasured() {
        MeasuredOutline drawn =
                drawn(at(0, 0), at(40, 0), at(40, 20), at(0, 20)).outline();
        assertThat(drawn.drawn().orElseThrow().message().toString())
                .contains("side AB, side BC, side CD and side DA", "estimate");
        List<MeasuredLength> sides = drawn.sides().stream()
                .map(s -> MeasuredLength.taped(s.metres()))
                .toList();
        assertThat(new MeasuredOutline(sides, drawn.corners(), List.of()).drawn())
                .isEmpty();
    }

    private static MeasuredOutline taped(List<Point> corners, Diagonal... diagonals) {
        MeasuredOutline drawn = OutlineSketch.of(corners).drawn(null).outline();
        return new MeasuredOutline(
                drawn.sides().stream()
                        .map(s -> MeasuredLength.taped(s.metres()))
                        .toList(),
                drawn.corners(),
                List.of(diagonals));
    }

    private static final List<Point> RECTANGLE = List.of(at(0, 0), at(40, 0), at(40, 20), at(0, 20));

    @Test
    void aCornerThatIsMovedTakesTheLengthsWithItThatEndThere() {
        MeasuredOutline before = taped(RECTANGLE);
        MeasuredOutline after = new OutlineSketch(List.of(
                        new Place(at(0, 0), 0),
                        new Place(at(40, 0), 1),
                        new Place(at(46, 24)),
                        new Place(at(0, 20), 3)))
                .drawn(before)
                .outline();
        assertThat(after.sides())
                .extracting(MeasuredLength::method)
                .containsExactly(LengthMethod.TAPE, LengthMethod.DRAWN, LengthMethod.DRAWN, LengthMethod.TAPE);
        assertThat(after.corners()).containsExactly(SQUARE, OPEN, OPEN, OPEN);
        SurveyedOutline surveyed = after.survey();
        assertThat(surveyed.findings()).isEmpty();
        assertThat(surveyed.corners().get(2).distanceTo(at(46, 24))).isLessThan(1e-3);
    }

    @Test
    void aCornerPutIntoASideLeavesTheOthersAsMeasured() {
        Diagonal ac = new Diagonal(0, 2, MeasuredLength.taped(Math.hypot(40, 20)));
        MeasuredOutline after = new OutlineSketch(List.of(
                        new Place(at(0, 0), 0),
                        new Place(at(20, -4)),
                        new Place(at(40, 0), 1),
                        new Place(at(40, 20), 2),
                        new Place(at(0, 20), 3)))
                .drawn(taped(RECTANGLE, ac))
                .outline();
        assertThat(after.sides())
                .extracting(MeasuredLength::method)
                .containsExactly(
                        LengthMethod.DRAWN,
                        LengthMethod.DRAWN,
                        LengthMethod.TAPE,
                        LengthMethod.TAPE,
                        LengthMethod.TAPE);
        assertThat(after.diagonals()).contains(new Diagonal(0, 3, ac.length()));
        assertThat(after.survey().blocking()).isEmpty();
    }

    @Test
    void aCornerTakenAwayTakesItsDiagonalsAlong() {
        List<Point> five = List.of(at(0, 0), at(40, 0), at(40, 15), at(30, 25), at(0, 25));
        Diagonal ac = new Diagonal(0, 2, MeasuredLength.taped(Math.hypot(40, 15)));
        Diagonal bd = new Diagonal(1, 3, MeasuredLength.taped(Math.hypot(10, 25)));
        MeasuredOutline after = new OutlineSketch(List.of(
                        new Place(at(0, 0), 0),
                        new Place(at(40, 0), 1),
                        new Place(at(40, 15), 2),
                        new Place(at(0, 25), 4)))
                .drawn(taped(five, ac, bd))
                .outline();
        assertThat(after.diagonals()).containsExactly(ac);
        assertThat(after.sides().get(2).method()).isEqualTo(LengthMethod.DRAWN);
        assertThat(after.survey().blocking()).isEmpty();
    }

    @Test
    void saysWhatCannotBeAnOutline() {
        assertThat(codes(List.of(at(0, 0), at(10, 0)))).containsExactly("sketch-corners");
        assertThat(codes(List.of(at(0, 0), at(10, 0), at(10.2, 0), at(5, 8)))).containsExactly("sketch-side");
        assertThat(codes(List.of(at(0, 0), at(10, 10), at(10, 0), at(0, 10)))).containsExactly(SurveyedOutline.CROSSES);
        assertThat(codes(List.of(at(0, 0), at(5000, 0), at(0, 8)))).containsExactly("sketch-side");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> drawn(at(0, 0), at(10, 0)))
                .withMessageContaining("3 to 16");
    }
}
