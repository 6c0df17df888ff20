package wrenlane.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wrenlane.finding.Finding;
import wrenlane.machine.Side;

class UTurnBoxTest {
    /** Rounding of sums of doubles, in metres. */
    private static final double ROUNDING_METRES = 1e-9;

    private static final UTurnBox BOX = new UTurnBox(7.2, 7.5, Side.RIGHT, 2.5, CourseStart.ROLLING);

    @Test
    void standsEveryConeOutsideItsLine() {
        for (Cone cone : BOX.cones()) {
            double half = cone.sort().baseMetres() / 2;
            boolean outside = cone.centre().y() <= -half + ROUNDING_METRES
                    || cone.centre().y() >= 7.2 + half - ROUNDING_METRES
                    || cone.centre().x() >= 7.5 + half - ROUNDING_METRES;
            assertThat(outside).as(cone.label()).isTrue();
        }
    }

    @Test
    void dividesEachLineEvenlyWithNoGapAboveTheSpacing() {
        List<Point> marks = BOX.cones().stream().map(Cone::mark).toList();
        for (int i = 1; i < marks.size(); i++) {
            assertThat(marks.get(i).distanceTo(marks.get(i - 1))).isBetween(1.2, 2.5 + ROUNDING_METRES);
        }
        assertThat(marks).hasSize(4 + 2 + 2 + 2);
    }

    @Test
    void labelsEachConeOnce() {
        assertThat(BOX.cones()).extracting(Cone::label).doesNotHaveDuplicates().contains("A", "B", "C", "D");
    }

    @Test
    void isTheMirrorImageWhenEnteredAlongTheOtherLine() {
        UTurnBox other = BOX.mirrored();
        assertThat(other.turnSide()).isEqualTo(Side.RIGHT);
        assertThat(other.cones()).hasSameSizeAs(BOX.cones());
        for (int i = 0; i < BOX.cones().size(); i++) {
            Point here = BOX.cones().get(i).centre();
            Point there = other.cones().get(i).centre();
            assertThat(there.x()).isCloseTo(here.x(), within(ROUNDING_METRES));
            assertThat(there.y()).isCloseTo(-here.y(), within(ROUNDING_METRES));
        }
        assertThat(other.mirrored()).isEqualTo(BOX);
    }

    @ParameterizedTest
    @CsvSource({"2.99, 7, 2", "20.01, 7, 2", "7, 2.9, 2", "7, 31, 2", "7, 7, 0.4", "7, 7, 11", "NaN, 7, 2", "-7, 7, 2"})
    void refusesADimensionOutsideItsLimits(double width, double depth, double spacing) {
        assertThat(UTurnBox.check(width, depth, spacing)).hasSize(1);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new UTurnBox(width, depth, Side.LEFT, spacing, CourseStart.ROLLING));
    }

    @Test
    void namesEverythingThatIsWrongAtOnce() {
        assertThat(UTurnBox.check(1, 100, Double.NaN))
                .extracting(Finding::where)
                .containsExactly("widthMetres", "depthMetres", "edgeSpacingMetres");
    }

    @Test
    void acceptsItsLimitsAndDefaults() {
        for (CourseDimension d : UTurnBox.dimensions()) {
            assertThat(d.check(d.minMetres())).isEmpty();
            assertThat(d.check(d.maxMetres())).isEmpty();
            assertThat(d.check(d.defaultMetres())).isEmpty();
        }
        assertThat(UTurnBox.dimensions().stream().filter(CourseDimension::ladder))
                .hasSize(1);
    }
}
