package wrenlane.setup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wrenlane.course.Course;
import wrenlane.course.kind.CourseKinds;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Machines;
import wrenlane.rider.RiderLevel;
import wrenlane.riding.Ride;
import wrenlane.units.LengthMethod;
import wrenlane.verdict.CourseFit;

class SetupAccuracyTest {
    private static final Course BOX = Course.standard(CourseKinds.uTurnBox());
    private static final Ride RIDE =
            Ride.firm(new MachineTurn(Machines.twin(), List.of()), RiderLevel.DEVELOPING.limits());
    private static final List<Double> SIZES = List.of(8.0, 7.0, 6.4, 6.0, 5.6, 5.4, 5.2, 5.0, 4.8, 4.7);

    private static double error(SetupAccuracy.ClearanceError at, LengthMethod method) {
        return Optional.ofNullable(at.errorMetres().get(method)).orElseThrow();
    }

    private static double goodTo(SetupAccuracy accuracy, LengthMethod method) {
        return Optional.ofNullable(accuracy.goodTo().get(method)).orElseThrow();
    }

    /** The room of a box that is free in depth is half of what the width leaves: half of the width's deviation. */
    @Test
    void theClearanceIsOutByHalfOfWhatTheWidthIsOut() {
        Course box = BOX.with(BOX.kind().ladder(), 5.8);
        SetupAccuracy accuracy = SetupAccuracy.of(box, RIDE, SIZES);
        assertThat(accuracy.here().capped()).isFalse();
        for (LengthMethod method : SetupAccuracy.METHODS) {
            assertThat(error(accuracy.here(), method))
                    .isCloseTo(method.uncertaintyMetres(5.8) / 2, within(0.1 * method.uncertaintyMetres(5.8)));
        }
    }

    @Test
    void pacesAreGoodForWiderSizesOnlyThanTheTape() {
        SetupAccuracy accuracy = SetupAccuracy.of(BOX, RIDE, SIZES);
        double taped = goodTo(accuracy, LengthMethod.TAPE);
        double paced = goodTo(accuracy, LengthMethod.PACES);
        assertThat(paced).isGreaterThan(taped);
        // By its own words: at that size the room is more than twice the error, one size tighter it is not.
        double next = SIZES.get(SIZES.indexOf(paced) + 1);
        assertThat(at(accuracy, paced).spareMetres()).isGreaterThan(2 * error(at(accuracy, paced), LengthMethod.PACES));
        assertThat(at(accuracy, next).spareMetres())
                .isLessThanOrEqualTo(2 * error(at(accuracy, next), LengthMethod.PACES));
        assertThat(at(accuracy, paced).spareMetres()).isCloseTo(spare(paced), within(0.002));
    }

    private static SetupAccuracy.ClearanceError at(SetupAccuracy accuracy, double size) {
        return accuracy.sizes().stream()
                .filter(r -> r.settingMetres() == size)
                .findFirst()
                .orElseThrow();
    }

    private static double spare(double width) {
        return CourseFit.clearanceOnly(BOX.with(BOX.kind().ladder(), width), RIDE)
                .spare()
                .metres();
    }

    @Test
    void theShareToSpareEndsWhereTheClearanceDoes() {
        double share = SetupAccuracy.of(BOX, RIDE, SIZES).shareToSpare();
        assertThat(share).isBetween(0.05, SetupAccuracy.MOST_SHARE);
        assertThat(spareShrunk(share - 0.01)).isPositive();
        if (share < SetupAccuracy.MOST_SHARE - 0.01) {
            assertThat(spareShrunk(share + 0.01)).isNegative();
        }
        Course tight = BOX.with(BOX.kind().ladder(), 4.0);
        assertThat(SetupAccuracy.of(tight, RIDE, List.of()).shareToSpare()).isZero();
    }

    private static double spareShrunk(double share) {
        Course shrunk = BOX;
        for (var d : BOX.kind().dimensions()) {
            shrunk = shrunk.with(d, BOX.settings().of(d) * (1 - share));
        }
        return CourseFit.clearanceOnly(shrunk, RIDE).spare().metres();
    }
}
