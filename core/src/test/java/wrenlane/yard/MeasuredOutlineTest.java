package wrenlane.yard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;
import static wrenlane.yard.Corner.OPEN;
import static wrenlane.yard.Corner.OPEN_BACK;
import static wrenlane.yard.Corner.SQUARE;
import static wrenlane.yard.Corner.SQUARE_BACK;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.Draws;
import wrenlane.finding.Finding;
import wrenlane.plane.Point;
import wrenlane.units.MeasuredLength;
import wrenlane.yard.MeasuredOutline.Diagonal;

class MeasuredOutlineTest {
    /** A tenth of a millimetre: far below a tape, far above rounding. */
    private static final Offset<Double> TENTH_MM = within(1e-4);

    private static List<MeasuredLength> taped(double... metres) {
        return Arrays.stream(metres).mapToObj(MeasuredLength::taped).toList();
    }

    private static Diagonal diagonal(int from, int to, double metres) {
        return new Diagonal(from, to, MeasuredLength.taped(metres));
    }

    private static List<String> codes(SurveyedOutline outline) {
        return outline.findings().stream().map(Finding::code).toList();
    }

    @Test
    void aRectangleClosesWithoutError() {
        SurveyedOutline s = MeasuredOutline.rectangle(MeasuredLength.taped(46.5), MeasuredLength.taped(21.8))
                .survey();
        assertThat(s.closingErrorMetres()).isCloseTo(0, TENTH_MM);
        assertThat(s.areaSquareMetres()).isCloseTo(46.5 * 21.8, within(1e-3));
        assertThat(s.findings()).isEmpty();
        assertThat(s.corners().get(2).x()).isCloseTo(46.5, TENTH_MM);
        assertThat(s.corners().get(2).y()).isCloseTo(21.8, TENTH_MM);
    }

    @Test
    void anInnerCornerMakesAnL() {
        SurveyedOutline s = new MeasuredOutline(
                        taped(30, 10, 12, 8, 18, 18),
                        List.of(SQUARE, SQUARE, SQUARE, SQUARE_BACK, SQUARE, SQUARE),
                        List.of())
                .survey();
        assertThat(s.findings()).isEmpty();
        assertThat(s.areaSquareMetres()).isCloseTo(30 * 10 + 18 * 8, within(1e-3));
    }

    @Test
    void aTriangleNeedsNoCorner() {
        SurveyedOutline s = new MeasuredOutline(taped(4, 3, 5), List.of(OPEN, OPEN, OPEN), List.of()).survey();
        assertThat(s.findings()).isEmpty();
        assertThat(s.areaSquareMetres()).isCloseTo(6, within(1e-6));
    }

    @Test
    void aDiagonalFixesACornerThatIsNotSquare() {
        // A(0,0) B(20,0) C(26,15) D(0,15): B is open, fixed by AC.
        SurveyedOutline s = new MeasuredOutline(
                        taped(20, Math.hypot(6, 15), 26, 15),
                        List.of(SQUARE, OPEN, OPEN, SQUARE),
                        List.of(diagonal(0, 2, Math.hypot(26, 15))))
                .survey();
        assertThat(s.findings()).isEmpty();
        assertThat(s.corners().get(2).x()).isCloseTo(26, within(1e-3));
        assertThat(s.corners().get(2).y()).isCloseTo(15, within(1e-3));
    }

    @Test
    void aCornerBackIntoTheYardIsToldFromOneThatBulges() {
        // A(0,0) B(20,0) C(10,5) D(20,20) E(0,20): C lies in the yard.
        double bc = Math.hypot(10, 5);
        double cd = Math.hypot(10, 15);
        SurveyedOutline s = new MeasuredOutline(
                        taped(20, bc, cd, 20, 20),
                        List.of(SQUARE, OPEN, OPEN_BACK, OPEN, SQUARE),
                        List.of(diagonal(1, 3, 20)))
                .survey();
        assertThat(s.findings()).isEmpty();
        assertThat(s.corners().get(2).x()).isCloseTo(10, within(1e-3));
    }

    @Test
    void lengthsThatFitManyShapesAreLooseAndSayWhatToTape() {
        SurveyedOutline s =
                new MeasuredOutline(taped(20, 16, 26, 15), List.of(OPEN, OPEN, OPEN, OPEN), List.of()).survey();
        assertThat(codes(s)).containsExactly(SurveyedOutline.LOOSE);
        assertThat(s.findings().get(0).message().toString()).contains("one more diagonal", "A to C");
        assertThat(s.blocking()).hasSize(1);
    }

    @Test
    void sidesThatCrossAreNoOutline() {
        SurveyedOutline s = new MeasuredOutline(
                        taped(10, 10, 10, 10, 10, 10),
                        List.of(SQUARE, SQUARE, SQUARE, SQUARE, SQUARE_BACK, SQUARE_BACK),
                        List.of())
                .survey();
        assertThat(codes(s)).containsAnyOf(SurveyedOutline.CROSSES, SurveyedOutline.MISFIT);
    }

