package wrenlane.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.ValueSource;
import wrenlane.machine.Machine;
import wrenlane.machine.MachineClass;
import wrenlane.machine.MachineDimension;
import wrenlane.machine.Transmission;
import wrenlane.rider.RidingMethod;

class ClutchHeatTest {
    /** Figures in the table were worked to three decimals. */
    private static final double WORKED = 0.001;

    private static Machine machine(double idlePerSecond, double ratio, double circumferenceMetres, double kilograms) {
        return MachineClass.find("twin-300")
                .orElseThrow()
                .typical()
                .with(MachineDimension.IDLE, idlePerSecond)
                .with(MachineDimension.FIRST_GEAR_OVERALL_RATIO, ratio)
                .with(MachineDimension.TYRE_CIRCUMFERENCE, circumferenceMetres)
                .with(MachineDimension.MASS, kilograms);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "clutch-heat.csv", numLinesToSkip = 1)
    void isThatWorkedByHand(
            double idle,
            double ratio,
            double circumference,
            RidingMethod school,
            double speedKmh,
            double index,
            String source) {
        assertThat(ClutchHeat.of(machine(idle, ratio, circumference, 200), school, speedKmh / 3.6)
                        .index())
                .as(source)
                .isCloseTo(index, within(WORKED));
    }

    @Test
    void theReferenceRideIsOneOnEveryMachine() {
        MachineClass.all().stream()
                .map(MachineClass::typical)
                .filter(m -> m.transmission() == Transmission.HAND_CLUTCH)
                .forEach(m -> assertThat(ClutchHeat.of(m, RidingMethod.CLUTCH_FIRST, ClutchHeat.REFERENCE_SPEED)
                                .index())
                        .isCloseTo(1, within(1e-12)));
    }

    @Test
    void weightDoesNotMatterToWhatIsRelative() {
        assertThat(ClutchHeat.of(machine(20, 16, 1.9, 380), RidingMethod.DRAG, 2)
                        .index())
                .isCloseTo(
                        ClutchHeat.of(machine(20, 16, 1.9, 120), RidingMethod.DRAG, 2)
                                .index(),
                        within(1e-12));
    }

    @Test
    void quickerIsCoolerAndTheClutchHomeIsCold() {
        Machine machine = machine(20, 16, 1.9, 200);
        double last = Double.POSITIVE_INFINITY;
        for (double kmh = 3; kmh <= 18; kmh++) {
            double index = ClutchHeat.of(machine, RidingMethod.DRAG, kmh / 3.6).index();
            assertThat(index).isLessThanOrEqualTo(last);
            last = index;
        }
        assertThat(last).isZero();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, Double.NaN, 10.1, Double.POSITIVE_INFINITY})
    void refusesSpeedsOutOfRange(double speed) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ClutchHeat.of(machine(20, 16, 1.9, 200), RidingMethod.DRAG, speed))
                .withMessageContaining("m/s");
    }

    @Test
    void refusesMachinesWithoutAHandClutch() {
        Machine scooter = MachineClass.find("scooter-125").orElseThrow().typical();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> ClutchHeat.of(scooter, RidingMethod.DRIVE_AND_BRAKE, 2))
                .withMessageContaining("twist-and-go");
    }
}
