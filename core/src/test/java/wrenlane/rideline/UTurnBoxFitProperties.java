package wrenlane.rideline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import wrenlane.course.CourseStart;
import wrenlane.course.UTurnBox;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.MachineTurn;
import wrenlane.machine.Machines;
import wrenlane.machine.Side;
import wrenlane.rideline.UTurnBoxFit.BoxUncertainty;
import wrenlane.rider.RiderLevel;

class UTurnBoxFitProperties {
    /** What the 2 cm steps of a line can hide between two of them, in metres. */
    private static final double STEP_ERROR_METRES = 0.001;

    /** What the share of the turn is reckoned to, without unit, with some to spare. */
    private static final double SHARE_ROUNDING = 2e-4;

    private static final BoxUncertainty TAPED = new BoxUncertainty(0.017, 0.017);

    @Provide
    Arbitrary<Machine> machines() {
        return Arbitraries.of(MachineClass.all()).map(MachineClass::typical);
    }

    @Property(tries = 150)
    void swappingSidesAndLocksChangesNothing(
            @ForAll("machines") Machine machine,
            @ForAll RiderLevel level,
            @ForAll CourseStart start,
            @ForAll @DoubleRange(min = 3, max = 12) double width) {
        Machine lopsided = machine.with(MachineDimension.LOCK_LEFT, Math.toRadians(30));
        UTurnBoxFit left = fit(width, 8, start, lopsided, level, Side.LEFT);
        UTurnBoxFit right = fit(width, 8, start, Machines.mirrored(lopsided), level, Side.RIGHT);
        assertThat(right.roomAcross().metres()).isCloseTo(left.roomAcross().metres(), within(1e-12));
        assertThat(right.roomAcross().uncertaintyMetres())
                .isCloseTo(left.roomAcross().uncertaintyMetres(), within(1e-12));
        assertThat(right.turnUsed()).isCloseTo(left.turnUsed(), within(1e-9));
    }

    @Property(tries = 150)
    void widerNeverFitsWorse(
            @ForAll("machines") Machine machine,
            @ForAll RiderLevel level,
            @ForAll CourseStart start,
            @ForAll @DoubleRange(min = 3, max = 10) double width,
            @ForAll @DoubleRange(min = 0, max = 5) double wider) {
        UTurnBoxFit narrow = fit(width, 9, start, machine, level, Side.LEFT);
        UTurnBoxFit wide = fit(width + wider, 9, start, machine, level, Side.LEFT);
        assertThat(wide.room().metres()).isGreaterThanOrEqualTo(narrow.room().metres());
        assertThat(wide.answer()).isLessThanOrEqualTo(narrow.answer());
        assertThat(wide.turnUsed()).isLessThanOrEqualTo(narrow.turnUsed() * (1 + SHARE_ROUNDING));
    }

    @Property(tries = 150)
    void aLongerWheelbaseNeverNeedsLess(
            @ForAll("machines") Machine machine,
            @ForAll RiderLevel level,
            @ForAll @DoubleRange(min = 0, max = 0.3) double longer) {
        Machine stretched =
                machine.with(MachineDimension.WHEELBASE, machine.value(MachineDimension.WHEELBASE) + longer);
        for (CourseStart start : CourseStart.values()) {
            assertThat(fit(7, 9, start, stretched, level, Side.LEFT).need().widthMetres())
                    .isGreaterThanOrEqualTo(
                            fit(7, 9, start, machine, level, Side.LEFT).need().widthMetres() - STEP_ERROR_METRES);
        }
    }

    /** The independent checker: the drawn line, each wheel by its own distance to each line. */
    @Property(tries = 300)
    void whatFitsStaysInsideItsLinesAndLeavesTheRoomItSays(
            @ForAll("machines") Machine machine,
            @ForAll RiderLevel level,
            @ForAll CourseStart start,
            @ForAll Side side,
            @ForAll @DoubleRange(min = 3, max = 12) double width,
            @ForAll @DoubleRange(min = 3, max = 12) double depth) {
        MachineTurn turn = MachineTurn.computed(machine);
        UTurnBox box = new UTurnBox(width, depth, side.opposite(), 2.5, start);
        UTurnBoxFit fit = UTurnBoxFit.of(box, TAPED, turn, level.limits(), side);
        double half = turn.frontTyreMetres() / 2;
        double entry = Double.MAX_VALUE;
        double exit = Double.MAX_VALUE;
        double far = Double.MAX_VALUE;
        for (LinePoint p : fit.line()) {
            for (var wheel : List.of(p.rear(), p.front())) {
                double across = wheel.y() * side.sign();
                entry = Math.min(entry, across - half);
                exit = Math.min(exit, width - across - half);
                far = Math.min(far, depth - wheel.x() - half);
            }
        }
        assertThat(entry).isGreaterThanOrEqualTo(-STEP_ERROR_METRES);
        assertThat(exit).isCloseTo(fit.roomAcross().metres(), within(STEP_ERROR_METRES));
        if (fit.answer() == FitAnswer.FITS) {
            assertThat(exit).isPositive();
            assertThat(far).isPositive();
        }
        if (fit.roomDeep().metres() < 0) {
            assertThat(far).isNegative();
        }
    }

    /** Turning with just the share said fills the width: the line at that peak needs exactly the box. */
    @Property(tries = 100)
    void theTurnUsedIsTheTurnTheWidthAsksFor(
            @ForAll("machines") Machine machine,
            @ForAll RiderLevel level,
            @ForAll @DoubleRange(min = 6, max = 12) double width) {
        UTurnBoxFit fit = fit(width, 20, CourseStart.ROLLING, machine, level, Side.LEFT);
        if (fit.turnUsed() > 9.9) {
            return;
        }
        double peak = fit.turnUsed() * fit.need().ridden().curvatureLimit();
        UTurnLine line = new UTurnLine(
                machine.value(MachineDimension.WHEELBASE),
                peak,
                fit.need().ridden().curvatureRate());
        assertThat(line.reach().acrossMetres() + machine.value(MachineDimension.FRONT_TYRE_WIDTH))
                .isCloseTo(width, within(0.005));
        if (Math.abs(fit.turnUsed() - 1) > SHARE_ROUNDING) {
            assertThat(fit.turnUsed() < 1).isEqualTo(fit.roomAcross().metres() > 0);
        }
    }

    private static UTurnBoxFit fit(
            double width, double depth, CourseStart start, Machine machine, RiderLevel level, Side side) {
        UTurnBox box = new UTurnBox(width, depth, side.opposite(), 2.5, start);
        return UTurnBoxFit.of(box, TAPED, MachineTurn.computed(machine), level.limits(), side);
    }
}