    @Test
    void smallErrorsAreSpreadAndNothingIsBlamed() {
        SurveyedOutline s = new MeasuredOutline(
                        taped(46.5, 21.8, 46.46, 21.83), List.of(SQUARE, SQUARE, SQUARE, SQUARE), List.of())
                .survey();
        assertThat(s.findings()).isEmpty();
        assertThat(s.closingErrorMetres()).isCloseTo(Math.hypot(0.04, 0.03), within(1e-9));
        double ab = s.adjusted().get(0).adjusted();
        double cd = s.adjusted().get(2).adjusted();
        assertThat(ab).isBetween(46.46, 46.5);
        assertThat(cd).isBetween(46.46, 46.5);
    }

    @Test
    void aFalseSideIsPointedOutOrItsCorner() {
        // A five-sided yard with four square corners; side CD was read 0.8 m short.
        // A(0,0) B(40,0) C(40,15) D(30,25) E(0,25).
        double cd = Math.hypot(10, 10);
        MeasuredOutline right = new MeasuredOutline(
                taped(40, 15, cd, 30, 25), List.of(SQUARE, SQUARE, OPEN, OPEN, SQUARE), List.of(diagonal(0, 2, 42.72)));
        assertThat(right.survey().findings()).isEmpty();
        MeasuredOutline wrong =
                new MeasuredOutline(taped(40, 15, cd - 0.8, 30, 25), right.corners(), right.diagonals());
        SurveyedOutline s = wrong.survey();
        assertThat(codes(s)).containsExactly(SurveyedOutline.MISFIT);
        assertThat(s.findings().get(0).message().toString())
                .contains("ide CD is 0.")
                .contains("too short");
        assertThat(s.blocking()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0, 0.8", "1, -1.2", "2, 0.6", "3, -0.9"})
    void aGrossErrorInOneSideOfABracedYardIsFoundToACentimetre(int side, double error) {
        double[] lengths = {40, 22, 40, 22};
        lengths[side] += error;
        double d = Math.hypot(40, 22);
        SurveyedOutline s = new MeasuredOutline(
                        taped(lengths),
                        List.of(SQUARE, SQUARE, SQUARE, SQUARE),
                        List.of(diagonal(0, 2, d), diagonal(1, 3, d)))
                .survey();
        Finding f = s.findings().get(0);
        assertThat(f.code()).isEqualTo(SurveyedOutline.MISFIT);
        String name = "side " + MeasuredOutline.letter(side) + MeasuredOutline.letter((side + 1) % 4);
        assertThat(f.where()).isEqualTo(name);
        assertThat(f.message().toString()).contains(String.format(java.util.Locale.ROOT, "%.2f m", Math.abs(error)));
    }

    @Test
    void anyConvexYardMeasuredWithoutErrorIsFoundAgain() {
        Draws.each(200, draws -> {
            int n = draws.whole(3, 8);
            double start = draws.between(0, 1);
            double squash = draws.between(0.5, 2);
            List<Point> corners = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                double a = 2 * Math.PI * (i + 0.3 * Math.sin(7 * start + i)) / n;
                corners.add(new Point(20 * Math.cos(a), 20 * squash * Math.sin(a)));
            }
            List<MeasuredLength> sides = new ArrayList<>();
            List<Diagonal> diagonals = new ArrayList<>();
            for (int i = 0; i < n; i++) {
                sides.add(MeasuredLength.taped(corners.get(i).distanceTo(corners.get((i + 1) % n))));
                if (i >= 2 && i < n - 1) {
                    diagonals.add(diagonal(0, i, corners.get(0).distanceTo(corners.get(i))));
                }
            }
            SurveyedOutline s = new MeasuredOutline(sides, java.util.Collections.nCopies(n, OPEN), diagonals).survey();
            assertThat(s.findings()).isEmpty();
            assertThat(s.closingErrorMetres()).isCloseTo(0, within(1e-3));
            for (int i = 0; i < n; i++) {
                for (int j = i + 1; j < n; j++) {
                    assertThat(s.corners().get(i).distanceTo(s.corners().get(j)))
                            .isCloseTo(corners.get(i).distanceTo(corners.get(j)), within(1e-3));
                }
            }
        });
    }

    @Test
    void refusesWhatIsNoOutlineAtAll() {
        MeasuredOutline two = new MeasuredOutline(taped(3, 4), List.of(SQUARE, SQUARE), List.of());
        assertThat(two.check()).extracting(Finding::code).containsExactly("outline-sides");
        assertThatIllegalArgumentException().isThrownBy(two::survey);
        assertThat(new MeasuredOutline(taped(3, 4, 5), List.of(SQUARE), List.of()).check())
                .extracting(Finding::code)
                .containsExactly("outline-corners");
        MeasuredOutline neighbours = new MeasuredOutline(
                taped(3, 4, 3, 4), List.of(SQUARE, SQUARE, SQUARE, SQUARE), List.of(diagonal(3, 0, 4)));
        assertThat(neighbours.check()).extracting(Finding::code).containsExactly("outline-diagonal");
    }

    /** 99.9 % points of the chi-square distribution, from tables. */
    @ParameterizedTest
    @CsvSource({"1, 10.83", "2, 13.82", "5, 20.52", "10, 29.59"})
    void theLimitOfAMisfitIsTheTables(int degrees, double table) {
        assertThat(OutlineSurvey.likelyUpTo(degrees)).isCloseTo(table, within(0.006));
    }
}
